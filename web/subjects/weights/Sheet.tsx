import { Button, Text } from '@mantine/core';
import { useCallback, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { BASIS_NAMES, withBlock } from '#core/build';
import {
  NEW_ROW,
  endedWeights,
  grandTotal,
  groupTotals,
  pasteBlock,
  sheetRows,
  whyFixed,
  withWeighed,
  writeCell,
} from '#core/subjects/weights';
import type { SheetColumn, SheetRow } from '#core/subjects/weights';
import { bare, capital, counted, lb } from '#core/units';
import { Filter, useUnits } from '../../common';
import { RefusedRows } from '../../files';
import { useSession } from '../../session';
import { cellText, COLUMNS, isWritten } from './columns';
import type { Column } from './columns';
import { HowKnown } from './HowKnown';
import { SheetLine } from './SheetLine';
import { cellAt, gridClasses as look, useGrid } from '../../grid';
import { sectionClasses as classes } from '../../common';

/** Every component by group with weight, place, basis and tolerance; written in like a spreadsheet. */
export function Sheet() {
  const { bench, evaluation } = useSession();
  const { build } = bench;
  const { say, unit, show, system, decimals } = useUnits();
  const [words, setWords] = useState('');
  const [sort, setSort] = useState<{ key: Column; down: boolean } | null>(null);
  const [refused, setRefused] = useState<{ line: number; reason: string }[]>([]);
  /** The weight that was written last, until somebody says how it is known. */
  const [asked, setAsked] = useState<{ id: string; name: string } | null>(null);
  const rows = evaluation.read(sheetRows);
  const askedRow = asked && rows.find(({ id, corrected }) => id === asked.id && corrected);
  const now = useRef(bench);
  useLayoutEffect(() => {
    now.current = bench;
  }, [bench]);
  const takeBack = useCallback(
    (row: SheetRow) =>
      now.current.change({
        build: withWeighed(now.current.build, row.id, null),
        words: `Used the catalog’s weight of ${row.name} again`,
      }),
    [],
  );
  const shown = useMemo(() => {
    const found = rows.filter(({ name, group }) =>
      say(`${name} ${group}`).toLowerCase().includes(words.toLowerCase()),
    );
    if (!sort) return found;
    const value = (row: SheetRow) => row[sort.key];
    return [...found].sort(
      (a, b) =>
        (sort.down ? -1 : 1) *
        (typeof value(a) === 'number'
          ? (value(a) as number) - (value(b) as number)
          : say(String(value(a))).localeCompare(say(String(value(b))))),
    );
  }, [rows, words, sort, say]);
  const groups = useMemo(() => groupTotals(rows), [rows]);
  const total = useMemo(() => grandTotal(rows), [rows]);
  const ended = evaluation.read(endedWeights);

  const typed = (row: SheetRow, key: SheetColumn): string => {
    const value = row[key];
    if (key === 'basis') return BASIS_NAMES[row.basis];
    if (typeof value !== 'number') return say(String(value));
    return String(
      Number(
        (key === 'tolerancePct' ? value : show(key === 'weightLb' ? 'lb' : 'in', value)).toFixed(
          key === 'tolerancePct' ? 1 : decimals(key === 'weightLb' ? 'lb' : 'in') + 1,
        ),
      ),
    );
  };

  const ids = [...shown.map(({ id }) => id), NEW_ROW];
  const grid = useGrid({
    rows: ids.length,
    columns: COLUMNS.length,
    write: (r, c, value) => {
      const { key, title } = COLUMNS[c]!;
      if (!isWritten(key)) return `${title} follows from the others`;
      const row = shown[r];
      if (row && value === typed(row, key)) return null;
      const edit = writeCell(build, evaluation, ids[r]!, key, value, system);
      if ('problem' in edit) return edit.problem;
      bench.change({
        build: edit.build,
        words: `Weight sheet: ${row?.name ?? 'a new item'}, ${title.toLowerCase()}`,
      });
      setAsked(key === 'weightLb' && row && !row.item ? { id: row.id, name: row.name } : null);
      return null;
    },
    paste: (r, c, block) => {
      const { key } = COLUMNS[c]!;
      if (!isWritten(key)) return;
      const pasting = pasteBlock(
        build,
        evaluation,
        shown.map(({ id }) => id),
        { rowId: ids[r]!, column: key },
        block,
        system,
      );
      setRefused(pasting.refused.map(({ row, reason }) => ({ line: row, reason })));
      if (pasting.written > 0)
        bench.change({
          build: pasting.build,
          words: `Pasted ${counted(pasting.written, 'cell')} into the weight sheet`,
        });
    },
    copy: (r) => {
      const row = shown[r];
      return row
        ? COLUMNS.map(({ key }) => (isWritten(key) ? typed(row, key) : say(cellText(row, key)))).join('\t')
        : '';
    },
    typedIn: (r, c) => {
      const { key } = COLUMNS[c]!;
      const row = shown[r];
      return row && isWritten(key) ? typed(row, key) : '';
    },
    canWrite: (r, c) => {
      const { key } = COLUMNS[c]!;
      const row = shown[r];
      return isWritten(key) && (!row || whyFixed(row, key) === null);
    },
  });

  return (
    <>
      <div className={look.tools}>
        <Filter label="Filter the sheet" placeholder="Filter by words" value={words} onType={setWords} />
        {askedRow ? (
          <HowKnown
            row={askedRow}
            onSay={(basis, words) => {
              const edit = writeCell(build, evaluation, askedRow.id, 'basis', basis, system);
              if ('build' in edit)
                bench.change({ build: edit.build, words: `Weight sheet: ${askedRow.name}, ${words}` });
              setAsked(null);
              grid.focus();
            }}
          />
        ) : (
          <span className="quiet">
            {shown.length} of {rows.length}. Arrows move, typing or Enter writes, Esc leaves it; paste a block
            from a spreadsheet. A weight that you write stands in place of the catalog’s until you use that
            again.
          </span>
        )}
      </div>
      {grid.problem && (
        <p role="alert" className={look.problem}>
          {capital(say(grid.problem))}
        </p>
      )}
      <RefusedRows refused={refused} />
      <div className={look.gridBox}>
        <table {...grid.table} aria-label="Weight sheet" className={look.grid}>
          <thead>
            <tr>
              {COLUMNS.map(({ key, title, unit: of, figure }) => (
                <th
                  key={key}
                  scope="col"
                  data-figure={figure}
                  aria-sort={sort?.key === key ? (sort.down ? 'descending' : 'ascending') : 'none'}
                >
                  <button
                    type="button"
                    onClick={() =>
                      setSort(
                        sort?.key === key ? (sort.down ? null : { key, down: true }) : { key, down: false },
                      )
                    }
                  >
                    {title}
                    {of && <span className="quiet"> {of === '%' ? '± %' : unit(of)}</span>}
                    {sort?.key === key && (sort.down ? ' ↓' : ' ↑')}
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map((row, r) => (
              <SheetLine
                key={row.id}
                row={row}
                nth={r}
                on={grid.at.row === r ? grid.at.column : -1}
                field={grid.editing(r, grid.at.column) ? grid.input : null}
                onTakeBack={takeBack}
              />
            ))}
            <tr className={look.newRow}>
              {COLUMNS.map(({ key, figure }, c) => (
                <td
                  key={key}
                  data-figure={figure}
                  {...cellAt(shown.length, c, grid.at.row === shown.length && grid.at.column === c)}
                >
                  {grid.editing(shown.length, c) ? (
                    <input {...grid.input} />
                  ) : key === 'name' ? (
                    'New item…'
                  ) : (
                    ''
                  )}
                </td>
              ))}
            </tr>
          </tbody>
          <tfoot>
            <tr>
              <th scope="row">In service</th>
              <td data-figure>{say(bare(lb(total.weightLb)))}</td>
              <td colSpan={6} />
              <td data-figure>{say(bare(lb(total.frontLb)))}</td>
              <td data-figure>{say(bare(lb(total.rearLb)))}</td>
            </tr>
          </tfoot>
        </table>
      </div>
      <section aria-label="Totals by group" className={look.groups}>
        {groups.map(({ group, weightLb }) => (
          <span key={group}>
            {group} <b className="figures">{say(lb(weightLb))}</b>
          </span>
        ))}
      </section>
      {ended.length > 0 && (
        <section aria-label="No longer counted" className={classes.says}>
          <b>No longer counted.</b> These weights were corrected, and what they were of is gone or is
          something else now.
          <ul className={look.ended}>
            {ended.map(({ weight: { id, name, weightLb }, now }) => (
              <li key={id}>
                {say(`${name ?? id}, ${lb(weightLb)}`)}
                {now ? say(`; now it is ${now.name}`) : '; gone'}
                <Button
                  size="compact-xs"
                  variant="default"
                  aria-label={say(`Remove the weight of ${name ?? id}`)}
                  onClick={() =>
                    bench.change({
                      build: withWeighed(build, id, null),
                      words: `Removed the weight of ${name ?? id}`,
                    })
                  }
                >
                  Remove
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {build.weights.weighed.length > 0 && (
        <Button
          size="compact-xs"
          variant="default"
          onClick={() =>
            bench.change({
              build: withBlock(build, 'weights', { weighed: [] }),
              words: 'Used all catalog weights again',
            })
          }
        >
          Use all catalog weights again
        </Button>
      )}
      <Text size="xs" c="var(--pencil)" mt="sm">
        Calculated for planning. The finished truck is weighed, and that weight decides.
      </Text>
    </>
  );
}
