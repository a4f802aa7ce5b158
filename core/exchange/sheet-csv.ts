import { amountProblem, basisCalled, BASIS_NAMES, freshId, same } from '../build/index.js';
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
  /** A unit that is the same in every system. */
  mark?: string;
}

const COLUMNS: Column[] = [
  { key: 'id', head: 'id' },
  { key: 'name', head: 'name' },
  { key: 'count', head: 'count' },
  { key: 'group', head: 'group' },
  { key: 'weightLb', head: 'weight', unit: 'lb' },
  { key: 'xIn', head: 'x', unit: 'in' },
  { key: 'yIn', head: 'y', unit: 'in' },
  { key: 'zIn', head: 'z', unit: 'in' },
  { key: 'basis', head: 'basis' },
  { key: 'tolerancePct', head: 'tolerance', mark: '%' },
  { key: 'frontLb', head: 'on front axle', unit: 'lb' },
  { key: 'rearLb', head: 'on rear axle', unit: 'lb' },
];

const unitOf = ({ unit, mark }: Column, system: UnitSystem): string | undefined =>
  unit ? shownIn(system, unit).unit : mark;

const headOf = (column: Column, system: UnitSystem): string => {
  const unit = unitOf(column, system);
  return unit ? `${column.head} (${unit})` : column.head;
};

/** A head as people write it: "Weight (lb)", "weight, lb", "Weight [lb]", "WEIGHT". */
const plainHead = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[()[\],;:]/g, ' ')
    .trim()
    .replace(/\s+/g, ' ');

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
          : key === 'basis'
            ? BASIS_NAMES[row.basis]
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
    what: 'weight' | 'extra item' | 'new item';
    beforeLb: number | null;
    afterLb: number;
  }[];
  refused: { line: number; reason: string }[];
  unchanged: number;
}

const near = (a: number, b: number) => Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(a), Math.abs(b));

/** The columns of a header row: in the units that it names, or in the reader's where it names none. */
function columnsIn(
  header: string[],
  reader: UnitSystem,
): {
  at: Map<keyof SheetRow, { index: number; unit?: Quantity; system: UnitSystem }>;
  unknown: string[];
} {
  const at = new Map<keyof SheetRow, { index: number; unit?: Quantity; system: UnitSystem }>();
  const unknown: string[] = [];
  const systems = [reader, ...UNIT_SYSTEMS];
  header.forEach((text, index) => {
    const head = plainHead(text);
    const found = COLUMNS.flatMap((column) => systems.map((system) => ({ column, system }))).find(
      ({ column, system }) => head === column.head || head === plainHead(headOf(column, system)),
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
  count: number | undefined;
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
    const { head } = COLUMNS.find((column) => column.key === key)!;
    if (problem) bad.push(`${head} ${problem} (was ${Number.isFinite(number) ? raw : `"${raw}"`})`);
    else amounts[key] = value;
  }
  const noBasis = cell('basis') && basisProblem(cell('basis'));
  if (noBasis) bad.push(noBasis);
  if (cell('weightLb') === '') bad.push('weight is missing');
  const count = cell('count') === '' ? undefined : typedNumber(cell('count'));
  if (count !== undefined && !Number.isInteger(count))
    bad.push(`count must be a whole number (was "${cell('count')}")`);
  if (bad.length) return { bad: bad.join('; ') };
  return { id: cell('id'), name: cell('name'), count, basis: basisCalled(cell('basis')), amounts };
}

const plainName = (name: string): string => name.toLowerCase().replace(/\s+/g, ' ').trim();

/** A name as any person may read it. */
const namesOf = (name: string): string[] => UNIT_SYSTEMS.map((system) => plainName(inUnits(name, system)));

/** Why a row is not of the component whose id it has: a sheet of another truck, or of this one before a change. */
function otherThan(known: SheetRow, { id, name, count }: RowRead): string | null {
  if (name !== '' && !namesOf(known.name).includes(plainName(name)))
    return `"${id}" is ${inUnits(known.name, 'us')} on this truck, and "${name}" in the sheet`;
  if (count !== undefined && count !== known.count)
    return `"${id}" is there ${known.count} times on this truck, and ${count} times in the sheet`;
  return null;
}

/**
 * Reads a weight sheet against a build: better weights of its components, places of own items, new items of
 * no list. A row is of the component whose id it has, where its name and count are the same; a head without a unit
 * is in the reader's.
 * A row that can't be taken is refused with its line and reason; the others are still read.
 */
export function readSheet(evaluation: Evaluation, text: string, reader: UnitSystem = 'us'): SheetReading {
  const { build, house } = evaluation;
  const data = csvRows(text);
  const reading: SheetReading = { build, changes: [], refused: [], unchanged: 0 };
  const refuse = (line: number, reason: string) => void reading.refused.push({ line, reason });
  const header = data[0];
  if (!header) {
    refuse(1, 'the file is empty; it needs a header row such as: id, name, weight (lb)');
    return reading;
  }
  const { at, unknown } = columnsIn(header, reader);
  for (const name of unknown)
    refuse(
      1,
      `column "${name}" is not one of ${COLUMNS.map((column) => headOf(column, 'us')).join(', ')}; it was not read`,
    );
  if (!at.has('name') && !at.has('id')) refuse(1, 'there is no column id or name: no row can be told apart');
  if (!at.has('weightLb')) refuse(1, 'there is no column weight (lb) or weight (kg)');
  if (!at.has('weightLb') || (!at.has('name') && !at.has('id'))) return reading;

  const rows = new Map(evaluation.read(sheetRows).map((row) => [row.id, row]));
  const byName = new Map([...rows.values()].flatMap(({ id, name }) => namesOf(name).map((of) => [of, id])));
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
      what: old ? 'extra item' : 'new item',
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
      return refuse(line, `this truck has no component "${row.id}"; leave the id empty to add an extra item`);
    if (known && !known.item) {
      const other = otherThan(known, row);
      return other ? refuse(line, other) : takeWeight(line, row, known);
    }
    const namesake = known ? undefined : byName.get(plainName(row.name));
    if (namesake)
      return refuse(
        line,
        `"${row.name}" is on this truck already: give its id, ${namesake}, to correct its weight`,
      );
    return takeItem(line, row);
  });
  return reading;
}
