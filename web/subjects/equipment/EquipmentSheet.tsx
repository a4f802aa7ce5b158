import { NativeSelect } from '@mantine/core';
import { memo, useMemo, useRef, useState } from 'react';
import type { ComponentProps } from 'react';
import { equipmentSheet, writeEquipmentCell } from '#core/exchange';
import {
  EQUIPMENT_CHOICE,
  equipmentRows,
  OFTEN_NAMES,
  placeTitle,
  sectionOf,
} from '#core/subjects/equipment';
import type { EquipmentRow } from '#core/subjects/equipment';
import { groupsBy } from '#core/kernel';
import { capital, counted, lb } from '#core/units';
import { Filter, sectionClasses, useSeen, useUnits } from '../../common';
import { RefusedRows } from '../../files';
import { cellAt, gridClasses as look, useGrid } from '../../grid';
import { useSession } from '../../session';
import { ListFrom } from './ListFrom';

/** By what the sheet is put together. */
const ORDERS = [
  { value: 'group', label: 'By discipline' },
  { value: 'place', label: 'By place' },
  { value: 'often', label: 'By use' },
  { value: 'set', label: 'By set' },
] as const;
type Order = (typeof ORDERS)[number]['value'];

/** Columns whose cells are figures, by what their heads begin with. */
const FIGURES = /^(count|weight|length|width|height|piled)/;

interface LineProps {
  cells: readonly string[];
  heads: readonly string[];
  nth: number;
  on: number;
  assumed: boolean;
  field: ComponentProps<'input'> | null;
}

/** One line of the sheet; its cells are made when it comes near to what is in sight. */
const Line = memo(
  function Line({ cells, heads, nth, on, assumed, field }: LineProps) {
    const line = useRef<HTMLTableRowElement>(null);
    const seen = useSeen(line);
    if (!seen && on < 0)
      return (
        <tr ref={line}>
          <td colSpan={heads.length}>{cells[0]}</td>
        </tr>
      );
    return (
      <tr ref={line} data-corrected={assumed}>
        {cells.map((cell, column) => (
          <td
            key={heads[column]}
            data-figure={FIGURES.test(heads[column]!)}
            {...cellAt(nth, column, column === on)}
          >
            {field && column === on ? <input {...field} /> : cell}
          </td>
        ))}
      </tr>
    );
  },
  (before, after) =>
    before.nth === after.nth &&
    before.on === after.on &&
    before.field === after.field &&
    before.assumed === after.assumed &&
    before.cells.every((cell, i) => cell === after.cells[i]),
);

