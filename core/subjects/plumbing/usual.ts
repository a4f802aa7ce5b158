import { fromBuild, reading, settling } from '../../kernel/index.js';
import { compressorCfm } from '../foam/index.js';
import { chosenPump, panelAt, pumpAt } from '../pump/index.js';
import type { PanelPlace, Pump, PumpPlace } from '../pump/index.js';
import { COLORS } from './fields.js';
import type { Connection, Place } from './fields.js';
import { fedBy } from './fed.js';
import type { Fed } from './fed.js';

/** Ratings from which a pump has a large outlet, and of what size; gpm, in. */
const LARGE_OUTLETS = [
  { fromGpm: 2_000, sizeIn: 5, creditGpm: 1_000 },
  { fromGpm: 1_250, sizeIn: 4, creditGpm: 625 },
] as const;
/** What an outlet of 2½ in counts for, gpm. */
const CREDIT_GPM = 250;
/** Suction by rating; a pump of more than the last has two on a side; gpm, in. */
const SUCTIONS = [
  { toGpm: 300, sizeIn: 3 },
  { toGpm: 500, sizeIn: 4 },
  { toGpm: 750, sizeIn: 4.5 },
  { toGpm: 1_000, sizeIn: 5 },
  { toGpm: 1_500, sizeIn: 6 },
] as const;
const LARGEST_SUCTION_IN = 6;
/** Ratings above which a skid has outlets of 2½ in, and how many; gpm. */
const SKID_LARGE = { one: 250, two: 500 };
/** Tank to pump, by the rating that it should carry from the tank; of a skid, and of a pump with a panel; gpm, in. */
const SKID_PATHS = [
  { toGpm: 150, sizeIn: 2 },
  { toGpm: 250, sizeIn: 2.5 },
  { toGpm: Infinity, sizeIn: 3 },
] as const;
const PANEL_PATHS = [
  { toGpm: 999, sizeIn: 3 },
  { toGpm: Infinity, sizeIn: 4 },
] as const;
/** From this size valves open and close slowly, in. */
export const SLOW_FROM_IN = 3;

const bySize = (table: readonly { toGpm: number; sizeIn: number }[], gpm: number): number | undefined =>
  table.find(({ toGpm }) => gpm <= toGpm)?.sizeIn;

/** What the truck has that decides its usual set. */
interface Given {
  pump: Pump;
  at: PumpPlace;
  panel: PanelPlace;
  fed: readonly Fed[];
  hasTank: boolean;
  hasFoam: boolean;
  hasAir: boolean;
}

type Said = Partial<Connection> & Pick<Connection, 'kind' | 'label' | 'at' | 'sizeIn'>;

/** A connection as it is usually made: valved by hand, large ones slowly, with its gauge, drain and cap. */
export function usually(id: string, said: Said): Connection {
  const { kind, at, sizeIn, foam, air } = said;
  const outlet = kind === 'discharge';
  const open = at !== 'within' && said.feedsId === undefined && kind !== 'dump';
  const large = sizeIn > SLOW_FROM_IN;
  const valve = said.valve ?? (kind === 'intake' && large ? 'none' : 'manual');
  return {
    id,
    coupling: open ? 'thread' : 'piped',
    valve,
    gauge: !outlet ? 'none' : foam || air ? 'both' : 'pressure',
    ...(sizeIn >= SLOW_FROM_IN && valve !== 'none' ? { slow: 'yes' as const } : {}),
    ...(at === 'within' ? {} : { drain: 'yes' as const }),
    ...(kind === 'directFill' || kind === 'tankToPump' ? { check: 'yes' as const } : {}),
    ...(open ? { ends: 'cap' as const } : {}),
    ...said,
  };
}

const SIDE_LABELS: Partial<Record<Place, string>> = {
  left: 'Driver’s',
  right: 'Officer’s',
  rear: 'Rear',
  top: 'Top',
};

/** Outlets and intakes of a pump with a panel: what its rating asks for, on both sides and at the rear. */
function ofPanel({ pump: { ratedGpm }, panel }: Given): Connection[] {
  const large = LARGE_OUTLETS.find(({ fromGpm }) => ratedGpm >= fromGpm);
  const away: Place = panel === 'right' ? 'left' : 'right';
  const count = Math.max(2, Math.ceil((ratedGpm - (large?.creditGpm ?? 0)) / CREDIT_GPM));
  const order: Place[] = ['left', 'right', 'rear'];
  const outlets = Array.from({ length: count }, (_, i) => {
    const at = order[i % order.length]!;
    const nth = 1 + Math.floor(i / order.length);
    return usually(`${at}-${nth}`, {
      kind: 'discharge',
      label: `${SIDE_LABELS[at]} ${nth}`,
      at,
      sizeIn: 2.5,
    });
  });
  const suctionIn = bySize(SUCTIONS, ratedGpm);
  const suctions = (['left', 'right'] as const).flatMap((at) =>
    Array.from({ length: suctionIn === undefined ? 2 : 1 }, (_, i) =>
      usually(`suction-${at}-${i + 1}`, {
        kind: 'intake',
        label: `${SIDE_LABELS[at]} suction${i > 0 ? ` ${i + 1}` : ''}`,
        at,
        sizeIn: suctionIn ?? LARGEST_SUCTION_IN,
      }),
    ),
  );
  return [
    ...outlets,
    ...(large
      ? [
          usually('large-1', {
            kind: 'discharge',
            label: `${SIDE_LABELS[away]} large`,
            at: away,
            sizeIn: large.sizeIn,
          }),
        ]
      : []),
    ...suctions,
    usually('intake-1', {
      kind: 'intake',
      label: 'Auxiliary intake',
      at: panel === 'right' ? 'right' : 'left',
      sizeIn: 2.5,
    }),
  ];
}

