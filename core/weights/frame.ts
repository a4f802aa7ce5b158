import type { Component, Rig, Role } from '../rig/index.js';
import { LOAD_STATES, statesOf } from './states.js';
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
  let x0 = Infinity;
  let x1 = -Infinity;
  const reach = (from: number, to: number) => {
    x0 = Math.min(x0, from);
    x1 = Math.max(x1, to);
  };
  // A liquid lies where its tank is.
  if (filling) for (const { frontIn, lengthIn } of filling.boxes) reach(frontIn, frontIn + lengthIn);
  else for (const { box } of shapes) reach(box.x0, box.x1);
  return Math.max(POINT_IN / 2, Math.min(xIn - x0, x1 - xIn));
}

/** Loads along the frame, as what begins or ends between each station and the one before; loads add, so do these. */
interface Lying {
  first: number;
  load: Float64Array;
  shear: Float64Array;
  moment: Float64Array;
  /** Σw and Σwx: what the axles hold up. */
  w: number;
  wx: number;
}

/** The stations that a rig's components reach. */
function reachOf({ components, axles }: Rig, halves: Float64Array): { first: number; count: number } {
  let [first, last] = [0, axles.wheelbaseIn + axles.rear.spreadIn / 2];
  for (let i = 0; i < components.length; i++) {
    first = Math.min(first, components[i]!.xIn - halves[i]!);
    last = Math.max(last, components[i]!.xIn + halves[i]!);
  }
  return { first: Math.floor(first), count: Math.ceil(last) - Math.floor(first) + 1 };
}

const nothing = ({ first, count }: { first: number; count: number }): Lying => ({ first, load: new Float64Array(count), shear: new Float64Array(count), moment: new Float64Array(count), w: 0, wx: 0 });

/** What begins between two stations counts at the second, from its own place on. */
function begin(on: Lying, xIn: number, lbPerIn: number): void {
  const at = Math.ceil(xIn) - on.first;
  const past = at + on.first - xIn;
  on.load[at]! += lbPerIn;
  on.shear[at]! -= lbPerIn * past;
  on.moment[at]! -= (lbPerIn * past * past) / 2;
}

function lay(on: Lying, xIn: number, half: number, lb: number): void {
  begin(on, xIn - half, lb / (2 * half));
  begin(on, xIn + half, -lb / (2 * half));
  on.w += lb;
  on.wx += lb * xIn;
}

/** What the axles hold up, and where. */
function reactionsOf({ axles }: Rig, { w, wx }: Lying): FrameLoads['reactions'] {
  const { rear, wheelbaseIn } = axles;
  const rearLb = wx / rearReactionIn(axles);
  const half = rear.spreadIn / 2;
  const rears = rear.axles === 2 ? [{ xIn: wheelbaseIn - half, lb: rearLb * rear.frontShare }, { xIn: wheelbaseIn + half, lb: rearLb * (1 - rear.frontShare) }] : [{ xIn: wheelbaseIn, lb: rearLb }];
  return [{ xIn: 0, lb: w - rearLb }, ...rears];
}

/** Load, shear and moment at every station, the axles holding up what lies there. */
interface Borne {
  load: Float64Array;
  shear: Float64Array;
  moment: Float64Array;
}

/** Sums what lies along the frame inch by inch from its front; the loads that are given are used up. */
function borneBy(on: Lying, reactions: FrameLoads['reactions']): Borne {
  const { first, load, shear, moment } = on;
  for (const { xIn, lb } of reactions) {
    const at = Math.ceil(xIn) - first;
    shear[at]! += lb;
    moment[at]! += lb * (at + first - xIn);
  }
  for (let i = 1; i < load.length; i++) {
    moment[i]! += moment[i - 1]! + shear[i - 1]! - load[i - 1]! / 2;
    shear[i]! += shear[i - 1]! - load[i - 1]!;
    load[i]! += load[i - 1]!;
  }
  return { load, shear, moment };
}

