import { block, changedLine, field, freshId, said, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { partFigure, Shelf } from '../../kernel/index.js';
import { amount, gal, inShort, within } from '../../units/index.js';
import { CONCENTRATES } from './concentrates.js';
import type { Concentrate } from './concentrates.js';
import { FOAM_SYSTEMS } from './parts.js';
import type { FoamSystem } from './parts.js';

const { plain, price, weight } = partFigure;

/** A figure that only some systems have. */
const ofSome = (id: 'eductorGpm' | 'airCfm', title: string, unit: 'gpm' | 'cfm', most: number) =>
  partFigure.within<FoamSystem>(
    id,
    title,
    unit,
    [1, most],
    (system) => system[id] ?? NaN,
    (system, value) => (system[id] === undefined ? system : { ...system, [id]: value }),
    { none: 'not of such a system' },
  );

export const foamShelf = new Shelf<FoamSystem>({
  kind: 'foam',
  title: 'Foam systems',
  shipped: FOAM_SYSTEMS,
  figures: [
    weight<FoamSystem>(3_000),
    plain<FoamSystem>('maxConcentrateGpm', 'Most concentrate', 'gpm', 0.1, 60),
    plain<FoamSystem>('lbPerGal', 'Concentrate weighs', 'lbgal', 7, 12),
    ofSome('eductorGpm', 'Must flow through its eductor', 'gpm', 1_000),
    ofSome('airCfm', 'Air of its compressor', 'cfm', 1_000),
    price<FoamSystem>(),
  ],
});

export const concentrateShelf = new Shelf<Concentrate>({
  kind: 'concentrate',
  title: 'Foam concentrates',
  shipped: CONCENTRATES,
  figures: [
    plain<Concentrate>('usualPct', 'Mixed at', 'pct', 0.1, 10),
    plain<Concentrate>('leastPct', 'Works from', 'pct', 0.1, 10),
    plain<Concentrate>('mostPct', 'Works up to', 'pct', 0.1, 10),
    plain<Concentrate>('lbPerGal', 'Weighs', 'lbgal', 7, 12, true),
    plain<Concentrate>('centsPerGal', 'Price of a gallon', 'cents', 0, 100_000),
  ],
  ordered: [
    ['leastPct', 'usualPct'],
    ['usualPct', 'mostPct'],
  ],
});

/** Where concentrate can stand. */
export const CELLS = ['tank', 'own'] as const;
export type Cell = (typeof CELLS)[number];
export const CELL_NAMES: Record<Cell, string> = {
  tank: 'In a cell of the water tank',
  own: 'In a tank of its own behind the water',
};

/** How a cell is filled again. */
export const REFILLS = ['top', 'ground', 'both'] as const;
export type Refill = (typeof REFILLS)[number];
export const REFILL_NAMES: Record<Refill, string> = {
  top: 'Poured in over the top',
  ground: 'Drawn in from the ground by a refill pump',
  both: 'Drawn in from the ground, or poured in',
};

/** What is said of a cell with its concentrate. */
export const CELL_FIELDS = {
  gallons: field.amount('Concentrate', 'gal', { min: 0, max: 300, step: 5, usual: [0, 120] }),
  /** Where it stands; in a cell of the water tank where left out. */
  cell: field.optional(field.oneOf('Where the concentrate stands', CELLS, CELL_NAMES)),
  /** As usual for the class of its system where left out. */
  concentrateId: field.optional(field.part('Kind of concentrate', 'concentrate')),
  percent: field.optional(field.amount('Mixed at', '%', { min: 0.1, max: 10, step: 0.1 })),
  /** Poured in where left out. */
  refill: field.optional(field.oneOf('Filled again', REFILLS, REFILL_NAMES)),
};

export const foamBlock = block({
  id: 'foam',
  title: 'Foam',
  version: 1,
  fields: {
    /** Left out where the truck carries no foam. */
    partId: field.optional(field.part('Foam system', 'foam')),
    ...CELL_FIELDS,
    /** More cells beside the first: of the same system, or each with one of its own. */
    more: field.optional(
      field.lines(
        'Further foam cells',
        'Foam cell',
        5,
        {
          ...CELL_FIELDS,
          /** A system of its own; the first one with a selector where left out. */
          partId: field.optional(field.part('System of its own', 'foam')),
          /** Of its own where left out. */
          pickup: field.optional(
            field.oneOf('Its pickup for refill', ['shared'], { shared: 'Shared with the first cell' }),
          ),
        },
        ({ gallons, concentrateId, partId }, _, names) => ({
          title: 'Foam cell',
          words: inShort(
            gal(gallons),
            concentrateId !== undefined && within(names.part('concentrate', concentrateId)),
            partId !== undefined && within(names.part('foam', partId)),
          ),
        }),
      ),
    ),
  },
  empty: { gallons: 0 },
  asOne: ({ partId, gallons, percent, more }, names) =>
    partId === undefined
      ? 'none'
      : inShort(
          `${names.part('foam', partId)}, ${gal(gallons)}`,
          percent !== undefined && amount(percent, '%'),
          more !== undefined && more.length > 0 && `${more.length} more`,
        ),
  fromVersion2: (file) => (file['foam'] === undefined ? { gallons: 0 } : file['foam']) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    foam: BlockOf<typeof foamBlock>;
  }
}

export type MoreCell = NonNullable<Build['foam']['more']>[number];
/** What can be said of any cell, the first or a further one. */
export type CellSaid = Partial<Omit<MoreCell, 'id'>>;

/** The first cell is that of the truck's foam system. */
export const FIRST_CELL = 'foam';
/** Concentrate that a new cell starts with, gal. */
const FIRST_FOAM_GAL = 20;

/** Another foam system with its concentrate, or none. */
export function withFoam(build: Build, partId: string | undefined): Build {
  const { foam } = build;
  if (partId === undefined)
    return withBlock(build, 'foam', {
      partId,
      gallons: 0,
      concentrateId: undefined,
      percent: undefined,
      more: undefined,
    });
  // What was chosen for another class does not go with this one.
  const now = foam.partId === undefined ? undefined : foamShelf.in(build).part(foam.partId);
  const keeps = now?.foamClass === foamShelf.in(build).part(partId).foamClass;
  return withBlock(build, 'foam', {
    partId,
    gallons: now ? foam.gallons : FIRST_FOAM_GAL,
    ...(keeps ? {} : { concentrateId: undefined, percent: undefined }),
  });
}

/** What is said of a cell, the first or a further one, otherwise. */
export const withCell = (build: Build, id: string, change: CellSaid): Build =>
  id === FIRST_CELL
    ? withBlock(build, 'foam', change)
    : withBlock(build, 'foam', { more: changedLine(build.foam.more ?? [], id, change) });

/** One more cell beside the first. */
export const withMoreCell = (build: Build, of: CellSaid, id = freshId()): Build =>
  withBlock(build, 'foam', {
    more: [...(build.foam.more ?? []), said({ id, gallons: FIRST_FOAM_GAL, ...of })],
  });

/** Without a further cell. */
export function withoutCell(build: Build, id: string): Build {
  const more = (build.foam.more ?? []).filter((one) => one.id !== id);
  return withBlock(build, 'foam', { more: more.length ? more : undefined });
}

/** Without a system there is no further cell. */
export function settleFoam(build: Build): Build {
  const { more, ...rest } = build.foam;
  return rest.partId !== undefined || more === undefined ? build : settled(build, 'foam', rest);
}

export const foamProblems = ({ foam }: Build): Problem[] =>
  foam.more?.length && foam.partId === undefined
    ? [{ field: 'foam.more', message: 'foam.more must be left out where there is no foam system' }]
    : [];
