import { reading } from '../../kernel/index.js';
import type { ChartOf, Filling } from '../../kernel/index.js';
import { gal } from '../../units/index.js';
import { compliancePct } from './balance-checks.js';
import { tiltEstimateDeg } from './roll.js';
import { fillingSweep, loads } from './states.js';
import type { WeighedState } from './states.js';

/** A truck from an empty tank to a full one. */
export interface FillingReport {
  filling: Filling;
  sweep: WeighedState[];
  worst: WeighedState;
  worstGal: number;
  loads: ChartOf;
  roll: ChartOf;
  words: string;
}

/** Axle loads, height of the center of gravity, and tilt against what is in the tank; null without a tank. */
export const fillingReport = reading(
  'weights',
  [loads, fillingSweep, compliancePct],
  ({ water }, sweep, compliance): FillingReport | null => {
    const filling = water?.filling;
    if (!filling || sweep.length === 0) return null;
    const worstAt = sweep.reduce(
      (least, { weights }, i) =>
        weights.staticRollThresholdG < sweep[least]!.weights.staticRollThresholdG ? i : least,
      0,
    );
    const worst = sweep[worstAt]!;
    const worstGal = worst.waterShare * filling.gallons;
    const x = {
      title: 'Water',
      unit: 'gal' as const,
      at: sweep.map(({ waterShare }) => waterShare * filling.gallons),
    };
    return {
      filling,
      sweep,
      worst,
      worstGal,
      loads: {
        kind: 'lines',
        words: `Axle loads from an empty tank to ${gal(filling.gallons)}`,
        x,
        y: { title: 'Load', unit: 'lb' },
        series: [
          { label: 'Front axle', tone: 'ink', values: sweep.map(({ weights }) => weights.front.loadLb) },
          {
            label: 'Rear axle',
            tone: 'water',
            dash: [6, 3],
            values: sweep.map(({ weights }) => weights.rear.loadLb),
          },
        ],
      },
      roll: {
        kind: 'lines',
        words: `Height of the center of gravity, and tilt angle as estimated; the worst filling is ${gal(worstGal)}`,
        x,
        y: { title: 'Height of the center of gravity', unit: 'in' },
        right: { title: 'Tilt, estimated, degrees' },
        series: [
          {
            label: 'Center of gravity',
            tone: 'ink',
            values: sweep.map(({ weights }) => weights.cg.zIn),
            mark: worstAt,
          },
          {
            label: 'Tilt angle, estimated',
            tone: 'signal',
            dash: [6, 3],
            right: true,
            values: sweep.map(({ weights }) => tiltEstimateDeg(weights.staticRollThresholdG, compliance)),
            mark: worstAt,
          },
        ],
      },
      words: `The worst filling for rolling over is ${gal(worstGal)} (◆): tilt ${tiltEstimateDeg(worst.weights.staticRollThresholdG, compliance).toFixed(1)}° by estimate, ${worst.weights.tiltAngleDeg.toFixed(1)}° rigid, a static threshold of ${worst.weights.staticRollThresholdG.toFixed(2)} g. A driver feels a part-filled tank move; the certified tilt test decides.`,
    };
  },
);
