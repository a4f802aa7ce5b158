import { each, settling } from '../../kernel/index.js';
import type { Component } from '../../kernel/index.js';
import { clumps, INSIDE } from '../../truck/index.js';

/** A place on the plan of a truck: aft of the front axle, and to the officer's side; in. */
export interface OnPlan {
  xIn: number;
  yIn: number;
}

/** Which way three places turn: more than 0 where the last lies to the left of the way from the first. */
const turns = (a: OnPlan, b: OnPlan, c: OnPlan): number =>
  (b.xIn - a.xIn) * (c.yIn - a.yIn) - (b.yIn - a.yIn) * (c.xIn - a.xIn);

/** The smallest convex outline of some places, in order around it (Andrew's monotone chain). */
export function hullOf(places: readonly OnPlan[]): OnPlan[] {
  if (places.length < 3) return [...places];
  const sorted = [...places].sort((a, b) => a.xIn - b.xIn || a.yIn - b.yIn);
  const half = (of: readonly OnPlan[]): OnPlan[] => {
    const chain: OnPlan[] = [];
    for (const place of of) {
      while (chain.length > 1 && turns(chain.at(-2)!, chain.at(-1)!, place) <= 0) chain.pop();
      chain.push(place);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

/** The outline of what is seen of some components from above, as wide on either side as on the wider one. */
const outlineOf = (clump: readonly Component[]): OnPlan[] =>
  hullOf(
    clump.flatMap(({ shapes }) =>
      shapes
        .filter(({ kind }) => !INSIDE.has(kind))
        .flatMap(({ box }) => {
          const half = Math.max(Math.abs(box.y0), Math.abs(box.y1));
          return [box.x0, box.x1].flatMap((xIn) => [-half, half].map((yIn) => ({ xIn, yIn })));
        }),
    ),
  );

/**
 * The outline of all that is seen of a truck from above, body, bumper, tail and device: what sweeps through a corner.
 * It is as wide on either side as on the wider one, so that both turns are judged alike.
 */
export const outline = settling('streets', [each('streets', clumps, outlineOf)], (all): OnPlan[] =>
  hullOf(all.flat()),
);
