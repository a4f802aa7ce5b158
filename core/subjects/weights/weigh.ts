import type { Point } from '../../kernel/index.js';
import { massOf, rearReactionIn, sum } from '../../truck/index.js';
import type { Axles, Item, Mass } from '../../truck/index.js';
import { probabilityWithin, Z_95 } from './normal.js';
import { rollThreshold, tiltDeg } from './roll.js';
import type { Moves } from './roll.js';
import { doubting, noDoubt, variancesOf } from './doubt.js';

/** Axles and the things on them. */
export interface WeightsInput {
  chassis: Axles;
  /** Tolerances are ± percent at 95 %; items are independent of each other. */
  items: (Item & { tolerancePct: number })[];
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
  cg: Point;
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
 * `moves` says how the liquid of a part-filled tank moves as the truck leans: it lowers the threshold and the
 * tilt, not the height against the track.
 */
export function weighMass(
  chassis: Axles,
  mass: Mass,
  { v, vx, vxx }: ReturnType<typeof variancesOf>,
  moves?: Moves,
): WeightsResult {
  const xr = rearReactionIn(chassis);
  const { front, rear, gvwrLb, frontRollShare } = chassis;
  const rearLb = mass.wx / xr;
  const frontLb = mass.w - rearLb;
  const cg =
    mass.w === 0
      ? { xIn: 0, yIn: 0, zIn: 0 }
      : { xIn: mass.wx / mass.w, yIn: mass.wy / mass.w, zIn: mass.wz / mass.w };

  const flexibleRear = mass.wxy / xr;
  const threshold = rollThreshold({ ...mass, trackIn: rear.trackIn }, moves);

  const sigmaRear = Math.sqrt(vxx) / xr;
  const sigmaFront = Math.sqrt(Math.max(0, v - (2 * vx) / xr + vxx / xr ** 2));
  const sigmaTotal = Math.sqrt(v);

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
    cgHeightToTrackPct: (cg.zIn / rear.trackIn) * 100,
    staticRollThresholdG: threshold,
    tiltAngleDeg: tiltDeg(threshold),
    sigma: { frontLb: sigmaFront, rearLb: sigmaRear, totalLb: sigmaTotal },
    probabilityWithin: {
      front: probabilityWithin(frontLb, sigmaFront, front.gawrLb),
      rear: probabilityWithin(rearLb, sigmaRear, rear.gawrLb),
      gvwr: probabilityWithin(mass.w, sigmaTotal, gvwrLb),
    },
  };
}

/** The calculation `weights` of the outside contract: ratings and items in, loads out. */
export function weigh({ chassis, items }: WeightsInput): WeightsResult {
  const doubt = noDoubt(items.length);
  items.forEach(({ weightLb, xIn, tolerancePct }, i) => doubting(doubt, i, weightLb, xIn, tolerancePct));
  return weighMass(chassis, sum(items.map(massOf)), variancesOf(doubt));
}
