import { amountProblem, BASES, freshId, same } from '../build/index.js';
import type { Basis, Build } from '../build/index.js';
import type { Evaluation } from '../kernel/index.js';
import { componentOfItem, itemOf, withItem } from '../subjects/items/index.js';
import type { OwnItem } from '../subjects/items/index.js';
import {
  amountOf,
  basisProblem,
  nameProblem,
  sheetRows,
  typedNumber,
  withWeighedOf,
} from '../subjects/weights/index.js';
import type { SheetRow } from '../subjects/weights/index.js';
import { components } from '../truck/index.js';
import { fromSystem, inUnits, shownIn, toSystem, UNIT_SYSTEMS } from '../units/index.js';
import type { Quantity, UnitSystem } from '../units/index.js';
import { csvOf, csvRows } from './csv.js';

interface Column {
  key: keyof SheetRow;
  head: string;
  unit?: Quantity;
}

const COLUMNS: Column[] = [
  { key: 'id', head: 'id' },
  { key: 'name', head: 'name' },
  { key: 'group', head: 'group' },
  { key: 'weightLb', head: 'weight', unit: 'lb' },
  { key: 'xIn', head: 'x', unit: 'in' },
  { key: 'yIn', head: 'y', unit: 'in' },
  { key: 'zIn', head: 'z', unit: 'in' },
  { key: 'basis', head: 'basis' },
  { key: 'tolerancePct', head: 'tolerance (%)' },
  { key: 'frontLb', head: 'on front axle', unit: 'lb' },
  { key: 'rearLb', head: 'on rear axle', unit: 'lb' },
];

const headOf = ({ head, unit }: Column, system: UnitSystem): string =>
  unit ? `${head} (${shownIn(system, unit).unit})` : head;

/** Digits beyond any scale's, so that a sheet that goes out and comes in again is the same truck. */
const exactly = (value: number): number => Number(value.toPrecision(15));

/** The weight sheet as CSV in a person's units, a header row first. */
export function sheetCsv(evaluation: Evaluation, system: UnitSystem): string {
  const rows = evaluation.read(sheetRows).map((row) =>
    COLUMNS.map(({ key, unit }) => {
      const value = row[key];
      return typeof value === 'number'
        ? exactly(unit ? toSystem(system, unit, value) : value)
        : key === 'name'
          ? inUnits(String(value), system)
          : value;
    }),
  );
  return csvOf(
    COLUMNS.map((column) => headOf(column, system)),
    rows,
  );
}

/** What reading a sheet would do: nothing is done until a person says so. */
export interface SheetReading {
  build: Build;
  changes: {
    id: string;
    name: string;
    what: 'weight' | 'own item' | 'new item';
    beforeLb: number | null;
    afterLb: number;
  }[];
  refused: { line: number; reason: string }[];
  unchanged: number;
}

const near = (a: number, b: number) => Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(a), Math.abs(b));

/** The columns of a header row, and the units that it names. */
function columnsIn(header: string[]): {
  at: Map<keyof SheetRow, { index: number; unit?: Quantity; system: UnitSystem }>;
  unknown: string[];
} {
  const at = new Map<keyof SheetRow, { index: number; unit?: Quantity; system: UnitSystem }>();
  const unknown: string[] = [];
  header.forEach((text, index) => {
    const head = text.trim().toLowerCase();
    const found = COLUMNS.flatMap((column) => UNIT_SYSTEMS.map((system) => ({ column, system }))).find(
      ({ column, system }) => headOf(column, system).toLowerCase() === head,
    );
    if (found)
      at.set(found.column.key, {
        index,
        system: found.system,
        ...(found.column.unit ? { unit: found.column.unit } : {}),
      });
    else if (head) unknown.push(text);
  });
  return { at, unknown };
}

type Amount = 'weightLb' | 'xIn' | 'yIn' | 'zIn' | 'tolerancePct';
const AMOUNTS: readonly Amount[] = ['weightLb', 'xIn', 'yIn', 'zIn', 'tolerancePct'];

/** What a row of a sheet says. */
interface RowRead {
  id: string;
  name: string;
  basis: Basis | undefined;
  amounts: Partial<Record<Amount, number>>;
}

type Columns = ReturnType<typeof columnsIn>['at'];

/** The cells of a row, each within the bounds of the field that it would be kept in. */
function readRow(cells: string[], at: Columns, isItem: (id: string) => boolean): RowRead | { bad: string } {
  const cell = (key: keyof SheetRow) => (at.has(key) ? (cells[at.get(key)!.index] ?? '').trim() : '');
  const bad: string[] = [];
  const amounts: RowRead['amounts'] = {};
  for (const key of AMOUNTS) {
    const raw = cell(key);
    if (raw === '') continue;
    const { unit, system } = at.get(key)!;
    const number = typedNumber(raw);
    const value = unit ? fromSystem(system, unit, number) : number;
    const problem = amountProblem(amountOf(key, isItem(cell('id'))), value);
    if (problem) bad.push(`${key} ${problem} (was ${Number.isFinite(number) ? raw : `"${raw}"`})`);
    else amounts[key] = value;
  }
  const basis = cell('basis').toLowerCase();
  const noBasis = basis && basisProblem(cell('basis'));
  if (noBasis) bad.push(noBasis);
  if (cell('weightLb') === '') bad.push('weight is missing');
  if (bad.length) return { bad: bad.join('; ') };
  return { id: cell('id'), name: cell('name'), basis: BASES.find((one) => one === basis), amounts };
}

