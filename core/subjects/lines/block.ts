import { block, clamped, field, freshId, said, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { partFigure, Shelf } from '../../kernel/index.js';
import { gpm, within } from '../../units/index.js';
import { CONSISTENCIES, CONSISTENCY_NAMES } from './air.js';
import { NOZZLES } from './parts.js';
import type { NozzlePart } from './parts.js';
import { sourcesOf } from './sources.js';

const { plain } = partFigure;
const optionalFigure = (
  id: 'tipIn' | 'ratedGpm' | 'fromGpm' | 'toGpm',
  title: string,
  unit: 'size' | 'gpm',
  max: number,
) =>
  partFigure.within<NozzlePart>(
    id,
    title,
    unit,
    [unit === 'size' ? 0.1 : 1, max],
    (nozzle) => nozzle[id] ?? NaN,
    (nozzle, value) => (nozzle[id] === undefined ? nozzle : { ...nozzle, [id]: value }),
    { none: 'not of such a nozzle' },
  );

export const nozzleShelf = new Shelf<NozzlePart>({
  kind: 'nozzle',
  title: 'Nozzles',
  shipped: NOZZLES,
  figures: [
    plain<NozzlePart>('pressurePsi', 'Made for', 'psi', 10, 700),
    optionalFigure('tipIn', 'Tip', 'size', 4),
    optionalFigure('ratedGpm', 'Flows at its pressure', 'gpm', 3_000),
    optionalFigure('fromGpm', 'Keeps its pressure from', 'gpm', 3_000),
    optionalFigure('toGpm', 'Keeps its pressure up to', 'gpm', 3_000),
  ],
});

/** Where the water comes from. */
export const SUPPLIES = ['tank', 'hydrant', 'draft', 'relay'] as const;
export type SupplyKind = (typeof SUPPLIES)[number];
export const SUPPLY_NAMES: Record<SupplyKind, string> = {
  tank: 'Tank alone',
  hydrant: 'Hydrant',
  draft: 'Draft',
  relay: 'Another pumper through a supply line',
};

const yes = (title: string, words: string) => field.optional(field.oneOf(title, ['yes'], { yes: words }));

/** What is said of a line beyond what it usually is: of one that comes with the truck, or of one of its own. */
export const LINE_FIELDS = {
  /** The bed load or monitor that it comes from; an own one, such as a standpipe, where left out. */
  sourceId: field.optional(field.id('Comes from')),
  name: field.optional(field.text('Name', 1, 60)),
  nozzleId: field.optional(field.part('Nozzle', 'nozzle')),
  setGpm: field.optional(field.amount('Flow asked of it', 'gpm', { min: 1, max: 3_000, step: 5 })),
  nozzlePsi: field.optional(field.amount('Nozzle pressure', 'psi', { min: 10, max: 700, step: 5 })),
  sizeIn: field.optional(field.amount('Hose', 'size', { min: 0.5, max: 12 })),
  lengthFt: field.optional(field.amount('Length', 'ft', { min: 0, max: 5_000, step: 50 })),
  parallel: field.optional(field.count('Side by side', 1, 6)),
  leaderIn: field.optional(field.amount('Hose before it', 'size', { min: 0.5, max: 12 })),
  leaderFt: field.optional(field.amount('Length before it', 'ft', { min: 0, max: 5_000, step: 50 })),
  leaderParallel: field.optional(field.count('Side by side before it', 1, 6)),
  elevationFt: field.optional(field.amount('Nozzle above the pump', 'ft', { min: -200, max: 600, step: 5 })),
  lossPsi: field.optional(field.amount('Lost in appliances', 'psi', { min: 0, max: 200, step: 5 })),
  crew: field.optional(field.count('Firefighters on it', 1, 8)),
  /** Of the solution; that of the cell where left out, and water alone at 0. */
  foamPct: field.optional(field.amount('Concentrate in it', '%', { min: 0, max: 10, step: 0.1 })),
  /** With the truck's air; medium where its discharge carries air and nobody says. */
  air: field.optional(
    field.oneOf('Compressed air', ['none', ...CONSISTENCIES], { none: 'None', ...CONSISTENCY_NAMES }),
  ),
  /** Solution that flows with the air. */
  airGpm: field.optional(field.amount('Solution with the air', 'gpm', { min: 1, max: 500, step: 5 })),
  /** The discharge that it is coupled to; the one that feeds its bed where left out. */
  outletId: field.optional(
    field.id(
      'Discharge',
      (id, { plumbing }) => plumbing.connections?.find((of) => of.id === id)?.label ?? id,
    ),
  ),
  runs: field.optional(
    field.oneOf('Runs with the others', ['yes', 'no'], { yes: 'Runs', no: 'Does not run' }),
  ),
  /** Sweeps and the bumper monitor do where nobody says. */
  rolls: field.optional(field.oneOf('While the truck rolls', ['yes', 'no'], { yes: 'Works', no: 'Is shut' })),
  off: yes('It is', 'No line of this truck'),
};

export const linesBlock = block({
  id: 'lines',
  title: 'Lines',
  version: 1,
  fields: {
    lines: field.lines('Lines', 'Line', 60, LINE_FIELDS, ({ name, nozzleId, setGpm }, _, names) => ({
      title: 'Line',
      words:
        [
          ...(name ? [name] : []),
          ...(nozzleId ? [within(names.part('nozzle', nozzleId))] : []),
          ...(setGpm === undefined ? [] : [gpm(setGpm)]),
        ].join(', ') || 'as it usually is',
    })),
    supply: field.optional(field.oneOf('Water comes from', SUPPLIES, SUPPLY_NAMES)),
    /** The hydrant or the draft site of the brief. */
    placeId: field.optional(field.id('Place')),
    layIn: field.optional(field.amount('Supply line', 'size', { min: 1, max: 12 })),
    layFt: field.optional(field.amount('Length of the supply line', 'ft', { min: 0, max: 10_000, step: 50 })),
    lays: field.optional(field.count('Supply lines side by side', 1, 6)),
    relayPsi: field.optional(
      field.amount('Pressure of the other pumper', 'psi', { min: 20, max: 400, step: 5 }),
    ),
  },
  empty: { lines: [] },
  later: true,
  fromVersion2: () => ({ lines: [] }),
});

declare module '../../build/build.js' {
  interface Blocks {
    lines: BlockOf<typeof linesBlock>;
  }
}

export type LineEntry = Build['lines']['lines'][number];

const saysNothing = ({ id: _id, sourceId: _source, ...rest }: LineEntry): boolean =>
  Object.keys(rest).length === 0;

/**
 * What is said of a line: of one that comes from a bed or a monitor by the id of that, of an own one by its own id.
 * One that comes with the truck and of which nothing is said any more is as usual again.
 */
export function withLineSaid(build: Build, id: string, change: Partial<Omit<LineEntry, 'id'>>): Build {
  const all = build.lines.lines;
  const entry = all.find((one) => one.id === id || one.sourceId === id) ?? { id: freshId(), sourceId: id };
  const next = said({ ...entry, ...change });
  const others = (line: LineEntry) => all.map((one) => (one.id === entry.id ? line : one));
  const lines = all.includes(entry) ? others(next) : [...all, next];
  return withBlock(build, 'lines', {
    lines: next.sourceId !== undefined && saysNothing(next) ? lines.filter((one) => one !== next) : lines,
  });
}

/** A line that is coupled by hand: a portable monitor, a standpipe, a hose at a gated wye. */
export const withOwnLine = (build: Build, of: Omit<LineEntry, 'id'>, id = freshId()): Build =>
  withBlock(build, 'lines', { lines: [...build.lines.lines, said({ id, ...of })] });

/** An own line taken off; one that comes with the truck is none of its lines any more. */
export function withoutLine(build: Build, id: string): Build {
  const own = build.lines.lines.find((one) => one.id === id && one.sourceId === undefined);
  return own
    ? withBlock(build, 'lines', { lines: build.lines.lines.filter((one) => one !== own) })
    : withLineSaid(build, id, { off: 'yes' });
}

/** Where the water comes from. */
export const withSupply = (
  build: Build,
  change: Partial<Pick<Build['lines'], 'supply' | 'placeId' | 'layIn' | 'layFt' | 'lays' | 'relayPsi'>>,
): Build => withBlock(build, 'lines', change);

/** A length of hose within its field, ft. */
export const lengthOfLine = (feet: number): number => clamped(LINE_FIELDS.lengthFt, feet);

/** What is said of a bed load or a monitor goes with it, and an outlet that is gone is not named any more. */
export function settleLines(build: Build): Build {
  const there = new Set(sourcesOf(build).map(({ id }) => id));
  const outlets = build.plumbing.connections && new Set(build.plumbing.connections.map(({ id }) => id));
  const lines = build.lines.lines
    .filter(({ sourceId }) => sourceId === undefined || there.has(sourceId))
    .map((line) => {
      const { outletId, ...rest } = line;
      return outletId === undefined || !outlets || outlets.has(outletId) ? line : rest;
    });
  return settled(build, 'lines', { ...build.lines, lines });
}

/** An own line needs what nothing else says of it. */
export function linesProblems(build: Build): Problem[] {
  const there = sourcesOf(build).map(({ id }) => id);
  return build.lines.lines.flatMap(({ sourceId, name, nozzleId }, i) => {
    const at = `lines.lines.${i}`;
    if (sourceId !== undefined)
      return there.includes(sourceId)
        ? []
        : [
            {
              field: `${at}.sourceId`,
              message: `${at}.sourceId must be a hose load or a monitor of this truck: ${there.join(', ') || 'it has none'} (was "${sourceId}")`,
            },
          ];
    return [
      ...(name === undefined
        ? [{ field: `${at}.name`, message: `${at}.name must be given for a line of its own` }]
        : []),
      ...(nozzleId === undefined
        ? [{ field: `${at}.nozzleId`, message: `${at}.nozzleId must be given for a line of its own` }]
        : []),
    ];
  });
}

/** Lines that are laid by hand and come with no bed, as they usually are. */
export const OWN_LINES: readonly { title: string; line: Omit<LineEntry, 'id'> }[] = [
  {
    title: 'Portable monitor',
    line: { name: 'Portable monitor', nozzleId: 'tip-1-3-8', sizeIn: 3, lengthFt: 200, parallel: 2 },
  },
  {
    title: 'Standpipe',
    line: {
      name: 'Standpipe',
      nozzleId: 'fog-150-50',
      leaderIn: 3,
      leaderFt: 100,
      sizeIn: 2.5,
      lengthFt: 150,
      elevationFt: 30,
      lossPsi: 25,
    },
  },
  {
    title: 'Leader line and wye',
    line: {
      name: 'Leader line and wye',
      nozzleId: 'fog-150-75',
      leaderIn: 2.5,
      leaderFt: 200,
      sizeIn: 1.75,
      lengthFt: 150,
      lossPsi: 10,
    },
  },
  { title: 'Ground sweep', line: { name: 'Ground sweep', nozzleId: 'sweep-25' } },
];
