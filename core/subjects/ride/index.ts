import { each, reading } from '../../kernel/index.js';
import type { Component, Subject } from '../../kernel/index.js';
import { clumps, INSIDE, TOPS } from '../../truck/index.js';
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

/** A roof lower than this is no matter for any door, in. */
const LOW_IN = 60;

/** The upper corners of what is seen of some components from outside. */
function topsOf(clump: readonly Component[]): Edge[] {
  const edges: Edge[] = [];
  for (const { id, name, shapes } of clump)
    for (const { kind, box } of shapes) {
      if (INSIDE.has(kind) || box.z1 <= LOW_IN) continue;
      for (const xIn of [box.x0, box.x1])
        edges.push({ componentId: id, name: TOPS[kind] ?? name, xIn, zIn: box.z1 });
    }
  return edges;
}

/** The upper corners of all that is seen from outside, at in-service ride height. */
export const tops = reading('ride', [each('ride', clumps, topsOf)], (all): Edge[] => all.flat());

/**
 * Those of them that can be highest however the truck is tipped: what lies under a line between two others never is.
 */
const skyline = reading('ride', [tops], (edges): Edge[] => {
  const above: Edge[] = [];
  for (const edge of [...edges].sort((a, b) => a.xIn - b.xIn || a.zIn - b.zIn)) {
    while (above.length > 1) {
      const [a, b] = [above.at(-2)!, above.at(-1)!];
      const under = (b.xIn - a.xIn) * (edge.zIn - a.zIn) - (b.zIn - a.zIn) * (edge.xIn - a.xIn) >= 0;
      if (!under) break;
      above.pop();
    }
    above.push(edge);
  }
  return above;
});

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
  for (const edge of edges) {
    const lifted = edge.zIn + liftedIn(edge.xIn);
    for (const ride of states) {
      const zIn = lifted + riseAt(ride, edge.xIn, wheelbaseIn);
      if (!found || zIn > found.zIn) found = { ...edge, zIn, state: { id: ride.id, name: ride.name } };
    }
  }
  return found;
}

/** How high the truck is on level ground when it rides highest. */
export const unladen = reading('ride', [skyline, rides, axles], (edges, states, { wheelbaseIn }) =>
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
