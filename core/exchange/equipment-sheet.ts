import type { Build } from '../build/index.js';
import { withEquipmentLine } from '../subjects/equipment/index.js';
import type { EquipmentLine, LineChange } from '../subjects/equipment/index.js';
import type { UnitSystem } from '../units/index.js';
import { columnsFor, listedIn } from './equipment-columns.js';
import type { Listed } from './equipment-columns.js';
import { lineOf, withLinesOf } from './equipment-lines.js';
import { cellOf, headOf, readCell } from './lines-csv.js';

/** The list of equipment as a sheet that is written in: its heads, and each line's cells. */
export interface EquipmentSheet {
  heads: string[];
  rows: { id: string; cells: string[] }[];
}

export function equipmentSheet(build: Build, system: UnitSystem): EquipmentSheet {
  const columns = columnsFor(build, system);
  const listed = listedIn(build);
  return {
    heads: columns.map((column) => headOf(column, system)),
    rows: build.equipment.lines.map(({ id }, i) => ({
      id,
      cells: columns.map((column) => {
        const value = cellOf(column, listed[i]!, system);
        return typeof value === 'number' ? String(Number(value.toPrecision(5))) : value;
      }),
    })),
  };
}

/** What is no longer a guess once somebody has said it. */
function stillAssumed(assumed: EquipmentLine['assumed'], said: Partial<Listed>): EquipmentLine['assumed'] {
  const [size, weight] = ['lengthIn' in said || 'widthIn' in said || 'heightIn' in said, 'weightLb' in said];
  if (assumed === 'both') return size && weight ? undefined : size ? 'weight' : weight ? 'size' : 'both';
  return (assumed === 'size' && size) || (assumed === 'weight' && weight) ? undefined : assumed;
}

/**
 * One cell of the sheet written, in a person's units; an empty one is as the catalog has it again. A line that is not
 * there is a new one, which begins with the name of its piece. @returns the build, or what would be right.
 */
export function writeEquipmentCell(
  build: Build,
  lineId: string | null,
  at: number,
  text: string,
  system: UnitSystem,
): { build: Build; lineId: string } | { problem: string } {
  const column = columnsFor(build, system)[at]!;
  const cell = text.trim();
  const before = build.equipment.lines.find(({ id }) => id === lineId);
  if (cell === '' && (column.must !== undefined || column.head === 'count' || column.head === 'rides in'))
    return { problem: `${column.head} must be ${column.must ?? 'there'}` };
  const { said, rights } = cell === '' ? { said: {}, rights: [] } : readCell(column, cell, system);
  if (rights.length > 0) return { problem: `${column.head} must be ${rights[0]} (was "${cell}")` };
  if (!before) {
    if (column.head !== 'piece') return { problem: 'a new line begins with the name of its piece' };
    const line = lineOf(said, build);
    return { build: withLinesOf(build, [...build.equipment.lines, line]), lineId: line.id };
  }
  const cleared = cell === '' ? Object.fromEntries(KEYS[column.head]!.map((key) => [key, undefined])) : {};
  const renamed = column.head === 'piece' ? { name: undefined } : {};
  const change = {
    ...cleared,
    ...renamed,
    ...('name' in said ? { name: said.name } : said),
    ...('assumed' in said ? {} : { assumed: stillAssumed(before.assumed, said) }),
  };
  return { build: withEquipmentLine(build, before.id, change as LineChange), lineId: before.id };
}

/** The fields of a line that stand in a column. */
const KEYS: Readonly<Record<string, (keyof EquipmentLine)[]>> = {
  weight: ['weightLb'],
  length: ['lengthIn'],
  width: ['widthIn'],
  height: ['heightIn'],
  piled: ['stacks'],
  discipline: ['group'],
  used: ['often'],
  needs: ['needs'],
  'supplied by': ['supplied'],
  'mounted by': ['mounted'],
  set: ['set'],
  later: ['later'],
  assumed: ['assumed'],
};
