import type { Filling, Rig } from '../rig/index.js';
import { gal } from '../units/index.js';
import { fillingSweep } from '../weights/index.js';
import type { WeighedState } from '../weights/index.js';
import type { ChartOf } from './kinds.js';

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

/** Axle loads, height of the centre of gravity with the free surface, and tilt against what is in the tank; null without a tank. */
export function fillingReport(rig: Rig): FillingReport | null {
  const filling = rig.components.find(({ role }) => role === 'water')?.filling;
  const sweep = fillingSweep(rig);
  if (!filling || sweep.length === 0) return null;
  const worstAt = sweep.reduce((least, { weights }, i) => (weights.staticRollThresholdG < sweep[least]!.weights.staticRollThresholdG ? i : least), 0);
  const worst = sweep[worstAt]!;
  const worstGal = worst.waterShare * filling.gallons;
  const x = { title: 'Water', unit: 'gal' as const, at: sweep.map(({ waterShare }) => waterShare * filling.gallons) };
  return {
    filling, sweep, worst, worstGal,
    loads: {
      kind: 'lines', words: `Axle loads from an empty tank to ${gal(filling.gallons)}`, x, y: { title: 'Load', unit: 'lb' },
      series: [
        { label: 'Front axle', tone: 'ink', values: sweep.map(({ weights }) => weights.front.loadLb) },
        { label: 'Rear axle', tone: 'water', dash: [6, 3], values: sweep.map(({ weights }) => weights.rear.loadLb) },
      ],
    },
    roll: {
      kind: 'lines', words: `Height of the centre of gravity with the free surface, and rigid tilt angle; the worst filling is ${gal(worstGal)}`, x,
      y: { title: 'Height with free surface', unit: 'in' }, right: { title: 'Tilt, rigid, degrees' },
      series: [
        { label: 'Centre of gravity with free surface', tone: 'ink', values: sweep.map(({ weights }) => (weights.cgHeightToTrackPct / 100) * rig.axles.rear.trackIn), mark: worstAt },
        { label: 'Tilt angle', tone: 'signal', dash: [6, 3], right: true, values: sweep.map(({ weights }) => weights.tiltAngleDeg), mark: worstAt },
      ],
    },
    words: `The worst filling for rolling over is ${gal(worstGal)} (◆): a rigid tilt angle of ${worst.weights.tiltAngleDeg.toFixed(1)}° and a static threshold of ${worst.weights.staticRollThresholdG.toFixed(2)} g. Tyres and springs make the real angle smaller; a driver feels a part-filled tank move.`,
  };
}
