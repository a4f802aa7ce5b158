import type { Axis, ChartOf, Evaluation } from '../../kernel/index.js';
import { components } from '../../truck/index.js';
import { inches, lb, moment } from '../../units/index.js';
import { axles, chosenChassis } from '../chassis/index.js';
import { loadStates, weighedStates } from '../weights/index.js';
import { frameLoads, reach } from './loads.js';

export interface FrameReport {
  load: ChartOf;
  shear: ChartOf;
  bending: ChartOf;
  words: string;
}

export const FRAME_CAUTION =
  'An estimate: each component lies evenly about its center, the truck stands still, and what is known of the frame is what its maker states. The chassis maker’s and the builder’s engineers decide.';

/** Load, shear and bending moment along the frame in a load state. */
export function frameReport(evaluation: Evaluation, stateId: string): FrameReport {
  const states = evaluation.read(loadStates);
  const at = Math.max(
    0,
    states.findIndex(({ id }) => id === stateId),
  );
  const { stations, sagging, hogging, reactions } = frameLoads(
    evaluation.read(components),
    evaluation.read(reach),
    evaluation.read(axles),
    states[at]!,
    evaluation.read(weighedStates)[at]!,
  );
  const resisting = evaluation.read(chosenChassis).chassis.frame.resistingLbIn ?? null;
  const x = { title: 'Aft of the front axle', unit: 'in' as const, at: stations.map(({ xIn }) => xIn) };
  const lines = (words: string, y: Axis, series: ChartOf['series']): ChartOf => ({
    kind: 'lines',
    words,
    x,
    y,
    series,
  });
  const most = `${moment(sagging.momentLbIn)} at ${inches(sagging.xIn)}`;
  const least = `${moment(hogging.momentLbIn)} at ${inches(hogging.xIn)}`;
  return {
    load: lines('Load for each inch of the truck', { title: 'Load', unit: 'lbin' }, [
      { label: 'Load', tone: 'water', values: stations.map(({ loadLbPerIn }) => loadLbPerIn) },
    ]),
    shear: lines('Shear along the frame', { title: 'Shear', unit: 'lb' }, [
      { label: 'Shear', tone: 'ink', values: stations.map(({ shearLb }) => shearLb) },
    ]),
    bending: lines(
      `Bending moment along the frame: most between the axles ${most}, most over an axle ${least}`,
      { title: 'Moment', unit: 'moment' },
      [
        {
          label: 'Bending moment, up where the frame bows down',
          tone: 'signal',
          values: stations.map(({ momentLbIn }) => momentLbIn),
          mark: stations.indexOf(sagging),
        },
      ],
    ),
    words:
      `Most bending between the axles: ${most} aft of the front axle. Most bending over an axle: ${least}. The axles carry ${reactions.map((reaction) => lb(reaction.lb)).join(' and ')}.` +
      (resisting === null
        ? ' This chassis maker does not state what the rails resist: nothing is checked against it.'
        : ` Both rails together resist ${moment(resisting)}.`),
  };
}
