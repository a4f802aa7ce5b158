import { check, fromBuild, limitOf, noneOf, reading } from '../../kernel/index.js';
import type { AnyReading, Check, Judgement, ValuesOf } from '../../kernel/index.js';
import { counted, gal, gpm, hoseSize, inches, listed, within } from '../../units/index.js';
import { chosenPump, panelAt } from '../pump/index.js';
import { onFace } from './faces.js';
import type { Connection, Side } from './fields.js';
import { SIDE_NAMES } from './fields.js';
import { credits, supplies } from './limits.js';
import { isPowered, levels, openingsAt, panelSheets } from './panel.js';
import { overlapping } from './shelves.js';
import { connections, fed } from './usual.js';

const STEP = ['plumbing'] as const;
const HOUSE = 'House rule';

export const isDischarge = ({ kind }: Connection): boolean => kind === 'discharge';
export const isIntake = ({ kind }: Connection): boolean => kind === 'intake';
/** Whether nothing but water flows there, so that the rated test can be run through it. */
export const isPlain = ({ foam, air }: Connection): boolean => foam === undefined && air === undefined;
/** Discharges of this size and larger count toward the rating, in. */
export const COUNTED_FROM_IN = 2.5;
/** Whether hose can be coupled to it: what is piped to a bed or a monitor is taken already. */
const isOpen = ({ feedsId, at }: Connection): boolean => feedsId === undefined && at !== 'within';

const names = (all: readonly Connection[]): string => listed(all.map(({ label }) => label));

/** A check of the connections that needs a pump with plumbing. */
const ofConnections = <const R extends readonly AnyReading[]>(
  id: string,
  title: string,
  reads: R,
  judge: (all: readonly Connection[], ...values: ValuesOf<R>) => Judgement | null,
  steps: readonly string[] = STEP,
): Check =>
  check('plumbing', { id, title, steps }, [chosenPump, connections, ...reads], (...values) => {
    const [pump, all, ...rest] = values as unknown as [unknown, readonly Connection[], ...ValuesOf<R>];
    return pump ? judge(all, ...rest) : null;
  });

/** A check that finds connections that are not as they should be, and names them. */
const without = (
  id: string,
  title: string,
  found: 'fails' | 'caution',
  basis: string,
  wrong: (all: readonly Connection[]) => readonly Connection[],
  bad: (names: string) => string,
  good: string,
): Check =>
  ofConnections(id, title, [], (all) => {
    const of = wrong(all);
    return noneOf(of.length, found, basis, of.length ? bad(names(of)) : good);
  });

/** What the discharges count for together, gpm, those too that feed a line or a monitor; null where the profile has no credits. */
export const creditGpm = reading('plumbing', [connections, credits], (all, table) =>
  table
    ? {
        basis: table.basis,
        gpm: all
          .filter((one) => isDischarge(one) && one.sizeIn >= COUNTED_FROM_IN)
          .reduce((sum, { sizeIn }) => sum + table.of(sizeIn), 0),
      }
    : null,
);
const discharge = check(
  'plumbing',
  { id: 'discharge', title: 'Discharges for the rating', steps: STEP },
  [chosenPump, creditGpm],
  (pump, credit) => {
    if (!pump || !credit) return null;
    const margin = credit.gpm - pump.ratedGpm;
    const short = margin < 0 ? ` ${gpm(-margin)} short.` : '';
    return {
      status: margin < 0 ? 'fails' : 'holds',
      actual: credit.gpm,
      limit: pump.ratedGpm,
      margin,
      unit: 'gpm',
      state: null,
      basis: credit.basis,
      words: `Discharges of ${hoseSize(COUNTED_FROM_IN)} and larger count for ${gpm(credit.gpm)}, of a rating of ${gpm(pump.ratedGpm)}.${short}`,
    };
  },
);

