import { PLANNING_CAUTION } from '../kernel/index.js';
import type { ChartOf, Evaluation } from '../kernel/index.js';
import {
  lines,
  linesTable,
  pumpNow,
  tankTimeInWords,
  timeNow,
  togetherInWords,
  togetherTable,
} from '../subjects/lines/index.js';
import { diagram, DIAGRAM_SIGNS, plumbing, plumbingTable } from '../subjects/plumbing/index.js';
import { pump } from '../subjects/pump/index.js';
import { findingsTable } from './findings-table.js';
import { caution, heading, text } from './kinds.js';
import type { Block, Paper } from './kinds.js';

/** The steps whose checks stand on it. */
const STEPS = ['pump', 'plumbing', 'lines'];

const charted = (chart: ChartOf | null, words: string): Block[] =>
  chart ? [text(words), { kind: 'chart', chart }] : [];

/** How the pump is piped, with every opening, and what its lines ask for and get together. */
export function plumbingPaper(evaluation: Evaluation): Paper {
  const { findings } = evaluation;
  const of = evaluation.read(diagram);
  const together = evaluation.read(togetherTable);
  return {
    title: 'Plumbing sheet',
    blocks: [
      caution(PLANNING_CAUTION),
      caution(plumbing.caution!),
      text(pump.sentence!(evaluation)),
      text(plumbing.sentence!(evaluation)),
      ...(of ? ([{ kind: 'diagram', of }, text(DIAGRAM_SIGNS)] satisfies Block[]) : []),
      heading('Intakes and discharges', true),
      {
        kind: 'table',
        table: evaluation.read(plumbingTable),
        widths: [2.2, 1.9, 2.3, 1, 1.8, 1.6, 1.3, 1.1, 0.9, 1.1, 1.9],
      },
      heading('Lines', true),
      caution(lines.caution!),
      { kind: 'table', table: evaluation.read(linesTable), widths: [2, 1.6, 2, 2.6, 1, 1, 1, 1, 1] },
      ...(together ? ([{ kind: 'table', table: together, titled: true }] satisfies Block[]) : []),
      ...charted(evaluation.read(pumpNow), evaluation.read(togetherInWords)),
      ...charted(evaluation.read(timeNow), evaluation.read(tankTimeInWords)),
      heading('Checks'),
      {
        kind: 'table',
        table: findingsTable(findings.filter(({ steps }) => steps.some((step) => STEPS.includes(step)))),
        widths: [1.3, 3, 1.3, 1.3, 1.6, 4],
      },
    ],
  };
}