/** Outlets and intake of a skid: at its end, or at both sides behind the cab. */
function ofSkid({ pump: { ratedGpm }, at }: Given): Connection[] {
  const [one, other]: [Place, Place] = at === 'bedRear' ? ['rear', 'rear'] : ['left', 'right'];
  const large = ratedGpm >= SKID_LARGE.two ? 2 : ratedGpm >= SKID_LARGE.one ? 1 : 0;
  const outlet = (nth: number, place: Place, sizeIn: number) =>
    usually(`outlet-${nth}`, { kind: 'discharge', label: `Outlet ${nth}`, at: place, sizeIn, gauge: 'none' });
  return [
    outlet(1, one, 1.5),
    outlet(2, other, 1.5),
    ...Array.from({ length: large }, (_, i) => outlet(3 + i, i === 0 ? one : other, 2.5)),
    usually('suction-1', {
      kind: 'intake',
      label: 'Suction',
      at: other,
      sizeIn: ratedGpm < 250 ? 2.5 : bySize(SUCTIONS, ratedGpm)!,
      valve: 'manual',
    }),
  ];
}

/** Where the pipe to each kind of bed or monitor comes out, and how large it is. */
const PIPED: Record<Fed['what'], { at: Place; sizeIn: (hoseIn: number) => number }> = {
  crosslay: { at: 'top', sizeIn: (hoseIn) => (hoseIn >= 2.5 ? 2.5 : 2) },
  well: { at: 'front', sizeIn: (hoseIn) => (hoseIn >= 2.5 ? 2.5 : 2) },
  reel: { at: 'rear', sizeIn: () => 1 },
  main: { at: 'rear', sizeIn: (hoseIn) => (hoseIn >= 2.5 ? 2.5 : 2) },
  own: { at: 'rear', sizeIn: (hoseIn) => (hoseIn >= 2.5 ? 2.5 : 2) },
  tray: { at: 'rear', sizeIn: () => 1.5 },
  deckMonitor: { at: 'top', sizeIn: () => 3 },
  bumperMonitor: { at: 'front', sizeIn: () => 2 },
  waterway: { at: 'top', sizeIn: () => 5 },
};
/** Where air is usually piped to, of a truck with a compressor: lines that hands hold. */
const AIR_FED: readonly Fed['what'][] = ['crosslay', 'well', 'main'];
const PLAIN_FED: readonly Fed['what'][] = ['deckMonitor', 'waterway'];

/** What is piped to beds and monitors. */
const ofFed = ({ fed, hasFoam, hasAir, pump }: Given): Connection[] =>
  fed
    .filter(({ usual }) => usual)
    .map((one) =>
      usually(`to-${one.id}`, {
        kind: 'discharge',
        label: one.name.slice(0, 30),
        at: PIPED[one.what].at,
        sizeIn: PIPED[one.what].sizeIn(one.hoseIn),
        feedsId: one.id,
        ...(pump.panel === 'skid' ? { gauge: 'none' as const } : {}),
        ...(hasFoam && !PLAIN_FED.includes(one.what) ? { foam: 'yes' as const } : {}),
        ...(hasAir && AIR_FED.includes(one.what) ? { air: 'yes' as const, check: 'yes' as const } : {}),
      }),
    );

function ofTank({ pump: { ratedGpm, panel } }: Given): Connection[] {
  const skid = panel === 'skid';
  const way = (kind: Connection['kind'], label: string, sizeIn: number) =>
    usually(kind, { kind, label, at: 'within', sizeIn });
  return [
    way('tankToPump', 'Tank-to-pump', bySize(skid ? SKID_PATHS : PANEL_PATHS, ratedGpm)!),
    way('tankFill', 'Tank fill', skid ? 1.5 : 2),
    way('recirculation', 'Recirculation', skid ? 0.75 : 1),
  ];
}

/** Every connection in a color of its own, as long as there are colors: intakes are told by their size. */
export const colored = (all: readonly Connection[]): Connection[] => {
  let next = 0;
  return all.map((one) =>
    one.kind === 'discharge' && next < COLORS.length ? { ...one, color: COLORS[next++]! } : one,
  );
};

/** The set of connections that such a truck usually has (formulas: plumbing). */
export const usualSet = (given: Given): Connection[] =>
  colored([
    ...(given.pump.panel === 'skid' ? ofSkid(given) : ofPanel(given)),
    ...ofFed(given),
    ...(given.hasTank ? ofTank(given) : []),
  ]);

/** All that a discharge of this truck could feed; it stays as it is where an edit changes none of it. */
export const fed = settling('plumbing', [fromBuild((build) => build)], fedBy);
const hasTank = fromBuild(({ tank }) => tank.gallons > 0);
const hasFoam = fromBuild(({ foam }) => foam.partId !== undefined);

const hasAir = reading('plumbing', [compressorCfm], (cfm) => cfm > 0);

/** The usual set of this truck; none without a pump. */
export const usualConnections = reading(
  'plumbing',
  [chosenPump, pumpAt, panelAt, fed, hasTank, hasFoam, hasAir],
  (pump, at, panel, all, tank, foam, air): Connection[] =>
    pump && at && panel
      ? usualSet({ pump, at, panel, fed: all, hasTank: tank, hasFoam: foam, hasAir: air })
      : [],
);

/** The connections of this truck, and whether they are its own or as such a truck usually has them. */
export const connections = reading(
  'plumbing',
  [fromBuild(({ plumbing }) => plumbing.connections), usualConnections, chosenPump],
  (own, usual, pump): Connection[] => (pump ? (own ?? usual) : []),
);
