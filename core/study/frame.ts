import type { Component, Rig } from '../rig/index.js';
import { rearReactionIn } from '../weights/index.js';

/** What the frame carries at a station along the truck, in service. */
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

/** Where a component's weight lies along the truck: evenly about its centre, as far as its shapes reach on the nearer side. */
function spreadOf({ xIn, shapes, filling }: Component): { from: number; to: number } {
  // A liquid lies where its tank is.
  const ends = filling ? filling.boxes.map((b) => ({ x0: b.frontIn, x1: b.frontIn + b.lengthIn })) : shapes.map(({ box }) => box);
  const reach = ends.length ? Math.min(xIn - Math.min(...ends.map(({ x0 }) => x0)), Math.max(...ends.map(({ x1 }) => x1)) - xIn) : 0;
  const half = Math.max(POINT_IN / 2, reach);
  return { from: xIn - half, to: xIn + half };
}

/**
 * Load, shear and bending moment along the frame in service, at every inch: each component lies evenly about its
 * centre, the axles hold it up. An estimate: the frame's own data and the road's shocks are the builder's.
 * ΣF = 0 and ΣM = 0, so shear and moment are zero again behind the last load.
 */
export function frameLoads(rig: Rig): FrameLoads {
  const spread = rig.components.filter(({ weightLb }) => weightLb > 0).map((component) => ({ ...spreadOf(component), lb: component.weightLb, at: component.xIn }));
  const { rear, wheelbaseIn } = rig.axles;
  const total = spread.reduce((sum, { lb }) => sum + lb, 0);
  const rearLb = spread.reduce((sum, { lb, at }) => sum + lb * at, 0) / rearReactionIn(rig.axles);
  const reactions = [
    { xIn: 0, lb: total - rearLb },
    ...(rear.axles === 2 ? [{ xIn: wheelbaseIn - rear.spreadIn / 2, lb: rearLb * rear.frontShare }, { xIn: wheelbaseIn + rear.spreadIn / 2, lb: rearLb * (1 - rear.frontShare) }] : [{ xIn: wheelbaseIn, lb: rearLb }]),
  ];
  const first = Math.floor(Math.min(0, ...spread.map(({ from }) => from)));
  const last = Math.ceil(Math.max(...spread.map(({ to }) => to), ...reactions.map(({ xIn }) => xIn)));

  const stations = Array.from({ length: last - first + 1 }, (_, i): FrameStation => {
    const xIn = first + i;
    let loadLbPerIn = 0;
    let shearLb = 0;
    let momentLbIn = 0;
    for (const { from, to, lb } of spread) {
      const ahead = (lb * Math.max(0, Math.min(xIn, to) - from)) / (to - from);
      if (xIn >= from && xIn < to) loadLbPerIn += lb / (to - from);
      shearLb -= ahead;
      momentLbIn -= ahead * (xIn - (from + Math.min(xIn, to)) / 2);
    }
    for (const reaction of reactions) {
      if (reaction.xIn > xIn) continue;
      shearLb += reaction.lb;
      momentLbIn += reaction.lb * (xIn - reaction.xIn);
    }
    return { xIn, loadLbPerIn, shearLb, momentLbIn };
  });
  const between = stations.filter(({ xIn }) => xIn >= 0 && xIn <= wheelbaseIn);
  return {
    stations, reactions,
    sagging: between.reduce((most, station) => (station.momentLbIn > most.momentLbIn ? station : most)),
    hogging: stations.reduce((most, station) => (station.momentLbIn < most.momentLbIn ? station : most)),
  };
}
