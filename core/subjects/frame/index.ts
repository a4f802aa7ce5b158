import { check, heldTo, limitKind, limitOf, reading } from '../../kernel/index.js';
import type { Component, Contributor, Evaluation, Finding, Subject } from '../../kernel/index.js';
import { rearReactionIn } from '../../truck/index.js';
import { feetInches, formatPct } from '../../units/index.js';
import { axles, chosenChassis } from '../chassis/index.js';
import { largest } from '../weights/index.js';
import { bentInStates, mostBent } from './loads.js';

export { bentInStates, frameLoads, reach, mostBent } from './loads.js';
export type { FrameLoads, FrameStation } from './loads.js';
export { FRAME_CAUTION, frameReport } from './report.js';
export type { FrameReport } from './report.js';

const limits = {
  frameMomentPct: limitKind('Bending of the frame, share of its resisting moment', '%', 'most', 5, 100),
};

/** A figure of a place along the truck, over the places where a component rests, each by its share. */
const overRests = ({ rests }: Component, of: (xIn: number) => number): number =>
  rests.reduce((sum, { share, fromIn, toIn }) => sum + share * of((fromIn + toIn) / 2), 0);

/**
 * What bends the frame most where it bends most: lb as they would weigh at that very place. Beyond the axles
 * it is what hangs there.
 */
function bending(evaluation: Evaluation, finding: Finding): Contributor[] {
  const span = rearReactionIn(evaluation.read(axles));
  const bent = evaluation.read(bentInStates).find(({ id }) => id === finding.state?.id);
  if (!bent) return [];
  const { xIn: at, momentLbIn } = bent;
  if (at <= 0 || at >= span)
    return largest(
      evaluation,
      finding,
      () => (component, w) =>
        w * overRests(component, (xIn) => (Math.sign(xIn - at) === (at <= 0 ? -1 : 1) ? 1 : 0)),
    );
  const reach = (x: number) => (x <= at ? x * (span - at) : at * (span - x));
  return largest(
    evaluation,
    finding,
    () => (component, w) => (Math.sign(momentLbIn) * w * overRests(component, reach)) / reach(at),
  );
}

const resistingLbIn = reading('frame', [chosenChassis], ({ chassis }) => chassis.frame.resistingLbIn ?? null);

/** Static bending of the frame against a share of what its rails resist, where the chassis maker states it. */
const frameMoment = check(
  'frame',
  {
    id: 'frameMoment',
    title: 'Bending of the frame',
    steps: ['chassis', 'body'],
    mendedBy: ['load'],
    causes: bending,
  },
  [limitOf('frameMomentPct'), resistingLbIn, mostBent],
  (limit, resisting, bent) => {
    if (!limit || resisting === null) return null;
    const { id, name, xIn, momentLbIn } = bent;
    const actual = (Math.abs(momentLbIn) / resisting) * 100;
    const where =
      xIn >= 0 ? `${feetInches(xIn)} behind the front axle` : `${feetInches(-xIn)} ahead of the front axle`;
    return heldTo(
      'most',
      '%',
      actual,
      limit,
      `${formatPct(actual)} of what the rails resist, most ${where}, standing still: an estimate for the builder’s engineer, since the road multiplies it.`,
      { id, name },
    );
  },
);

/** What the frame carries along the truck, and how it bends. */
export const frame: Subject = { id: 'frame', title: 'Along the frame', limits, checks: [frameMoment] };
