import { reading } from '../../kernel/index.js';
import type { Component, Filling, Rest } from '../../kernel/index.js';
import { components, lastAxleIn, rearReactionIn } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { axles } from '../chassis/index.js';
import { fillTank } from '../tank/index.js';
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
 * Where a component rests along the frame: where it says so, otherwise evenly about its center, as far as its
 * shapes reach on the nearer side (formulas: frame).
 */
function restsOf({ xIn, shapes, rests }: Component): readonly Rest[] {
  if (rests) return rests;
  let x0 = Infinity;
  let x1 = -Infinity;
  for (const { box } of shapes) {
    x0 = Math.min(x0, box.x0);
    x1 = Math.max(x1, box.x1);
  }
  const half = Math.max(POINT_IN / 2, Math.min(xIn - x0, x1 - xIn));
  return [{ share: 1, fromIn: xIn - half, toIn: xIn + half }];
}

/** Where the liquid of a tank rests at a share of the full tank: in each of its boxes as much as stands there. */
function restsOfFilling({ boxes, usableFraction, gallons, lbPerGal }: Filling, share: number): Rest[] {
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
  return boxes.flatMap(({ frontIn, lengthIn }, i) =>
    in3[i]! > 0 ? [{ share: in3[i]! / all, fromIn: frontIn, toIn: frontIn + lengthIn }] : [],
  );
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

/** How components lie along the frame. */
export interface LyingAlong {
  rests: (readonly Rest[])[];
  reach: { first: number; count: number };
}

/** How each component lies along the frame, and the stations that they all reach; in. */
export const lyingAlong = reading('frame', [components, axles], (all, on): LyingAlong => {
  let [first, last] = [0, lastAxleIn(on)];
  const rests = all.map((component) => {
    const of = component.filling ? restsOfFilling(component.filling, 1) : restsOf(component);
    for (const { fromIn, toIn } of of) {
      first = Math.min(first, fromIn);
      last = Math.max(last, toIn);
    }
    return of;
  });
  return { rests, reach: { first: Math.floor(first), count: Math.ceil(last) - Math.floor(first) + 1 } };
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
  const { load, shear, moment } = on;
  for (const { xIn, lb } of reactions) press(on, xIn, lb);
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
 * Load, shear and bending moment along the frame in a load state, at every inch: each component lies where it
 * rests, the water where the state has it, and the axles hold it up (formulas: frame). An estimate: the frame's own data and the road's
 * shocks are the builder's. ΣF = 0 and ΣM = 0, so shear and moment are zero again behind the last load.
 */
export function frameLoads(
  all: readonly Component[],
  { rests, reach }: LyingAlong,
  on: Axles,
  state: LoadState,
  weighed: Pick<WeighedState, 'waterShare'>,
): FrameLoads {
  const lying = nothing(reach);
  all.forEach((c, i) => {
    const there = aboard(state, weighed, c);
    if (there === 0) return;
    lay(lying, c.filling ? restsOfFilling(c.filling, there) : rests[i]!, c.weightLb * there);
  });
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

/** The moments of what load states take off or leave on together: worked out once, each state is a sum of them. */
const momentsByPart = reading(
  'frame',
  [components, axles, lyingAlong, seatsMatter],
  (all, on, { rests, reach }, bySeat) =>
    partsOf(
      bySeat,
      all.map((component) => (component.filling ? NO_WEIGHT : component)),
      () => nothing(reach),
      (lying, { weightLb }, i) => {
        if (weightLb !== 0) lay(lying, rests[i]!, weightLb);
        return lying;
      },
    ).map(({ sum, ...part }) => ({ ...part, moments: borneBy(sum, reactionsOf(on, sum)).moment })),
);
/** Liquids that can be there in part are laid as each state has them. */
const NO_WEIGHT = { role: 'water', weightLb: 0 } as Component;

/** The moments of the water at a share of the full tank. */
function momentsOfWater(
  all: readonly Component[],
  on: Axles,
  { reach }: LyingAlong,
  share: number,
): Float64Array {
  const lying = nothing(reach);
  for (const { filling, weightLb } of all)
    if (filling && share > 0) lay(lying, restsOfFilling(filling, share), weightLb * share);
  return borneBy(lying, reactionsOf(on, lying)).moment;
}

/** Where the frame bends most in each load state, whichever way; lb·in. */
export const bentInStates = reading(
  'frame',
  [momentsByPart, components, axles, lyingAlong, loadStates, weighedStates],
  (parts, all, on, along, states, weighed) => {
    const { count, first } = along.reach;
    const ofWater = new Map<number, Float64Array>();
    return states.map((state, s) => {
      const { waterShare } = weighed[s]!;
      let water = ofWater.get(waterShare);
      if (!water) ofWater.set(waterShare, (water = momentsOfWater(all, on, along, waterShare)));
      const total = water.slice();
      for (const part of parts) {
        const there = aboard(state, weighed[s]!, part);
        const { moments } = part;
        if (there !== 0) for (let i = 0; i < count; i++) total[i]! += there * moments[i]!;
      }
      let at = 0;
      for (let i = 1; i < count; i++) if (Math.abs(total[i]!) > Math.abs(total[at]!)) at = i;
      return { id: state.id, name: state.name, xIn: first + at, momentLbIn: total[at]! };
    });
  },
);

/** Where the frame bends most, and the load state in which it does. */
export const mostBent = reading('frame', [bentInStates], (all) =>
  all.reduce((most, next) => (Math.abs(next.momentLbIn) > Math.abs(most.momentLbIn) ? next : most)),
);
