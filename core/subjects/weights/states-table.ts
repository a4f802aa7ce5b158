import { reading } from '../../kernel/index.js';
import type { ChartOf, Evaluation, Row, TableOf } from '../../kernel/index.js';
import { bare, formatPct, inches, lb } from '../../units/index.js';
import { axles } from '../chassis/index.js';
import { compliancePct } from './balance-checks.js';
import { tiltEstimateDeg } from './roll.js';
import { weighedStates } from './states.js';

/** Every load state against each rating, with the checks for which it is the worst. */
export function statesTable(evaluation: Evaluation): TableOf {
  const states = evaluation.read(weighedStates);
  const { findings } = evaluation;
  const compliance = evaluation.read(compliancePct);
  const {
    front: { gawrLb: frontLb },
    rear: { gawrLb: rearLb },
    gvwrLb,
  } = evaluation.read(axles);
  return {
    title: 'Load states',
    columns: [
      { head: 'State' },
      { head: 'Water', figure: true },
      { head: 'Front', unit: 'lb', figure: true },
      { head: 'of rating', figure: true },
      { head: 'Rear', unit: 'lb', figure: true },
      { head: 'of rating', figure: true },
      { head: 'Gross', unit: 'lb', figure: true },
      { head: 'of rating', figure: true },
      { head: 'Center of gravity', unit: 'in', figure: true },
      { head: 'Tilt, rigid', figure: true },
      { head: 'estimated', figure: true },
      { head: 'Worst for' },
    ],
    rows: states.map(
      ({
        id,
        name,
        waterShare,
        weights: { front, rear, totalLb, cg, tiltAngleDeg, staticRollThresholdG },
      }): Row => ({
        id,
        cells: [
          name,
          formatPct(waterShare * 100),
          bare(lb(front.loadLb)),
          formatPct((front.loadLb / frontLb) * 100),
          bare(lb(rear.loadLb)),
          formatPct((rear.loadLb / rearLb) * 100),
          bare(lb(totalLb)),
          formatPct((totalLb / gvwrLb) * 100),
          bare(inches(cg.zIn)),
          `${tiltAngleDeg.toFixed(1)}°`,
          `${tiltEstimateDeg(staticRollThresholdG, compliance).toFixed(1)}°`,
          findings
            .filter(({ state }) => state?.id === id)
            .map(({ title }) => title.toLowerCase())
            .join(', ') || '·',
        ],
        over: [
          ...(front.marginLb < 0 ? [3] : []),
          ...(rear.marginLb < 0 ? [5] : []),
          ...(totalLb > gvwrLb ? [7] : []),
        ],
      }),
    ),
  };
}

/** The load of each axle across the load states, with the ratings as lines. */
export const statesChart = reading('weights', [weighedStates, axles], (states, { front, rear }): ChartOf => {
  return {
    kind: 'bars',
    words: `Axle loads in ${states.length} load states against the ratings of ${lb(front.gawrLb)} front and ${lb(rear.gawrLb)} rear; the table has the figures`,
    x: { title: 'Load state', at: states.map(({ name }) => name) },
    y: { title: 'Load', unit: 'lb' },
    series: [
      { label: 'Front axle', tone: 'ink', values: states.map(({ weights }) => weights.front.loadLb) },
      {
        label: 'Rear axle',
        tone: 'water',
        dash: [4, 2],
        values: states.map(({ weights }) => weights.rear.loadLb),
      },
      { label: 'Front rating', tone: 'signal', limit: true, values: states.map(() => front.gawrLb) },
      {
        label: 'Rear rating',
        tone: 'brass',
        dash: [6, 3],
        limit: true,
        values: states.map(() => rear.gawrLb),
      },
    ],
  };
});