const plain = ofConnections(
  'plainOutlets',
  'Discharges for plain water',
  [limitOf('plainOutlets')],
  (all, asked) => {
    if (!asked) return null;
    const of = all.filter((one) => isDischarge(one) && isPlain(one) && one.sizeIn >= COUNTED_FROM_IN);
    const margin = of.length - asked.value;
    return {
      status: margin < 0 ? 'fails' : 'holds',
      actual: of.length,
      limit: asked.value,
      margin,
      unit: 'pieces',
      state: null,
      basis: asked.basis,
      words: `${counted(of.length, 'discharge')} of ${hoseSize(COUNTED_FROM_IN)} and larger ${of.length === 1 ? 'carries' : 'carry'} neither foam nor air, of at least ${asked.value}: the rated test is run through them.`,
    };
  },
);

/** From which sides the pump draws: those that the build names, or both where it has a suction on both. */
export const drawsFrom = reading(
  'plumbing',
  [fromBuild(({ plumbing }) => plumbing.drawsFrom), connections],
  (own, all): readonly Side[] =>
    own ??
    (['left', 'right', 'front', 'rear'] as const).filter((side) =>
      all.some((one) => isSuction(one) && sideOf(one) === side),
    ),
);
/** Intakes of this size and larger are suctions, in. */
const SUCTION_FROM_IN = 3;
const isSuction = (one: Connection): boolean => isIntake(one) && one.sizeIn >= SUCTION_FROM_IN;
const sideOf = ({ at }: Connection): Side | null =>
  at === 'left' || at === 'bodyLeft'
    ? 'left'
    : at === 'right' || at === 'bodyRight'
      ? 'right'
      : at === 'rear' || at === 'front'
        ? at
        : null;

/** What the intakes of a side supply together: the largest in full, each further one by its share; gpm. */
export function suppliedGpm(
  all: readonly Connection[],
  of: (sizeIn: number) => number,
  nextPct: number,
): number {
  return all
    .filter(isIntake)
    .map(({ sizeIn }) => of(sizeIn))
    .sort((a, b) => b - a)
    .reduce((sum, one, i) => sum + (i === 0 ? one : (one * nextPct) / 100), 0);
}

const suction = check(
  'plumbing',
  { id: 'suction', title: 'Intakes for the rating', steps: STEP },
  [chosenPump, connections, supplies, limitOf('suctionNextPct'), drawsFrom],
  (pump, all, table, next, sides) => {
    if (!pump || !table || pump.ratedGpm < table.of(SUCTION_FROM_IN)) return null;
    const of = (sides.length ? sides : (['left'] as const)).map((side) => ({
      side,
      gpm: suppliedGpm(
        all.filter((one) => sideOf(one) === side),
        table.of,
        next?.value ?? 0,
      ),
    }));
    const worst = of.reduce((least, one) => (one.gpm < least.gpm ? one : least));
    const margin = worst.gpm - pump.ratedGpm;
    const said = of.map(({ side, gpm: supplied }) => `${within(SIDE_NAMES[side])} ${gpm(supplied)}`);
    return {
      status: margin < 0 ? 'fails' : 'holds',
      actual: worst.gpm,
      limit: pump.ratedGpm,
      margin,
      unit: 'gpm',
      state: null,
      basis: table.basis,
      words: `Intakes supply ${listed(said)}, of a rating of ${gpm(pump.ratedGpm)} from each side that must supply it.${margin < 0 ? ` ${gpm(-margin)} short.` : ''}`,
    };
  },
);

/** What a way from tank to pump of a size usually passes where its maker says nothing, gpm (formulas: plumbing). */
const PATH_GPM: Readonly<Record<number, number>> = {
  0.75: 20,
  1: 40,
  1.5: 80,
  2: 150,
  2.5: 250,
  3: 500,
  3.5: 600,
  4: 750,
  4.5: 900,
  5: 1_100,
  6: 1_500,
  8: 2_500,
  10: 3_500,
};
export const passes = ({ gpm: said, sizeIn }: Connection): number => said ?? PATH_GPM[sizeIn] ?? NaN;

/** What all ways from the tank to the pump pass together, gpm. */
export const tankPathGpm = reading('plumbing', [connections], (all) =>
  all.filter(({ kind }) => kind === 'tankToPump').reduce((sum, one) => sum + passes(one), 0),
);

