import { reading } from '../../kernel/index.js';
import type { Component, Filling, Role } from '../../kernel/index.js';
import { addItem, components, massOf, NOTHING, plus } from '../../truck/index.js';
import type { Axles, Mass } from '../../truck/index.js';
import { IN3_PER_GAL } from '../../units/index.js';
import { axles } from '../chassis/index.js';
import { fillTank, movementOf } from '../tank/index.js';
import type { TankResult } from '../tank/index.js';
import { weightsOf } from './amends.js';
import type { OffGroup, OwnState } from './block.js';
import { addDoubt, doubting, noDoubt, sourcesOf, variancesOf } from './doubt.js';
import type { Doubt } from './doubt.js';
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

/** What load states take off or leave on together: a role, and of the crew each seat by itself. */
export interface Part<T> {
  role: Role;
  seat?: number;
  sum: T;
}

/** Components summed by what a load state may take off, once: each state is a sum of these. */
export function partsOf<T>(
  bySeat: boolean,
  all: readonly Component[],
  nothing: () => T,
  add: (sum: T, component: Component, at: number) => T,
): Part<T>[] {
  const parts = new Map<Role | number, Part<T>>();
  for (let at = 0; at < all.length; at++) {
    const component = all[at]!;
    const { role } = component;
    const seat = bySeat ? component.seat : undefined;
    let part = parts.get(seat ?? role);
    if (!part)
      parts.set(seat ?? role, (part = { role, ...(seat === undefined ? {} : { seat }), sum: nothing() }));
    part.sum = add(part.sum, component, at);
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

/** Whether some state tells one seat from another: only the department's own do. */
export const seatsMatter = reading('weights', [weightsOf], ({ states }) => states.length > 0);

export const loads = reading('weights', [components, seatsMatter], (all, bySeat): Loads => {
  const { at, count } = sourcesOf(all);
  let water: Loads['water'] = null;
  const dry = partsOf(
    bySeat,
    all,
    (): Weighing => ({ mass: { ...NOTHING }, doubt: noDoubt(count) }),
    (weighing, component, i) => {
      const { role, filling, weightLb, xIn, tolerancePct } = component;
      if (role === 'water' && filling && !water) water = { component, filling, source: at[i]! };
      else {
        addItem(weighing.mass, component);
        doubting(weighing.doubt, at[i]!, weightLb, xIn, tolerancePct);
      }
      return weighing;
    },
  );
  return { dry, water, sources: count };
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
