import { IN3_PER_GAL } from '../units/index.js';
import type { Component, Filling, Rig, Role } from '../rig/index.js';
import { massOf, NOTHING, plus, sum } from './mass.js';
import type { Mass } from './mass.js';
import { fillTank } from './tank.js';
import { weighMass } from './weigh.js';
import type { WeightsResult } from './weigh.js';

export type StateId = 'inService' | 'respondingShort' | 'tankHalf' | 'returningEmpty' | 'hoseLaidOut' | 'delivery' | 'worstFilling';

interface LoadState {
  id: StateId;
  name: string;
  /** Share of the water, or the filling with the worst roll figure. */
  water: number | 'worst';
  /** What is off the truck. */
  off: Role[];
}

/** Each check runs over all of these and reports the worst (brief: weights). */
export const LOAD_STATES: LoadState[] = [
  { id: 'inService', name: 'In service', water: 1, off: [] },
  { id: 'respondingShort', name: 'Responding short', water: 1, off: ['seatRear'] },
  { id: 'tankHalf', name: 'Tank half', water: 0.5, off: [] },
  { id: 'returningEmpty', name: 'Returning empty', water: 0, off: [] },
  { id: 'hoseLaidOut', name: 'Hose laid out', water: 0, off: ['seatFront', 'seatRear', 'hose', 'equipment', 'allowance'] },
  { id: 'delivery', name: 'Delivery', water: 0, off: ['foam', 'seatFront', 'seatRear', 'hose', 'equipment', 'allowance', 'ladder'] },
  { id: 'worstFilling', name: 'Worst filling', water: 'worst', off: [] },
];

/** Names of the load states by id. */
export const STATE_NAMES = Object.fromEntries(LOAD_STATES.map((state) => [state.id, state.name])) as Record<StateId, string>;

export interface WeighedState {
  id: StateId;
  name: string;
  waterShare: number;
  weights: WeightsResult;
}

/** Fillings looked at for the worst one, besides those just below and above each step of the tank. */
const FILLINGS = 40;

/** A rig's masses, summed by role once: each load state is a sum of these. */
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
export function weighState(rig: Rig, loads: Loads, id: StateId): WeighedState {
  const state = LOAD_STATES.find((candidate) => candidate.id === id)!;
  const dry = sum([...loads.byRole].filter(([role]) => !state.off.includes(role)).map(([, mass]) => mass));
  const at = (waterShare: number): WeighedState => {
    const { mass, surfaceLbIn } = waterAt(loads, waterShare);
    return { id, name: state.name, waterShare, weights: weighMass(rig.axles, plus(dry, mass), surfaceLbIn) };
  };
  if (state.water !== 'worst') return at(state.water);
  return fillingsOf(loads)
    .map(at)
    .reduce((worst, next) => (next.weights.staticRollThresholdG < worst.weights.staticRollThresholdG ? next : worst));
}

/** The rig weighed in every load state. */
export function weighStates(rig: Rig): WeighedState[] {
  const loads = loadsOf(rig);
  return LOAD_STATES.map(({ id }) => weighState(rig, loads, id));
}
