import { reading } from '../../kernel/index.js';
import { envelope } from '../../truck/index.js';
import { axles, chosenChassis, roadOf } from '../chassis/index.js';
import { highest, rides, tops } from '../ride/index.js';
import type { Highest } from '../ride/index.js';

/** Which end goes in first. */
export type Way = 'nose' | 'tail';

/**
 * How far the threshold of a door lifts a place of the truck that stands just in the doorway, in: inside the floor is
 * level, outside it falls away from the door or rises from it (formulas: station).
 */
export function liftedAtDoor(xIn: number, wheelbaseIn: number, risesPct: number, way: Way): number {
  const ground = (insideIn: number) => (insideIn < 0 ? (risesPct / 100) * insideIn : 0);
  // Both axles by how far they are within the door when this place passes it.
  const front = ground(way === 'nose' ? xIn : -xIn);
  const rear = ground(way === 'nose' ? xIn - wheelbaseIn : wheelbaseIn - xIn);
  return front + ((rear - front) * xIn) / wheelbaseIn;
}

/** The ways in which a truck goes through the door of a station. */
const WAYS: Record<'backs' | 'drives' | 'both', readonly Way[]> = {
  backs: ['tail'],
  drives: ['nose'],
  both: ['nose', 'tail'],
};

export interface Doorway {
  rampPct?: number;
  enters: 'backs' | 'drives' | 'both';
}

/** The highest that passes under a lintel, over all load states and the ramp before the door. */
export const underLintel = reading(
  'station',
  [tops, rides, axles],
  (edges, states, { wheelbaseIn }) =>
    ({ rampPct = 0, enters }: Doorway): Highest | null =>
      WAYS[enters]
        .map((way) => highest(edges, states, wheelbaseIn, (x) => liftedAtDoor(x, wheelbaseIn, rampPct, way)))
        .reduce((most, next) => (!most || (next && next.zIn > most.zIn) ? next : most), null),
);

/** The width that a door or a bridge must let through: body, or mirrors where they are wider, in. */
export const widthAcross = reading('station', [envelope, chosenChassis], ({ widthIn }, { chassis }) => {
  const { mirrorsIn } = roadOf(chassis);
  return mirrorsIn > widthIn
    ? { widthIn: mirrorsIn, what: 'across the mirrors' }
    : { widthIn, what: 'across the body' };
});
