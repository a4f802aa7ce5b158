import type { Component, Rig } from '../rig/index.js';
import { statesOf } from './states.js';
import type { WeighedState } from './states.js';
import { rearReactionIn } from './weigh.js';

/** What the frame carries at a station along the truck. */
export interface FrameStation {
  xIn: number;
  /** Load for each inch, lb/in. */
  loadLbPerIn: number;
  /** Shear just aft of the station, lb; up on the part ahead is positive. */
  shearLb: number;
  /** Bending moment, lb·in; sagging between the axles is positive. */
  momentLbIn: number;
}

export interface FrameLoads {
  stations: FrameStation[];
  /** The largest sagging between the axles and the largest hogging anywhere, with their places. */
  sagging: FrameStation;
  hogging: FrameStation;
  reactions: { xIn: number; lb: number }[];
}

/** Length over which something without a shape of its own is spread, in. */
const POINT_IN = 12;

/** Half the length over which a component lies, evenly about its centre: as far as its shapes reach on the nearer side, in. */
function halfLength({ xIn, shapes, filling }: Component): number {
  let [x0, x1] = [Infinity, -Infinity];
  // A liquid lies where its tank is.
  if (filling) for (const { frontIn, lengthIn } of filling.boxes) [x0, x1] = [Math.min(x0, frontIn), Math.max(x1, frontIn + lengthIn)];
  else for (const { box } of shapes) [x0, x1] = [Math.min(x0, box.x0), Math.max(x1, box.x1)];
  return Math.max(POINT_IN / 2, Math.min(xIn - x0, x1 - xIn));
}

/** A rig's components along its frame: worked out once for every load state. */
interface Lying {
  halves: Float64Array;
  first: number;
  last: number;
}

function lyingOf({ components, axles }: Rig): Lying {
  const halves = Float64Array.from(components, halfLength);
  let [first, last] = [0, axles.wheelbaseIn + axles.rear.spreadIn / 2];
  components.forEach(({ xIn }, i) => {
    first = Math.min(first, xIn - halves[i]!);
    last = Math.max(last, xIn + halves[i]!);
  });
  return { halves, first: Math.floor(first), last: Math.ceil(last) };
}

/** What of each component is aboard in a load state, lb. */
function aboard(rig: Rig, { id, waterShare }: Pick<WeighedState, 'id' | 'waterShare'>): Float64Array {
  const { share } = statesOf(rig).find((state) => state.id === id)!;
  return Float64Array.from(rig.components, (component) => component.weightLb * (component.role === 'water' ? waterShare : share(component)));
}

function reactionsOf({ components, axles }: Rig, weights: Float64Array): FrameLoads['reactions'] {
  const { rear, wheelbaseIn } = axles;
  let [total, moment] = [0, 0];
  components.forEach(({ xIn }, i) => {
    total += weights[i]!;
    moment += weights[i]! * xIn;
  });
  const rearLb = moment / rearReactionIn(axles);
  const half = rear.spreadIn / 2;
  const rears = rear.axles === 2 ? [{ xIn: wheelbaseIn - half, lb: rearLb * rear.frontShare }, { xIn: wheelbaseIn + half, lb: rearLb * (1 - rear.frontShare) }] : [{ xIn: wheelbaseIn, lb: rearLb }];
  return [{ xIn: 0, lb: total - rearLb }, ...rears];
}

/**
 * Walks along the frame inch by inch with load, shear and moment. What begins or ends between two stations counts at the
 * second, from its own place on: one pass, whatever the number of loads.
 */
function walk({ components }: Rig, { halves, first, last }: Lying, weights: Float64Array, reactions: FrameLoads['reactions'], visit: (xIn: number, loadLbPerIn: number, shearLb: number, momentLbIn: number) => void): void {
  const count = last - first + 1;
  const [addLoad, addShear, addMoment] = [new Float64Array(count), new Float64Array(count), new Float64Array(count)];
  const begin = (xIn: number, lbPerIn: number) => {
    const at = Math.ceil(xIn) - first;
    const past = at + first - xIn;
    addLoad[at]! += lbPerIn;
    addShear[at]! -= lbPerIn * past;
    addMoment[at]! -= (lbPerIn * past * past) / 2;
  };
  for (let i = 0; i < halves.length; i++) {
    if (weights[i] === 0) continue;
    const { xIn } = components[i]!;
    const lbPerIn = weights[i]! / (2 * halves[i]!);
    begin(xIn - halves[i]!, lbPerIn);
    begin(xIn + halves[i]!, -lbPerIn);
  }
  for (const { xIn, lb } of reactions) {
    const at = Math.ceil(xIn) - first;
    addShear[at]! += lb;
    addMoment[at]! += lb * (at + first - xIn);
  }
  let [load, shear, moment] = [0, 0, 0];
  for (let i = 0; i < count; i++) {
    moment += shear - load / 2 + addMoment[i]!;
    shear += addShear[i]! - load;
    load += addLoad[i]!;
    visit(first + i, load, shear, moment);
  }
}

/**
 * Load, shear and bending moment along the frame in a load state, at every inch: each component lies evenly about its
 * centre, the axles hold it up. An estimate: the frame's own data and the road's shocks are the builder's.
 * ΣF = 0 and ΣM = 0, so shear and moment are zero again behind the last load.
 */
export function frameLoads(rig: Rig, state: WeighedState): FrameLoads {
  const weights = aboard(rig, state);
  const reactions = reactionsOf(rig, weights);
  const stations: FrameStation[] = [];
  walk(rig, lyingOf(rig), weights, reactions, (xIn, loadLbPerIn, shearLb, momentLbIn) => stations.push({ xIn, loadLbPerIn, shearLb, momentLbIn }));
  const between = stations.filter(({ xIn }) => xIn >= 0 && xIn <= rig.axles.wheelbaseIn);
  return {
    stations, reactions,
    sagging: between.reduce((most, station) => (station.momentLbIn > most.momentLbIn ? station : most)),
    hogging: stations.reduce((most, station) => (station.momentLbIn < most.momentLbIn ? station : most)),
  };
}

/** Where the frame bends most, whichever way, and the load state in which it does; lb·in. */
export function mostBent(rig: Rig, states: WeighedState[]): { state: WeighedState; xIn: number; momentLbIn: number } {
  const lying = lyingOf(rig);
  let most = { state: states[0]!, xIn: 0, momentLbIn: 0 };
  for (const state of states) {
    const weights = aboard(rig, state);
    walk(rig, lying, weights, reactionsOf(rig, weights), (xIn, _load, _shear, momentLbIn) => {
      if (Math.abs(momentLbIn) <= Math.abs(most.momentLbIn)) return;
      most = { state, xIn, momentLbIn };
    });
  }
  return most;
}