const tankPath = check(
  'plumbing',
  { id: 'tankPath', title: 'From tank to pump', steps: STEP },
  [
    chosenPump,
    tankPathGpm,
    fromBuild(({ tank }) => tank.gallons),
    limitOf('tankPathGpm'),
    limitOf('tankPathLargeGpm'),
    limitOf('tankPathFromGal'),
  ],
  (pump, actual, gallons, small, large, from) => {
    const asked = large && from && gallons >= from.value ? large : small;
    if (!pump || gallons === 0 || !asked) return null;
    // Nobody needs more from the tank than the pump can move.
    const limit = Math.min(asked.value, pump.ratedGpm);
    const margin = actual - limit;
    return {
      status: margin < 0 ? 'fails' : 'holds',
      actual,
      limit,
      margin,
      unit: 'gpm',
      state: null,
      basis: asked.basis,
      words: `${gpm(actual)} from the tank to the pump until 80 % of it is gone, of at least ${gpm(limit)} with ${gal(gallons)}.${margin < 0 ? ` ${gpm(-margin)} short.` : ''}`,
    };
  },
);

const powered = without(
  'byHand',
  'A way by hand for every powered valve',
  'fails',
  HOUSE,
  (all) => all.filter((one) => isPowered(one) && one.byHand === undefined),
  (of) => `Without power nobody can work ${of}.`,
  'Every powered valve can be worked by hand.',
);

const slow = ofConnections('slowValves', 'Large valves open slowly', [limitOf('slowFromIn')], (all, from) => {
  if (!from) return null;
  const of = all.filter(
    ({ sizeIn, valve, slow: set }) => sizeIn >= from.value && valve !== 'none' && set === undefined,
  );
  return noneOf(
    of.length,
    'fails',
    from.basis,
    of.length
      ? `Valves of ${hoseSize(from.value)} and larger that move fast hammer the pipes: ${names(of)}.`
      : `Every valve of ${hoseSize(from.value)} and larger opens and closes slowly.`,
  );
});

const drained = without(
  'drained',
  'A drain at every opening',
  'fails',
  HOUSE,
  (all) =>
    all.filter(
      (one) => one.at !== 'within' && one.drain === undefined && one.kind !== 'dump' && one.valve !== 'none',
    ),
  (of) => `Water stays behind the valve and freezes, and pressure stays under the cap: ${of}.`,
  'Every valved opening has a drain.',
);

const GAUGED_FROM_IN = 1.5;
const instruments = check(
  'plumbing',
  { id: 'instruments', title: 'One instrument for each discharge', steps: STEP },
  [chosenPump, connections],
  (pump, all) => {
    // A skid has one gauge for all that it feeds.
    if (!pump || pump.panel === 'skid') return null;
    const of = all.filter(
      ({ kind, sizeIn, gauge, foam, air }) =>
        kind === 'discharge' &&
        sizeIn >= GAUGED_FROM_IN &&
        (gauge === 'none' || ((foam !== undefined || air !== undefined) && gauge === 'pressure')),
    );
    return noneOf(
      of.length,
      'fails',
      HOUSE,
      of.length
        ? `Each discharge of ${hoseSize(GAUGED_FROM_IN)} and larger needs a gauge of its own, and a flow meter where foam or air flows: ${names(of)}.`
        : 'Each discharge has its gauge, and a flow meter where foam or air flows.',
    );
  },
);

/** Connections whose color or label another one has too, or that have none. */
export function confused(all: readonly Connection[]): Connection[] {
  const outlets = all.filter(isDischarge);
  const same = (one: Connection, other: Connection) =>
    one !== other && (one.label.toLowerCase() === other.label.toLowerCase() || one.color === other.color);
  return outlets.filter((one) => one.color === undefined || outlets.some((other) => same(one, other)));
}

const told = ofConnections('handleColors', 'Each color and label once', [], (all) => {
  const of = confused(all);
  return noneOf(
    of.length,
    'fails',
    HOUSE,
    of.length
      ? `At night one is taken for another, or has no color: ${names(of)}.`
      : 'Each discharge has a color and a label of its own.',
  );
});

