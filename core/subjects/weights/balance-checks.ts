import { check, limitOf, reading } from '../../kernel/index.js';
import type { Check } from '../../kernel/index.js';
import { formatPct, lb } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { worstBy } from './axle-checks.js';
import { leaning, raising, worseModel } from './causes.js';
import { tiltEstimateDeg } from './roll.js';
import { weighedStates } from './states.js';
import type { WeighedState } from './states.js';

/** Nearer to the limit than this, percent of the axle's load, is a caution. */
const SIDES_COMFORT_PCT = 1;

const sideCheck = (id: 'sideFront' | 'sideRear'): Check => {
  const end = id === 'sideFront' ? 'front' : 'rear';
  return check(
    'weights',
    {
      id,
      title: `Side to side, ${end}`,
      steps: ['equipment', 'ladders'],
      mendedBy: ['load', 'sides'],
      causes: leaning(end),
    },
    [weighedStates, limitOf('sideImbalancePct')],
    (states, limit) => {
      if (!limit) return null;
      const sidesOf = ({ weights }: WeighedState) => worseModel(weights[end]);
      const state = worstBy(states, (s) => sidesOf(s).imbalancePct);
      const { imbalancePct, leftLb, rightLb } = sidesOf(state);
      const margin = limit.value - imbalancePct;
      const heavier = rightLb > leftLb ? 'officer’s' : 'driver’s';
      return {
        status: margin < 0 ? 'fails' : margin < SIDES_COMFORT_PCT ? 'caution' : 'holds',
        comfort: SIDES_COMFORT_PCT,
        actual: imbalancePct,
        limit: limit.value,
        margin,
        unit: '%',
        state: { id: state.id, name: state.name },
        basis: limit.basis,
        words: `${formatPct(imbalancePct)} of the axle’s load: the ${heavier} side carries ${lb(Math.abs(rightLb - leftLb))} more.`,
      };
    },
  );
};

/** What tires and springs take of the threshold where no profile says, percent (formulas: rolling over). */
const USUAL_COMPLIANCE_PCT = 20;
export const compliancePct = reading(
  'weights',
  [limitOf('compliancePct')],
  (limit) => limit?.value ?? USUAL_COMPLIANCE_PCT,
);

/** The state in which the truck would roll over first, with its tilt rigid and as a tilt table would show it. */
export const leastTilt = reading('weights', [weighedStates, compliancePct], (states, compliance) => {
  const state = worstBy(states, ({ weights }) => -weights.staticRollThresholdG);
  const { staticRollThresholdG: thresholdG, tiltAngleDeg: rigidDeg } = state.weights;
  return { state, rigidDeg, estimateDeg: tiltEstimateDeg(thresholdG, compliance), compliance };
});

/** Height of the center of gravity, or tilt, or stability control: one is enough; by control alone is a caution. */
const roll = check(
  'weights',
  {
    id: 'roll',
    title: 'Height of center of gravity',
    steps: ['tank', 'body'],
    mendedBy: ['load'],
    causes: raising,
  },
  [
    weighedStates,
    leastTilt,
    limitOf('cgHeightToTrackPct'),
    limitOf('tiltEstimateDeg'),
    limitOf('tiltDeg'),
    chosenChassis,
  ],
  (
    states,
    { rigidDeg, estimateDeg, compliance },
    height,
    estimate,
    rigid,
    { chassis: { stabilityControl } },
  ) => {
    if (!height) return null;
    const state = worstBy(states, (s) => s.weights.cgHeightToTrackPct);
    const { cgHeightToTrackPct: actual } = state.weights;
    const low = actual <= height.value;
    const tilts =
      (estimate !== null && estimateDeg >= estimate.value) || (rigid !== null && rigidDeg >= rigid.value);
    const tilt = `tilt ${estimateDeg.toFixed(1)}° by estimate (${rigidDeg.toFixed(1)}° rigid, less ${formatPct(compliance)} for tires and springs)`;
    const how = low
      ? `Within ${formatPct(height.value)} of the rear track; ${tilt}.`
      : tilts
        ? `Above ${formatPct(height.value)} of the rear track, but holds by tilt: ${tilt}.`
        : stabilityControl
          ? `Holds by stability control alone; ${tilt}.`
          : `Neither height nor tilt holds and this chassis has no stability control; ${tilt}.`;
    return {
      status: low || tilts ? 'holds' : stabilityControl ? 'caution' : 'fails',
      actual,
      limit: height.value,
      margin: height.value - actual,
      unit: '%',
      state: { id: state.id, name: state.name },
      basis: height.basis,
      words: `${formatPct(actual)} of the rear track. ${how}`,
      ...(low ? {} : tilts ? { by: 'by tilt' } : stabilityControl ? { by: 'by stability control' } : {}),
    };
  },
);

export const balanceChecks: Check[] = [sideCheck('sideFront'), sideCheck('sideRear'), roll];
