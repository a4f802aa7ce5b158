import { each, reading } from '../../kernel/index.js';
import type { Component, Filling, Rest } from '../../kernel/index.js';
import { clumps, lastAxleIn, rearReactionIn } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { axles } from '../chassis/index.js';
import { fillTank } from '../tank/index.js';
import { loadStates, partsOf, partsTogether, treatedAlike, weighedStates } from '../weights/index.js';
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

/** How much of a tank's liquid stands in each of its boxes, at a share of the full tank; together 1. */
function sharesOfBoxes({ boxes, usableFraction, gallons, lbPerGal }: Filling, share: number): number[] {
  const { surfaceIn } = fillTank({
    boxes,
    usableFraction,
    liquidLbPerGal: lbPerGal,
    gallons: gallons * share,
  });
  const in3 = boxes.map(
    ({ lengthIn, widthIn, heightIn, bottomIn }) =>
      lengthIn * widthIn * Math.min(heightIn, Math.max(0, surfaceIn - bottomIn)),
  );
  const all = in3.reduce((sum, v) => sum + v, 0);
  return in3.map((v) => (v > 0 ? v / all : 0));
}

/** Where the liquid of a tank rests at a share of the full tank. */
const restsOfFilling = (filling: Filling, share: number): Rest[] =>
  sharesOfBoxes(filling, share).flatMap((there, i) => {
    const { frontIn, lengthIn } = filling.boxes[i]!;
    return there > 0 ? [{ share: there, fromIn: frontIn, toIn: frontIn + lengthIn }] : [];
  });