const feeds = ofConnections('fed', 'A discharge for every preconnect and monitor', [fed], (all, there) => {
  const without = there.filter(({ id, usual }) => usual && !all.some(({ feedsId }) => feedsId === id));
  return noneOf(
    without.length,
    'fails',
    'Plumbing of this build',
    without.length
      ? `Nothing feeds ${listed(without.map(({ name }) => within(name)))}.`
      : 'Each preconnect and monitor has a discharge that feeds it.',
  );
});

const large = ofConnections(
  'largeOutlet',
  'Large discharges away from the operator',
  [limitOf('largeFromIn'), panelAt],
  (all, from, at) => {
    if (!from || (at !== 'left' && at !== 'right')) return null;
    const of = all.filter(
      (one) => isDischarge(one) && isOpen(one) && one.sizeIn >= from.value && one.at === at,
    );
    return noneOf(
      of.length,
      'caution',
      from.basis,
      of.length
        ? `Beside the operator a coupling of ${hoseSize(from.value)} or more that lets go strikes the one who stands there: ${names(of)}. On the other side nobody stands.`
        : 'No large discharge opens where the operator stands.',
    );
  },
);

const reach = ofConnections(
  'openingHigh',
  'Openings within reach',
  [limitOf('openingHighIn'), openingsAt],
  (all, most, at) => {
    if (!most) return null;
    const high = all.flatMap((one) => {
      const place = at.get(one.id);
      return place && isOpen(one) && place.face.face !== 'top'
        ? [{ one, zIn: onFace(place.face, 0, place.of.v + place.of.high / 2).zIn }]
        : [];
    });
    if (high.length === 0) return null;
    const { one, zIn } = high.reduce((worst, other) => (other.zIn > worst.zIn ? other : worst));
    const margin = most.value - zIn;
    return {
      status: margin < 0 ? 'fails' : 'holds',
      actual: zIn,
      limit: most.value,
      margin,
      unit: 'in',
      state: null,
      basis: most.basis,
      words: `Highest is ${one.label} at ${inches(zIn)} above the ground, of at most ${inches(most.value)}.`,
    };
  },
);

const room = check(
  'plumbing',
  { id: 'panelRoom', title: 'Room on the panels', steps: STEP },
  [chosenPump, panelSheets],
  (pump, sheets) => {
    if (!pump || sheets.length === 0) return null;
    const over = sheets.reduce((worst, sheet) => (sheet.overIn > worst.overIn ? sheet : worst));
    const lying = sheets.flatMap(({ objects }) => overlapping(objects));
    const many = sheets.reduce((sum, { objects }) => sum + objects.length, 0);
    return {
      status: over.overIn > 0 || lying.length > 0 ? 'fails' : 'holds',
      actual: over.overIn > 0 ? over.overIn : lying.length,
      limit: 0,
      margin: 0 - Math.max(over.overIn, lying.length),
      unit: over.overIn > 0 || lying.length === 0 ? 'in' : 'pieces',
      state: null,
      basis: 'Geometry of this build',
      words:
        over.overIn > 0
          ? `What stands on one panel needs ${inches(over.overIn)} more than there is.`
          : lying.length > 0
            ? `On the panels ${counted(lying.length, 'pair')} of things lie over one another.`
            : `${counted(many, 'opening, control or instrument', 'openings, controls and instruments')} on ${counted(sheets.length, 'panel')}, none over another.`,
    };
  },
);

const level = check(
  'plumbing',
  { id: 'tankLevel', title: 'Tank level where it is needed', steps: STEP },
  [chosenPump, levels, fromBuild(({ tank }) => tank.gallons)],
  (pump, where, gallons) => {
    if (!pump || gallons === 0) return null;
    const missing = where.includes('panel') ? 0 : 1;
    return noneOf(
      missing,
      'fails',
      HOUSE,
      missing
        ? `Read at ${counted(where.length, 'place')}, none of them the pump panel: the operator cannot see how much of ${gal(gallons)} is left.`
        : `The operator reads at the panel how much of ${gal(gallons)} is left.`,
    );
  },
);

export const plumbingChecks: Check[] = [
  discharge,
  plain,
  suction,
  tankPath,
  feeds,
  instruments,
  told,
  powered,
  slow,
  drained,
  large,
  reach,
  level,
  room,
];