function halvesOf({ components }: Rig): Float64Array {
  const halves = new Float64Array(components.length);
  for (let i = 0; i < halves.length; i++) halves[i] = halfLength(components[i]!);
  return halves;
}

/** What lies along the frame in a load state. */
function lyingIn(rig: Rig, halves: Float64Array, reach: ReturnType<typeof reachOf>, { id, waterShare }: WeighedState): Lying {
  const { share } = statesOf(rig).find((state) => state.id === id)!;
  const lying = nothing(reach);
  rig.components.forEach((c, i) => lay(lying, c.xIn, halves[i]!, c.weightLb * (c.role === 'water' ? waterShare : share(c))));
  return lying;
}

/**
 * Load, shear and bending moment along the frame in a load state, at every inch: each component lies evenly about its
 * centre, the axles hold it up. An estimate: the frame's own data and the road's shocks are the builder's.
 * ΣF = 0 and ΣM = 0, so shear and moment are zero again behind the last load.
 */
export function frameLoads(rig: Rig, state: WeighedState): FrameLoads {
  const halves = halvesOf(rig);
  const lying = lyingIn(rig, halves, reachOf(rig, halves), state);
  const reactions = reactionsOf(rig, lying);
  const { load, shear, moment } = borneBy(lying, reactions);
  const stations = Array.from(load, (loadLbPerIn, i): FrameStation => ({ xIn: lying.first + i, loadLbPerIn, shearLb: shear[i]!, momentLbIn: moment[i]! }));
  const between = stations.filter(({ xIn }) => xIn >= 0 && xIn <= rig.axles.wheelbaseIn);
  return {
    stations, reactions,
    sagging: between.reduce((most, station) => (station.momentLbIn > most.momentLbIn ? station : most)),
    hogging: stations.reduce((most, station) => (station.momentLbIn < most.momentLbIn ? station : most)),
  };
}

/**
 * Where the frame bends most, whichever way, and the load state in which it does; lb·in. Moments add: those of what the
 * usual states may take off are worked out once, and each of these states is a sum of them.
 */
export function mostBent(rig: Rig, states: WeighedState[]): { state: WeighedState; xIn: number; momentLbIn: number } {
  const halves = halvesOf(rig);
  const reach = reachOf(rig, halves);
  const lying = new Map<Role, Lying>();
  rig.components.forEach(({ role, xIn, weightLb }, i) => {
    let of = lying.get(role);
    if (!of) lying.set(role, (of = nothing(reach)));
    lay(of, xIn, halves[i]!, weightLb);
  });
  const byRole = [...lying].map(([role, of]) => ({ role, moments: borneBy(of, reactionsOf(rig, of)).moment }));
  const usual = (state: WeighedState): Float64Array => {
    const { share } = LOAD_STATES.find(({ id }) => id === state.id)!;
    const total = new Float64Array(reach.count);
    for (const { role, moments } of byRole) {
      const part = role === 'water' ? state.waterShare : share({ id: '', role, group: 'Chassis' });
      if (part !== 0) for (let i = 0; i < total.length; i++) total[i]! += part * moments[i]!;
    }
    return total;
  };
  // States of the department's own look at each component.
  const own = (state: WeighedState): Float64Array => {
    const of = lyingIn(rig, halves, reach, state);
    return borneBy(of, reactionsOf(rig, of)).moment;
  };
  let most = { state: states[0]!, xIn: 0, momentLbIn: 0 };
  for (const state of states) {
    const moments = state.id.startsWith('own:') ? own(state) : usual(state);
    let at = 0;
    for (let i = 1; i < moments.length; i++) if (Math.abs(moments[i]!) > Math.abs(moments[at]!)) at = i;
    if (Math.abs(moments[at]!) > Math.abs(most.momentLbIn)) most = { state, xIn: reach.first + at, momentLbIn: moments[at]! };
  }
  return most;
}
