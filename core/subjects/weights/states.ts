import { reading } from '../../kernel/index.js';
import type { Component, Filling, Role } from '../../kernel/index.js';
import { components, massOf, NOTHING, plus, sum } from '../../truck/index.js';
import type { Axles, Mass } from '../../truck/index.js';
import { IN3_PER_GAL } from '../../units/index.js';
import { axles } from '../chassis/index.js';
import { fillTank } from '../tank/index.js';
import type { TankResult } from '../tank/index.js';
import { weightsOf } from './amends.js';
import type { OffGroup, OwnState } from './block.js';
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

/** Fillings looked at for the worst one, besides those just below and above each step of the tank. */
const FILLINGS = 40;
/** Just past a step of the tank, in. */
const PAST_STEP_IN = 0.05;

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

/** A truck's masses by what load states may take off, and its water. */
export interface Loads {
  dry: Part<Mass>[];
  water: { component: Component; filling: Filling } | null;
}

/** Whether some state tells one seat from another: only the department's own do. */
export const seatsMatter = reading('weights', [weightsOf], ({ states }) => states.length > 0);

export const loads = reading('weights', [components, seatsMatter], (all, bySeat): Loads => {
  const water = all.find(({ role, filling }) => role === 'water' && filling);
  return {
    dry: partsOf(
      bySeat,
      all.filter((component) => component !== water),
      () => NOTHING,
      (total, component) => plus(total, massOf(component)),
    ),
    water: water ? { component: water, filling: water.filling! } : null,
  };
});

/** So much of a mass; what is known of its parts is as sure as before. */
const times = (mass: Mass, share: number): Mass =>
  share === 1
    ? mass
    : {
        w: mass.w * share,
        wx: mass.wx * share,
        wy: mass.wy * share,
        wz: mass.wz * share,
        wxy: mass.wxy * share,
        v: mass.v * share ** 2,
        vx: mass.vx * share ** 2,
        vxx: mass.vxx * share ** 2,
      };

const dryMass = ({ dry }: Loads, { share }: LoadState): Mass =>
  sum(
    dry.flatMap((part) => {
      const there = share(part);
      return there === 0 ? [] : [times(part.sum, there)];
    }),
  );

/** The water at a share of the full tank, with its free-surface moment in lb·in. */
function waterAt({ water }: Loads, share: number): { mass: Mass; surfaceLbIn: number } {
  if (!water || share === 0) return { mass: NOTHING, surfaceLbIn: 0 };
  const { component, filling } = water;
  const filled = fillTank({
    boxes: filling.boxes,
    usableFraction: filling.usableFraction,
    liquidLbPerGal: filling.lbPerGal,
    gallons: filling.gallons * share,
  });
  const weightLb = component.weightLb * share;
  return {
    mass: massOf({ weightLb, ...filled.cg, tolerancePct: component.tolerancePct }),
    surfaceLbIn: share === 1 ? 0 : weightLb * filled.freeSurfaceRiseIn,
  };
}

/** Shares of the full tank that are worth a look: evenly spread, and just past each step in its boxes. */
function fillingsOf({ water }: Loads): number[] {
  if (!water) return [1];
  const { boxes, usableFraction, gallons } = water.filling;
  const below = (zIn: number) =>
    boxes.reduce(
      (total, b) => total + b.lengthIn * b.widthIn * Math.max(0, Math.min(b.heightIn, zIn - b.bottomIn)),
      0,
    );
  const steps = boxes.flatMap((b) => [b.bottomIn + PAST_STEP_IN, b.bottomIn + b.heightIn - PAST_STEP_IN]);
  const atSteps = steps.map((zIn) => (below(zIn) * usableFraction) / IN3_PER_GAL / gallons);
  return [
    ...Array.from({ length: FILLINGS + 1 }, (_, i) => i / FILLINGS),
    ...atSteps.filter((share) => share > 0 && share < 1),
  ];
}

/** The truck weighed in one load state. */
export function weighState(on: Axles, of: Loads, state: LoadState): WeighedState {
  const dry = dryMass(of, state);
  const at = (waterShare: number): WeighedState => {
    const { mass, surfaceLbIn } = waterAt(of, waterShare);
    return {
      id: state.id,
      name: state.name,
      waterShare,
      weights: weighMass(on, plus(dry, mass), surfaceLbIn),
    };
  };
  if (state.water !== 'worst') return at(state.water);
  return fillingsOf(of)
    .map(at)
    .reduce((worst, next) =>
      next.weights.staticRollThresholdG < worst.weights.staticRollThresholdG ? next : worst,
    );
}

/** The truck in service, the state by which choices are compared. */
export const inService = reading('weights', [axles, loads], (on, of) => weighState(on, of, LOAD_STATES[0]!));

/** The truck weighed in every load state; in service first. */
export const weighedStates = reading(
  'weights',
  [axles, loads, loadStates, inService],
  (on, of, states, first) => [first, ...states.slice(1).map((state) => weighState(on, of, state))],
);

/**
 * The truck in service at each of so many evenly spread fillings of its tank, from empty to full, and at its
 * steps.
 */
export const fillingSweep = reading('weights', [axles, loads], (on, of): WeighedState[] =>
  of.water
    ? [...new Set(fillingsOf(of))]
        .sort((a, b) => a - b)
        .map((water) => weighState(on, of, { ...LOAD_STATES[0]!, water }))
    : [],
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
