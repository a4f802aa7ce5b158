import { block, field } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import {
  amountChoice,
  boxOfTank,
  atOnce,
  check,
  component,
  inSteps,
  madeOf,
  fromBuild,
  NONE,
  partFigure,
  partOptions,
  reading,
  Shelf,
} from '../../kernel/index.js';
import type {
  AbsentChoice,
  ChangeKind,
  Changes,
  Choice,
  Component,
  Subject,
  Taking,
  TankBox,
} from '../../kernel/index.js';
import { bodyPlace, pumpHouse, tankBoxes } from '../../truck/index.js';
import { gal, gpm, IN3_PER_GAL, inShort, within } from '../../units/index.js';
import { centerOfBoxes, foamBoxes, USABLE_FRACTION } from '../tank/index.js';
import { chosenChassis } from '../chassis/index.js';
import { FOAM_SYSTEMS } from './parts.js';
import type { FoamSystem } from './parts.js';

const { plain, price, weight } = partFigure;

export const foamShelf = new Shelf<FoamSystem>({
  kind: 'foam',
  title: 'Foam systems',
  shipped: FOAM_SYSTEMS,
  figures: [
    weight<FoamSystem>(3_000),
    plain<FoamSystem>('maxConcentrateGpm', 'Most concentrate', 'gpm', 0.1, 60),
    plain<FoamSystem>('lbPerGal', 'Weight of a gallon of concentrate', 'lb', 7, 12),
    price<FoamSystem>(),
  ],
});

/** Where concentrate can stand. */
const CELLS = ['tank', 'own'] as const;
const CELL_NAMES = {
  tank: 'In a cell of the water tank',
  own: 'In a tank of its own behind the water',
} as const;

export const foamBlock = block({
  id: 'foam',
  title: 'Foam',
  version: 1,
  fields: {
    /** Left out where the truck carries no foam. */
    partId: field.optional(field.part('Foam system', 'foam')),
    gallons: field.amount('Concentrate', 'gal', { min: 0, max: 300, step: 5, usual: [0, 120] }),
    /** Where it stands; in a cell of the water tank where left out. */
    cell: field.optional(field.oneOf('Where the concentrate stands', CELLS, CELL_NAMES)),
  },
  empty: { gallons: 0 },
  asOne: ({ partId, gallons }, names) =>
    partId === undefined ? 'none' : `${names.part('foam', partId)}, ${gal(gallons)}`,
  fromVersion2: (file) => (file['foam'] === undefined ? { gallons: 0 } : file['foam']) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    foam: BlockOf<typeof foamBlock>;
  }
}

/** Concentrate that a new system starts with, gal. */
const FIRST_FOAM_GAL = 20;

/** Another foam system with its concentrate, or none. */
export function withFoam(build: Build, partId: string | undefined): Build {
  const { partId: now, ...rest } = build.foam;
  if (partId === undefined) return { ...build, foam: { ...rest, gallons: 0 } };
  return {
    ...build,
    foam: { ...rest, partId, gallons: now === undefined ? FIRST_FOAM_GAL : build.foam.gallons },
  };
}

/**
 * In the pump house: ahead of its back, above the frame; without one ahead of the body's end, above the
 * deck, in.
 */
const IN_HOUSE_IN = { aheadOfBack: 10, overFrame: 10 };
const ON_DECK_IN = { aheadOfEnd: 12, up: 14 };
/** Without a water tank the concentrate stands that far above the frame, in. */
const OVER_FRAME_IN = 14;
/** A tank of its own: as wide and high, behind the water tank, and what it weighs empty for a gallon; in, lb. */
const OWN_TANK = { widthIn: 22, heightIn: 24, behindIn: 2, lbPerGal: 1.6, centsPerGal: 2_400 };
/** A foam pump reaches so far below its middle, in. */
const FOAM_PUMP_HALF_IN = 5;
/** Concentrate is known to the gallon: ± percent. */
const FOAM_TOLERANCE_PCT = 2;

const chosenFoam = reading(
  'foam',
  [fromBuild(({ foam }) => foam), foamShelf.stock],
  ({ partId, gallons }, stock) => (partId === undefined ? null : { system: stock.part(partId), gallons }),
);

/** The tank that the concentrate has of its own, behind the water; null where it has none. */
const ownTank = reading(
  'foam',
  [chosenFoam, fromBuild(({ foam }) => foam.cell), tankBoxes, bodyPlace],
  (chosen, cell, boxes, body): TankBox | null => {
    if (!chosen || cell !== 'own' || chosen.gallons === 0) return null;
    const { widthIn, heightIn, behindIn } = OWN_TANK;
    const ends = boxes.map(({ frontIn, lengthIn }) => frontIn + lengthIn);
    return {
      frontIn: Math.max(body.frontIn, ...ends) + behindIn,
      centerIn: 0,
      bottomIn: Math.max(body.deckIn + behindIn, ...boxes.slice(0, 1).map(({ bottomIn }) => bottomIn)),
      lengthIn: (chosen.gallons * IN3_PER_GAL) / USABLE_FRACTION / (widthIn * heightIn),
      widthIn,
      heightIn,
      lateralCells: 1,
    };
  },
);

/** What a tank of its own takes from the compartments. */
const takes = reading('foam', [ownTank], (box): Taking[] =>
  box ? [{ from: 'compartments', boxes: [boxOfTank(box)] }] : [],
);

