import { each, reading } from '../../kernel/index.js';
import type { Box, Component, Shape, Subject } from '../../kernel/index.js';
import { INSIDE, outside, TOPS } from '../../truck/index.js';
import { axles, chosenChassis, roadOf } from '../chassis/index.js';
import { weighedStates } from '../weights/index.js';

export { standOn } from './stand.js';
export type { Ground, Stand } from './stand.js';

/** How far the frame stands above its in-service ride height at each axle in a load state, in. */
export interface Ride {
  id: string;
  name: string;
  frontIn: number;
  rearIn: number;
}

/** How far a place of the truck rises in a load state, in. */
export const riseAt = ({ frontIn, rearIn }: Ride, xIn: number, wheelbaseIn: number): number =>
  frontIn + ((rearIn - frontIn) * xIn) / wheelbaseIn;

/** By how much a spring gives way a pound between the curb weight and the rating, in; none where it has no range. */
const givesWay = (sinkIn: number, curbLb: number, ratedLb: number): number =>
  ratedLb > curbLb ? sinkIn / (ratedLb - curbLb) : 0;

/**
 * The ride height of every load state, between the curb weight and the rating of each axle by its load; the drawing
 * shows the truck in service (formulas: ride height).
 */
export const rides = reading(
  'ride',
  [weighedStates, chosenChassis, axles],
  (states, { chassis }, on): Ride[] => {
    const { sinkFrontIn, sinkRearIn } = roadOf(chassis);
    const front = givesWay(sinkFrontIn, chassis.curb.frontLb, on.front.gawrLb);
    const rear = givesWay(sinkRearIn, chassis.curb.rearLb, on.rear.gawrLb);
    const { weights: inService } = states[0]!;
    return states.map(({ id, name, weights }) => ({
      id,
      name,
      frontIn: (inService.front.loadLb - weights.front.loadLb) * front,
      rearIn: (inService.rear.loadLb - weights.rear.loadLb) * rear,
    }));
  },
);

/** A corner of something that is seen from outside, in. */
export interface Edge {
  componentId: string;
  name: string;
  xIn: number;
  zIn: number;
}

function topsOf({ id, name, shapes }: Component): Edge[] {
  return shapes
    .filter(({ kind }) => !INSIDE.has(kind))
    .flatMap(({ kind, box }: { kind: Shape['kind']; box: Box }) =>
      [box.x0, box.x1].map((xIn) => ({ componentId: id, name: TOPS[kind] ?? name, xIn, zIn: box.z1 })),
    );
}

/** A roof lower than this is no matter for any door, in. */
const LOW_IN = 60;

/** The upper corners of all that is seen from outside, at in-service ride height. */
export const tops = reading('ride', [each('ride', outside, topsOf)], (all): Edge[] =>
  all.flat().filter(({ zIn }) => zIn > LOW_IN),
);

/** How high something stands, and what and when. */
export interface Highest extends Edge {
  state: { id: string; name: string };
}

/** The highest that a truck is in any load state, raised at each place as a state and a road raise it. */
export function highest(
  edges: readonly Edge[],
  states: readonly Ride[],
  wheelbaseIn: number,
  liftedIn: (xIn: number) => number = () => 0,
): Highest | null {
  let found: Highest | null = null;
  for (const ride of states)
    for (const edge of edges) {
      const zIn = edge.zIn + riseAt(ride, edge.xIn, wheelbaseIn) + liftedIn(edge.xIn);
      if (!found || zIn > found.zIn) found = { ...edge, zIn, state: { id: ride.id, name: ride.name } };
    }
  return found;
}

/** How high the truck is on level ground when it rides highest. */
export const unladen = reading('ride', [tops, rides, axles], (edges, states, { wheelbaseIn }) =>
  highest(edges, states, wheelbaseIn),
);

/** How the truck rides: lower laden than empty. */
export const ride: Subject = {
  id: 'ride',
  title: 'Ride height',
  figures: [
    {
      id: 'heightUnladen',
      title: 'Height, unladen',
      unit: 'in',
      note: 'Empty, a truck rides higher than in service: this is the height for doors and bridges.',
      reading: reading('ride', [unladen], (of) => of?.zIn ?? 0),
    },
  ],
};
