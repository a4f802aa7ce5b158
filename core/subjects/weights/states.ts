import { each, reading } from '../../kernel/index.js';
import type { Component, Filling, Role } from '../../kernel/index.js';
import { addItem, clumps, massOf, NOTHING, plus } from '../../truck/index.js';
import type { Axles, Mass } from '../../truck/index.js';
import { IN3_PER_GAL } from '../../units/index.js';
import { axles } from '../chassis/index.js';
import { fillTank, movementOf } from '../tank/index.js';
import type { TankResult } from '../tank/index.js';
import { weightsOf } from './amends.js';
import type { OffGroup, OwnState } from './block.js';
import { addDoubt, doubting, doubtingSource, noDoubt, numbering, variancesOf } from './doubt.js';
import type { Doubt, SourceDoubt } from './doubt.js';
import { rollThreshold } from './roll.js';
import type { Moves } from './roll.js';
import { weighMass } from './weigh.js';
import type { WeightsResult } from './weigh.js';

export interface LoadState {
  id: string;
  name: string;
  /** Share of the water, or the filling with the worst roll figure. */
  water: number | 'worst';
  /** Share of what else may be there in part; all of it where nothing is said. */
  share: (of: Pick<Component, 'role' | 'seat'>) => number;
}

const without =
  (...off: Role[]): LoadState['share'] =>
  ({ role }) =>
    off.includes(role) ? 0 : 1;
const ALL: LoadState['share'] = () => 1;

/** Each check runs over all of these and reports the worst (formulas: load states). */
export const LOAD_STATES: LoadState[] = [
  { id: 'inService', name: 'In service', water: 1, share: ALL },
  { id: 'respondingShort', name: 'Responding short', water: 1, share: without('seatRear') },
  { id: 'tankHalf', name: 'Tank half', water: 0.5, share: ALL },
  { id: 'returningEmpty', name: 'Returning empty', water: 0, share: ALL },
  {
    id: 'hoseLaidOut',
    name: 'Hose laid out',
    water: 0,
    share: without('seatFront', 'seatRear', 'hose', 'equipment', 'allowance'),
  },
  {
    id: 'delivery',
    name: 'Delivery',
    water: 0,
    share: without('foam', 'seatFront', 'seatRear', 'hose', 'equipment', 'allowance', 'ladder'),
  },
  { id: 'worstFilling', name: 'Worst filling', water: 'worst', share: ALL },
];

/** What comes off with each group: what lies in or on a mount, never the mount. */
const OFF_ROLES: Record<OffGroup, Role> = {
  Hose: 'hose',
  Ladders: 'ladder',
  Equipment: 'equipment',
  Allowance: 'allowance',
  'Own items': 'item',
};

/** A state of the department's own: any filling of each tank, any crew, groups on or off. */
const ownState = ({ id, name, waterPct, foamPct, fuelPct, crew, off }: OwnState): LoadState => {
  const gone = new Set(off.map((group) => OFF_ROLES[group]));
  return {
    id: `own:${id}`,
    name,
    water: waterPct / 100,
    share: ({ role, seat }) => {
      if (role === 'foam') return foamPct / 100;
      if (role === 'fuel') return fuelPct / 100;
      if (seat !== undefined) return seat <= crew ? 1 : 0;
      return gone.has(role) ? 0 : 1;
    },
  };
};

/** The load states of a truck: the usual ones, then its department's own. */
export const loadStates = reading('weights', [weightsOf], ({ states }) => [
  ...LOAD_STATES,
  ...states.map(ownState),
]);

export interface WeighedState {
  id: string;
  name: string;
  waterShare: number;
  weights: WeightsResult;
}

/** Fillings that the chart shows; and those looked at for the worst one: first evenly, then closer about the worst. */
const FILLINGS = 40;
const COARSE = 6;
const FINER = [-2, -1, 1, 2].map((third) => third / (3 * COARSE));

/** What load states take off or leave on together: all that every state treats like this role, or this seat. */
export interface Part<T> {
  role: Role;
  seat?: number;
  sum: T;
}

