import type { Component, Contributor, Evaluation, Finding } from '../../kernel/index.js';
import { components, rearShareAt } from '../../truck/index.js';
import { axles } from '../chassis/index.js';
import { loadStates, weighedStates } from './states.js';
import type { WeighedState } from './states.js';
import type { AxleWeights, Sides } from './weigh.js';

/** So many causes of a finding are told. */
const MOST = 6;

/** The worse of the two models of the frame: the sides are judged by it. */
export const worseModel = (axle: AxleWeights): Sides =>
  axle.flexible.imbalancePct > axle.rigid.imbalancePct ? axle.flexible : axle.rigid;

/**
 * The components aboard in the state in which a finding is worst that amount to most by some measure, largest
 * first; none where it is not a matter of states.
 */
export function largest(
  evaluation: Evaluation,
  { state }: Finding,
  amountIn: (state: WeighedState) => (component: Component, weightLb: number) => number,
): Contributor[] {
  const weighed = evaluation.read(weighedStates).find(({ id }) => id === state?.id);
  const loaded = evaluation.read(loadStates).find(({ id }) => id === state?.id);
  if (!weighed || !loaded) return [];
  const amountOf = amountIn(weighed);
  return evaluation
    .read(components)
    .flatMap((component): Contributor[] => {
      const weightLb =
        component.weightLb * (component.role === 'water' ? weighed.waterShare : loaded.share(component));
      const amountLb = weightLb === 0 ? 0 : amountOf(component, weightLb);
      return amountLb > 0 ? [{ componentId: component.id, name: component.name, amountLb }] : [];
    })
    .sort((a, b) => b.amountLb - a.amountLb)
    .slice(0, MOST);
}

type Causes = (evaluation: Evaluation, finding: Finding) => Contributor[];

const onAxle =
  (measure: (rearShare: number) => number): Causes =>
  (evaluation, finding) => {
    const on = evaluation.read(axles);
    return largest(
      evaluation,
      finding,
      () =>
        ({ xIn }, w) =>
          w * measure(rearShareAt(on, xIn)),
    );
  };

/** What loads the front axle most, lb on that axle. */
export const onFront = onAxle((rearShare) => 1 - rearShare);

/** What loads the rear axle most, lb on that axle. */
export const onRear = onAxle((rearShare) => rearShare);

/** What takes weight off the front axle most, lb lifted from it. */
export const liftingFront = onAxle((rearShare) => rearShare - 1);

/** What weighs most, lb. */
export const ofGross: Causes = (evaluation, finding) => largest(evaluation, finding, () => (_, w) => w);

/** What raises the center of gravity most: lb by its height over the truck's own. */
export const raising: Causes = (evaluation, finding) =>
  largest(
    evaluation,
    finding,
    ({ weights: { cg } }) =>
      ({ zIn }, w) =>
        (w * (zIn - cg.zIn)) / cg.zIn,
  );

/** What loads one side most: lb shifted to that side, by the moment over the axle's half track. */
export const leaning =
  (end: 'front' | 'rear'): Causes =>
  (evaluation, finding) => {
    const { trackIn } = evaluation.read(axles)[end];
    return largest(evaluation, finding, ({ weights }) => {
      const { leftLb, rightLb } = worseModel(weights[end]);
      const side = rightLb > leftLb ? 1 : -1;
      return ({ yIn }, w) => (side * w * yIn) / (trackIn / 2);
    });
  };
