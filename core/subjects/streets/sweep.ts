import { IN_PER_FT } from '../../units/index.js';
import type { OnPlan } from './outline.js';
import type { Corner } from './turning.js';

/**
 * The way of a truck through a corner as it is driven: straight in, wheels turned over a distance, full lock, wheels
 * turned back, straight out. Seen from above, right turn; E to the east and N to the north, in, with the rounded block
 * at the inside of the corner to the south-east of the origin.
 */
export interface Pose {
  /** Middle of the rear axle or of the tandem. */
  e: number;
  n: number;
  /** Heading, radians clockwise from north. */
  heading: number;
}

export interface Turn {
  /** To the rear axle or the middle of the tandem, in. */
  wheelbaseIn: number;
  /** From the turn's center to the middle of the rear axle at full lock, in. */
  radiusIn: number;
  /** Over how much of the way the wheels are turned from straight to full lock, in. */
  steerIn: number;
  outline: readonly OnPlan[];
}

/** The way is looked at so finely, in. */
const STEP_IN = 6;
/** It is driven straight for so much ahead of the corner and behind it, in. */
const STRAIGHT_IN = 120;
const QUARTER = Math.PI / 2;

/** How far the truck has turned after so much of the turn, radians; and how long the turn is, in. */
function turning({ radiusIn, steerIn }: Turn): { turned: (s: number) => number; length: number } {
  const full = 1 / radiusIn;
  // The wheels turn to full lock and back; a corner that is over before sees less of it, at the same rate.
  const share = Math.min(1, Math.sqrt(QUARTER / Math.max(1e-9, full * steerIn)));
  const [most, steer] = [full * share, steerIn * share];
  const held = Math.max(0, QUARTER / most - steer);
  const length = 2 * steer + held;
  return {
    length,
    turned: (s) => {
      if (s <= 0) return 0;
      if (s >= length) return QUARTER;
      if (s < steer) return (most * s * s) / (2 * steer);
      if (s <= steer + held) return most * (s - steer / 2);
      return QUARTER - (most * (length - s) ** 2) / (2 * steer);
    },
  };
}

/** The truck at places along its way, from its own length before the turn to its length after it. */
export function posesOf(turn: Turn): Pose[] {
  const { turned, length } = turning(turn);
  const straight = turn.wheelbaseIn + STRAIGHT_IN;
  const count = Math.ceil((2 * straight + length) / STEP_IN);
  const step = (2 * straight + length) / count;
  const poses: Pose[] = [{ e: 0, n: -straight, heading: 0 }];
  for (let i = 0; i < count; i++) {
    const { e, n } = poses[i]!;
    const s = i * step - straight;
    const heading = turned(s + step / 2);
    poses.push({
      e: e + Math.sin(heading) * step,
      n: n + Math.cos(heading) * step,
      heading: turned(s + step),
    });
  }
  return poses;
}

/** A place of the truck on the ground as it stands there. */
export function placeOf(
  { e, n, heading }: Pose,
  { xIn, yIn }: OnPlan,
  wheelbaseIn: number,
): [number, number] {
  const ahead = wheelbaseIn - xIn;
  const [sin, cos] = [Math.sin(heading), Math.cos(heading)];
  return [e + ahead * sin + yIn * cos, n + ahead * cos - yIn * sin];
}

/** What the truck sweeps over: its outline at every place of its way, before the way is laid into a street. */
export interface Swept {
  poses: Pose[];
  outlines: [number, number][][];
  /** The westernmost and the northernmost that it comes. */
  west: number;
  north: number;
}

export function sweptBy(turn: Turn): Swept {
  const poses = posesOf(turn);
  const outlines = poses.map((pose) => turn.outline.map((place) => placeOf(pose, place, turn.wheelbaseIn)));
  let [west, north] = [Infinity, -Infinity];
  for (const outline of outlines)
    for (const [e, n] of outline) {
      if (e < west) west = e;
      if (n > north) north = n;
    }
  return { poses, outlines, west, north };
}

