import { boxOf, overlapIn, reading } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import { doorway, onTruck } from '../../truck/index.js';
import type { Inside } from '../../truck/index.js';
import { placedAll } from './place.js';
import type { Placed } from './place.js';
import { outOf } from './surfaces.js';

/** Where something of a fitting, or on it, is when the fitting is out (formulas: surfaces). */
export function whenOut(placed: Placed, { x0, x1, y0, y1, z0, z1 }: Inside): Inside {
  const { line, part, takes } = placed;
  if (part.kind !== 'swingBoard') {
    const [out, down] = [outOf(placed), part.downIn ?? 0];
    return boxOf(x0, x1, y0 - out, y1 - out, z0 - down, z1 - down);
  }
  // A quarter turn about its hinge: what was along the door stands out from it.
  return line.hinge === 'rear'
    ? boxOf(takes.x1 - (y1 - takes.y0), takes.x1 - (y0 - takes.y0), x0 - takes.x1, x1 - takes.x1, z0, z1)
    : boxOf(takes.x0 + y0 - takes.y0, takes.x0 + y1 - takes.y0, takes.x0 - x1, takes.x0 - x0, z0, z1);
}

/** What a fitting takes when it is out, with the way that it tips; null where it stays in. */
export function openedBox(placed: Placed): Inside | null {
  if (outOf(placed) === 0) return null;
  const out = whenOut(placed, placed.takes);
  return { ...out, z1: placed.takes.z1 };
}

/** A fitting that is open, as a box of the truck. */
export interface Opened {
  placed: Placed;
  box: Box;
}

/** Everything that comes out, each open. */
export const openedAll = reading('shelving', [placedAll], (all): Opened[] =>
  all.flatMap((placed) => {
    const box = openedBox(placed);
    return box ? [{ placed, box: onTruck(placed.compartment, box) }] : [];
  }),
);

/** Two that run into each other when both are open, and how far, in. */
export interface OpenClash {
  a: Placed;
  b: Placed;
  byIn: number;
}

export const openClashes = reading('shelving', [openedAll], (all): OpenClash[] =>
  all.flatMap(({ placed: a, box }, i) =>
    all.slice(i + 1).flatMap(({ placed: b, box: other }) => {
      const byIn = overlapIn(box, other);
      return byIn > 0 ? [{ a, b, byIn }] : [];
    }),
  ),
);

/** What no tape shows, in. */
const HAIR_IN = 0.05;

/** By how much a fitting that comes out is too wide or too high for its doorway, in; 0 where it goes through. */
export function stuckIn(placed: Placed): number {
  if (outOf(placed) === 0) return 0;
  const { x0, x1, top } = doorway(placed.compartment);
  const { takes } = placed;
  const by = Math.max(x0 - takes.x0, takes.x1 - x1, takes.z1 - top);
  return by > HAIR_IN ? by : 0;
}
