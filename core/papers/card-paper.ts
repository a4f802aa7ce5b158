import { PLANNING_CAUTION } from '../kernel/index.js';
import type { Evaluation } from '../kernel/index.js';
import { air } from '../subjects/air/index.js';
import { compressorCfm } from '../subjects/foam/index.js';
import { tankTimeInWords, togetherInWords } from '../subjects/lines/index.js';
import { byHandTable, cardTable, HARMS, operating, procedures } from '../subjects/operating/index.js';
import { plumbing } from '../subjects/plumbing/index.js';
import { rollingInWords } from '../subjects/rolling/index.js';
import { caution, inColumns, text } from './kinds.js';
import type { Block, Paper } from './kinds.js';

const COLUMNS = 3;
type Steps = Extract<Block, { kind: 'steps' }>;

/** How much room steps take on a page, in letters. */
const lettersOf = ({ title, steps }: Steps): number =>
  title.length + 30 + steps.reduce((sum, of) => sum + of.do.length + of.why.length + 22, 0);

/** The operator's card: one page with this truck's lines, its tank, and the steps in order. */
export function cardPaper(evaluation: Evaluation): Paper {
  const lines = evaluation.read(cardTable);
  const hand = evaluation.read(byHandTable);
  const said = [
    evaluation.read(togetherInWords),
    evaluation.read(tankTimeInWords),
    evaluation.read(rollingInWords),
  ].filter((words) => words !== '');
  const steps = evaluation
    .read(procedures)
    .map(({ title, steps: of }) => ({ kind: 'steps' as const, title, steps: of }));
  const body: Block[] = [
    {
      kind: 'table',
      table: lines,
      widths: [2, 2, 2, 2.6, 0.9, 0.9, 0.9, 1.1].slice(0, lines.columns.length),
    },
    ...(said.length ? [text(said.join(' '))] : []),
    { kind: 'columns', columns: inColumns(steps, COLUMNS, lettersOf) },
    ...(hand.rows.length ? [{ kind: 'table' as const, table: hand, widths: [1.4, 0.7, 4] }] : []),
    caution(HARMS),
    caution([plumbing.caution, ...(evaluation.read(compressorCfm) > 0 ? [air.caution] : [])].join(' ')),
  ];
  return {
    title: 'Operator’s card',
    dense: true,
    blocks: [
      caution(`${PLANNING_CAUTION} ${operating.caution}`),
      ...(steps.length ? body : [text('There is no pump: nothing is to be operated.')]),
    ],
  };
}
