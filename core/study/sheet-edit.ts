import { BASES } from '../catalogue/index.js';
import type { Basis } from '../catalogue/index.js';
import type { Evaluation } from '../review/index.js';
import { referenceProblems, withCorrection, withItem } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { fromSystem } from '../units/index.js';
import type { Quantity, UnitSystem } from '../units/index.js';
import { freshId, sheetOf } from './sheet.js';
import type { SheetRow } from './sheet.js';

/** The columns of the weight sheet that a person can write in, from left to right. */
export const SHEET_COLUMNS = ['name', 'weightLb', 'xIn', 'yIn', 'zIn', 'basis', 'tolerancePct'] as const;
export type SheetColumn = (typeof SHEET_COLUMNS)[number];

/** The row below the last: what is written there becomes a new item. */
export const NEW_ROW = 'new';

const UNITS: Partial<Record<SheetColumn, Quantity>> = { weightLb: 'lb', xIn: 'in', yIn: 'in', zIn: 'in' };
const ENDS: Partial<Record<SheetColumn, [number, number]>> = { weightLb: [0, 20_000], xIn: [-150, 700], yIn: [-60, 60], zIn: [0, 170], tolerancePct: [0, 100] };

/** A chassis or an aerial device is heavier than anything that a person adds. */
const HEAVIEST_COMPONENT_LB = 60_000;

/** Where a new item stands until its place is given. */
const placeOfNew = ({ rig }: Evaluation) => ({ xIn: Math.round((rig.layout.bodyFront + rig.layout.bodyEnd) / 2), yIn: 0, zIn: Math.round(rig.layout.bodyTop / 2) });

const ownId = (rowId: string): string | null => /^item-(.+)$/.exec(rowId)?.[1] ?? null;

/** Whether a cell can be written in, and why not. */
export function whyFixed(row: SheetRow, column: SheetColumn): string | null {
  if (ownId(row.id)) return null;
  if (row.fixed && column !== 'name') return `the weight of ${row.id} ${row.fixed}`;
  return column === 'name' || column === 'xIn' || column === 'yIn' || column === 'zIn' ? 'its place and name follow from what was chosen; an item of your own can stand anywhere' : null;
}

/** A cell's text as its value in our units, or what is wrong with it. */
function valueOf(column: SheetColumn, text: string, system: UnitSystem, own: boolean): { value: number | string } | { problem: string } {
  const typed = text.trim();
  if (column === 'name') return typed.length >= 1 && typed.length <= 80 ? { value: typed } : { problem: 'a name has 1 to 80 characters' };
  if (column === 'basis') return (BASES as readonly string[]).includes(typed.toLowerCase()) ? { value: typed.toLowerCase() } : { problem: `basis must be one of ${BASES.join(', ')} (was "${typed}")` };
  const number = Number(typed.replace(/[, ]/g, '').replace('−', '-'));
  if (typed === '' || !Number.isFinite(number)) return { problem: `must be a number (was "${typed}")` };
  const unit = UNITS[column];
  const value = unit ? fromSystem(system, unit, number) : number;
  const [min, max] = column === 'weightLb' && !own ? [0, HEAVIEST_COMPONENT_LB] : ENDS[column]!;
  return value < min || value > max ? { problem: `must be from ${min} to ${max}${unit ? ` ${unit}` : ''} (was ${typed})` } : { value };
}

export type CellEdit = { spec: BuildSpec; rowId: string } | { problem: string };

/**
 * Writes one cell of the weight sheet. A weight, basis or tolerance of what was chosen becomes a correction, which marks it;
 * everything of an own item is its own; a new row becomes an item.
 */
export function writeCell(spec: BuildSpec, evaluation: Evaluation, rowId: string, column: SheetColumn, text: string, system: UnitSystem): CellEdit {
  const own = rowId === NEW_ROW || ownId(rowId) !== null;
  const row = own ? undefined : sheetOf(evaluation).find(({ id }) => id === rowId);
  if (!own && !row) return { problem: `this truck has no component "${rowId}"` };
  const fixed = row && whyFixed(row, column);
  if (fixed) return { problem: fixed };
  const read = valueOf(column, text, system, own);
  if ('problem' in read) return read;
  const { value } = read;
  if (rowId === NEW_ROW) {
    const id = freshId(spec);
    const item = { id, name: 'New item', weightLb: 0, ...placeOfNew(evaluation), basis: 'estimated' as Basis, priceCents: 0, [column]: value };
    return { spec: withItem(spec, id, item), rowId: `item-${id}` };
  }
  const item = spec.items?.find(({ id }) => id === ownId(rowId));
  if (item) return { spec: withItem(spec, item.id, { ...item, [column]: value }), rowId };
  if (!row) return { problem: `this truck has no component "${rowId}"` };
  const before = spec.corrections?.find(({ componentId }) => componentId === rowId);
  const { componentId: _id, ...old } = before ?? { componentId: rowId, weightLb: row.weightLb, basis: row.basis };
  const next = { ...old, [column]: value };
  // A weight that somebody writes over is no longer the catalogue's: it is theirs, estimated until they say what it rests on.
  if (column === 'weightLb' && !before) next.basis = 'estimated';
  return { spec: withCorrection(spec, rowId, next), rowId };
}

/** What pasting a block would do. */
export interface Pasting {
  spec: BuildSpec;
  written: number;
  refused: { row: number; reason: string }[];
}

/** Pastes a block of a spreadsheet (tabs and lines) from a cell on, over the rows as they are shown; what goes below the last row becomes new items. */
export function pasteBlock(spec: BuildSpec, evaluation: Evaluation, shown: string[], from: { rowId: string; column: SheetColumn }, text: string, system: UnitSystem): Pasting {
  const first = from.rowId === NEW_ROW ? shown.length : Math.max(0, shown.indexOf(from.rowId));
  const column = SHEET_COLUMNS.indexOf(from.column);
  const pasting: Pasting = { spec, written: 0, refused: [] };
  text.replace(/\r/g, '').replace(/\n$/, '').split('\n').forEach((line, r) => {
    let rowId = shown[first + r] ?? NEW_ROW;
    let next = pasting.spec;
    const problems: string[] = [];
    let cells = 0;
    line.split('\t').forEach((cell, c) => {
      const of = SHEET_COLUMNS[column + c];
      if (!of || cell.trim() === '') return;
      const edit = writeCell(next, evaluation, rowId, of, cell, system);
      if ('problem' in edit) problems.push(`${cell.trim()}: ${edit.problem}`);
      else {
        next = edit.spec;
        rowId = edit.rowId;
        cells += 1;
      }
    });
    const [broken] = problems.length ? [] : referenceProblems(next);
    if (problems.length || broken) pasting.refused.push({ row: r + 1, reason: problems[0] ?? broken!.message });
    else {
      pasting.spec = next;
      pasting.written += cells;
    }
  });
  return pasting;
}
