import type { StepId } from '../rig/index.js';

const PLANNING = 'Planning figures. The makers’ ratings, the adopted standard and the authority having jurisdiction decide; weigh the finished truck.';

const OWN: Partial<Record<StepId, string>> = {
  chassis: 'An axle over its rating can fail in steering, braking or tyre: no rating is a target.',
  device: 'Stability with the device raised is not judged here: the maker’s certified load chart and set-up rules decide, and power lines are kept clear of.',
  pump: 'Pumps, hose and couplings hold pressure that can injure: ratings and service tests are the makers’ and the adopted standard’s.',
  tank: 'A part-filled tank raises the risk of rolling over; tyres and springs make the real tilt angle smaller than the rigid one.',
  ladders: 'Ladders and racks are moved by people near traffic: their makers’ instructions decide.',
  fittings: 'Electric work is for licensed people; a raised mast is kept clear of power lines.',
};

/** What a screen or a paper says beside a step where the work can hurt someone. */
export const cautionsFor = (step: StepId): string[] => (OWN[step] ? [OWN[step], PLANNING] : [PLANNING]);
