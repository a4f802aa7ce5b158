import { feetInches, formatPct } from '../units/index.js';
import { mostBent } from '../weights/index.js';
import type { Check } from './types.js';

/** Static bending of the frame against a share of what its rails resist, where the chassis maker states it. */
export const frameMoment: Check = ({ rig, states }) => {
  const limit = rig.profile.limits.frameMomentPct;
  if (!limit || rig.frameResistingLbIn === null) return null;
  const { state, xIn, momentLbIn } = mostBent(rig, states);
  const actual = (Math.abs(momentLbIn) / rig.frameResistingLbIn) * 100;
  const margin = limit.value - actual;
  const where = xIn >= 0 ? `${feetInches(xIn)} behind the front axle` : `${feetInches(-xIn)} ahead of the front axle`;
  return {
    id: 'frameMoment', title: 'Bending of the frame', status: margin < 0 ? 'fails' : 'holds', actual, limit: limit.value, margin, unit: '%', state: { id: state.id, name: state.name }, basis: limit.basis,
    words: `${formatPct(actual)} of what the rails resist, most ${where}, standing still: an estimate for the builder’s engineer, since the road multiplies it.`,
    steps: ['chassis', 'body'],
  };
};
