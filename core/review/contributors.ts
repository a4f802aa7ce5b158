import type { Component, Rig } from '../rig/index.js';
import { LOAD_STATES, rearReactionIn } from '../weights/index.js';
import type { WeighedState } from '../weights/index.js';
import type { Contributor } from './types.js';

const MOST = 6;

/** The components aboard in a state, with the water there is. */
function aboard(rig: Rig, state: WeighedState): { component: Component; weightLb: number }[] {
  const off = LOAD_STATES.find(({ id }) => id === state.id)!.off;
  return rig.components
    .filter((component) => !off.includes(component.role))
    .map((component) => ({ component, weightLb: component.role === 'water' ? component.weightLb * state.waterShare : component.weightLb }));
}

function largest(rig: Rig, state: WeighedState, amountOf: (component: Component, weightLb: number) => number): Contributor[] {
  return aboard(rig, state)
    .map(({ component, weightLb }) => ({ componentId: component.id, name: component.name, amountLb: amountOf(component, weightLb) }))
    .filter((contributor) => contributor.amountLb > 0)
    .sort((a, b) => b.amountLb - a.amountLb)
    .slice(0, MOST);
}

/** What loads the front axle most in a state, lb on that axle. */
export function onFront(rig: Rig, state: WeighedState): Contributor[] {
  const xr = rearReactionIn(rig.axles);
  return largest(rig, state, (c, w) => w * (1 - c.xIn / xr));
}

/** What loads the rear axle most in a state, lb on that axle. */
export function onRear(rig: Rig, state: WeighedState): Contributor[] {
  const xr = rearReactionIn(rig.axles);
  return largest(rig, state, (c, w) => (w * c.xIn) / xr);
}

/** What takes weight off the front axle most in a state, lb lifted from it. */
export function liftingFront(rig: Rig, state: WeighedState): Contributor[] {
  const xr = rearReactionIn(rig.axles);
  return largest(rig, state, (c, w) => -w * (1 - c.xIn / xr));
}

/** What weighs most in a state, lb. */
export const ofGross = (rig: Rig, state: WeighedState): Contributor[] => largest(rig, state, (_, w) => w);

/** What loads one side most in a state: lb shifted to that side, by the moment over the axle's half track. */
export const toSide = (rig: Rig, state: WeighedState, side: -1 | 1, trackIn: number): Contributor[] =>
  largest(rig, state, (c, w) => (side * w * c.yIn) / (trackIn / 2));

/** What raises the centre of gravity most in a state: lb by its height over the truck's own. */
export const raising = (rig: Rig, state: WeighedState): Contributor[] =>
  largest(rig, state, (c, w) => (w * (c.zIn - state.weights.cg.zIn)) / state.weights.cg.zIn);
