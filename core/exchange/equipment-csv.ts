import type { Build } from '../build/index.js';
import { equipmentBlock } from '../subjects/equipment/index.js';
import type { UnitSystem } from '../units/index.js';
import { columnsFor, listedIn } from './equipment-columns.js';
import { lineOf, withLinesOf } from './equipment-lines.js';
import { linesCsv, readLines } from './lines-csv.js';

/** The list of equipment as CSV in a person's units: every piece with its size, weight and place. */
export const equipmentCsv = (build: Build, system: UnitSystem): string =>
  linesCsv(columnsFor(build, system), listedIn(build), system);

/** What reading a list would do; with problems nothing is taken. */
export interface EquipmentReading {
  build: Build;
  lines: number;
  pieces: number;
  /** Lines of which a size or a weight is assumed, since the list does not say it. */
  assumed: number;
  problems: string[];
}

/** A list of equipment from CSV after what is listed, or in its place. Nothing is taken where a line is wrong. */
export function readEquipmentCsv(
  build: Build,
  text: string,
  system: UnitSystem,
  how: 'after' | 'instead' = 'instead',
): EquipmentReading {
  const { lines: listed, problems } = readLines(columnsFor(build, system), text, system);
  const before = how === 'after' ? build.equipment.lines : [];
  const { most } = equipmentBlock.fields.lines;
  if (before.length + listed.length > most) problems.push(`A list holds ${most} lines at most.`);
  if (problems.length > 0) return { build, lines: 0, pieces: 0, assumed: 0, problems };
  const lines = listed.map((one) => lineOf(one, build));
  return {
    build: withLinesOf(build, [...before, ...lines]),
    lines: lines.length,
    pieces: lines.reduce((sum, { count }) => sum + count, 0),
    assumed: lines.filter(({ assumed }) => assumed !== undefined).length,
    problems: [],
  };
}
