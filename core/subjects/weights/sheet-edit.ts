import { amountProblem, basisCalled, BASIS_NAMES, freshId } from '../../build/index.js';
import type { AmountField, Basis, Build } from '../../build/index.js';
import type { Component, Evaluation } from '../../kernel/index.js';
import { components } from '../../truck/index.js';
import { fromSystem } from '../../units/index.js';
import type { Quantity, UnitSystem } from '../../units/index.js';
import { componentOfItem, itemOf, ITEM_FIELDS, placeOfNewItem, withItem } from '../items/index.js';
import { WEIGHED_FIELDS } from './block.js';
import { withWeighedOf } from './sheet.js';
import type { SheetRow } from './sheet.js';

/** The columns of the weight sheet that a person can write in, from left to right. */
export const SHEET_COLUMNS = ['name', 'weightLb', 'xIn', 'yIn', 'zIn', 'basis', 'tolerancePct'] as const;
export type SheetColumn = (typeof SHEET_COLUMNS)[number];

const COLUMN_NAMES: Record<SheetColumn, string> = {
  name: 'name',
  weightLb: 'weight',
  xIn: 'x',
  yIn: 'y',
  zIn: 'z',
  basis: 'basis',
  tolerancePct: 'tolerance',
};

/** The row below the last: what is written there becomes a new item. */
export const NEW_ROW = 'new';

/** Whether a cell can be written in, and why not. */
export function whyFixed(row: SheetRow, column: SheetColumn): string | null {
  if (row.item) return null;
  if (row.fixed && column !== 'name') return `the weight of ${row.id} ${row.fixed}`;
  return column === 'name' || column === 'xIn' || column === 'yIn' || column === 'zIn'
    ? 'its place and name follow from what was chosen; an extra item can stand anywhere'
    : null;
}

/** The field that a column writes: of an own item, or of a better weight. */
export const amountOf = (column: Exclude<SheetColumn, 'name' | 'basis'>, item: boolean): AmountField =>
  column === 'weightLb' && !item ? WEIGHED_FIELDS.weightLb : ITEM_FIELDS[column];

/** Why a text is no basis; null where it is one. */
export const basisProblem = (text: string): string | null =>
  basisCalled(text) ? null : `basis must be one of ${Object.values(BASIS_NAMES).join(', ')} (was "${text}")`;

/** Why a text is no name of an item; null where it is one. */
export const nameProblem = (text: string): string | null => {
  const { least, most } = ITEM_FIELDS.name;
  return text.length >= least && text.length <= most ? null : `a name has ${least} to ${most} characters`;
};

/** A number as people type it, whatever their keyboard and spreadsheet make of thousands and minus. */
export const typedNumber = (text: string): number =>
  text === '' ? NaN : Number(text.replace(/[, ]/g, '').replace('−', '-'));

/** A cell's text as its value in our units, or what is wrong with it. */
function valueOf(
  column: SheetColumn,
  text: string,
  system: UnitSystem,
  item: boolean,
): { value: number | string } | { problem: string } {
  const typed = text.trim();
  if (column === 'name' || column === 'basis') {
    const problem = column === 'name' ? nameProblem(typed) : basisProblem(typed);
    return problem ? { problem } : { value: column === 'name' ? typed : basisCalled(typed)! };
  }
  const field = amountOf(column, item);
  const number = typedNumber(typed);
  const value = field.unit === '%' ? number : fromSystem(system, field.unit as Quantity, number);
  const problem = amountProblem(field, value);
  return problem
    ? {
        problem: `${COLUMN_NAMES[column]} ${problem} (was ${Number.isFinite(number) ? typed : `"${typed}"`})`,
      }
    : { value };
}

export type CellEdit = { build: Build; rowId: string } | { problem: string };

const componentOf = (evaluation: Evaluation, id: string): Component | undefined =>
  evaluation.read(components).find((component) => component.id === id);

/**
 * Writes one cell of the weight sheet. A weight, basis or tolerance of what was chosen becomes a weighed
 * weight, which marks it; everything of an own item is its own; a new row becomes an item.
 */
export function writeCell(
  build: Build,
  evaluation: Evaluation,
  rowId: string,
  column: SheetColumn,
  text: string,
  system: UnitSystem,
): CellEdit {
  const item = itemOf(build, rowId);
  const component = componentOf(evaluation, rowId);
  const isItem = rowId === NEW_ROW || item !== null;
  if (!isItem && !component) return { problem: `this truck has no component "${rowId}"` };
  const fixed = isItem
    ? null
    : whyFixed({ id: rowId, item: false, fixed: component!.follows ?? null } as SheetRow, column);
  if (fixed) return { problem: fixed };
  const read = valueOf(column, text, system, isItem);
  if ('problem' in read) return read;
  const { value } = read;
  if (rowId === NEW_ROW) {
    const id = freshId();
    const made = {
      id,
      name: 'New item',
      weightLb: 0,
      ...placeOfNewItem(evaluation),
      basis: 'estimated' as Basis,
      priceCents: 0,
      [column]: value,
    };
    return { build: withItem(build, id, made), rowId: componentOfItem(id) };
  }
  if (item) return { build: withItem(build, item.id, { ...item, [column]: value }), rowId };
  const of = component!;
  const before = of.catalogued ? build.weights.weighed.find(({ id }) => id === rowId) : undefined;
  const { tolerancePct } = before ?? {};
  const old = {
    weightLb: of.weightLb,
    basis: of.basis,
    ...(tolerancePct === undefined ? {} : { tolerancePct }),
  };
  // Whoever writes a weight is asked how it is known; until they say, it is as sure as it was.
  return { build: withWeighedOf(build, of, { ...old, [column]: value }), rowId };
}

/** What pasting a block would do. */
export interface Pasting {
  build: Build;
  written: number;
  refused: { row: number; reason: string }[];
}

/**
 * Pastes a block of a spreadsheet (tabs and lines) from a cell on, over the rows as they are shown; what goes
 * below the last row becomes new items.
 */
export function pasteBlock(
  build: Build,
  evaluation: Evaluation,
  shown: readonly string[],
  from: { rowId: string; column: SheetColumn },
  text: string,
  system: UnitSystem,
): Pasting {
  const first = from.rowId === NEW_ROW ? shown.length : Math.max(0, shown.indexOf(from.rowId));
  const column = SHEET_COLUMNS.indexOf(from.column);
  const pasting: Pasting = { build, written: 0, refused: [] };
  const lines = text.replace(/\r/g, '').replace(/\n$/, '').split('\n');
  lines.forEach((line, r) => {
    let rowId = shown[first + r] ?? NEW_ROW;
    let next = pasting.build;
    const problems: string[] = [];
    let cells = 0;
    line.split('\t').forEach((cell, c) => {
      const of = SHEET_COLUMNS[column + c];
      if (!of || cell.trim() === '') return;
      const edit = writeCell(next, evaluation.with(next), rowId, of, cell, system);
      if ('problem' in edit) problems.push(`${cell.trim()}: ${edit.problem}`);
      else {
        next = edit.build;
        rowId = edit.rowId;
        cells += 1;
      }
    });
    const [broken] = problems.length ? [] : evaluation.house.problemsOf(next);
    if (problems.length || broken)
      pasting.refused.push({ row: r + 1, reason: problems[0] ?? broken!.message });
    else {
      pasting.build = next;
      pasting.written += cells;
    }
  });
  return pasting;
}
