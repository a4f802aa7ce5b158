import { IN3_PER_GAL } from '../units/index.js';
import type { Component, Filling, Rig, Role } from '../rig/index.js';
import type { OwnState } from '../spec/index.js';
import { massOf, NOTHING, plus, sum } from './mass.js';
import type { Mass } from './mass.js';
import { fillTank } from './tank.js';
import type { TankResult } from './tank.js';
import { weighMass } from './weigh.js';
import type { WeightsResult } from './weigh.js';

/** The usual load states, and those of the department's own by `own:` and their id. */
export type StateId = 'inService' | 'respondingShort' | 'tankHalf' | 'returningEmpty' | 'hoseLaidOut' | 'delivery' | 'worstFilling' | `own:${string}`;

export interface LoadState {
  id: StateId;
  name: string;
  /** Share of the water, or the filling with the worst roll figure. */
  water: number | 'worst';
  /** Share of what else may be there in part; all of it where nothing is said. */
  share: (component: Pick<Component, 'id' | 'role' | 'group'>) => number;
}

const without = (...off: Role[]): LoadState['share'] => ({ role }) => (off.includes(role) ? 0 : 1);
const ALL: LoadState['share'] = () => 1;

/** Each check runs over all of these and reports the worst (brief: weights). */
export const LOAD_STATES: LoadState[] = [
  { id: 'inService', name: 'In service', water: 1, share: ALL },
  { id: 'respondingShort', name: 'Responding short', water: 1, share: without('seatRear') },
  { id: 'tankHalf', name: 'Tank half', water: 0.5, share: ALL },
  { id: 'returningEmpty', name: 'Returning empty', water: 0, share: ALL },
  { id: 'hoseLaidOut', name: 'Hose laid out', water: 0, share: without('seatFront', 'seatRear', 'hose', 'equipment', 'allowance') },
  { id: 'delivery', name: 'Delivery', water: 0, share: without('foam', 'seatFront', 'seatRear', 'hose', 'equipment', 'allowance', 'ladder') },
  { id: 'worstFilling', name: 'Worst filling', water: 'worst', share: ALL },
];

/** A state of the department's own: any filling of each tank, any crew, groups on or off. */
const ownState = ({ id, name, waterPct, foamPct, fuelPct, crew, off }: OwnState): LoadState => ({
  id: `own:${id}`, name, water: waterPct / 100,
  share: ({ id: component, role, group }) => {
    if (role === 'foam') return foamPct / 100;
    if (role === 'fuel') return fuelPct / 100;
    if (role === 'seatFront' || role === 'seatRear') return Number(component.replace('crew-', '')) <= crew ? 1 : 0;
    return (off as string[]).includes(group) ? 0 : 1;
  },
});

/** The load states of a rig: the usual ones, then its own. */
export const statesOf = (rig: Pick<Rig, 'ownStates'>): LoadState[] => [...LOAD_STATES, ...rig.ownStates.map(ownState)];

export interface WeighedState {
  id: StateId;
  name: string;
  waterShare: number;
  weights: WeightsResult;
}

/** Fillings looked at for the worst one, besides those just below and above each step of the tank. */
const FILLINGS = 40;

/** A rig's masses, summed by what load states may take off once: each usual state is a sum of these. */
export interface Loads {
  byRole: Map<Role, Mass>;
  water: { component: Component; filling: Filling } | null;
}

/** Sums a rig's components by what a load state may take off. */
export function loadsOf(rig: Rig): Loads {
  const byRole = new Map<Role, Mass>();
  let water: Loads['water'] = null;
  for (const component of rig.components) {
    if (component.role === 'water' && component.filling) water = { component, filling: component.filling };
    else byRole.set(component.role, plus(byRole.get(component.role) ?? NOTHING, massOf(component)));
  }
  return { byRole, water };
}

/** What of a rig is aboard in a state, without its water. The usual states know roles only; own ones look at each component. */
function dryMass(rig: Rig, loads: Loads, state: LoadState): Mass {
  if (!state.id.startsWith('own:')) return sum([...loads.byRole].filter(([role]) => state.share({ id: '', role, group: 'Chassis' }) > 0).map(([, mass]) => mass));
  return sum(rig.components.filter((component) => component !== loads.water?.component).map((component) => massOf({ ...component, weightLb: component.weightLb * state.share(component) })));
}

/** The water at a share of the full tank, with its free-surface moment in lb·in. */
function waterAt({ water }: Loads, share: number): { mass: Mass; surfaceLbIn: number } {
  if (!water || share === 0) return { mass: NOTHING, surfaceLbIn: 0 };
  const { component, filling } = water;
  const gallons = filling.gallons * share;
  const filled = fillTank({ boxes: filling.boxes, usableFraction: filling.usableFraction, liquidLbPerGal: filling.lbPerGal, gallons });
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
  const below = (zIn: number) => boxes.reduce((sum, b) => sum + b.lengthIn * b.widthIn * Math.max(0, Math.min(b.heightIn, zIn - b.bottomIn)), 0);
  const steps = boxes.flatMap((b) => [b.bottomIn + 0.05, b.bottomIn + b.heightIn - 0.05]);
  const atSteps = steps.map((zIn) => (below(zIn) * usableFraction) / IN3_PER_GAL / gallons);
  return [...Array.from({ length: FILLINGS + 1 }, (_, i) => i / FILLINGS), ...atSteps.filter((share) => share > 0 && share < 1)];
}

/** The rig weighed in one load state. */
export function weighState(rig: Rig, loads: Loads, state: LoadState): WeighedState {
  const dry = dryMass(rig, loads, state);
  const at = (waterShare: number): WeighedState => {
    const { mass, surfaceLbIn } = waterAt(loads, waterShare);
    return { id: state.id, name: state.name, waterShare, weights: weighMass(rig.axles, plus(dry, mass), surfaceLbIn) };
  };
  if (state.water !== 'worst') return at(state.water);
  return fillingsOf(loads)
    .map(at)
    .reduce((worst, next) => (next.weights.staticRollThresholdG < worst.weights.staticRollThresholdG ? next : worst));
}

/** The rig in service, the state by which choices are compared. */
export const weighInService = (rig: Rig): WeighedState => weighState(rig, loadsOf(rig), LOAD_STATES[0]!);

/** The rig weighed in every load state. */
export function weighStates(rig: Rig): WeighedState[] {
  const loads = loadsOf(rig);
  return statesOf(rig).map((state) => weighState(rig, loads, state));
}

/** The rig in service at each of so many evenly spread fillings of its tank, from empty to full, and at its steps. */
export function fillingSweep(rig: Rig): WeighedState[] {
  const loads = loadsOf(rig);
  if (!loads.water) return [];
  return [...new Set(fillingsOf(loads))].sort((a, b) => a - b).map((water) => weighState(rig, loads, { ...LOAD_STATES[0]!, water }));
}

/** The tank and the truck in service at a share of the full tank, 0 to 1; null where there is no tank. */
export function fillingAt(rig: Rig, share: number): { gallons: number; filled: TankResult; weights: WeightsResult } | null {
  const loads = loadsOf(rig);
  if (!loads.water) return null;
  const { filling } = loads.water;
  const gallons = filling.gallons * share;
  return { gallons, filled: fillTank({ ...filling, liquidLbPerGal: filling.lbPerGal, gallons }), weights: weighState(rig, loads, { ...LOAD_STATES[0]!, water: share }).weights };
}
