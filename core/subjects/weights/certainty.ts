import { BASIS_TOLERANCE_PCT } from '../../build/index.js';
import type { Basis } from '../../build/index.js';
import type { Component, Evaluation } from '../../kernel/index.js';
import { components, rearShareAt } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { axles } from '../chassis/index.js';
import { inService } from './states.js';

/** What the certainty is asked of. */
export type Measured = 'front' | 'rear' | 'gross';

/** One component's part in the uncertainty of an axle or the gross, and what weighing it would gain. */
export interface UncertainPart {
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
  uncertain: UncertainPart[];
}

const MOST = 10;
/** A tolerance is two standard deviations (formulas: certainty). */
const SIGMAS = 2;

/** How much of a component's weight an axle or the gross carries. */
const shareOn = (measured: Measured, on: Axles, xIn: number): number =>
  measured === 'gross' ? 1 : measured === 'rear' ? rearShareAt(on, xIn) : 1 - rearShareAt(on, xIn);

/**
 * How sure the load in service is, and which components leave it most unsure: σ = √Σ(share·w·tol/2)², components
 * independent (formulas: certainty). Weighing one brings its tolerance to that of a scale.
 */
export function certaintyOf(evaluation: Evaluation, measured: Measured): Certainty {
  const on = evaluation.read(axles);
  const all = evaluation.read(components);
  const { weights } = evaluation.read(inService);
  const sigmaOf = ({ weightLb, xIn }: Component, tolerancePct: number) =>
    (shareOn(measured, on, xIn) * weightLb * tolerancePct) / 100 / SIGMAS;
  const variances = all.map((component) => sigmaOf(component, component.tolerancePct) ** 2);
  const total = variances.reduce((sum, v) => sum + v, 0);
  const uncertain = all
    .map((component, i): UncertainPart => ({
      componentId: component.id,
      name: component.name,
      weightLb: component.weightLb,
      basis: component.basis,
      tolerancePct: component.tolerancePct,
      sharePct: total === 0 ? 0 : (variances[i]! / total) * 100,
      afterBandLb:
        SIGMAS *
        Math.sqrt(
          Math.max(
            0,
            total -
              variances[i]! +
              Math.min(variances[i]!, sigmaOf(component, BASIS_TOLERANCE_PCT.weighed) ** 2),
          ),
        ),
    }))
    .sort((a, b) => b.sharePct - a.sharePct)
    .slice(0, MOST);
  const of = {
    front: {
      loadLb: weights.front.loadLb,
      limitLb: on.front.gawrLb,
      probabilityWithin: weights.probabilityWithin.front,
    },
    rear: {
      loadLb: weights.rear.loadLb,
      limitLb: on.rear.gawrLb,
      probabilityWithin: weights.probabilityWithin.rear,
    },
    gross: { loadLb: weights.totalLb, limitLb: on.gvwrLb, probabilityWithin: weights.probabilityWithin.gvwr },
  }[measured];
  return { measured, ...of, bandLb: SIGMAS * Math.sqrt(total), uncertain };
}
