import Papa from 'papaparse';
import { BASES } from '../catalogue/index.js';
import type { Basis } from '../catalogue/index.js';
import type { Evaluation } from '../review/index.js';
import { rearReactionIn } from '../weights/index.js';
import { referenceProblems, withCorrection, withItem } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { fromSystem, inUnits, shownIn, toSystem, UNIT_SYSTEMS } from '../units/index.js';
import type { Quantity, UnitSystem } from '../units/index.js';

/** One line of the weight sheet. Lb and in; its share on each axle in service. */
export interface SheetRow {
  id: string;
  name: string;
  group: string;
  weightLb: number;
  xIn: number;
  yIn: number;
  zIn: number;
  basis: Basis;
  tolerancePct: number;
  frontLb: number;
  rearLb: number;
  /** Why its weight can't be given here; null where it can. */
  fixed: string | null;
  corrected: boolean;
}

/** Every component of a build with its place, its certainty and what it puts on each axle. */
export function sheetOf({ rig }: Evaluation): SheetRow[] {
  const xr = rearReactionIn(rig.axles);
  return rig.components.map((c) => ({
    id: c.id, name: c.name, group: c.group, weightLb: c.weightLb, xIn: c.xIn, yIn: c.yIn, zIn: c.zIn, basis: c.basis, tolerancePct: c.tolerancePct,
    rearLb: (c.weightLb * c.xIn) / xr, frontLb: c.weightLb * (1 - c.xIn / xr),
    fixed: c.filling ? 'follows from its gallons' : c.role === 'allowance' ? 'follows from the profile’s allowance' : null,
    corrected: c.catalogued !== undefined,
  }));
}

interface Column { key: keyof SheetRow; head: string; unit?: Quantity }

const COLUMNS: Column[] = [
  { key: 'id', head: 'id' }, { key: 'name', head: 'name' }, { key: 'group', head: 'group' }, { key: 'weightLb', head: 'weight', unit: 'lb' },
  { key: 'xIn', head: 'x', unit: 'in' }, { key: 'yIn', head: 'y', unit: 'in' }, { key: 'zIn', head: 'z', unit: 'in' }, { key: 'basis', head: 'basis' }, { key: 'tolerancePct', head: 'tolerance (%)' },
  { key: 'frontLb', head: 'on front axle', unit: 'lb' }, { key: 'rearLb', head: 'on rear axle', unit: 'lb' },
];

const headOf = ({ head, unit }: Column, system: UnitSystem): string => (unit ? `${head} (${shownIn(system, unit).unit})` : head);

/** Digits beyond any scale's, so that a sheet that goes out and comes in again is the same truck. */
const exactly = (value: number): number => Number(value.toPrecision(15));

/** The weight sheet as CSV in a person's units, a header row first. */
export function sheetCsv(evaluation: Evaluation, system: UnitSystem): string {
  const rows = sheetOf(evaluation).map((row) => COLUMNS.map(({ key, unit }) => {
    const value = row[key];
    return typeof value === 'number' ? exactly(unit ? toSystem(system, unit, value) : value) : key === 'name' ? inUnits(String(value), system) : value;
  }));
  return Papa.unparse({ fields: COLUMNS.map((column) => headOf(column, system)), data: rows }, { newline: '\n' });
}

/** What reading a sheet would do: nothing is done until a person says so. */
export interface SheetReading {
  spec: BuildSpec;
  changes: { id: string; name: string; what: 'weight' | 'own item' | 'new item'; beforeLb: number | null; afterLb: number }[];
  refused: { line: number; reason: string }[];
  unchanged: number;
}

const ITEM_ID = /^item-(.+)$/;
const close = (a: number, b: number) => Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(a), Math.abs(b));

/** The columns of a header row, and the units that it names. */
function columnsIn(header: string[]): { at: Map<keyof SheetRow, { index: number; unit?: Quantity; system: UnitSystem }>; unknown: string[] } {
  const at = new Map<keyof SheetRow, { index: number; unit?: Quantity; system: UnitSystem }>();
  const unknown: string[] = [];
  header.forEach((text, index) => {
    const head = text.trim().toLowerCase();
    const found = COLUMNS.flatMap((column) => UNIT_SYSTEMS.map((system) => ({ column, system }))).find(({ column, system }) => headOf(column, system).toLowerCase() === head);
    if (found) at.set(found.column.key, { index, system: found.system, ...(found.column.unit ? { unit: found.column.unit } : {}) });
    else if (head) unknown.push(text);
  });
  return { at, unknown };
}

/**
 * Reads a weight sheet against a build: better weights of its components, places of own items, new items of no list.
 * A row that can't be taken is refused with its line and reason; the others are still read.
 */
