import type { Subject } from '../../kernel/index.js';
import { compressorCfm } from '../foam/index.js';
import { airChanges } from './changes.js';
import { airChecks } from './checks.js';

export { atOnceInWords, compressorHp } from './checks.js';
export { airLines, airTogether, solutionShare } from './lines.js';
export type { AirLine, AirTogether } from './lines.js';
export { airTable } from './tables.js';

/** Compressed-air foam: one compressor shared by the lines that air is piped to. */
export const air: Subject = {
  id: 'air',
  title: 'Compressed air',
  under: 'foam',
  checks: airChecks,
  changes: airChanges,
  figures: [{ id: 'airCfm', title: 'Compressed air', unit: 'cfm', reading: compressorCfm }],
  caution:
    'Air goes into a line only when foam flows in it, and is shut first. A line with air jumps when its nozzle is opened; before it is uncoupled its pressure is let off. The makers of compressor, hose and nozzles decide what may be used.',
};
