import { reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { counted, gpm, inShort, listed, psi, within } from '../../units/index.js';
import { truckLines } from './all.js';
import { linesBlock, linesProblems, nozzleShelf, settleLines } from './block.js';
import { linesChanges } from './changes.js';
import { linesChecks, linesLimits } from './checks.js';
import { togetherChoices } from './choices.js';
import { fromTheTank, running, tankTime } from './flows.js';

export * from './air.js';
export { coefficients, nozzleOf, truckLines, usualNozzle } from './all.js';
export type { TruckLine } from './all.js';
export {
  linesBlock,
  nozzleShelf,
  OWN_LINES,
  SUPPLIES,
  SUPPLY_NAMES,
  withLineSaid,
  withoutLine,
  withOwnLine,
  withSupply,
} from './block.js';
export type { LineEntry, SupplyKind } from './block.js';
export { lineCalculation } from './calculation.js';
export type { LineInput } from './calculation.js';
export { stretchFt } from './checks.js';
export { pumpChart, pumpNow, timeChart, timeNow } from './charts.js';
export { lineChoices, LINES_CHOICE, togetherChoices } from './choices.js';
export {
  eachAlone,
  feeding,
  fromTheSupply,
  fromTheTank,
  running,
  runningTogether,
  supply,
  supplyMin,
  tankSupply,
  tankTime,
} from './flows.js';
export * from './hydraulics.js';
export type { NozzlePart } from './parts.js';
export { flowFor, FULL_SHARE, runTime, tankAt } from './run-time.js';
export type { RunTime } from './run-time.js';
export { sourcesOf } from './sources.js';
export {
  draftGpm,
  fromDraft,
  fromHydrant,
  fromRelay,
  fromTank,
  hydrantGpm,
  hydrantPsi,
  LEAST_INTAKE_PSI,
  ratedLiftFt,
} from './supply.js';
export type { Supply } from './supply.js';
export { USUAL_LAY } from './flows.js';
export { hoseInWords, linesTable, togetherTable } from './tables.js';
export { lineInWords, minutesInWords, stagesInWords, tankTimeInWords, togetherInWords } from './words.js';
export { together } from './together.js';
export type { Feeding, Running, Together } from './together.js';

/** Every line with its hose and nozzle, and what those get that run together. */
export const lines: Subject = {
  id: 'lines',
  title: 'Lines',
  step: () => true,
  shelves: [nozzleShelf],
  limits: linesLimits,
  block: linesBlock,
  settle: settleLines,
  problems: linesProblems,
  checks: linesChecks,
  changes: linesChanges,
  choices: togetherChoices,
  figures: [
    {
      id: 'togetherGpm',
      title: 'Lines that run together',
      unit: 'gpm',
      harm: { way: 'down', each: 25 },
      reading: reading('lines', [fromTheTank], (of) => of?.flowGpm ?? 0),
    },
    {
      id: 'tankLasts',
      title: 'Tank with these lines',
      unit: 'min',
      harm: { way: 'down', each: 0.25 },
      reading: reading('lines', [tankTime], (time) =>
        time && Number.isFinite(time.emptyMin) ? time.emptyMin : 0,
      ),
    },
  ],
  sentence: (evaluation) => {
    const all = evaluation.read(truckLines);
    if (all.length === 0) return 'No lines are laid out yet.';
    const said = all.map(
      ({ name, asked }) => `${gpm(asked.flowGpm)} at ${psi(asked.pumpPressurePsi)} to ${within(name)}`,
    );
    return `The pump and its plumbing shall supply ${listed(said)}.`;
  },
  line: (evaluation) => {
    const all = evaluation.read(truckLines);
    const together = evaluation.read(fromTheTank);
    if (all.length === 0) return 'None';
    return inShort(
      counted(all.length, 'line'),
      together !== null && together.flowGpm > 0 && `${gpm(together.flowGpm)} together`,
      `${counted(evaluation.read(running).length, 'running', 'running')}`,
    );
  },
  caution:
    'Pressures are planned from usual friction: the department’s own test of its hose and nozzles replaces them. The officer decides how many hold a line; the makers’ ratings of hose and nozzles are never exceeded.',
};
