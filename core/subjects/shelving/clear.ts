import { boxOf } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import { boxOn, onFace } from '../../truck/index.js';
import type { Inside, Surface } from '../../truck/index.js';

/** What no tape shows, in. */
const HAIR_IN = 0.05;
/** Less is no room for anything, in. */
const LEAST_IN = 1;

const edges = (values: number[]): number[] => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted.filter((value, i) => i === 0 || value - sorted[i - 1]! > HAIR_IN);
};

/** The cells of a grid: from each edge to the next. */
const spans = (at: readonly number[]) => at.slice(1).map((to, i) => [at[i]!, to] as const);

/** Whether a cell of a grid, by its middle, is under a box. */
const under = (box: Box, [p0, p1]: readonly [number, number], [q0, q1]: readonly [number, number]) =>
  box.x0 <= (p0 + p1) / 2 && (p0 + p1) / 2 <= box.x1 && box.y0 <= (q0 + q1) / 2 && (q0 + q1) / 2 <= box.y1;

/** How far one can go up from 0 through boxes that stand on one another, in. */
function upThrough(boxes: readonly Box[]): number {
  let top = 0;
  for (const { z0, z1 } of [...boxes].sort((a, b) => a.z0 - b.z0)) {
    if (z0 > top + HAIR_IN) break;
    top = Math.max(top, z1);
  }
  return top;
}

/** Boxes that lie side by side along x and are alike otherwise, as one. */
function merged(boxes: readonly Box[], along: 'x' | 'y'): Box[] {
  const [from, to, ...others] =
    along === 'x' ? (['x0', 'x1', 'y0', 'y1', 'z1'] as const) : (['y0', 'y1', 'x0', 'x1', 'z1'] as const);
  const made: Box[] = [];
  for (const box of [...boxes].sort((a, b) => a[from] - b[from])) {
    const before = made.findIndex(
      (other) =>
        Math.abs(other[to] - box[from]) < HAIR_IN &&
        others.every((key) => Math.abs(other[key] - box[key]) < HAIR_IN),
    );
    if (before < 0) made.push(box);
    else made[before] = { ...made[before]!, [to]: box[to] };
  }
  return made;
}

/**
 * The room over a surface or before it, as boxes of the inside that begin at its plate: through the compartment's own
 * boxes until something stands in the way, or as far as `most` (formulas: surfaces). In.
 */
export function roomOver(
  surface: Pick<Surface, 'faces' | 'plate'>,
  cells: readonly Inside[],
  taken: readonly Inside[],
  most = Infinity,
): Inside[] {
  const plate = onFace(surface, surface.plate);
  const open = cells.map((box) => onFace(surface, box)).filter(({ z1 }) => z1 > HAIR_IN);
  const stops = taken.map((box) => onFace(surface, box)).filter(({ z1 }) => z1 > HAIR_IN);
  const within = (value: number, from: number, to: number) => value > from && value < to;
  const all = [...open, ...stops];
  const ps = edges([
    plate.x0,
    plate.x1,
    ...all.flatMap(({ x0, x1 }) => [x0, x1]).filter((at) => within(at, plate.x0, plate.x1)),
  ]);
  const qs = edges([
    plate.y0,
    plate.y1,
    ...all.flatMap(({ y0, y1 }) => [y0, y1]).filter((at) => within(at, plate.y0, plate.y1)),
  ]);
  const columns = spans(ps).flatMap((p) =>
    spans(qs).flatMap((q): Box[] => {
      const clear = Math.min(
        most,
        upThrough(open.filter((box) => under(box, p, q))),
        ...stops.filter((box) => under(box, p, q)).map(({ z0 }) => Math.max(0, z0)),
      );
      return clear >= LEAST_IN ? [boxOf(p[0], p[1], q[0], q[1], 0, clear)] : [];
    }),
  );
  return merged(merged(columns, 'x'), 'y').map(({ x0, x1, y0, y1, z1 }) =>
    boxOn(surface, { alongIn: x0, inIn: y0 }, { alongIn: x1 - x0, inIn: y1 - y0, offIn: z1 }),
  );
}

/** From where to where a compartment is deep, between two heights and two places along it. */
interface Span {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
}

/** How deep the room is over all of a stretch between two heights, or nothing. */
function deepAt(
  cells: readonly Inside[],
  x: number,
  z0: number,
  z1: number,
): readonly [number, number] | null {
  const here = cells.filter(
    (box) => box.x0 <= x && x <= box.x1 && box.z0 < z1 - HAIR_IN && box.z1 > z0 + HAIR_IN,
  );
  const high = here.reduce((sum, box) => sum + Math.min(box.z1, z1) - Math.max(box.z0, z0), 0);
  if (high < z1 - z0 - HAIR_IN) return null;
  const [near, far] = [Math.max(...here.map(({ y0 }) => y0)), Math.min(...here.map(({ y1 }) => y1))];
  return far - near >= LEAST_IN ? [near, far] : null;
}

/**
 * The largest plate that a compartment has room for between two heights, from a place along it on, and as long as asked
 * for; null where it has none. In.
 */
export function plateAt(
  cells: readonly Inside[],
  [z0, z1]: readonly [number, number],
  fromIn: number,
  lengthIn = Infinity,
): Span | null {
  const toIn = fromIn + lengthIn;
  const at = cells.flatMap(({ x0, x1 }) => [x0, x1]).filter((x) => x > fromIn && x < toIn);
  const last = Math.min(toIn, Math.max(fromIn, ...cells.map(({ x1 }) => x1)));
  const columns = spans(edges([fromIn, ...at, last])).map(([x0, x1]) => ({
    x0,
    x1,
    deep: deepAt(cells, (x0 + x1) / 2, z0, z1),
  }));
  let best: Span | null = null;
  for (const [i, first] of columns.entries()) {
    let [y0, y1] = first.deep ?? [0, 0];
    for (const { x1, deep } of columns.slice(i)) {
      if (!deep) break;
      [y0, y1] = [Math.max(y0, deep[0]), Math.min(y1, deep[1])];
      if (y1 <= y0) break;
      const area = (x1 - first.x0) * (y1 - y0);
      if (!best || area > (best.x1 - best.x0) * (best.y1 - best.y0)) best = { x0: first.x0, x1, y0, y1 };
    }
  }
  return best;
}
