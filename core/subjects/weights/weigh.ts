import { massOf, rearReactionIn, sum } from '../../truck/index.js';
import type { Axles, Item, Mass } from '../../truck/index.js';
import { probabilityWithin, Z_95 } from './normal.js';

/** Axles and the things on them. */
export interface WeightsInput {
  chassis: Axles;
  items: Item[];
}

/** Wheel-end loads of one axle under one model of the frame, lb; imbalance in percent of the axle's load. */
export interface Sides {
  leftLb: number;
  rightLb: number;
  imbalancePct: number;
}

export interface AxleWeights {
  loadLb: number;
  marginLb: number;
  flexible: Sides;
  rigid: Sides;
  /** Load that is not exceeded with 95 % confidence, lb. */
  load95Lb: number;
}

export interface WeightsResult {
  totalLb: number;
  total95Lb: number;
  cg: { xIn: number; yIn: number; zIn: number };
  front: AxleWeights;
  rear: AxleWeights & { axleLoadsLb: number[] };
  gvwrMarginLb: number;
  cgHeightToTrackPct: number;
  staticRollThresholdG: number;
  tiltAngleDeg: number;
  sigma: { frontLb: number; rearLb: number; totalLb: number };
  probabilityWithin: { front: number; rear: number; gvwr: number };
}

const sides = (loadLb: number, momentLbIn: number, trackIn: number): Sides => {
  const shift = momentLbIn / trackIn;
  return {
    leftLb: loadLb / 2 - shift,
    rightLb: loadLb / 2 + shift,
    imbalancePct: loadLb === 0 ? 0 : (Math.abs(2 * shift) / Math.abs(loadLb)) * 100,
  };
};

/**
 * Axle loads, sides, center of gravity, roll figures and certainty of a mass on its axles (formulas: axle loads).
 * `surfaceLbIn` is the free-surface moment of a part-filled tank, lb·in: it raises the roll figures only.
 */
export function weighMass(chassis: Axles, mass: Mass, surfaceLbIn = 0): WeightsResult {
  const xr = rearReactionIn(chassis);
  const { front, rear, gvwrLb, frontRollShare } = chassis;
  const rearLb = mass.wx / xr;
  const frontLb = mass.w - rearLb;
  const cg =
    mass.w === 0
      ? { xIn: 0, yIn: 0, zIn: 0 }
      : { xIn: mass.wx / mass.w, yIn: mass.wy / mass.w, zIn: mass.wz / mass.w };

  const flexibleRear = mass.wxy / xr;
  const rollHeight = mass.w === 0 ? 0 : (mass.wz + surfaceLbIn) / mass.w;
  const threshold = (rear.trackIn / 2 - Math.abs(cg.yIn)) / rollHeight;

  const sigmaRear = Math.sqrt(mass.vxx) / xr;
  const sigmaFront = Math.sqrt(Math.max(0, mass.v - (2 * mass.vx) / xr + mass.vxx / xr ** 2));
  const sigmaTotal = Math.sqrt(mass.v);

  return {
    totalLb: mass.w,
    total95Lb: mass.w + Z_95 * sigmaTotal,
    cg,
    front: {
      loadLb: frontLb,
      marginLb: front.gawrLb - frontLb,
      load95Lb: frontLb + Z_95 * sigmaFront,
      flexible: sides(frontLb, mass.wy - flexibleRear, front.trackIn),
      rigid: sides(frontLb, mass.wy * frontRollShare, front.trackIn),
    },
    rear: {
      loadLb: rearLb,
      marginLb: rear.gawrLb - rearLb,
      load95Lb: rearLb + Z_95 * sigmaRear,
      axleLoadsLb: rear.axles === 2 ? [rearLb * rear.frontShare, rearLb * (1 - rear.frontShare)] : [rearLb],
      flexible: sides(rearLb, flexibleRear, rear.trackIn),
      rigid: sides(rearLb, mass.wy * (1 - frontRollShare), rear.trackIn),
    },
    gvwrMarginLb: gvwrLb - mass.w,
    cgHeightToTrackPct: (rollHeight / rear.trackIn) * 100,
    staticRollThresholdG: threshold,
    tiltAngleDeg: (Math.atan(threshold) * 180) / Math.PI,
    sigma: { frontLb: sigmaFront, rearLb: sigmaRear, totalLb: sigmaTotal },
    probabilityWithin: {
      front: probabilityWithin(frontLb, sigmaFront, front.gawrLb),
      rear: probabilityWithin(rearLb, sigmaRear, rear.gawrLb),
      gvwr: probabilityWithin(mass.w, sigmaTotal, gvwrLb),
    },
  };
}

/** The calculation `weights` of the outside contract: ratings and items in, loads out. */
export const weigh = ({ chassis, items }: WeightsInput): WeightsResult =>
  weighMass(chassis, sum(items.map(massOf)));
