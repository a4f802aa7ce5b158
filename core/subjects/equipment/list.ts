import type { Build } from '../../build/index.js';
import { fromBuild, groupsBy, reading } from '../../kernel/index.js';
import { components } from '../../truck/index.js';
import { CAB, equipmentShelf, pieceAs, WAY, YET } from './block.js';
import type { EquipmentLine } from './block.js';
import type { EquipmentGroup } from './parts.js';
import type { Often } from './traits.js';

/** A line of equipment as a list shows it. */
export interface EquipmentRow {
  line: EquipmentLine;
  name: string;
  group: EquipmentGroup;
  often: Often;
  /** What one of it weighs in the catalog, lb. */
  eachLb: number;
  /** What the line weighs on this truck, lb: the catalog's figure, or the one that a person wrote. */
  weightLb: number;
  /** Whether a person wrote another weight than the catalog's. */
  corrected: boolean;
}

/** Every line with what it weighs on this truck, in the order of the build. */
export const equipmentRows = reading(
  'equipment',
  [fromBuild(({ equipment }) => equipment.lines), equipmentShelf.stock, components],
  (lines, stock, all): EquipmentRow[] => {
    const weighed = new Map(all.map((component) => [component.id, component]));
    return lines.map((line) => {
      const { name, group, often = 'yearly', weightLb: eachLb } = pieceAs(stock.part(line.partId), line);
      const component = weighed.get(`equipment.${line.id}`);
      return {
        line,
        name,
        group,
        often,
        eachLb,
        weightLb: component?.weightLb ?? eachLb * line.count,
        corrected: component?.catalogued !== undefined,
      };
    });
  },
);

/** By what a list is put together. */
export type EquipmentOrder = 'group' | 'place';

/** The lines that belong together in a list, how many pieces they are and what they weigh together, lb. */
export interface EquipmentSection {
  id: string;
  rows: EquipmentRow[];
  pieces: number;
  weightLb: number;
}

/** Lines together, with their sums. */
export const sectionOf = (id: string, rows: EquipmentRow[]): EquipmentSection => ({
  id,
  rows,
  pieces: rows.reduce((sum, { line }) => sum + line.count, 0),
  weightLb: rows.reduce((sum, { weightLb }) => sum + weightLb, 0),
});

/** Rows in sections by group or by place, in the order in which those first appear; compartments by name. */
export function inSections(rows: readonly EquipmentRow[], order: EquipmentOrder): EquipmentSection[] {
  const by = groupsBy(rows, (row) => (order === 'group' ? row.group : row.line.compartmentId));
  const sections = [...by].map(([id, of]) => sectionOf(id, of));
  const last = (id: string) => [WAY, CAB, YET].indexOf(id) + 1;
  return order === 'group'
    ? sections
    : sections.sort((a, b) => last(a.id) - last(b.id) || a.id.localeCompare(b.id, 'en'));
}

/** The rows in whose name, group or place all the words stand. */
export function rowsWith(
  rows: readonly EquipmentRow[],
  words: string,
  sayRow: (row: EquipmentRow) => string,
): EquipmentRow[] {
  const asked = words.toLowerCase().split(/\s+/).filter(Boolean);
  return rows.filter((row) => {
    const said = sayRow(row).toLowerCase();
    return asked.every((word) => said.includes(word));
  });
}

/** Several lines in another place, or off the truck. */
export const withLinesIn = (build: Build, ids: readonly string[], place: string | null): Build => {
  const { lines } = build.equipment;
  return {
    ...build,
    equipment: {
      ...build.equipment,
      lines:
        place === null
          ? lines.filter(({ id }) => !ids.includes(id))
          : lines.map((line) => (ids.includes(line.id) ? { ...line, compartmentId: place } : line)),
    },
  };
};
