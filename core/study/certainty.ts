import type { Basis } from '../catalogue/index.js';
import { BASIS_TOLERANCE_PCT } from '../catalogue/index.js';
import type { Evaluation } from '../review/index.js';
import type { Component } from '../rig/index.js';
import { rearReactionIn } from '../weights/index.js';

/** What the certainty is asked of. */
export type Measured = 'front' | 'rear' | 'gross';

/** One component's part in the uncertainty of an axle or the gross, and what weighing it would gain. */
export interface Doubt {
  componentId: string;
  name: string;
  weightLb: number;
  basis: Basis;
  tolerancePct: number;
  /** Its part of the variance, percent. */
  sharePct: number;
  /** The whole's ± band at 95 %, lb, when this one is weighed. */
  afterBandLb: number;
}

export interface Certainty {
  measured: Measured;
  loadLb: number;
  limitLb: number;
  /** ± at 95 %, lb. */
  bandLb: number;
  probabilityWithin: number;
  /** What makes most of it, largest first. */
  doubts: Doubt[];
}

const MOST = 10;
/** A tolerance is two standard deviations (brief: weights). */
const SIGMAS = 2;

/** How much of a component's weight an axle or the gross carries. */
const shareOn = (measured: Measured, xIn: number, xr: number): number => (measured === 'gross' ? 1 : measured === 'rear' ? xIn / xr : 1 - xIn / xr);

/**
 * How sure the load in service is, and which components leave most of the doubt: σ = √Σ(share·w·tol/2)², components
 * independent (brief: weights). Weighing one brings its tolerance to that of a scale.
 */
export function certaintyOf({ rig, states }: Evaluation, measured: Measured): Certainty {
  const xr = rearReactionIn(rig.axles);
  const { weights } = states[0]!;
  const sigmaOf = ({ weightLb, xIn }: Component, tolerancePct: number) => (shareOn(measured, xIn, xr) * weightLb * tolerancePct) / 100 / SIGMAS;
  const variances = rig.components.map((component) => sigmaOf(component, component.tolerancePct) ** 2);
  const total = variances.reduce((sum, v) => sum + v, 0);
  const doubts = rig.components
    .map((component, i): Doubt => ({
      componentId: component.id, name: component.name, weightLb: component.weightLb, basis: component.basis, tolerancePct: component.tolerancePct,
      sharePct: total === 0 ? 0 : (variances[i]! / total) * 100,
      afterBandLb: SIGMAS * Math.sqrt(Math.max(0, total - variances[i]! + Math.min(variances[i]!, sigmaOf(component, BASIS_TOLERANCE_PCT.weighed) ** 2))),
    }))
    .sort((a, b) => b.sharePct - a.sharePct)
    .slice(0, MOST);
  const of = {
    front: { loadLb: weights.front.loadLb, limitLb: rig.axles.front.gawrLb, probabilityWithin: weights.probabilityWithin.front },
    rear: { loadLb: weights.rear.loadLb, limitLb: rig.axles.rear.gawrLb, probabilityWithin: weights.probabilityWithin.rear },
    gross: { loadLb: weights.totalLb, limitLb: rig.axles.gvwrLb, probabilityWithin: weights.probabilityWithin.gvwr },
  }[measured];
  return { measured, ...of, bandLb: SIGMAS * Math.sqrt(total), doubts };
}
