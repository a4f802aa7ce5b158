import type { TankBox } from '../../kernel/index.js';

/** A piece of a tank across the truck: a rectangle in y and z, and how long it is; in. */
interface Piece {
  y0: number;
  y1: number;
  z0: number;
  z1: number;
  lengthIn: number;
}

/** Pieces that are one liquid: baffles along the truck part a box into cells, what stands on it joins them again. */
type Cell = readonly Piece[];

const HAIR_IN = 1e-9;
const joined = (a: Piece, b: Piece): boolean =>
  (Math.abs(a.z1 - b.z0) < HAIR_IN || Math.abs(b.z1 - a.z0) < HAIR_IN) &&
  Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0) > HAIR_IN;

const known = new WeakMap<readonly TankBox[], Cell[]>();

/** The liquids of a tank that tilt each by itself (formulas: tank). */
export function cellsOf(boxes: readonly TankBox[]): Cell[] {
  const before = known.get(boxes);
  if (before) return before;
  const pieces = boxes.flatMap(({ centerIn, widthIn, bottomIn, heightIn, lengthIn, lateralCells }) =>
    Array.from({ length: lateralCells }, (_, i): Piece => {
      const wide = widthIn / lateralCells;
      const y0 = centerIn - widthIn / 2 + i * wide;
      return { y0, y1: y0 + wide, z0: bottomIn, z1: bottomIn + heightIn, lengthIn };
    }),
  );
  let cells: Piece[][] = [];
  for (const piece of pieces) {
    const touching = cells.filter((cell) => cell.some((other) => joined(piece, other)));
    cells = [...cells.filter((cell) => !touching.includes(cell)), [piece, ...touching.flat()]];
  }
  known.set(boxes, cells);
  return cells;
}

/** What lies below a plane in a cell: in³, and its moments about the truck's middle and the ground, in⁴. */
interface Below {
  volume: number;
  my: number;
  mz: number;
  /** Area of the surface seen from above, in²: how the volume grows as the plane rises. */
  surface: number;
}

/** What lies below the plane z = at + slope·y; the slope is not negative. */
function belowPlane(cell: Cell, at: number, slope: number): Below {
  let [volume, my, mz, surface] = [0, 0, 0, 0];
  for (const { y0, y1, z0, z1, lengthIn } of cell) {
    // Wet from where the plane is over the bottom; full from where it is over the top.
    const wet = slope === 0 ? (at > z0 ? y0 : y1) : Math.min(y1, Math.max(y0, (z0 - at) / slope));
    const full = slope === 0 ? (at >= z1 ? y0 : y1) : Math.min(y1, Math.max(y0, (z1 - at) / slope));
    if (wet < full) {
      const [d0, d1] = [at + slope * wet - z0, at + slope * full - z0];
      const wide = full - wet;
      const area = (wide * (d0 + d1)) / 2;
      volume += lengthIn * area;
      my += (lengthIn * wide * (d0 * (2 * wet + full) + d1 * (wet + 2 * full))) / 6;
      mz += lengthIn * (z0 * area + (wide * (d0 * d0 + d0 * d1 + d1 * d1)) / 6);
      surface += lengthIn * wide;
    }
    if (full < y1) {
      const area = (y1 - full) * (z1 - z0);
      volume += lengthIn * area;
      my += (lengthIn * area * (full + y1)) / 2;
      mz += (lengthIn * area * (z0 + z1)) / 2;
    }
  }
  return { volume, my, mz, surface };
}

const MOST_STEPS = 60;
/** Volumes this near are the same, as a share of the cell's. */
const NEAR = 1e-8;

/** The plane of a slope below which so much lies: Newton's steps, kept between bounds that close in. */
function planeFor(cell: Cell, volume: number, slope: number, level: number): Below {
  let low = Infinity;
  let high = -Infinity;
  for (const { y0, y1, z0, z1 } of cell) {
    low = Math.min(low, z0 - slope * Math.max(y0, y1));
    high = Math.max(high, z1 - slope * Math.min(y0, y1));
  }
  let at = Math.min(high, Math.max(low, level));
  let below = belowPlane(cell, at, slope);
  for (let i = 0; i < MOST_STEPS && Math.abs(below.volume - volume) > NEAR * volume; i++) {
    if (below.volume > volume) high = at;
    else low = at;
    const step = below.surface > 0 ? at + (volume - below.volume) / below.surface : NaN;
    at = step > low && step < high ? step : (low + high) / 2;
    below = belowPlane(cell, at, slope);
  }
  return below;
}

const mirrored = new WeakMap<readonly TankBox[], TankBox[]>();

/** The same tank with its sides changed. */
function mirrorOf(boxes: readonly TankBox[]): readonly TankBox[] {
  let mirror = mirrored.get(boxes);
  if (!mirror) mirrored.set(boxes, (mirror = boxes.map((box) => ({ ...box, centerIn: -box.centerIn }))));
  return mirror;
}

/** How a liquid moves when the truck leans: change of its moments to the low side and up, in⁴ of box. */
export type Movement = (slope: number, toward: 1 | -1) => { my: number; mz: number };

/** What of each cell is filled, level. */
interface Level {
  cell: Cell;
  below: Below;
}
const levelsOf = (boxes: readonly TankBox[], surfaceIn: number): Level[] =>
  cellsOf(boxes)
    .map((cell) => ({ cell, below: belowPlane(cell, surfaceIn, 0) }))
    .filter(({ below }) => below.volume > 0 && below.surface > 0);

/**
 * How the liquid of a tank that is filled to a height moves when the truck leans by a slope (its tangent) toward
 * the officer's side (1) or the driver's (−1). Each cell by itself, the surface one plane in it, cut off by its
 * walls: near full and near empty little moves (formulas: tank).
 */
export function movementOf(boxes: readonly TankBox[], surfaceIn: number): Movement {
  const levels: Partial<Record<1 | -1, Level[]>> = {};
  return (slope, toward) => {
    levels[toward] ??= levelsOf(toward > 0 ? boxes : mirrorOf(boxes), surfaceIn);
    let [my, mz] = [0, 0];
    for (const { cell, below } of levels[toward]) {
      const leaning = planeFor(cell, below.volume, slope, surfaceIn);
      my += leaning.my - below.my;
      mz += leaning.mz - below.mz;
    }
    return { my, mz };
  };
}
