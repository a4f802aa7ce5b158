import { reading } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { axles, chosenChassis, roadOf } from '../chassis/index.js';
import { highest, rides, standOn, tops, unladen } from '../ride/index.js';
import type { Ground, Highest } from '../ride/index.js';

/** Which end goes in first. */
export type Way = 'nose' | 'tail';

/**
 * The floor through a door, with the truck's nose to the left: inside level, outside falling away from the door or
 * rising from it. The doorway is at 0; a truck that backs in has the inside to its right.
 */
export const floorThrough =
  (risesPct: number, way: Way): Ground =>
  (at) => {
    const insideIn = way === 'nose' ? -at : at;
    return insideIn < 0 ? (risesPct / 100) * insideIn : 0;
  };

/**
 * How far the threshold of a door lifts a place of the truck that stands just in the doorway, in (formulas: station).
 */
export function liftedAtDoor(xIn: number, wheelbaseIn: number, risesPct: number, way: Way): number {
  const { frontZIn, tipped } = standOn(floorThrough(risesPct, way), -xIn, wheelbaseIn);
  return frontZIn + Math.tan(tipped) * xIn;
}

export interface Doorway {
  rampPct?: number;
  enters: 'backs' | 'drives' | 'both';
}

/** Which ends go in first at a door: a truck that drives through comes in by its nose, and out by its tail. */
export const waysThrough = ({ enters }: Pick<Doorway, 'enters'>): readonly Way[] =>
  enters === 'both' ? ['nose', 'tail'] : enters === 'backs' ? ['tail'] : ['nose'];

/** The highest that passes under a lintel with one end first, over all load states and the ramp before the door. */
export const underLintelBy = reading(
  'station',
  [tops, unladen, rides, axles],
  (edges, onLevel, states, { wheelbaseIn }) =>
    (rampPct: number, way: Way): Highest | null =>
      rampPct === 0
        ? onLevel
        : highest(edges, states, wheelbaseIn, (x) => liftedAtDoor(x, wheelbaseIn, rampPct, way)),
);

/** The highest that passes under it, whichever end goes in first. */
export const underLintel = reading(
  'station',
  [underLintelBy],
  (by) =>
    ({ rampPct = 0, enters }: Doorway): Highest | null =>
      waysThrough({ enters })
        .map((way) => by(rampPct, way))
        .reduce<Highest | null>((most, next) => (!most || (next && next.zIn > most.zIn) ? next : most), null),
);

/** The width that a door or a bridge must let through: body, or mirrors where they are wider, in. */
export const widthAcross = reading('station', [envelope, chosenChassis], ({ widthIn }, { chassis }) => {
  const { mirrorsIn } = roadOf(chassis);
  return mirrorsIn > widthIn
    ? { widthIn: mirrorsIn, what: 'across the mirrors' }
    : { widthIn, what: 'across the body' };
});