/** The whole list of equipment, grouped and filtered, written in like a spreadsheet. */
export function EquipmentSheet() {
  const { bench, evaluation } = useSession();
  const { build } = bench;
  const { say, system } = useUnits();
  const [words, setWords] = useState('');
  const [order, setOrder] = useState<Order>('group');
  const [refused, setRefused] = useState<{ line: number; reason: string }[]>([]);
  const sheet = useMemo(() => equipmentSheet(build, system), [build, system]);
  const rows = evaluation.read(equipmentRows);
  const groups = useMemo(() => {
    const cells = new Map(sheet.rows.map((row) => [row.id, row.cells]));
    const asked = words.toLowerCase().split(/\s+/).filter(Boolean);
    const found = rows.filter(({ line }) => {
      const said = (cells.get(line.id) ?? []).join(' ').toLowerCase();
      return asked.every((word) => said.includes(word));
    });
    const headOf = ({ line, group, often }: EquipmentRow): string =>
      order === 'group'
        ? capital(group)
        : order === 'place'
          ? say(placeTitle(line.compartmentId, build))
          : order === 'often'
            ? OFTEN_NAMES[often]
            : (line.set ?? 'In no set');
    return [...groupsBy(found, headOf)].map(([head, of]) => ({
      head,
      sum: sectionOf(head, of),
      lines: of.map((row) => ({ row, cells: cells.get(row.line.id) ?? [] })),
    }));
  }, [rows, sheet, words, order, say, build]);
  const shown = groups.flatMap(({ lines }) => lines);
  const write = (on: typeof build, r: number, c: number, text: string) =>
    writeEquipmentCell(on, shown[r]?.row.line.id ?? null, c, text, system);
  const grid = useGrid({
    rows: shown.length + 1,
    columns: sheet.heads.length,
    write: (r, c, text) => {
      const row = shown[r];
      if (row ? row.cells[c] === text.trim() : text.trim() === '') return null;
      const edit = write(build, r, c, text);
      if ('problem' in edit) return edit.problem;
      bench.change({
        build: edit.build,
        words: `Equipment list: ${row ? `${row.row.name}, ${sheet.heads[c]}` : text.trim()}`,
        choice: EQUIPMENT_CHOICE,
      });
      return null;
    },
    paste: (r, c, block) => {
      let on = build;
      const wrong: { line: number; reason: string }[] = [];
      let written = 0;
      for (const [i, line] of block
        .replace(/\r?\n$/, '')
        .split(/\r?\n/)
        .entries())
        for (const [j, cell] of line.split('\t').entries()) {
          if (c + j >= sheet.heads.length || r + i >= shown.length) continue;
          const edit = write(on, r + i, c + j, cell);
          if ('problem' in edit) wrong.push({ line: i + 1, reason: edit.problem });
          else {
            on = edit.build;
            written++;
          }
        }
      setRefused(wrong);
      if (written > 0)
        bench.change({
          build: on,
          words: `Pasted ${counted(written, 'cell')} into the equipment list`,
          choice: EQUIPMENT_CHOICE,
        });
    },
    copy: (r) => shown[r]?.cells.join('\t') ?? '',
    typedIn: (r, c) => shown[r]?.cells[c] ?? '',
    canWrite: (r, c) => r < shown.length || c === 0,
  });
  const all = sectionOf('all', rows);
  const assumed = rows.filter(({ line }) => line.assumed !== undefined).length;
  const later = rows.filter(({ line }) => line.later === 'yes');
  let nth = 0;
  return (
    <>
      <ListFrom />
      <div className={look.tools}>
        <Filter label="Filter the list" placeholder="Filter by any words" value={words} onType={setWords} />
        <NativeSelect
          size="xs"
          aria-label="List by"
          value={order}
          onChange={(event) => setOrder(event.currentTarget.value as Order)}
          data={[...ORDERS]}
        />
        <span className="quiet">
          {shown.length} of {counted(rows.length, 'line')}. Arrows move, typing or Enter writes, Esc leaves
          it; an emptied cell is as the catalog has it again.
        </span>
      </div>
      {grid.problem && (
        <p role="alert" className={look.problem}>
          {capital(say(grid.problem))}
        </p>
      )}
      <RefusedRows refused={refused} />
      <div className={look.gridBox}>
        <table {...grid.table} aria-label="Equipment list" className={look.grid}>
          <thead>
            <tr>
              {sheet.heads.map((head) => (
                <th key={head} scope="col" data-figure={FIGURES.test(head)}>
                  {capital(head)}
                </th>
              ))}
            </tr>
          </thead>
          {groups.map(({ head, sum, lines }) => (
            <tbody key={head}>
              <tr className={look.head}>
                <th scope="rowgroup" colSpan={sheet.heads.length}>
                  {head}
                  <span className="quiet">
                    {' '}
                    {counted(sum.pieces, 'piece')}, {say(lb(sum.weightLb))}
                  </span>
                </th>
              </tr>
              {lines.map(({ row, cells }) => {
                const r = nth++;
                return (
                  <Line
                    key={row.line.id}
                    cells={cells}
                    heads={sheet.heads}
                    nth={r}
                    on={grid.at.row === r ? grid.at.column : -1}
                    assumed={row.line.assumed !== undefined}
                    field={grid.editing(r, grid.at.column) ? grid.input : null}
                  />
                );
              })}
            </tbody>
          ))}
          <tbody>
            <tr className={look.newRow}>
              {sheet.heads.map((head, c) => (
                <td
                  key={head}
                  {...cellAt(shown.length, c, grid.at.row === shown.length && grid.at.column === c)}
                >
                  {grid.editing(shown.length, c) ? <input {...grid.input} /> : c === 0 ? 'New piece…' : ''}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </div>
      <p className={sectionClasses.says}>
        {counted(all.pieces, 'piece')}, {say(lb(all.weightLb))}
        {later.length > 0 &&
          `; of these ${counted(
            later.reduce((sum, { line }) => sum + line.count, 0),
            'piece',
          )}, ${say(lb(later.reduce((sum, { weightLb }) => sum + weightLb, 0)))}, come later: their room and weight are kept`}
        {assumed > 0 &&
          `; of ${counted(assumed, 'line')} size or weight is assumed, marked at its left: measure and weigh them`}
        .
      </p>
    </>
  );
}