/** Tells by one word what every load state treats alike: the shares that the states leave of it. */
export const treatedAlike = reading('weights', [loadStates], (states) => {
  const known = new Map<string, string>();
  return (of: Pick<Component, 'role' | 'seat'>): string => {
    const key = of.seat === undefined ? of.role : `${of.role} ${of.seat}`;
    let word = known.get(key);
    if (word === undefined)
      known.set(key, (word = of.role === 'water' ? 'water' : states.map(({ share }) => share(of)).join(' ')));
    return word;
  };
});
export type TreatedAlike = (of: Pick<Component, 'role' | 'seat'>) => string;

/** Sums by what a load state may take off, each under its word. */
function partFor<T>(
  parts: Map<string, Part<T>>,
  of: Pick<Part<T>, 'role' | 'seat'>,
  alike: TreatedAlike,
  nothing: () => T,
): Part<T> {
  const word = alike(of);
  let part = parts.get(word);
  if (!part) {
    const { role, seat } = of;
    parts.set(word, (part = { role, ...(seat === undefined ? {} : { seat }), sum: nothing() }));
  }
  return part;
}

/** Components summed by what a load state may take off, once: each state is a sum of these. */
export function partsOf<T>(
  alike: TreatedAlike,
  all: readonly Component[],
  nothing: () => T,
  add: (sum: T, component: Component) => T,
): Part<T>[] {
  const parts = new Map<string, Part<T>>();
  for (const component of all) {
    const part = partFor(parts, component, alike, nothing);
    part.sum = add(part.sum, component);
  }
  return [...parts.values()];
}

/** The sums of several lists together. */
export function partsTogether<T, S>(
  alike: TreatedAlike,
  lists: readonly Part<S>[][],
  nothing: () => T,
  add: (sum: T, more: S) => T,
): Part<T>[] {
  const parts = new Map<string, Part<T>>();
  for (const list of lists)
    for (const more of list) {
      const part = partFor<T>(parts, more, alike, nothing);
      part.sum = add(part.sum, more.sum);
    }
  return [...parts.values()];
}

/** What weighs together, and what of it is in doubt; summed in place, since this is the hottest place of an edit. */
interface Weighing {
  mass: Mass;
  doubt: Doubt;
}

/** A truck's masses by what load states may take off, its water, and the sources that its weights rest on. */
export interface Loads {
  dry: Part<Weighing>[];
  water: { component: Component; filling: Filling; source: number } | null;
  sources: number;
}

const isWater = ({ role, filling }: Component): boolean => role === 'water' && filling !== undefined;

/** The masses of each list by what load states may take off, with their doubt by source; water is weighed apart. */
const weighedClumps = each(
  'weights',
  clumps,
  (clump, alike) => ({
    water: clump.find(isWater) ?? null,
    dry: partsOf(
      alike,
      clump.filter((component) => !isWater(component)),
      () => ({ mass: { ...NOTHING }, doubts: new Map<string, SourceDoubt>() }),
      (sum, component) => {
        addItem(sum.mass, component);
        doubtingSource(sum.doubts, component);
        return sum;
      },
    ),
  }),
  treatedAlike,
);

export const loads = reading('weights', [weighedClumps, treatedAlike], (all, alike): Loads => {
  const water = all.find((clump) => clump.water)?.water ?? null;
  const number = numbering();
  const waterSource = water ? number(water.source) : 0;
  // All sources are numbered before the sums, so that every sum has room for them.
  for (const { dry } of all)
    for (const { sum } of dry) for (const source of sum.doubts.keys()) number(source);
  const sources = number.count();
  const dry = partsTogether(
    alike,
    all.map((clump) => clump.dry),
    (): Weighing => ({ mass: NOTHING, doubt: noDoubt(sources) }),
    ({ mass, doubt }, more) => {
      for (const [source, { a, b }] of more.doubts) {
        const at = number(source);
        doubt.a[at]! += a;
        doubt.b[at]! += b;
      }
      return { mass: plus(mass, more.mass), doubt };
    },
  );
  return {
    dry,
    water: water && { component: water, filling: water.filling!, source: waterSource },
    sources,
  };
});

/** So much of a mass. */
const times = (mass: Mass, share: number): Mass =>
  share === 1
    ? mass
    : {
        w: mass.w * share,
        wx: mass.wx * share,
        wy: mass.wy * share,
        wz: mass.wz * share,
        wxy: mass.wxy * share,
      };

