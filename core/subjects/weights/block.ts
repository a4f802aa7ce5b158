import { BASES, BASIS_NAMES, block, field, linesIn, withBlock, withLine } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { lb } from '../../units/index.js';
import { linesOfWeighed, withoutComponentId } from './version2.js';

/**
 * What a load state of the department's own may leave off the truck: what it is called, and what comes off.
 * Mounts and reels stay.
 */
export const OFF_GROUPS = ['Hose', 'Ladders', 'Equipment', 'Allowance', 'Own items'] as const;
export type OffGroup = (typeof OFF_GROUPS)[number];

/** What each is called; the file keeps the older name of one. */
export const OFF_NAMES: Record<OffGroup, string> = {
  Hose: 'Hose',
  Ladders: 'Ladders',
  Equipment: 'Equipment',
  Allowance: 'Allowance',
  'Own items': 'Extra items',
};

const tolerance = field.optional(field.amount('Tolerance', '%', { min: 0, max: 100 }));

/** A better weight for one component; its id is the component's. */
export const WEIGHED_FIELDS = {
  /**
   * What was weighed, in what number and size: another part or size ends it, another count scales it. Left
   * out where an older file did not say.
   */
  partId: field.optional(field.id('Part')),
  count: field.optional(field.count('How many', 1, 1000)),
  size: field.optional(field.amount('Size', '', { min: 0, max: 10_000 })),
  name: field.optional(field.text('What was weighed', 1, 200)),
  weightLb: field.amount('Weight', 'lb', { min: 0, max: 60_000 }),
  basis: field.oneOf('Basis', BASES, BASIS_NAMES),
  tolerancePct: tolerance,
};

const percent = (title: string) => field.amount(title, '%', { min: 0, max: 100, step: 1 });

/** A load state of the department's own. */
export const STATE_FIELDS = {
  name: field.text('Name', 1, 40),
  waterPct: percent('Water'),
  foamPct: percent('Foam'),
  fuelPct: percent('Fuel'),
  /** Seats that are taken, driver and officer first. */
  crew: field.count('Crew', 0, 12),
  off: field.many('Left off', field.oneOf('Left off', OFF_GROUPS, OFF_NAMES), 10),
};
export const MOST_STATES = 12;

/** Weight kept free for what is mounted later: so many percent of the truck in service, or so many pounds. */
export const GROWTH_FIELDS = {
  unit: field.oneOf('Growth reserve in', ['pct', 'lb'], { pct: 'percent', lb: 'pounds' }),
  value: field.amount('Growth reserve', '', { min: 0, max: 10_000 }),
};
/** As a percentage it is no more than this. */
export const MOST_GROWTH_PCT = 30;

export const weightsBlock = block({
  id: 'weights',
  title: 'Weights',
  version: 1,
  fields: {
    weighed: field.lines(
      'Weighed',
      'Weighed weight',
      400,
      WEIGHED_FIELDS,
      ({ id, name, weightLb, basis }) => ({
        title: `Weight of ${name ?? id}`,
        words: `${lb(weightLb)}, ${basis}`,
      }),
    ),
    states: field.lines(
      'Load states',
      'Load state',
      MOST_STATES,
      STATE_FIELDS,
      ({ name, waterPct, foamPct, fuelPct, crew, off }) => ({
        title: `Load state ${name}`,
        words: `water ${waterPct} %, foam ${foamPct} %, fuel ${fuelPct} %, crew of ${crew}${off.length ? `, without ${off.join(', ').toLowerCase()}` : ''}`,
      }),
    ),
    growth: field.optional(field.group('Growth reserve', GROWTH_FIELDS)),
  },
  empty: { weighed: [], states: [] },
  fromVersion2: (file) =>
    ({
      weighed: linesIn(file, 'corrections').map((correction) => ({
        id: linesOfWeighed(file, correction['componentId']),
        ...withoutComponentId(correction),
      })),
      states: linesIn(file, 'states'),
      ...(file['growth'] === undefined ? {} : { growth: file['growth'] }),
    }) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    weights: BlockOf<typeof weightsBlock>;
  }
}

export type WeighedWeight = Build['weights']['weighed'][number];
export type OwnState = Build['weights']['states'][number];
export type Growth = NonNullable<Build['weights']['growth']>;

/** A better weight for a component, or the catalog's again. */
export const withWeighed = (build: Build, id: string, weighed: WeighedWeight | null): Build =>
  withBlock(build, 'weights', { weighed: withLine(build.weights.weighed, id, weighed) });

/** One more load state, or one in place of the state of the same id; gone where there is none. */
export const withState = (build: Build, id: string, state: OwnState | null): Build =>
  withBlock(build, 'weights', { states: withLine(build.weights.states, id, state) });

/** Weight kept free for later, or none. */
export const withGrowth = (build: Build, growth: Growth | undefined): Build =>
  withBlock(build, 'weights', { growth: growth && growth.value > 0 ? growth : undefined });
