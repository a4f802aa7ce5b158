import type { Component, Rig } from '../rig/index.js';
import { mostBent, rearReactionIn, statesOf } from '../weights/index.js';
import type { WeighedState } from '../weights/index.js';
import { worseModel } from './balance-checks.js';
import type { CheckId, Contributor, Finding, Looked } from './types.js';

const MOST = 6;

/** The components aboard in a state that amount to most by some measure, largest first. */
function largest(rig: Rig, state: WeighedState, amountOf: (component: Component, weightLb: number) => number): Contributor[] {
  const { share } = statesOf(rig).find(({ id }) => id === state.id)!;
  const found: { component: Component; amountLb: number }[] = [];
  for (const component of rig.components) {
    const weightLb = component.weightLb * (component.role === 'water' ? state.waterShare : share(component));
    if (weightLb === 0) continue;
    const amountLb = amountOf(component, weightLb);
    if (amountLb <= 0 || (found.length === MOST && amountLb <= found[MOST - 1]!.amountLb)) continue;
    const at = found.findIndex((other) => other.amountLb < amountLb);
    found.splice(at < 0 ? found.length : at, 0, { component, amountLb });
    if (found.length > MOST) found.pop();
  }
  return found.map(({ component, amountLb }) => ({ componentId: component.id, name: component.name, amountLb }));
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

const leaning = (end: 'front' | 'rear') => (rig: Rig, state: WeighedState): Contributor[] => {
  const { leftLb, rightLb } = worseModel(state.weights[end]);
  return toSide(rig, state, rightLb > leftLb ? 1 : -1, rig.axles[end].trackIn);
};

/** What bends the frame most where it bends most: lb as they would weigh at that very place. Beyond the axles it is what hangs there. */
export function bending(rig: Rig, state: WeighedState): Contributor[] {
  const { xIn: at, momentLbIn } = mostBent(rig, [state]);
  const span = rearReactionIn(rig.axles);
  if (at <= 0 || at >= span) return largest(rig, state, (c, w) => (Math.sign(c.xIn - at) === (at <= 0 ? -1 : 1) ? w : 0));
  const reach = (x: number) => (x <= at ? x * (span - at) : at * (span - x));
  return largest(rig, state, (c, w) => (Math.sign(momentLbIn) * w * reach(c.xIn)) / reach(at));
}

const CAUSES: Partial<Record<CheckId, (rig: Rig, state: WeighedState) => Contributor[]>> = {
  frontAxle: onFront, rearAxle: onRear, gross: ofGross, frontShare: liftingFront, frontLeast: liftingFront,
  sideFront: leaning('front'), sideRear: leaning('rear'), roll: raising, frameMoment: bending,
};

/** The components that cause most of a finding, in the load state in which it is worst; none where it is not a matter of weight. */
export function contributorsOf({ rig, states }: Looked, { id, state }: Finding): Contributor[] {
  const worst = states.find((candidate) => candidate.id === state?.id);
  return worst ? (CAUSES[id]?.(rig, worst) ?? []) : [];
}
