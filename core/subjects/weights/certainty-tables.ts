import { BASIS_NAMES } from '../../build/index.js';
import type { Evaluation, TableOf } from '../../kernel/index.js';
import { bare, formatPct, lb } from '../../units/index.js';
import { certaintyOf } from './certainty.js';
import type { Certainty, Measured } from './certainty.js';

export const MEASURED_NAMES: Record<Measured, string> = {
  front: 'Front axle',
  rear: 'Rear axle',
  gross: 'Gross',
};
const ALL = Object.keys(MEASURED_NAMES) as Measured[];

/** Nothing that is calculated is certain. */
const probability = (p: number) =>
  p > 0.999 ? 'over 99.9 %' : p < 0.001 ? 'under 0.1 %' : formatPct(p * 100);

/** The band of each axle and the gross at 95 %, and the probability of staying within its rating. */
export const certaintyTable = (evaluation: Evaluation): TableOf => ({
  title: 'Certainty in service',
  columns: [
    { head: 'Load' },
    { head: 'Calculated', unit: 'lb', figure: true },
    { head: '± at 95 %', unit: 'lb', figure: true },
    { head: 'Rating', unit: 'lb', figure: true },
    { head: 'Within its rating', figure: true },
  ],
  rows: ALL.map((of) => {
    const { loadLb, bandLb, limitLb, probabilityWithin } = certaintyOf(evaluation, of);
    return {
      id: of,
      cells: [
        MEASURED_NAMES[of],
        bare(lb(loadLb)),
        bare(lb(bandLb)),
        bare(lb(limitLb)),
        probability(probabilityWithin),
      ],
    };
  }),
});

/** The components that leave most of the doubt, and what weighing each of them would gain. */
export const uncertainTable = ({ measured, bandLb, uncertain }: Certainty): TableOf => ({
  title: `What makes most of the uncertainty of the ${MEASURED_NAMES[measured].toLowerCase()}`,
  columns: [
    { head: 'Component' },
    { head: 'Weight', unit: 'lb', figure: true },
    { head: 'Basis' },
    { head: 'Share of it', figure: true },
    { head: 'If it were weighed', figure: true },
  ],
  rows: uncertain.map((part) => ({
    id: part.componentId,
    cells: [
      part.name,
      bare(lb(part.weightLb)),
      `${BASIS_NAMES[part.basis]}, ± ${part.tolerancePct} %`,
      formatPct(part.sharePct),
      `± ${bare(lb(bandLb))} → ± ${lb(part.afterBandLb)}`,
    ],
  })),
});