/** From a place to the line between two others. */
function toLine(pe: number, pn: number, a: readonly number[], b: readonly number[]): number {
  const [ae, an] = [a[0]!, a[1]!];
  const [de, dn] = [b[0]! - ae, b[1]! - an];
  const along = Math.max(0, Math.min(1, ((pe - ae) * de + (pn - an) * dn) / (de * de + dn * dn || 1)));
  return distance(pe - ae - along * de, pn - an - along * dn);
}

/** The hottest place of the streets: faster than Math.hypot, and as exact at these sizes. */
const distance = (e: number, n: number): number => Math.sqrt(e * e + n * n);

/**
 * How far an outline stays from the block at the inside, shifted by so much; below 0 where it runs into it. The block
 * is a quadrant with the center of the curb's radius at its corner, grown by that radius.
 */
function insideOf(outline: readonly [number, number][], radius: number, de: number, dn: number): number {
  const [ce, cn] = [radius - de, -radius - dn];
  let outside = Infinity;
  let within = -Infinity;
  let isIn = true;
  for (let i = 0; i < outline.length; i++) {
    const a = outline[i]!;
    const b = outline[i + 1 < outline.length ? i + 1 : 0]!;
    const [west, above] = [ce - a[0], a[1] - cn];
    if (west <= 0 && above <= 0) within = Math.max(within, Math.min(-west, -above));
    else outside = Math.min(outside, distance(Math.max(0, west), Math.max(0, above)));
    outside = Math.min(outside, toLine(ce, cn, a, b));
    if ((b[0] - a[0]) * (cn - a[1]) - (b[1] - a[1]) * (ce - a[0]) < 0) isIn = false;
  }
  if (within >= 0) return -within - radius;
  return (isIn ? -outside : outside) - radius;
}

/** A swept way laid into a corner. */
export interface Laid {
  /** How far it was shifted, in. */
  de: number;
  dn: number;
  /** What is left at the outside walls, and at the inside curb, in. */
  outsideIn: number;
  insideIn: number;
}

/** How far the way is shifted that has so much left at both outside walls, in. */
const shiftOf = (swept: Swept, corner: Corner, outsideIn: number): [number, number] => [
  -corner.approachWidthFt * IN_PER_FT + outsideIn - swept.west,
  corner.exitWidthFt * IN_PER_FT - outsideIn - swept.north,
];

/** The way with so much left at both outside walls. */
export function laidAt(swept: Swept, corner: Corner, outsideIn: number): Laid {
  const [de, dn] = shiftOf(swept, corner, outsideIn);
  const radius = corner.insideRadiusFt * IN_PER_FT;
  const insideIn = swept.outlines.reduce(
    (least, outline) => Math.min(least, insideOf(outline, radius, de, dn)),
    Infinity,
  );
  return { de, dn, outsideIn, insideIn };
}

/** Whether the way with so much left at the outside walls has more than that left at the inside curb. */
function hasMoreInside(swept: Swept, corner: Corner, outsideIn: number): boolean {
  const [de, dn] = shiftOf(swept, corner, outsideIn);
  const radius = corner.insideRadiusFt * IN_PER_FT;
  return swept.outlines.every((outline) => insideOf(outline, radius, de, dn) > outsideIn);
}

const HALVINGS = 24;

/** The way that leaves as much at the inside curb as at the outside walls: how a good driver takes the corner. */
export function laidBest(swept: Swept, corner: Corner): Laid {
  let most = Math.max(corner.approachWidthFt, corner.exitWidthFt) * IN_PER_FT;
  let least = -most;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (most + least) / 2;
    if (hasMoreInside(swept, corner, middle)) least = middle;
    else most = middle;
  }
  return laidAt(swept, corner, least);
}

/** How far the tail swings out beyond the straight way as the truck turns in, in (formulas: turning). */
export function tailSwingIn({
  wheelbaseIn,
  radiusIn,
  outline,
}: Pick<Turn, 'wheelbaseIn' | 'radiusIn' | 'outline'>): number {
  const half = Math.max(...outline.map(({ yIn }) => yIn));
  return Math.max(
    0,
    ...outline
      .filter(({ xIn }) => xIn > wheelbaseIn)
      .map(({ xIn, yIn }) => Math.hypot(radiusIn + yIn, xIn - wheelbaseIn) - (radiusIn + half)),
  );
}
