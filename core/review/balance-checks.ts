import { lb, formatPct } from '../units/index.js';
import type { AxleWeights, Sides, WeighedState } from '../weights/index.js';
import { worstBy } from './axle-checks.js';
import type { Check } from './types.js';

/** The worse of the two models of the frame: the sides are judged by it. */
export const worseModel = (axle: AxleWeights): Sides => (axle.flexible.imbalancePct > axle.rigid.imbalancePct ? axle.flexible : axle.rigid);

/** Nearer to the limit than this, percent of the axle's load, is a caution. */
const SIDES_COMFORT_PCT = 1;

const sideCheck = (id: 'sideFront' | 'sideRear'): Check => ({ rig, states }) => {
  const limit = rig.profile.limits.sideImbalancePct;
  if (!limit) return null;
  const axleOf = (state: WeighedState): AxleWeights => (id === 'sideFront' ? state.weights.front : state.weights.rear);
  const state = worstBy(states, (s) => worseModel(axleOf(s)).imbalancePct);
  const sides = worseModel(axleOf(state));
  const margin = limit.value - sides.imbalancePct;
  const heavier = sides.rightLb > sides.leftLb ? 'officer’s' : 'driver’s';
  return {
    id, title: id === 'sideFront' ? 'Side to side, front' : 'Side to side, rear',
    status: margin < 0 ? 'fails' : margin < SIDES_COMFORT_PCT ? 'caution' : 'holds', comfort: SIDES_COMFORT_PCT,
    actual: sides.imbalancePct, limit: limit.value, margin, unit: '%', state: { id: state.id, name: state.name }, basis: limit.basis,
    words: `${formatPct(sides.imbalancePct)} of the axle’s load: the ${heavier} side carries ${lb(Math.abs(sides.rightLb - sides.leftLb))} more.`,
    steps: ['equipment', 'ladders'],
  };
};

export const sideFront = sideCheck('sideFront');
export const sideRear = sideCheck('sideRear');

/** Height of the centre of gravity, or tilt, or stability control: one of them is enough; by control alone is a caution. */
export const roll: Check = ({ rig, states }) => {
  const { cgHeightToTrackPct, tiltDeg } = rig.profile.limits;
  if (!cgHeightToTrackPct || !tiltDeg) return null;
  const state = worstBy(states, (s) => s.weights.cgHeightToTrackPct);
  const { cgHeightToTrackPct: actual, tiltAngleDeg } = state.weights;
  const low = actual <= cgHeightToTrackPct.value;
  const tilts = tiltAngleDeg >= tiltDeg.value;
  const tilt = `rigid tilt angle ${tiltAngleDeg.toFixed(1)}° (tyres and springs make the real one smaller)`;
  const how = low
    ? `Within ${formatPct(cgHeightToTrackPct.value)} of the rear track; ${tilt}.`
    : tilts
      ? `Above ${formatPct(cgHeightToTrackPct.value)} of the rear track, but holds by tilt: ${tilt}.`
      : rig.stabilityControl
        ? `Holds by stability control alone; ${tilt}.`
        : `Neither height nor tilt holds and this chassis has no stability control; ${tilt}.`;
  return {
    id: 'roll', title: 'Height of centre of gravity', status: low || tilts ? 'holds' : rig.stabilityControl ? 'caution' : 'fails',
    actual, limit: cgHeightToTrackPct.value, margin: cgHeightToTrackPct.value - actual, unit: '%', state: { id: state.id, name: state.name },
    basis: cgHeightToTrackPct.basis, words: `${formatPct(actual)} of the rear track. ${how}`,
    ...(low ? {} : tilts ? { by: 'by tilt' } : rig.stabilityControl ? { by: 'by stability control' } : {}), steps: ['tank', 'body'],
  };
};
