import { boxOf } from './shapes.js';
import type { Box } from './shapes.js';

/** Extents that only touch, or are closer than a hair, do not run into each other, in. */
const HAIR_IN = 0.05;

/** How far two boxes reach into each other: the least that either must move to be clear, in; 0 where they are apart. */
export function overlapIn(a: Box, b: Box): number {
  const x = Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0);
  if (x <= HAIR_IN) return 0;
  const y = Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0);
  if (y <= HAIR_IN) return 0;
  const z = Math.min(a.z1, b.z1) - Math.max(a.z0, b.z0);
  return z <= HAIR_IN ? 0 : Math.min(x, y, z);
}

/** What is left of a box without another: up to six boxes that do not overlap. */
function withoutOne(box: Box, cut: Box): Box[] {
  if (overlapIn(box, cut) === 0) return [box];
  const left: Box[] = [];
  const { y0, y1, z0, z1 } = box;
  const [x0, x1] = [Math.max(box.x0, cut.x0), Math.min(box.x1, cut.x1)];
  const [m0, m1] = [Math.max(y0, cut.y0), Math.min(y1, cut.y1)];
  if (x0 > box.x0) left.push(boxOf(box.x0, x0, y0, y1, z0, z1));
  if (x1 < box.x1) left.push(boxOf(x1, box.x1, y0, y1, z0, z1));
  if (m0 > y0) left.push(boxOf(x0, x1, y0, m0, z0, z1));
  if (m1 < y1) left.push(boxOf(x0, x1, m1, y1, z0, z1));
  if (cut.z0 > z0) left.push(boxOf(x0, x1, m0, m1, z0, cut.z0));
  if (cut.z1 < z1) left.push(boxOf(x0, x1, m0, m1, cut.z1, z1));
  return left;
}

/** What is left of a box without others, as boxes that do not overlap each other. */
export const without = (box: Box, cuts: readonly Box[]): Box[] =>
  cuts.reduce((left, cut) => left.flatMap((part) => withoutOne(part, cut)), [box]);

/** A box grown by so much on every side, in. */
export const grown = ({ x0, x1, y0, y1, z0, z1 }: Box, by: number): Box =>
  boxOf(x0 - by, x1 + by, y0 - by, y1 + by, z0 - by, z1 + by);

/** A place on the truck, in. */
export interface Point {
  xIn: number;
  yIn: number;
  zIn: number;
}

export const middleOf = ({ x0, x1, y0, y1, z0, z1 }: Box): Point => ({
  xIn: (x0 + x1) / 2,
  yIn: (y0 + y1) / 2,
  zIn: (z0 + z1) / 2,
});

/** The six sides of a box together, in². */
export function surfaceOf({ x0, x1, y0, y1, z0, z1 }: Box): number {
  const [long, wide, high] = [x1 - x0, y1 - y0, z1 - z0];
  return 2 * (long * wide + long * high + wide * high);
}

/** Room that a box takes, in³. */
export const volumeOf = ({ x0, x1, y0, y1, z0, z1 }: Box): number => (x1 - x0) * (y1 - y0) * (z1 - z0);

/** The box around some. @throws RangeError where there is none. */
export function around(boxes: readonly Box[]): Box {
  const [first] = boxes;
  if (!first) throw new RangeError('there is nothing to go around');
  const all = { ...first };
  for (const { x0, x1, y0, y1, z0, z1 } of boxes) {
    if (x0 < all.x0) all.x0 = x0;
    if (x1 > all.x1) all.x1 = x1;
    if (y0 < all.y0) all.y0 = y0;
    if (y1 > all.y1) all.y1 = y1;
    if (z0 < all.z0) all.z0 = z0;
    if (z1 > all.z1) all.z1 = z1;
  }
  return boxOf(all.x0, all.x1, all.y0, all.y1, all.z0, all.z1);
}
