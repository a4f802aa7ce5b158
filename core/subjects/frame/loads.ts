import { reading } from '../../kernel/index.js';
import type { Component } from '../../kernel/index.js';
import { components, lastAxleIn, rearReactionIn } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { axles } from '../chassis/index.js';
import { loadStates, partsOf, seatsMatter, weighedStates } from '../weights/index.js';
import type { LoadState, WeighedState } from '../weights/index.js';

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

/**
 * Half the length over which a component lies, evenly about its center: as far as its shapes reach on the
 * nearer side, in.
 */
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

/**
 * Loads along the frame, as what begins or ends between each station and the one before; loads add, so do
 * these.
 */
interface Lying {
  first: number;
  load: Float64Array;
  shear: Float64Array;
  moment: Float64Array;
  /** Σw and Σwx: what the axles hold up. */
  w: number;
  wx: number;
}

const nothing = ({ first, count }: { first: number; count: number }): Lying => ({
  first,
  load: new Float64Array(count),
  shear: new Float64Array(count),
  moment: new Float64Array(count),
  w: 0,
  wx: 0,
});

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

/** How each component lies along the frame, and the stations that they all reach; in. */
export const lyingAlong = reading('frame', [components, axles], (all, on) => {
  const halves = new Float64Array(all.length);
  let [first, last] = [0, lastAxleIn(on)];
  for (let i = 0; i < halves.length; i++) {
    const half = halfLength(all[i]!);
    halves[i] = half;
    first = Math.min(first, all[i]!.xIn - half);
    last = Math.max(last, all[i]!.xIn + half);
  }
  return { halves, reach: { first: Math.floor(first), count: Math.ceil(last) - Math.floor(first) + 1 } };
});

/** What the axles hold up, and where. */
function reactionsOf(on: Axles, { w, wx }: Lying): FrameLoads['reactions'] {
  const { rear, wheelbaseIn } = on;
  const rearLb = wx / rearReactionIn(on);
  const half = rear.spreadIn / 2;
  const rears =
    rear.axles === 2
      ? [
          { xIn: wheelbaseIn - half, lb: rearLb * rear.frontShare },
          { xIn: wheelbaseIn + half, lb: rearLb * (1 - rear.frontShare) },
        ]
      : [{ xIn: wheelbaseIn, lb: rearLb }];
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

/** How much of a component is aboard in a state. */
const aboard = (
  { share }: LoadState,
  { waterShare }: Pick<WeighedState, 'waterShare'>,
  of: Pick<Component, 'role' | 'seat'>,
): number => (of.role === 'water' ? waterShare : share(of));

/**
 * Load, shear and bending moment along the frame in a load state, at every inch: each component lies evenly
 * about its center, the axles hold it up (formulas: frame). An estimate: the frame's own data and the road's
 * shocks are the builder's. ΣF = 0 and ΣM = 0, so shear and moment are zero again behind the last load.
 */
export function frameLoads(
  all: readonly Component[],
  { halves, reach }: LyingAlong,
  on: Axles,
  state: LoadState,
  weighed: Pick<WeighedState, 'waterShare'>,
): FrameLoads {
  const lying = nothing(reach);
  all.forEach((c, i) => lay(lying, c.xIn, halves[i]!, c.weightLb * aboard(state, weighed, c)));
  const reactions = reactionsOf(on, lying);
  const { load, shear, moment } = borneBy(lying, reactions);
  const stations = Array.from(load, (loadLbPerIn, i): FrameStation => ({
    xIn: lying.first + i,
    loadLbPerIn,
    shearLb: shear[i]!,
    momentLbIn: moment[i]!,
  }));
  const between = stations.filter(({ xIn }) => xIn >= 0 && xIn <= on.wheelbaseIn);
  return {
    stations,
    reactions,
    sagging: between.reduce((most, station) => (station.momentLbIn > most.momentLbIn ? station : most)),
    hogging: stations.reduce((most, station) => (station.momentLbIn < most.momentLbIn ? station : most)),
  };
}

/** How components lie along the frame. */
export interface LyingAlong {
  halves: Float64Array;
  reach: { first: number; count: number };
}

/** The moments of what load states take off or leave on together: worked out once, each state is a sum of them. */
const momentsByPart = reading(
  'frame',
  [components, axles, lyingAlong, seatsMatter],
  (all, on, { halves, reach }, bySeat) =>
    partsOf(
      bySeat,
      all,
      () => nothing(reach),
      (lying, { xIn, weightLb }, i) => {
        lay(lying, xIn, halves[i]!, weightLb);
        return lying;
      },
    ).map(({ sum, ...part }) => ({ ...part, moments: borneBy(sum, reactionsOf(on, sum)).moment })),
);

/** Where the frame bends most in each load state, whichever way; lb·in. */
export const bentInStates = reading(
  'frame',
  [momentsByPart, lyingAlong, loadStates, weighedStates],
  (parts, { reach }, states, weighed) =>
    states.map((state, s) => {
      const { count } = reach;
      const total = new Float64Array(count);
      for (const part of parts) {
        const there = aboard(state, weighed[s]!, part);
        const { moments } = part;
        if (there !== 0) for (let i = 0; i < count; i++) total[i]! += there * moments[i]!;
      }
      let at = 0;
      for (let i = 1; i < count; i++) if (Math.abs(total[i]!) > Math.abs(total[at]!)) at = i;
      return { id: state.id, name: state.name, xIn: reach.first + at, momentLbIn: total[at]! };
    }),
);

/** Where the frame bends most, and the load state in which it does. */
export const mostBent = reading('frame', [bentInStates], (all) =>
  all.reduce((most, next) => (Math.abs(next.momentLbIn) > Math.abs(most.momentLbIn) ? next : most)),
);
