import { check, reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { atOnce, inSteps } from '../../kernel/index.js';
import type { ChangeKind, Changes } from '../../kernel/index.js';
import { amount, gal, inShort, listed, within } from '../../units/index.js';
import {
  concentrateShelf,
  FIRST_CELL,
  foamBlock,
  foamProblems,
  foamShelf,
  settleFoam,
  withCell,
  withFoam,
} from './block.js';
import { classInWords, foamCells } from './cells.js';
import { foamAbsent, foamChoices } from './choices.js';
import { foamComponents, takenByFoam } from './place.js';

export {
  CELL_NAMES,
  concentrateShelf,
  FIRST_CELL,
  foamBlock,
  foamShelf,
  REFILL_NAMES,
  withCell,
  withFoam,
  withMoreCell,
  withoutCell,
} from './block.js';
export { cellFor, classInWords, compressorCfm, foamCells, usualConcentrate } from './cells.js';
export type { FoamCell } from './cells.js';
export { cellChoices } from './choices.js';
export { furtherCells, furtherInWords } from './further.js';
export type { Concentrate, FoamClass } from './concentrates.js';
export type { FoamSystem } from './parts.js';

/** Concentrate comes in pails of 5 gal; the amounts that advice looks at, gal. */
export const PAIL_GAL = 5;
const AMOUNTS_GAL = [10, 20, 30];

const concentrate = check(
  'foam',
  { id: 'concentrate', title: 'Concentrate for the foam system', steps: ['foam'] },
  [foamCells],
  ([first]) =>
    first
      ? {
          status: first.gallons < PAIL_GAL ? 'fails' : 'holds',
          actual: first.gallons,
          limit: PAIL_GAL,
          margin: first.gallons - PAIL_GAL,
          unit: 'gal',
          state: null,
          basis: 'House rule: one pail of concentrate at least',
          words:
            first.gallons < PAIL_GAL
              ? `A foam system with ${gal(first.gallons)} of concentrate makes no foam.`
              : `${gal(first.gallons)} of ${classInWords(first)} concentrate.`,
        }
      : null,
);

const FOAM: ChangeKind = { id: 'foam', title: 'Foam', costs: 'givesUp' };
const changes: Changes[] = [
  {
    kind: FOAM,
    helps: ['concentrate'],
    offer: ({ build: { foam: now } }) => [
      inSteps(
        FOAM,
        AMOUNTS_GAL.filter((gallons) => gallons > now.gallons).map((gallons) => ({
          label: `${gal(gallons)} of concentrate instead of ${gal(now.gallons)}`,
          edit: (on) => withCell(on, FIRST_CELL, { gallons }),
        })),
      ),
    ],
  },
  {
    kind: FOAM,
    helps: ['concentrate', 'needsPump'],
    offer: ({ build }) =>
      build.foam.partId === undefined
        ? []
        : [atOnce(FOAM, 'No foam system', (on) => withFoam(on, undefined), 'none')],
  },
];

/** The foam systems and their cells. */
export const foam: Subject = {
  id: 'foam',
  title: 'Foam',
  step: () => true,
  shelves: [foamShelf, concentrateShelf],
  block: foamBlock,
  settle: settleFoam,
  problems: foamProblems,
  takes: takenByFoam,
  components: foamComponents,
  checks: [concentrate],
  changes,
  choices: foamChoices,
  absent: foamAbsent,
  figures: [
    {
      id: 'foamGal',
      title: 'Foam concentrate',
      unit: 'gal',
      harm: { way: 'down', each: 10 },
      reading: reading('foam', [foamCells], (cells) => cells.reduce((sum, { gallons }) => sum + gallons, 0)),
    },
  ],
  sentence: (evaluation) => {
    const [first, ...more] = evaluation.read(foamCells);
    if (!first) return 'There shall be no foam system.';
    const also = more.map(
      (cell) =>
        `${gal(cell.gallons)} of ${within(cell.concentrate.name)}${cell.throughId === cell.id ? ` with ${within(cell.system.name)}` : ', chosen by a selector'}`,
    );
    return `The foam system shall be ${within(first.system.name)}, with ${gal(first.gallons)} of concentrate${also.length ? `, and ${listed(also)}` : ''}.`;
  },
  line: (evaluation) => {
    const cells = evaluation.read(foamCells);
    return cells.length
      ? inShort(
          ...cells.flatMap((cell) => [classInWords(cell), gal(cell.gallons), amount(cell.percent, '%')]),
        )
      : 'None';
  },
};
