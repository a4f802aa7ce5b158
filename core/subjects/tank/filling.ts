import { BadInput } from '../../build/index.js';
import type { Point, TankBox } from '../../kernel/index.js';
import { IN3_PER_GAL } from '../../units/index.js';

/** A tank and what is in it. */
export interface TankInput {
  boxes: TankBox[];
  /** What baffles and walls leave of the boxes. */
  usableFraction: number;
  liquidLbPerGal: number;
  gallons: number;
}

export interface TankResult {
  capacityGal: number;
  weightLb: number;
  /** Height of the surface above the ground, in. */
  surfaceIn: number;
  cg: Point;
  /** How much the free surface raises the liquid's effective center of gravity, in. */
  freeSurfaceRiseIn: number;
}

const area = (box: TankBox) => box.lengthIn * box.widthIn;
const topOf = (box: TankBox) => box.bottomIn + box.heightIn;

/** Gallons that the boxes hold when full. */
export const capacityGal = (boxes: TankBox[], usableFraction: number): number =>
  (boxes.reduce((sum, box) => sum + area(box) * box.heightIn, 0) * usableFraction) / IN3_PER_GAL;

/** Between two heights at which a box begins or ends, the open area is the same. */
interface Layer {
  fromIn: number;
  openIn2: number;
  volumeIn3: number;
}

const known = new WeakMap<TankBox[], Layer[]>();

/** The layers of a tank from the bottom up; worked out once for boxes that are filled again and again. */
function layersOf(boxes: TankBox[]): Layer[] {
  let layers = known.get(boxes);
  if (!layers) {
    const heights = [...new Set(boxes.flatMap((box) => [box.bottomIn, topOf(box)]))].sort((a, b) => a - b);
    layers = heights.slice(1).map((toIn, i) => {
      const fromIn = heights[i]!;
      const openIn2 = boxes
        .filter((box) => box.bottomIn <= fromIn && topOf(box) >= toIn)
        .reduce((sum, box) => sum + area(box), 0);
      return { fromIn, openIn2, volumeIn3: openIn2 * (toIn - fromIn) };
    });
    known.set(boxes, layers);
  }
  return layers;
}

/** Height to which a volume (in³ of box) rises, filling from the bottom, in. */
function surfaceOf(boxes: TankBox[], volumeIn3: number): number {
  let left = volumeIn3;
  for (const { fromIn, openIn2, volumeIn3: holds } of layersOf(boxes)) {
    if (left <= holds && openIn2 > 0) return fromIn + left / openIn2;
    left -= holds;
  }
  return Math.max(...boxes.map(topOf));
}

/**
 * A tank filled from the bottom: weight, surface, center of gravity and free-surface rise
 * Σ(l·b³/12/n²)/V over the boxes that the surface cuts (formulas: tank). A full or an empty tank has no free
 * surface.
 * Lengths in, liquid US gal. Gallons beyond the capacity are not looked for here.
 */
export function fillTank({ boxes, usableFraction, liquidLbPerGal, gallons }: TankInput): TankResult {
  const capacity = capacityGal(boxes, usableFraction);
  const volumeIn3 = (gallons * IN3_PER_GAL) / usableFraction;
  const surfaceIn = surfaceOf(boxes, volumeIn3);
  let vx = 0;
  let vy = 0;
  let vz = 0;
  let v = 0;
  let surface = 0;
  for (const box of boxes) {
    const depth = Math.min(surfaceIn, topOf(box)) - box.bottomIn;
    if (depth <= 0) continue;
    const volume = area(box) * depth;
    v += volume;
    vx += volume * (box.frontIn + box.lengthIn / 2);
    vy += volume * box.centerIn;
    vz += volume * (box.bottomIn + depth / 2);
    if (surfaceIn < topOf(box)) surface += (box.lengthIn * box.widthIn ** 3) / 12 / box.lateralCells ** 2;
  }
  const first = boxes[0]!;
  return {
    capacityGal: capacity,
    weightLb: gallons * liquidLbPerGal,
    surfaceIn,
    cg:
      v === 0
        ? { xIn: first.frontIn + first.lengthIn / 2, yIn: first.centerIn, zIn: surfaceIn }
        : { xIn: vx / v, yIn: vy / v, zIn: vz / v },
    freeSurfaceRiseIn: v === 0 ? 0 : surface / v,
  };
}

/**
 * The calculation `tank` of the outside contract.
 * @throws BadInput when more is asked for than the boxes hold.
 */
export function tank(input: TankInput): TankResult {
  const capacity = capacityGal(input.boxes, input.usableFraction);
  if (input.gallons > capacity * (1 + 1e-9)) {
    throw new BadInput([
      {
        field: 'gallons',
        message: `gallons must be at most ${capacity.toFixed(1)}, what these boxes hold (was ${input.gallons})`,
      },
    ]);
  }
  return fillTank(input);
}
