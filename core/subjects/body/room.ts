import { boxOf, grown, overlapIn } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';

/** Where a compartment opens: to a side, to the back, or upward. */
export type Face = 'left' | 'right' | 'rear' | 'top';

/** A piece of a compartment behind its door: where on the door it is, and from where to where it goes in, in. */
interface Cell {
  u0: number;
  u1: number;
  v0: number;
  v1: number;
  nearIn: number;
  farIn: number;
}

/** A box as its door sees it: along the door, up the door, and how far in. */
export type Seen = Cell;

/** How each face sees a box, and the box that a piece seen from it is. `edge` is where the door is. */
const SEEN_FROM: Record<
  Face,
  { edge: (of: Box) => number; see: (box: Box, edge: number) => Seen; box: (cell: Cell, edge: number) => Box }
> = {
  left: {
    edge: ({ y0 }) => y0,
    see: ({ x0, x1, y0, y1, z0, z1 }, edge) => ({
      u0: x0,
      u1: x1,
      v0: z0,
      v1: z1,
      nearIn: y0 - edge,
      farIn: y1 - edge,
    }),
    box: ({ u0, u1, v0, v1, nearIn, farIn }, edge) => boxOf(u0, u1, edge + nearIn, edge + farIn, v0, v1),
  },
  right: {
    edge: ({ y1 }) => y1,
    see: ({ x0, x1, y0, y1, z0, z1 }, edge) => ({
      u0: x0,
      u1: x1,
      v0: z0,
      v1: z1,
      nearIn: edge - y1,
      farIn: edge - y0,
    }),
    box: ({ u0, u1, v0, v1, nearIn, farIn }, edge) => boxOf(u0, u1, edge - farIn, edge - nearIn, v0, v1),
  },
  rear: {
    edge: ({ x1 }) => x1,
    see: ({ x0, x1, y0, y1, z0, z1 }, edge) => ({
      u0: y0,
      u1: y1,
      v0: z0,
      v1: z1,
      nearIn: edge - x1,
      farIn: edge - x0,
    }),
    box: ({ u0, u1, v0, v1, nearIn, farIn }, edge) => boxOf(edge - farIn, edge - nearIn, u0, u1, v0, v1),
  },
  top: {
    edge: ({ z1 }) => z1,
    see: ({ x0, x1, y0, y1, z0, z1 }, edge) => ({
      u0: x0,
      u1: x1,
      v0: y0,
      v1: y1,
      nearIn: edge - z1,
      farIn: edge - z0,
    }),
    box: ({ u0, u1, v0, v1, nearIn, farIn }, edge) => boxOf(u0, u1, v0, v1, edge - farIn, edge - nearIn),
  },
};

/** A box as a door on a face sees it: along the door, up the door, and how far in from that edge. */
export const seenFrom = (face: Face, box: Box, edge: number): Seen => SEEN_FROM[face].see(box, edge);
/** Where a face's door is. */
export const edgeOf = (face: Face, region: Box): number => SEEN_FROM[face].edge(region);

/** The edges of what stands in the way within an extent, in order and each once. */
function edges(from: number, to: number, at: number[]): number[] {
  const sorted = at.sort((a, b) => a - b);
  const found = [from];
  for (const edge of sorted) if (edge > found[found.length - 1]! && edge < to) found.push(edge);
  found.push(to);
  return found;
}

/** A slit lower or narrower than this is no room, in. */
const SLIT_IN = 6;

/** The pieces of a door in columns, each from the bottom up; null where nothing is behind. */
type Grid = (Cell | null)[][];

/** Takes away runs of neighbors along a line of the grid that together are no wider than a slit. */
function clearSlits(
  grid: Grid,
  count: number,
  at: (k: number) => readonly [column: number, row: number],
  size: (cell: Cell) => number,
): void {
  let [from, length] = [0, 0];
  for (let k = 0; k <= count; k++) {
    const [i, j] = at(k);
    const cell = k < count ? grid[i]![j]! : null;
    if (cell) {
      length += size(cell);
      continue;
    }
    if (length > 0 && length < SLIT_IN)
      for (let gone = from; gone < k; gone++) {
        const [column, row] = at(gone);
        grid[column]![row] = null;
      }
    [from, length] = [k + 1, 0];
  }
}

/** The drum of a roll-up door: it hangs inside, at the top. */
export interface Drum {
  heightIn: number;
  depthIn: number;
}

/**
 * The room of a compartment as boxes that do not overlap: what is behind its door until something stands in
 * the way, less the wall before that. Pieces shallower than `leastIn` are not built (formulas: room). In.
 */
export function roomOf(
  region: Box,
  face: Face,
  taken: readonly Box[],
  { wallIn, leastIn, drum }: { wallIn: number; leastIn: number; drum: Drum | null },
): Box[] {
  const { edge: edgeAt, see, box } = SEEN_FROM[face];
  const edge = edgeAt(region);
  const { u0, u1, v0, v1, farIn: depthIn } = see(region, edge);
  const near = grown(region, wallIn);
  const underDrum = drum ? v1 - drum.heightIn : v1;
  const inTheWay: Seen[] = [];
  const [acrossDoor, upDoor] = [[] as number[], [underDrum]];
  for (const one of taken) {
    if (overlapIn(one, near) === 0) continue;
    const seen = see(one, edge);
    inTheWay.push(seen);
    acrossDoor.push(seen.u0, seen.u1);
    upDoor.push(seen.v0, seen.v1);
  }
  const us = edges(u0, u1, acrossDoor);
  const vs = edges(v0, v1, upDoor);
  const grid: Grid = [];
  for (let i = 1; i < us.length; i++) {
    const [c0, c1] = [us[i - 1]!, us[i]!];
    const column: (Cell | null)[] = [];
    for (let j = 1; j < vs.length; j++) {
      const [r0, r1] = [vs[j - 1]!, vs[j]!];
      let farIn = depthIn;
      for (const one of inTheWay)
        if (one.u0 < c1 && one.u1 > c0 && one.v0 < r1 && one.v1 > r0)
          farIn = Math.min(farIn, one.nearIn - wallIn);
      const nearIn = drum && r0 >= underDrum ? drum.depthIn : 0;
      const there = farIn >= leastIn && farIn > nearIn;
      column.push(there ? { u0: c0, u1: c1, v0: r0, v1: r1, nearIn, farIn } : null);
    }
    grid.push(column);
  }
  const [columns, rows] = [us.length - 1, vs.length - 1];
  for (let i = 0; i < columns; i++)
    clearSlits(
      grid,
      rows,
      (j) => [i, j],
      ({ v0, v1 }) => v1 - v0,
    );
  for (let j = 0; j < rows; j++)
    clearSlits(
      grid,
      columns,
      (i) => [i, j],
      ({ u0, u1 }) => u1 - u0,
    );
  return grid.flatMap((column) => column.flatMap((cell) => (cell ? [box(cell, edge)] : [])));
}
