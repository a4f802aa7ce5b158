import { SegmentedControl, Table } from '@mantine/core';
import { IconArrowDown, IconArrowUp } from '../icons';
import { createColumnHelper, flexRender, useTable } from '@tanstack/react-table';
import type { SortingState } from '@tanstack/react-table';
import { useCallback, useMemo, useState } from 'react';
import type { BuildType } from '#core/build';
import { bare } from '#core/units';
import { Filter, InBar, useTitle, useUnits } from '../common';
import classes from './catalogue.module.css';
import { Compare } from './Compare';
import { PartRow } from './PartRow';
import { FEATURES } from './features';
import { columnsOf, figuresOf, figureText, SHOWN_KINDS, shownParts } from './shown';
import type { ShownPart } from './shown';

const MOST_COMPARED = 4;
const column = createColumnHelper<typeof FEATURES, ShownPart>();
const TYPES = [
  { value: 'all', label: 'All' },
  { value: 'pumper', label: 'Pumper' },
  { value: 'aerial', label: 'Aerial' },
  { value: 'brush', label: 'Brush truck' },
];

/** The parts of one kind: filtered by words and type, sorted by any figure, compared side by side. */
function Parts({ kind }: { kind: string }) {
  const { say, unit: unitOf } = useUnits();
  const [words, setWords] = useState('');
  const [type, setType] = useState('all');
  const [sorting, setSorting] = useState<SortingState>([]);
  const [picked, setPicked] = useState<string[]>([]);
  const figures = useMemo(() => figuresOf(kind), [kind]);
  const all = useMemo(() => shownParts(kind), [kind]);
  const data = useMemo(
    () =>
      all.filter(
        (part) => type === 'all' || part.types.length === 0 || part.types.includes(type as BuildType),
      ),
    [all, type],
  );
  const columns = useMemo(
    () =>
      column.columns([
        column.accessor((part) => say(part.name), { id: 'name', header: 'Name', sortFn: 'alphanumeric' }),
        ...(all.some(({ group }) => group) ? [column.accessor('group', { header: 'Group' })] : []),
        ...(all.some((part) => part.words) ? [column.accessor('words', { header: 'What it is' })] : []),
        ...columnsOf(figures, all).map(({ id, title, unit, none }) =>
          column.accessor((part) => part.values[id] ?? 0, {
            id,
            header: () => (
              <>
                {title}
                <br />
                <span className="quiet">{unit === 'cents' ? '$' : unitOf(unit)}</span>
              </>
            ),
            enableGlobalFilter: false,
            sortFn: 'basic',
            cell: ({ getValue }) => say(bare(figureText(getValue(), { unit, none }))).replace('$', ''),
            meta: 'figure',
          }),
        ),
        ...(figures.length
          ? [
              column.accessor('tolerancePct', {
                header: () => (
                  <>
                    Tolerance
                    <br />
                    <span className="quiet">± %</span>
                  </>
                ),
                enableGlobalFilter: false,
                meta: 'figure',
              }),
            ]
          : []),
      ]),
    [all, figures, say, unitOf],
  );
  const table = useTable({
    features: FEATURES,
    data,
    columns,
    state: { sorting, globalFilter: words },
    onSortingChange: setSorting,
    onGlobalFilterChange: setWords,
    globalFilterFn: 'includesString',
  });
  const rows = table.getRowModel().rows;
  const pick = useCallback(
    (id: string) =>
      setPicked((now) =>
        now.includes(id) ? now.filter((other) => other !== id) : [...now.slice(-(MOST_COMPARED - 1)), id],
      ),
    [],
  );
  return (
    <div className={classes.parts}>
      <div className={classes.filters}>
        <Filter label="Filter by words" placeholder="Filter by words" value={words} onType={setWords} />
        <SegmentedControl size="xs" aria-label="Type of truck" data={TYPES} value={type} onChange={setType} />
        <span className="quiet" role="status">
          {rows.length} of {all.length}
        </span>
      </div>
      {picked.length > 0 && (
        <Compare kind={kind} parts={picked.map((id) => all.find((part) => part.id === id)!)} onDrop={pick} />
      )}
      <div className={classes.rows}>
        <Table verticalSpacing={4} miw={640} className={classes.table} stickyHeader>
          <Table.Thead>
            {table.getHeaderGroups().map((group) => (
              <Table.Tr key={group.id}>
                <Table.Th>
                  <span className="unseen">Compare</span>
                </Table.Th>
                {group.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    <Table.Th
                      key={header.id}
                      ta={header.column.columnDef.meta ? 'right' : 'left'}
                      aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
                    >
                      <button
                        type="button"
                        className={classes.sort}
                        onClick={header.column.getToggleSortingHandler()}
                      >
                        <span>{flexRender(header.column.columnDef.header, header.getContext())}</span>
                        {sorted === 'asc' && <IconArrowUp size={13} aria-hidden="true" />}
                        {sorted === 'desc' && <IconArrowDown size={13} aria-hidden="true" />}
                      </button>
                    </Table.Th>
                  );
                })}
              </Table.Tr>
            ))}
          </Table.Thead>
          <Table.Tbody>
            {rows.map((row) => (
              <PartRow
                key={row.original.id}
                row={row}
                columns={columns}
                picked={picked.includes(row.original.id)}
                onPick={pick}
              />
            ))}
          </Table.Tbody>
        </Table>
        {rows.length === 0 && <p className="quiet">Nothing here has those words in its name.</p>}
      </div>
    </div>
  );
}

/** The catalog that ships with Baros, to look through. */
export function CatalogueScreen() {
  useTitle('Catalog');
  const [kind, setKind] = useState<string>('chassis');
  return (
    <div className={classes.catalogue}>
      <InBar>
        <h1 className={classes.barTitle}>Catalog</h1>
      </InBar>
      <nav className={classes.kinds} aria-label="Kinds of part">
        {SHOWN_KINDS.map((shown) => (
          <button
            key={shown.kind}
            type="button"
            className={classes.kind}
            aria-current={shown.kind === kind ? 'page' : undefined}
            onClick={() => setKind(shown.kind)}
          >
            <span>{shown.name}</span>
            <span className="figures">{shownParts(shown.kind).length}</span>
          </button>
        ))}
        <p className={classes.note}>
          Invented parts of usual sizes and weights. Where no height of a center of gravity is given, it lies
          in the middle of the part. A maker’s plate, a brochure or a scale beats each of them: a department
          gives its own parts in its list.
        </p>
      </nav>
      <Parts key={kind} kind={kind} />
    </div>
  );
}