/** What is there in a state, without its water. */
function dryOf({ dry, sources }: Loads, { share }: LoadState): Weighing {
  const doubt = noDoubt(sources);
  let mass = NOTHING;
  for (const part of dry) {
    const there = share(part);
    if (there === 0) continue;
    mass = plus(mass, times(part.sum.mass, there));
    addDoubt(doubt, part.sum.doubt, there);
  }
  return { mass, doubt };
}

/** The water at a share of the full tank, and how it moves as the truck leans. */
function waterAt({ water }: Loads, share: number): { mass: Mass; xIn: number; moves?: Moves } {
  if (!water || share === 0) return { mass: NOTHING, xIn: 0 };
  const { component, filling } = water;
  const gallons = filling.gallons * share;
  const filled = fillTank({
    boxes: filling.boxes,
    usableFraction: filling.usableFraction,
    liquidLbPerGal: filling.lbPerGal,
    gallons,
  });
  const weightLb = component.weightLb * share;
  const mass = massOf({ weightLb, ...filled.cg });
  const lbPerIn3 = weightLb / ((gallons * IN3_PER_GAL) / filling.usableFraction);
  const at = { mass, xIn: filled.cg.xIn };
  // A full tank has no room to move in.
  if (share === 1) return at;
  const moved = movementOf(filling.boxes, filled.surfaceIn);
  return {
    ...at,
    moves: (slope, toward) => {
      const { my, mz } = moved(slope, toward);
      return { my: my * lbPerIn3, mz: mz * lbPerIn3 };
    },
  };
}

/** Shares of the full tank that are worth a look: evenly spread, so many steps from empty to full. */
const fillingsOf = ({ water }: Loads, steps: number): number[] =>
  water ? Array.from({ length: steps + 1 }, (_, i) => i / steps) : [1];

/** The share of the full tank at which the truck rolls over first: evenly looked at, then closer about the worst. */
function worstShare(on: Axles, of: Loads, dry: Weighing): number {
  if (!of.water) return 1;
  const threshold = (share: number): number => {
    const { mass, moves } = waterAt(of, share);
    return rollThreshold({ ...plus(dry.mass, mass), trackIn: on.rear.trackIn }, moves);
  };
  let worst = { share: 1, threshold: threshold(1) };
  const look = (share: number) => {
    const at = threshold(share);
    if (at < worst.threshold) worst = { share, threshold: at };
  };
  for (const share of fillingsOf(of, COARSE)) if (share < 1) look(share);
  const about = worst.share;
  for (const by of FINER) if (about + by > 0 && about + by < 1) look(about + by);
  return worst.share;
}

/** The truck weighed in one load state. */
export function weighState(on: Axles, of: Loads, state: LoadState): WeighedState {
  const dry = dryOf(of, state);
  const waterShare = state.water === 'worst' ? worstShare(on, of, dry) : state.water;
  const { mass, xIn, moves } = waterAt(of, waterShare);
  if (of.water) doubting(dry.doubt, of.water.source, mass.w, xIn, of.water.component.tolerancePct);
  return {
    id: state.id,
    name: state.name,
    waterShare,
    weights: weighMass(on, plus(dry.mass, mass), variancesOf(dry.doubt), moves),
  };
}

/** The truck in service, the state by which choices are compared. */
export const inService = reading('weights', [axles, loads], (on, of) => weighState(on, of, LOAD_STATES[0]!));

/** The truck weighed in every load state; in service first. */
export const weighedStates = reading(
  'weights',
  [axles, loads, loadStates, inService],
  (on, of, states, first) => [first, ...states.slice(1).map((state) => weighState(on, of, state))],
);

/** The truck in service at each of so many evenly spread fillings of its tank, from empty to full. */
export const fillingSweep = reading('weights', [axles, loads], (on, of): WeighedState[] =>
  of.water ? fillingsOf(of, FILLINGS).map((water) => weighState(on, of, { ...LOAD_STATES[0]!, water })) : [],
);

/** The tank and the truck in service at a share of the full tank, 0 to 1; null where there is no tank. */
export function fillingAt(
  on: Axles,
  of: Loads,
  share: number,
): { gallons: number; filled: TankResult; weights: WeightsResult } | null {
  if (!of.water) return null;
  const { filling } = of.water;
  const gallons = filling.gallons * share;
  return {
    gallons,
    filled: fillTank({ ...filling, liquidLbPerGal: filling.lbPerGal, gallons }),
    weights: weighState(on, of, { ...LOAD_STATES[0]!, water: share }).weights,
  };
}