/**
 * Reads a weight sheet against a build: better weights of its components, places of own items, new items of
 * no list.
 * A row that can't be taken is refused with its line and reason; the others are still read.
 */
export function readSheet(evaluation: Evaluation, text: string): SheetReading {
  const { build, house } = evaluation;
  const data = csvRows(text);
  const reading: SheetReading = { build, changes: [], refused: [], unchanged: 0 };
  const refuse = (line: number, reason: string) => void reading.refused.push({ line, reason });
  const header = data[0];
  if (!header) {
    refuse(1, 'the file is empty; it needs a header row such as: id, name, weight (lb)');
    return reading;
  }
  const { at, unknown } = columnsIn(header);
  for (const name of unknown)
    refuse(
      1,
      `column "${name}" is not one of ${COLUMNS.map((column) => headOf(column, 'us')).join(', ')}; it was not read`,
    );
  if (!at.has('name') && !at.has('id')) refuse(1, 'there is no column id or name: no row can be told apart');
  if (!at.has('weightLb')) refuse(1, 'there is no column weight (lb) or weight (kg)');
  if (!at.has('weightLb') || (!at.has('name') && !at.has('id'))) return reading;

  const rows = new Map(evaluation.read(sheetRows).map((row) => [row.id, row]));
  const placed = new Map(evaluation.read(components).map((component) => [component.id, component]));
  const isItem = (id: string) => rows.get(id)?.item ?? true;

  const takeWeight = (line: number, { id, basis, amounts }: RowRead, known: SheetRow): void => {
    const weightLb = amounts.weightLb!;
    const { tolerancePct } = amounts;
    const asItIs =
      near(known.weightLb, weightLb) &&
      (basis ?? known.basis) === known.basis &&
      near(known.tolerancePct, tolerancePct ?? known.tolerancePct);
    if (asItIs) reading.unchanged += 1;
    else if (known.fixed) refuse(line, `the weight of ${id} ${known.fixed}`);
    else {
      reading.build = withWeighedOf(reading.build, placed.get(id)!, {
        weightLb,
        basis: basis ?? known.basis,
        ...(tolerancePct === undefined ? {} : { tolerancePct }),
      });
      reading.changes.push({
        id,
        name: known.name,
        what: 'weight',
        beforeLb: known.weightLb,
        afterLb: weightLb,
      });
    }
  };

  const takeItem = (
    line: number,
    { id, name, basis, amounts: { xIn, yIn, zIn, weightLb, tolerancePct } }: RowRead,
  ): void => {
    const old = itemOf(build, id);
    const badName = nameProblem(name);
    if (badName) return refuse(line, `a new item needs a name: ${badName}`);
    if (xIn === undefined || yIn === undefined || zIn === undefined)
      return refuse(line, `"${name}" needs its place: x, y and z`);
    const usual =
      old?.tolerancePct === undefined &&
      rows.has(id) &&
      tolerancePct !== undefined &&
      near(rows.get(id)!.tolerancePct, tolerancePct);
    const item: OwnItem = {
      id: old?.id ?? freshId(),
      name: old && inUnits(old.name, 'us') === name ? old.name : name,
      weightLb: weightLb!,
      xIn,
      yIn,
      zIn,
      basis: basis ?? old?.basis ?? 'estimated',
      priceCents: old?.priceCents ?? 0,
      ...(tolerancePct === undefined || usual ? {} : { tolerancePct }),
    };
    const kept = old && { ...item, weightLb: old.weightLb, xIn: old.xIn, yIn: old.yIn, zIn: old.zIn };
    if (
      old &&
      same(kept, old) &&
      (['weightLb', 'xIn', 'yIn', 'zIn'] as const).every((key) => near(old[key], item[key]))
    ) {
      reading.unchanged += 1;
      return undefined;
    }
    const next = withItem(reading.build, item.id, item);
    const [problem] = house.problemsOf(next);
    if (problem) return refuse(line, problem.message);
    reading.build = next;
    reading.changes.push({
      id: componentOfItem(item.id),
      name,
      what: old ? 'own item' : 'new item',
      beforeLb: old?.weightLb ?? null,
      afterLb: item.weightLb,
    });
    return undefined;
  };

  const seen = new Set<string>();
  data.slice(1).forEach((cells, i) => {
    const line = i + 2;
    const row = readRow(cells, at, isItem);
    if ('bad' in row) return refuse(line, row.bad);
    const key = row.id || `name:${row.name}`;
    if (seen.has(key)) return refuse(line, `"${row.id || row.name}" is there twice`);
    seen.add(key);
    const known = rows.get(row.id);
    if (row.id && !known)
      return refuse(
        line,
        `this truck has no component "${row.id}"; leave the id empty to add an item of your own`,
      );
    return known && !known.item ? takeWeight(line, row, known) : takeItem(line, row);
  });
  return reading;
}
