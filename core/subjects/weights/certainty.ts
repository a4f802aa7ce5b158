import { BASIS_TOLERANCE_PCT } from '../../build/index.js';
import type { Basis } from '../../build/index.js';
import type { Component, Evaluation } from '../../kernel/index.js';
import { components, rearShareAt } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { formatWhole } from '../../units/index.js';
import { axles } from '../chassis/index.js';
import { inService } from './states.js';

/** What the certainty is asked of. */
export type Measured = 'front' | 'rear' | 'gross';

/** The part of one source in the uncertainty of an axle or the gross, and what weighing what rests on it would gain. */
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
 * How sure the load in service is, and what leaves it most unsure: σ = √Σ(Σ share·w·tol/2)², what rests on one
 * source summed with its sign before it is squared (formulas: certainty). Weighing it brings the tolerance to
 * that of a scale.
 */
export function certaintyOf(evaluation: Evaluation, measured: Measured): Certainty {
  const on = evaluation.read(axles);
  const { weights } = evaluation.read(inService);
  const sigmaOf = ({ weightLb, xIn }: Component, tolerancePct: number) =>
    (shareOn(measured, on, xIn) * weightLb * tolerancePct) / 100 / SIGMAS;
  const sources = new Map<string, { all: Component[]; sigma: number; weighedSigma: number }>();
  for (const component of evaluation.read(components)) {
    const of = sources.get(component.source) ?? { all: [], sigma: 0, weighedSigma: 0 };
    sources.set(component.source, of);
    of.all.push(component);
    of.sigma += sigmaOf(component, component.tolerancePct);
    of.weighedSigma += sigmaOf(component, BASIS_TOLERANCE_PCT.weighed);
  }
  const total = [...sources.values()].reduce((sum, { sigma }) => sum + sigma ** 2, 0);
  const uncertain = [...sources.values()]
    .map(({ all, sigma, weighedSigma }): UncertainPart => {
      const [first] = all as [Component];
      const variance = sigma ** 2;
      return {
        componentId: first.id,
        name:
          all.length === 1
            ? first.name
            : `${first.name}, and ${formatWhole(all.length - 1)} more of one source`,
        weightLb: all.reduce((sum, { weightLb }) => sum + weightLb, 0),
        basis: first.basis,
        tolerancePct: first.tolerancePct,
        sharePct: total === 0 ? 0 : (variance / total) * 100,
        afterBandLb:
          SIGMAS * Math.sqrt(Math.max(0, total - variance + Math.min(variance, weighedSigma ** 2))),
      };
    })
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
