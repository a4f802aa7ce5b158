import type { StepId } from '../rig/index.js';

/** What every screen and paper says of its figures. */
export const PLANNING_CAUTION =
  'Planning figures, not a certification. The makers’ ratings, the adopted edition of the standard and the authority having jurisdiction decide; the finished truck must be weighed and tested.';

/** What is said of a step where the work can hurt someone. */
export const CAUTIONS = {
  chassis: 'An axle over its rating can fail in steering, braking or tyre: no rating is a target.',
  device: 'Stability with the device raised is not judged here: the maker’s certified load chart and set-up rules decide, and power lines are kept clear of.',
  pump: 'Pumps, hose and couplings hold pressure that can injure: ratings and service tests are the makers’ and the adopted standard’s.',
  tank: 'A part-filled tank raises the risk of rolling over; tyres and springs make the real tilt angle smaller than the rigid one.',
  ladders: 'Ladders and racks are moved by people near traffic: their makers’ instructions decide.',
  fittings: 'Electric work is for licensed people; a raised mast is kept clear of power lines.',
} satisfies Partial<Record<StepId, string>>;

/** What a screen or a paper says beside a step where the work can hurt someone. */
export const cautionsFor = (step: StepId): string[] => [...(step in CAUTIONS ? [CAUTIONS[step as keyof typeof CAUTIONS]] : []), PLANNING_CAUTION];