/** The stations that something reaches: the first, in, and how many, an inch apart. */
export interface Reach {
  first: number;
  count: number;
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

function nothing({ first, count }: Reach): Lying {
  // One piece of memory for all three: an edit makes dozens of these.
  const all = new Float64Array(3 * count);
  return {
    first,
    load: all.subarray(0, count),
    shear: all.subarray(count, 2 * count),
    moment: all.subarray(2 * count),
    w: 0,
    wx: 0,
  };
}

/** Adds so much of the values at some stations to those of others, which begin so many stations before. */
function addTo(total: Float64Array, values: Float64Array, times: number, offset: number): void {
  for (let i = 0; i < values.length; i++) total[i + offset]! += times * values[i]!;
}

/** Adds so much of what lies on some stations to what lies on all. */
function addLying(on: Lying, { first, load, shear, moment, w, wx }: Lying, times = 1): void {
  const offset = first - on.first;
  addTo(on.load, load, times, offset);
  addTo(on.shear, shear, times, offset);
  addTo(on.moment, moment, times, offset);
  on.w += w * times;
  on.wx += wx * times;
}

/** Makes what lies on all stations the same as other loads on them. */
function become(lying: Lying, { load, shear, moment, w, wx }: Lying): void {
  lying.load.set(load);
  lying.shear.set(shear);
  lying.moment.set(moment);
  lying.w = w;
  lying.wx = wx;
}

/** A force at one place, up positive: shear jumps there. */
function press(on: Lying, xIn: number, lb: number): void {
  const at = Math.ceil(xIn) - on.first;
  on.shear[at]! += lb;
  on.moment[at]! += lb * (at + on.first - xIn);
}

/** What begins between two stations counts at the second, from its own place on. */
function begin(on: Lying, xIn: number, lbPerIn: number): void {
  const at = Math.ceil(xIn) - on.first;
  const past = at + on.first - xIn;
  on.load[at]! += lbPerIn;
  on.shear[at]! -= lbPerIn * past;
  on.moment[at]! -= (lbPerIn * past * past) / 2;
}

/** A weight laid where it rests. */
function lay(on: Lying, rests: readonly Rest[], lb: number): void {
  for (const { share, fromIn, toIn } of rests) {
    const w = lb * share;
    if (toIn > fromIn) {
      const lbPerIn = w / (toIn - fromIn);
      begin(on, fromIn, lbPerIn);
      begin(on, toIn, -lbPerIn);
    } else press(on, fromIn, -w);
    on.w += w;
    on.wx += (w * (fromIn + toIn)) / 2;
  }
}

/** Lays so much of a component, its liquid where that much of it stands. */
function layAboard(on: Lying, { filling, rests, weightLb }: Component, there: number): void {
  if (there !== 0) lay(on, filling ? restsOfFilling(filling, there) : rests, weightLb * there);
}

/** From where to where components rest, the water wherever its tank has some; in. */
function reachOf(all: readonly Component[]): { fromIn: number; toIn: number } {
  let [first, last] = [Infinity, -Infinity];
  for (const { rests, filling } of all) {
    for (const { fromIn, toIn } of rests) {
      first = Math.min(first, fromIn);
      last = Math.max(last, toIn);
    }
    for (const { frontIn, lengthIn } of filling?.boxes ?? []) {
      first = Math.min(first, frontIn);
      last = Math.max(last, frontIn + lengthIn);
    }
  }
  return { fromIn: first, toIn: last };
}

const stationsOf = ({ fromIn, toIn }: { fromIn: number; toIn: number }): Reach => {
  const first = Math.floor(fromIn);
  return { first, count: Math.max(0, Math.ceil(toIn) - first + 1) };
};

const reaches = each('frame', clumps, reachOf);

/** The stations that all of a truck reaches, and its axles. */
export const reach = reading('frame', [reaches, axles], (all, on) =>
  stationsOf({
    fromIn: Math.min(0, ...all.map(({ fromIn }) => fromIn)),
    toIn: Math.max(lastAxleIn(on), ...all.map(({ toIn }) => toIn)),
  }),
);

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

/**
 * Sums what lies along the frame inch by inch from its front, in place: from here on these are load, shear and moment
 * at each station.
 */
function bear(on: Lying, reactions: FrameLoads['reactions']): void {
  const { load, shear, moment } = on;
  for (const { xIn, lb } of reactions) press(on, xIn, lb);
  for (let i = 1; i < load.length; i++) {
    moment[i]! += moment[i - 1]! + shear[i - 1]! - load[i - 1]! / 2;
    shear[i]! += shear[i - 1]! - load[i - 1]!;
    load[i]! += load[i - 1]!;
  }
}

/** How much of a component is aboard in a state. */
const aboard = (
  { share }: LoadState,
  { waterShare }: Pick<WeighedState, 'waterShare'>,
  of: Pick<Component, 'role' | 'seat'>,
): number => (of.role === 'water' ? waterShare : share(of));

/**
 * Load, shear and bending moment along the frame in a load state, at every inch: each component lies where it
 * rests, the water where the state has it, and the axles hold it up (formulas: frame). An estimate: the frame's
 * own data and the road's shocks are the builder's. ΣF = 0 and ΣM = 0, so shear and moment are zero again behind the last load.
 */
export function frameLoads(
  all: readonly Component[],
  stationsReached: Reach,
  on: Axles,
  state: LoadState,
  weighed: Pick<WeighedState, 'waterShare'>,
): FrameLoads {
  const lying = nothing(stationsReached);
  for (const component of all) layAboard(lying, component, aboard(state, weighed, component));
  const reactions = reactionsOf(on, lying);
  bear(lying, reactions);
  const stations = Array.from(lying.load, (loadLbPerIn, i): FrameStation => ({
    xIn: lying.first + i,
    loadLbPerIn,
    shearLb: lying.shear[i]!,
    momentLbIn: lying.moment[i]!,
  }));
  const between = stations.filter(({ xIn }) => xIn >= 0 && xIn <= on.wheelbaseIn);
  return {
    stations,
    reactions,
    sagging: between.reduce((most, station) => (station.momentLbIn > most.momentLbIn ? station : most)),
    hogging: stations.reduce((most, station) => (station.momentLbIn < most.momentLbIn ? station : most)),
  };
}

/** What of each list load states take off or leave on together, as it lies; liquids are laid as each state has them. */
const lyingOfClumps = each(
  'frame',
  clumps,
  (clump, alike) => {
    const dry = clump.filter(({ filling, weightLb }) => !filling && weightLb !== 0);
    const own = stationsOf(reachOf(dry));
    return partsOf(
      alike,
      dry,
      () => nothing(own),
      (lying, { weightLb, rests }) => {
        lay(lying, rests, weightLb);
        return lying;
      },
    );
  },
  treatedAlike,
);

/** What load states take off or leave on together, as it lies along the whole frame. */
const lyingByPart = reading('frame', [lyingOfClumps, treatedAlike, reach], (lists, alike, all) =>
  partsTogether(
    alike,
    lists,
    () => nothing(all),
    (lying, more) => {
      addLying(lying, more);
      return lying;
    },
  ),
);

const fillingsOfClumps = each('frame', clumps, (clump) => clump.filter(({ filling }) => filling));

/** Where the frame bends most in each load state, whichever way; lb·in. */
export const bentInStates = reading(
  'frame',
  [lyingByPart, fillingsOfClumps, axles, reach, loadStates, weighedStates],
  (parts, liquids, on, all, states, weighed) => {
    const whole = nothing(all);
    for (const { sum } of parts) addLying(whole, sum);
    const lying = nothing(all);
    return states.map((state, s) => {
      // Most states have most of it aboard: they are all of it, less what is off.
      become(lying, whole);
      for (const part of parts) {
        const there = aboard(state, weighed[s]!, part);
        if (there !== 1) addLying(lying, part.sum, there - 1);
      }
      for (const liquid of liquids.flat()) layAboard(lying, liquid, aboard(state, weighed[s]!, liquid));
      bear(lying, reactionsOf(on, lying));
      const { moment } = lying;
      let at = 0;
      for (let i = 1; i < moment.length; i++) if (Math.abs(moment[i]!) > Math.abs(moment[at]!)) at = i;
      return { id: state.id, name: state.name, xIn: all.first + at, momentLbIn: moment[at]! };
    });
  },
);

/** States that bend alike differ by rounding alone: the first of them is named. */
const ALIKE = 1e-9;

/** Where the frame bends most, and the load state in which it does. */
export const mostBent = reading('frame', [bentInStates], (all) =>
  all.reduce((most, next) =>
    Math.abs(next.momentLbIn) > Math.abs(most.momentLbIn) * (1 + ALIKE) ? next : most,
  ),
);
