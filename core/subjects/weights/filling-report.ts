import { reading } from '../../kernel/index.js';
import type { ChartOf, Filling } from '../../kernel/index.js';
import { gal } from '../../units/index.js';
import { axles } from '../chassis/index.js';
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

/**
 * Axle loads, height of the center of gravity with the free surface, and tilt against what is in the tank;
 * null without a tank.
 */
export const fillingReport = reading(
  'weights',
  [loads, fillingSweep, axles],
  ({ water }, sweep, on): FillingReport | null => {
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
        words: `Height of the center of gravity with the free surface, and rigid tilt angle; the worst filling is ${gal(worstGal)}`,
        x,
        y: { title: 'Height with free surface', unit: 'in' },
        right: { title: 'Tilt, rigid, degrees' },
        series: [
          {
            label: 'Center of gravity with free surface',
            tone: 'ink',
            values: sweep.map(({ weights }) => (weights.cgHeightToTrackPct / 100) * on.rear.trackIn),
            mark: worstAt,
          },
          {
            label: 'Tilt angle',
            tone: 'signal',
            dash: [6, 3],
            right: true,
            values: sweep.map(({ weights }) => weights.tiltAngleDeg),
            mark: worstAt,
          },
        ],
      },
      words: `The worst filling for rolling over is ${gal(worstGal)} (◆): a rigid tilt angle of ${worst.weights.tiltAngleDeg.toFixed(1)}° and a static threshold of ${worst.weights.staticRollThresholdG.toFixed(2)} g. Tires and springs make the real angle smaller; a driver feels a part-filled tank move.`,
    };
  },
);