export function readSheet(spec: BuildSpec, evaluation: Evaluation, text: string): SheetReading {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const reading: SheetReading = { spec, changes: [], refused: [], unchanged: 0 };
  const refuse = (line: number, reason: string) => reading.refused.push({ line, reason });
  const header = data[0];
  if (!header) {
    refuse(1, 'the file is empty; it needs a header row such as: id, name, weight (lb)');
    return reading;
  }
  const { at, unknown } = columnsIn(header);
  for (const name of unknown) refuse(1, `column "${name}" is not one of ${COLUMNS.map((column) => headOf(column, 'us')).join(', ')}; it was not read`);
  if (!at.has('name') && !at.has('id')) refuse(1, 'there is no column id or name: no row can be told apart');
  if (!at.has('weightLb')) refuse(1, 'there is no column weight (lb) or weight (kg)');
  if (!at.has('weightLb') || (!at.has('name') && !at.has('id'))) return reading;

  const rows = sheetOf(evaluation);
  const byId = new Map(rows.map((row) => [row.id, row]));
  const seen = new Set<string>();
  data.slice(1).forEach((cells, i) => {
    const line = i + 2;
    const cell = (key: keyof SheetRow) => (at.has(key) ? (cells[at.get(key)!.index] ?? '').trim() : '');
    const bad: string[] = [];
    const number = (key: keyof SheetRow, min: number, max: number): number | undefined => {
      const raw = cell(key);
      if (raw === '') return undefined;
      const { unit, system } = at.get(key)!;
      const value = Number(raw.replace(/[, ]/g, '').replace('−', '-'));
      const ours = unit ? fromSystem(system, unit, value) : value;
      if (!Number.isFinite(value)) bad.push(`${key} must be a number (was "${raw}")`);
      else if (ours < min || ours > max) bad.push(`${key} must be from ${min} to ${max} (was ${raw})`);
      return ours;
    };
    const weightLb = number('weightLb', 0, 60_000);
    const [xIn, yIn, zIn] = [number('xIn', -150, 700), number('yIn', -60, 60), number('zIn', 0, 170)];
    const tolerancePct = number('tolerancePct', 0, 100);
    const basisText = cell('basis').toLowerCase();
    if (basisText && !(BASES as readonly string[]).includes(basisText)) bad.push(`basis must be one of ${BASES.join(', ')} (was "${cell('basis')}")`);
    if (weightLb === undefined) bad.push('weight is missing');
    if (bad.length || weightLb === undefined) return refuse(line, bad.join('; '));

    const id = cell('id');
    const key = id || `name:${cell('name')}`;
    if (seen.has(key)) return refuse(line, `"${id || cell('name')}" is there twice`);
    seen.add(key);
    const known = byId.get(id);
    const basis = (basisText || known?.basis || 'estimated') as Basis;
    if (!known && id && !ITEM_ID.test(id)) return refuse(line, `this truck has no component "${id}"; leave the id empty to add an item of your own`);
    const ownId = ITEM_ID.exec(id)?.[1];
    if (known && !ownId) {
      if (close(known.weightLb, weightLb) && known.basis === basis && close(known.tolerancePct, tolerancePct ?? known.tolerancePct)) {
        reading.unchanged += 1;
        return undefined;
      }
      if (known.fixed) return refuse(line, `the weight of ${id} ${known.fixed}`);
      reading.spec = withCorrection(reading.spec, id, { weightLb, basis, ...(tolerancePct === undefined ? {} : { tolerancePct }) });
      reading.changes.push({ id, name: known.name, what: 'weight', beforeLb: known.weightLb, afterLb: weightLb });
      return undefined;
    }
    const name = cell('name');
    if (!name || name.length > 80) return refuse(line, 'a new item needs a name of 1 to 80 characters');
    if (xIn === undefined || yIn === undefined || zIn === undefined) return refuse(line, `"${name}" needs its place: x, y and z`);
    const old = spec.items?.find((item) => item.id === ownId);
    const item = { id: ownId ?? freshId(reading.spec), name, weightLb, xIn, yIn, zIn, basis, priceCents: old?.priceCents ?? 0, ...(tolerancePct === undefined ? {} : { tolerancePct }) };
    if (old && known && close(old.weightLb, weightLb) && close(old.xIn, xIn) && close(old.yIn, yIn) && close(old.zIn, zIn) && old.basis === basis && inUnits(old.name, 'us') === name && close(known.tolerancePct, tolerancePct ?? known.tolerancePct)) {
      reading.unchanged += 1;
      return undefined;
    }
    const next = withItem(reading.spec, item.id, item);
    const [problem] = referenceProblems(next);
    if (problem) return refuse(line, problem.message);
    reading.spec = next;
    reading.changes.push({ id: `item-${item.id}`, name, what: old ? 'own item' : 'new item', beforeLb: old?.weightLb ?? null, afterLb: weightLb });
    return undefined;
  });
  return reading;
}

/** An id that no own item of a build has. */
export function freshId(spec: BuildSpec): string {
  const taken = new Set(spec.items?.map(({ id }) => id));
  for (let n = (spec.items?.length ?? 0) + 1; ; n++) if (!taken.has(`own-${n}`)) return `own-${n}`;
}
