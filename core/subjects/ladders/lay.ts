import { boxAt } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import type { LongThing } from '../../truck/index.js';
import type { Ladder } from './parts.js';

/** What rides in ways: a ladder, or a long piece of equipment. */
export interface Thing extends LongThing {
  ladder: Ladder | null;
}

/** A thing in its place. */
export interface Laid extends Thing {
  box: Box;
}

export type Carried = readonly Thing[];

/** Free between two things in a way, in. */
const BETWEEN_IN = 1;

/** A ladder as a thing that rides in a way: its section lies either way. */
export const ladderAsThing = (lineId: string, ladder: Ladder): Thing => ({
  id: `ladders.${lineId}`,
  name: ladder.name,
  lengthIn: ladder.beddedIn,
  tallIn: Math.max(ladder.nestedHeightIn, ladder.nestedWidthIn),
  thickIn: Math.min(ladder.nestedHeightIn, ladder.nestedWidthIn),
  ladder,
});

const sum = (sizes: readonly number[]): number =>
  sizes.reduce((all, size) => all + size + BETWEEN_IN, -BETWEEN_IN);

/**
 * Things on edge in columns side by side: what is lower than the tallest and no thicker than what it stands on
 * shares a column with it.
 */
export function columnsOf(all: Carried): Carried[] {
  const mostIn = Math.max(...all.map(({ tallIn }) => tallIn));
  const columns: Thing[][] = [];
  for (const thing of all) {
    const column = columns.find(
      (on) =>
        on.every(({ thickIn }) => thing.thickIn <= thickIn) &&
        sum([...on, thing].map(({ tallIn }) => tallIn)) <= mostIn,
    );
    if (column) column.push(thing);
    else columns.push([thing]);
  }
  return columns;
}

const columnHeight = (column: Carried): number => sum(column.map(({ tallIn }) => tallIn));
const columnWidth = (column: Carried): number => Math.max(...column.map(({ thickIn }) => thickIn));

/** What columns take side by side, and how high the highest stands, in. */
export const together = (columns: readonly Carried[]): number => sum(columns.map(columnWidth));
export const tallest = (columns: readonly Carried[]): number => Math.max(...columns.map(columnHeight));

/** Columns on edge, their feet at one x, from y inward or outward; each from a height that it is asked for. In. */
export function onEdge(
  columns: readonly Carried[],
  footIn: number,
  fromY: number,
  sign: 1 | -1,
  fromZ: (heightIn: number) => number,
): Laid[] {
  let taken = 0;
  return columns.flatMap((column) => {
    const width = columnWidth(column);
    const y = fromY + sign * (taken + width / 2);
    taken += width + BETWEEN_IN;
    let z = fromZ(columnHeight(column));
    return column.map((thing): Laid => {
      const middle = z + thing.tallIn / 2;
      z += thing.tallIn + BETWEEN_IN;
      const x = footIn - thing.lengthIn / 2;
      return { ...thing, box: boxAt(x, y, middle, thing.lengthIn, thing.thickIn, thing.tallIn) };
    });
  });
}

/** Things flat in rows, each with those that lie beside each other in it within a width, in. */
export function rowsOf(all: Carried, widthIn: number): Carried[] {
  const rows: Thing[][] = [];
  for (const thing of all) {
    const row = rows.find((lying) => rowWidth([...lying, thing]) <= widthIn);
    if (row) row.push(thing);
    else rows.push([thing]);
  }
  return rows;
}

const rowWidth = (row: Carried): number => sum(row.map(({ tallIn }) => tallIn));
const rowHeight = (row: Carried): number => Math.max(...row.map(({ thickIn }) => thickIn));

/** What rows take on top of each other, in. */
export const stackHeight = (rows: readonly Carried[]): number => sum(rows.map(rowHeight));

/** The widest thing that lies flat, in. */
export const widest = (all: Carried): number => Math.max(...all.map(({ tallIn }) => tallIn));

/** Rows on top of each other from a height, their feet at one x, each about the middle, in. */
export function stacked(rows: readonly Carried[], footIn: number, fromZ: number): Laid[] {
  let z = fromZ;
  return rows.flatMap((row) => {
    const bottom = z;
    z += rowHeight(row) + BETWEEN_IN;
    let y = -rowWidth(row) / 2;
    return row.map((thing): Laid => {
      const middle = y + thing.tallIn / 2;
      y += thing.tallIn + BETWEEN_IN;
      const x = footIn - thing.lengthIn / 2;
      return {
        ...thing,
        box: boxAt(x, middle, bottom + thing.thickIn / 2, thing.lengthIn, thing.tallIn, thing.thickIn),
      };
    });
  });
}
