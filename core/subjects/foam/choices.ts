import { field } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { amountChoice, NONE, partOptions } from '../../kernel/index.js';
import type { AbsentChoice, Choice, Evaluation, PickChoice } from '../../kernel/index.js';
import { amount, cfm, gpm, inShort } from '../../units/index.js';
import {
  CELL_FIELDS,
  CELL_NAMES,
  CELLS,
  concentrateShelf,
  FIRST_CELL,
  foamShelf,
  REFILL_NAMES,
  REFILLS,
  withCell,
  withFoam,
} from './block.js';
import type { CellSaid } from './block.js';
import { foamCells, usualConcentrate } from './cells.js';
import type { FoamCell } from './cells.js';
import type { FoamSystem } from './parts.js';

const CELL_TITLE = CELL_FIELDS.cell.title;

/** What a system does, in short. */
const systemInWords = ({ maxConcentrateGpm, eductorGpm, airCfm }: FoamSystem): string =>
  inShort(
    `Up to ${gpm(maxConcentrateGpm)} of concentrate`,
    eductorGpm !== undefined && `at ${gpm(eductorGpm)} of water`,
    airCfm !== undefined && `${cfm(airCfm)} of air`,
  );

/** One of a few, the usual one being what is left out. */
const oneOf = <V extends string>(
  id: string,
  title: string,
  values: readonly V[],
  names: Record<V, string>,
  now: V,
  edit: (to: V) => Build,
): PickChoice => ({
  kind: 'pick',
  id,
  title,
  compact: true,
  options: values.map((value) => ({
    id: value,
    label: names[value],
    chosen: value === now,
    build: edit(value),
  })),
});

/** What can be chosen of a cell: concentrate, percentage, where it stands, how it is filled again. */
export function cellChoices(evaluation: Evaluation, id: string): Choice[] {
  const { build } = evaluation;
  const cell = evaluation.read(foamCells).find((one) => one.id === id);
  if (!cell) return [];
  const edit = (change: CellSaid): Build => withCell(build, id, change);
  const at = id === FIRST_CELL ? 'foam' : `foam-${id}`;
  return [
    amountChoice(`${at}-gallons`, CELL_FIELDS.gallons, cell.gallons, (gallons) => edit({ gallons })),
    concentratePick(build, cell, at, edit),
    amountChoice(`${at}-percent`, percentField(cell), cell.percent, (percent) =>
      percent === cell.percent ? build : edit({ percent }),
    ),
    oneOf(`${at}-cell`, CELL_TITLE, CELLS, CELL_NAMES, cell.cell, (to) =>
      edit({ cell: to === 'tank' ? undefined : to }),
    ),
    oneOf(`${at}-refill`, CELL_FIELDS.refill.title, REFILLS, REFILL_NAMES, cell.refill, (to) =>
      edit({ refill: to === 'top' ? undefined : to }),
    ),
    ...(id === FIRST_CELL ? [] : furtherChoices(build, cell, at, edit)),
  ];
}

const PICKUPS = { own: 'A pickup of its own', shared: 'Shared with the first cell' } as const;

/** What is asked of a further cell alone: what mixes it, and through what it is filled again. */
const furtherChoices = (
  build: Build,
  { throughId, id, system, sharesPickup }: FoamCell,
  at: string,
  edit: (change: CellSaid) => Build,
): Choice[] => [
  {
    kind: 'pick',
    id: `${at}-system`,
    title: 'Mixed by',
    compact: true,
    options: [
      {
        id: NONE,
        label: 'The first system, by a selector',
        chosen: throughId !== id,
        build: throughId === id ? edit({ partId: undefined }) : build,
      },
      ...partOptions(
        foamShelf.in(build).usualFirst(build.type),
        (one) => throughId === id && one.id === system.id,
        (one) => edit({ partId: one.id }),
        { words: systemInWords, type: build.type },
      ),
    ],
  },
  oneOf(
    `${at}-pickup`,
    'Its pickup for refill',
    ['own', 'shared'],
    PICKUPS,
    sharesPickup ? 'shared' : 'own',
    (to) => edit({ pickup: to === 'own' ? undefined : to }),
  ),
];

/** The percentages at which a concentrate works. */
const percentField = ({ concentrate: { leastPct, mostPct }, percent }: FoamCell) =>
  field.amount(CELL_FIELDS.percent.title, '%', {
    min: Math.min(leastPct, percent),
    max: Math.max(mostPct, percent),
    step: 0.1,
  });

const concentratePick = (
  build: Build,
  { concentrate, system, id }: FoamCell,
  at: string,
  edit: (change: CellSaid) => Build,
): PickChoice => ({
  kind: 'pick',
  id: `${at}-concentrate`,
  title: CELL_FIELDS.concentrateId.title,
  compact: true,
  options: partOptions(
    concentrateShelf
      .in(build)
      .all()
      .filter(({ foamClass }) => id !== FIRST_CELL || foamClass === system.foamClass),
    (one) => one.id === concentrate.id,
    (one) =>
      one.id === concentrate.id
        ? build
        : edit({
            concentrateId: one.id === usualConcentrate(system.foamClass) ? undefined : one.id,
            percent: undefined,
          }),
    { words: ({ usualPct }) => `Mixed at ${amount(usualPct, '%')}` },
  ),
});

/** The foam system, and what can be chosen of its first cell. */
export function foamChoices(build: Build, evaluated: () => Evaluation): Choice[] {
  const { partId } = build.foam;
  const pick: Choice = {
    kind: 'pick',
    id: 'foam',
    title: 'Foam system',
    options: [
      { id: NONE, label: 'No foam', chosen: partId === undefined, build: withFoam(build, undefined) },
      ...partOptions(
        foamShelf.in(build).usualFirst(build.type),
        ({ id }) => id === partId,
        ({ id }) => withFoam(build, id),
        { words: systemInWords, type: build.type },
      ),
    ],
  };
  return partId === undefined ? [pick] : [...cellChoices(evaluated(), FIRST_CELL), pick];
}

/** What is asked of the concentrate, where there is any. */
export const foamAbsent = ({ foam: { partId } }: Build): AbsentChoice[] =>
  partId !== undefined
    ? []
    : [
        { id: 'foam-gallons', title: CELL_FIELDS.gallons.title, because: 'needs a foam system' },
        { id: 'foam-cell', title: CELL_TITLE, because: 'needs a foam system' },
      ];
