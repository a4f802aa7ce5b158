import { boxOf } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import { doorway, onFace } from '../../truck/index.js';
import type { Compartment, OnSurface, Surface } from '../../truck/index.js';
import { layOf, posesOf } from '../equipment/index.js';
import type { Equipment, Lay } from '../equipment/index.js';

/**
 * Rectangles that are still free on a surface, as the surface has them: x along it, y across, z as far as it is clear.
 * They overlap: each is as large as it can be (formulas: packing).
 */
export type Free = Box;

/** What no tape shows, in. */
const HAIR_IN = 0.05;
const holds = (outer: Free, inner: Free): boolean =>
  outer.x0 <= inner.x0 + HAIR_IN &&
  outer.x1 >= inner.x1 - HAIR_IN &&
  outer.y0 <= inner.y0 + HAIR_IN &&
  outer.y1 >= inner.y1 - HAIR_IN &&
  outer.z1 >= inner.z1 - HAIR_IN;

/** Without those that are within another. */
function pruned(all: readonly Free[]): Free[] {
  const kept: Free[] = [];
  for (const [i, one] of all.entries())
    if (!all.some((other, k) => k !== i && holds(other, one) && (k < i || !holds(one, other))))
      kept.push(one);
  return kept;
}

const edges = (values: number[]): number[] => [...new Set(values)].sort((a, b) => a - b);

/** The largest rectangles of some that lie side by side, all of them clear to at least a height. */
function rectanglesOf(cells: readonly Box[], clear: number): Free[] {
  const open = cells.filter(({ z1 }) => z1 >= clear - HAIR_IN);
  const xs = edges(open.flatMap(({ x0, x1 }) => [x0, x1]));
  const ys = edges(open.flatMap(({ y0, y1 }) => [y0, y1]));
  const isOpen = (x: number, y: number) =>
    open.some(({ x0, x1, y0, y1 }) => x0 <= x && x < x1 && y0 <= y && y < y1);
  const found: Free[] = [];
  for (let i = 0; i < xs.length - 1; i++)
    for (let j = 0; j < ys.length - 1; j++) {
      // As wide as the row below goes on; each row further may end it sooner.
      let last = xs.length - 1;
      for (let k = j; k < ys.length - 1; k++) {
        let end = i;
        while (end < last && isOpen(xs[end]!, ys[k]!)) end++;
        if (end === i) break;
        last = end;
        found.push(boxOf(xs[i]!, xs[end]!, ys[j]!, ys[k + 1]!, 0, clear));
      }
    }
  return pruned(found);
}

/** What is free on a surface with nothing on it: behind the doorway, as large as it can be. */
export function freeOn(surface: Surface, compartment: Compartment): Free[] {
  if (surface.tubes !== null) return [];
  const { x0, x1, top } = doorway(compartment);
  const cells = surface.room
    .map((box) => ({ ...box, x0: Math.max(box.x0, x0), x1: Math.min(box.x1, x1), z1: Math.min(box.z1, top) }))
    .filter((box) => box.x1 > box.x0 && box.z1 > box.z0)
    .map((box) => onFace(surface, box));
  return pruned(edges(cells.map(({ z1 }) => z1)).flatMap((clear) => rectanglesOf(cells, clear)));
}

/** What is left of free rectangles when something takes one, each again as large as it can be. */
export function freeAfter(free: readonly Free[], taken: Box): Free[] {
  const left: Free[] = [];
  for (const one of free) {
    const apart =
      taken.x0 >= one.x1 - HAIR_IN ||
      taken.x1 <= one.x0 + HAIR_IN ||
      taken.y0 >= one.y1 - HAIR_IN ||
      taken.y1 <= one.y0 + HAIR_IN;
    if (apart) left.push(one);
    else {
      if (taken.x0 > one.x0 + HAIR_IN) left.push({ ...one, x1: taken.x0 });
      if (taken.x1 < one.x1 - HAIR_IN) left.push({ ...one, x0: taken.x1 });
      if (taken.y0 > one.y0 + HAIR_IN) left.push({ ...one, y1: taken.y0 });
      if (taken.y1 < one.y1 - HAIR_IN) left.push({ ...one, y0: taken.y1 });
    }
  }
  return pruned(left);
}

/** A line's place on a surface. */
export interface Spot {
  at: OnSurface;
  lay: Lay;
  rows: number;
  taken: Box;
}

/** So many ways of standing in rows are tried. */
const MOST_ROWS = 4;

/** The ways in which so many pieces may lie on a surface, the usual one first. */
export function laysOn(part: Equipment, count: number, surface: Surface): Lay[] {
  return posesOf(part).flatMap((pose) => {
    const usual = layOf(part, count, surface, pose);
    const others = Array.from({ length: Math.min(MOST_ROWS, usual.along * usual.across) }, (_, i) => i + 1);
    return [
      usual,
      ...others
        .filter((rows) => rows !== usual.across)
        .map((rows) => layOf(part, count, surface, pose, rows)),
    ];
  });
}

/**
 * The best of the free rectangles for a line, in the pose in which least is lost beside it; the front one of several
 * alike. Null where it goes into none.
 */
export function spotFor(free: readonly Free[], lays: readonly Lay[]): Spot | null {
  let [best, least]: [Spot | null, number] = [null, Infinity];
  for (const lay of lays) {
    const { alongIn, inIn, offIn } = lay.all;
    for (const { x0, x1, y0, y1, z1 } of free) {
      const [beside, behind] = [x1 - x0 - alongIn, y1 - y0 - inIn];
      if (beside < -HAIR_IN || behind < -HAIR_IN || z1 < offIn - HAIR_IN) continue;
      // What is lost beside it, then over it, then how far in it is.
      const lost = Math.min(beside, behind) + (z1 - offIn) * 0.2 + y0 * 0.05;
      if (lost < least - 1e-9) {
        least = lost;
        best = {
          at: { alongIn: x0, inIn: y0 },
          lay,
          rows: lay.across,
          taken: boxOf(x0, x0 + alongIn, y0, y0 + inIn, 0, offIn),
        };
      }
    }
  }
  return best;
}