const components = reading(
  'foam',
  [chosenFoam, pumpHouse, bodyPlace, foamBoxes, ownTank, chosenChassis],
  (chosen, house, body, cell, own, { chassis }): Component[] => {
    if (!chosen) return [];
    const { system, gallons } = chosen;
    const xIn = house ? house.x1 - IN_HOUSE_IN.aheadOfBack : body.endIn - ON_DECK_IN.aheadOfEnd;
    const foamPumpIn = house ? body.frameIn + IN_HOUSE_IN.overFrame : body.deckIn + ON_DECK_IN.up;
    const about = { group: 'Foam', step: 'foam', yIn: 0 } as const;
    const stands = own ? centerOfBoxes([own]) : cell.length > 0 ? centerOfBoxes(cell) : null;
    return [
      ...(own
        ? [
            component({
              id: 'foam-tank',
              name: `Foam tank, ${gal(gallons)}, empty`,
              ...about,
              ...centerOfBoxes([own]),
              weightLb: gallons * OWN_TANK.lbPerGal,
              basis: 'calculated' as const,
              priceCents: Math.round(gallons * OWN_TANK.centsPerGal),
              made: madeOf('foam-tank', 1, gallons),
              shapes: [{ kind: 'tank' as const, box: boxOfTank(own), boxes: [own] }],
            }),
          ]
        : []),
      component({
        id: 'foam-system',
        name: system.name,
        ...about,
        xIn,
        zIn: foamPumpIn,
        weightLb: system.weightLb,
        priceCents: system.priceCents,
        basis: system.basis,
        made: madeOf(system.id),
        harmedAt: [{ what: 'foam pump', xIn, yIn: 0, zIn: foamPumpIn - FOAM_PUMP_HALF_IN }],
        needs: 'pump',
      }),
      component({
        id: 'foam',
        name: `Class ${system.foamClass} concentrate, ${gal(gallons)}`,
        ...about,
        role: 'foam',
        made: madeOf(system.id, 1, gallons),
        source: 'concentrate',
        xIn: stands?.xIn ?? xIn,
        zIn: stands?.zIn ?? chassis.frame.topIn + OVER_FRAME_IN,
        weightLb: gallons * system.lbPerGal,
        basis: 'calculated',
        tolerancePct: FOAM_TOLERANCE_PCT,
      }),
    ];
  },
);

/** Concentrate comes in pails of 5 gal; the amounts that advice looks at, gal. */
const PAIL_GAL = 5;
const AMOUNTS_GAL = [10, 20, 30];

const withGallons = (build: Build, gallons: number): Build => ({
  ...build,
  foam: { ...build.foam, gallons },
});

/** The concentrate in the water tank, where nothing is said of it, or in a tank of its own. */
function withCell(build: Build, cell: (typeof CELLS)[number]): Build {
  const { cell: _old, ...rest } = build.foam;
  return { ...build, foam: cell === 'tank' ? rest : { ...rest, cell } };
}

const concentrate = check(
  'foam',
  { id: 'concentrate', title: 'Concentrate for the foam system', steps: ['foam'] },
  [chosenFoam],
  (chosen) =>
    chosen && {
      status: chosen.gallons < PAIL_GAL ? 'fails' : 'holds',
      actual: chosen.gallons,
      limit: PAIL_GAL,
      margin: chosen.gallons - PAIL_GAL,
      unit: 'gal',
      state: null,
      basis: 'House rule: one pail of concentrate at least',
      words:
        chosen.gallons < PAIL_GAL
          ? `A foam system with ${gal(chosen.gallons)} of concentrate makes no foam.`
          : `${gal(chosen.gallons)} of class ${chosen.system.foamClass} concentrate.`,
    },
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
          edit: (on) => withGallons(on, gallons),
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

const CELL_TITLE = 'Where the concentrate stands';

function choices(build: Build): Choice[] {
  const { partId, gallons } = build.foam;
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
        {
          words: (part) => `Up to ${gpm(part.maxConcentrateGpm)} of concentrate`,
          type: build.type,
        },
      ),
    ],
  };
  return partId === undefined
    ? [pick]
    : [
        amountChoice('foam-gallons', foamBlock.fields.gallons, gallons, (to) => withGallons(build, to)),
        {
          kind: 'pick',
          id: 'foam-cell',
          title: CELL_TITLE,
          compact: true,
          options: CELLS.map((cell) => ({
            id: cell,
            label: CELL_NAMES[cell],
            chosen: cell === (build.foam.cell ?? 'tank'),
            build: withCell(build, cell),
          })),
        },
        pick,
      ];
}

/** What is asked of the concentrate, where there is any. */
const absent = ({ foam: { partId } }: Build): AbsentChoice[] =>
  partId !== undefined
    ? []
    : [
        { id: 'foam-gallons', title: foamBlock.fields.gallons.title, because: 'needs a foam system' },
        { id: 'foam-cell', title: CELL_TITLE, because: 'needs a foam system' },
      ];

/** The foam system and its concentrate. */
export const foam: Subject = {
  id: 'foam',
  title: 'Foam',
  step: () => true,
  shelves: [foamShelf],
  block: foamBlock,
  takes,
  components,
  checks: [concentrate],
  changes,
  choices,
  absent,
  sentence: (evaluation) => {
    const chosen = evaluation.read(chosenFoam);
    return chosen
      ? `The foam system shall be ${within(chosen.system.name)}, with ${gal(chosen.gallons)} of concentrate.`
      : 'There shall be no foam system.';
  },
  line: (evaluation) => {
    const chosen = evaluation.read(chosenFoam);
    return chosen ? inShort(`class ${chosen.system.foamClass}`, gal(chosen.gallons)) : 'None';
  },
};
