import { fromSystem, shownIn, toSystem } from '../units/index.js';
import type { Quantity, UnitSystem } from '../units/index.js';
import { csvOf, csvRows } from './csv.js';

/** One column of a list of lines as CSV: how a line is written in it, and what a cell says of a line. */
export interface CsvColumn<T> {
  head: string;
  /** Its figures are in a person's unit, which stands behind its head. */
  unit?: Quantity;
  /** What would be right, where a list without this column and a line without this cell are refused. */
  must?: string;
  out: (of: T) => string | number | undefined;
  /** What a cell that is not empty says; `wrong` tells what would be right. Figures come in our unit. */
  into: (cell: string, figure: number, wrong: (right: string) => void) => Partial<T>;
}

/** A column that is written, and may not be read back. */
export type OutColumn<T> = Pick<CsvColumn<T>, 'head' | 'unit' | 'out'>;

/** The head of a column with the unit of its figures. */
export const headOf = <T>({ head, unit }: OutColumn<T>, system: UnitSystem): string =>
  unit ? `${head} (${shownIn(system, unit).unit})` : head;

/** Lines as CSV in a person's units, a header row first. */
export const linesCsv = <T>(
  columns: readonly OutColumn<T>[],
  lines: readonly T[],
  system: UnitSystem,
): string =>
  csvOf(
    columns.map((column) => headOf(column, system)),
    lines.map((line) => columns.map((column) => cellOf(column, line, system))),
  );

/** What a line has in a column, its figures in a person's unit. */
export function cellOf<T>({ unit, out }: OutColumn<T>, line: T, system: UnitSystem): string | number {
  const value = out(line) ?? '';
  return unit && typeof value === 'number' ? Number(toSystem(system, unit, value).toPrecision(12)) : value;
}

/** What a cell that is not empty says of a line; with problems nothing is to be taken. */
export function readCell<T>(
  { unit, into }: CsvColumn<T>,
  cell: string,
  system: UnitSystem,
): { said: Partial<T>; rights: string[] } {
  const rights: string[] = [];
  const figure = unit ? fromSystem(system, unit, Number(cell)) : Number(cell);
  const said = into(cell, figure, (right) => rights.push(right));
  return { said, rights };
}

/** A text as it is compared: without its case, its ends and doubled blanks. */
export const plainText = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');

/** Ids by what they are called, in whatever case and spacing a list has it. */
export const plainNames = <V extends string>(all: readonly (readonly [V, string])[]): Map<string, V> =>
  new Map(all.map(([id, name]) => [plainText(name), id] as const));

/** One of some things by what it is called. @returns undefined, and what would be right is told, where none is. */
export function named<V>(
  cell: string,
  names: ReadonlyMap<string, V>,
  wrong: (right: string) => void,
  right = [...names.keys()].join(', '),
): V | undefined {
  const found = names.get(plainText(cell));
  if (found === undefined) wrong(right);
  return found;
}

/** Lines of a CSV by its columns. Every line that is wrong is told with its number; then nothing is to be taken. */
export function readLines<T>(
  columns: readonly CsvColumn<T>[],
  text: string,
  system: UnitSystem,
): { lines: Partial<T>[]; problems: string[] } {
  const [heads = [], ...rows] = csvRows(text);
  const at = new Map(
    columns.map((column) => [
      column.head,
      heads.findIndex((cell) => plainText(cell).replace(/\s*[([].*$/, '') === column.head),
    ]),
  );
  const missing = columns
    .filter(({ head, must }) => must !== undefined && at.get(head)! < 0)
    .map(({ head }) => head);
  if (missing.length > 0)
    return {
      lines: [],
      problems: [
        `The header row must name the column${missing.length > 1 ? 's' : ''} ${missing.join(' and ')}; all columns are ${columns.map((column) => headOf(column, system)).join(', ')}.`,
      ],
    };
  const otherUnit = columns.flatMap(({ head, unit }) => {
    const said = /[([](.*?)[)\]]/.exec(heads[at.get(head)!] ?? '')?.[1]?.trim();
    const ours = unit && shownIn(system, unit).unit;
    return said !== undefined && ours !== undefined && said !== ours
      ? [`${head} is in ${said}; ${head}s here are in ${ours}.`]
      : [];
  });
  if (otherUnit.length > 0) return { lines: [], problems: otherUnit };
  const problems: string[] = [];
  const lines = rows.map((row, i) => {
    const parts = columns.map((column): Partial<T> => {
      const { head, must } = column;
      const cell = at.get(head)! < 0 ? '' : (row[at.get(head)!] ?? '').trim();
      const wrong = (right: string) =>
        problems.push(`Line ${i + 2}: ${head} must be ${right} (was "${cell}").`);
      if (cell === '') {
        if (must !== undefined) wrong(must);
        return {};
      }
      const { said, rights } = readCell(column, cell, system);
      rights.forEach(wrong);
      return said;
    });
    return Object.assign({}, ...parts) as Partial<T>;
  });
  return { lines, problems };
}
