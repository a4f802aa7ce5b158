import { boxOf } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import type { BodyPlace, WheelOpening } from '../../truck/index.js';
import type { Divider } from './block.js';
import type { BodyFamily } from './parts.js';
import type { Face } from './room.js';

/** A compartment as it is meant: where it opens, and the box that it would have if nothing stood in its way. */
export interface Plan {
  id: string;
  name: string;
  face: Face;
  /** From the front, 1 first, on its side. */
  order: number;
  region: Box;
  /** Shallower from a height up: the height, and how deep it is there. */
  upper?: { fromIn: number; depthIn: number };
  /** Opens on both sides of the truck. */
  through?: true;
  /** A locker that is built into the cab. */
  inCab?: true;
  /** Its own doors, where they are not those of the body. */
  doorsId?: string;
}

/** A compartment shorter than this is not built, in. */
export const LEAST_LENGTH_IN = 14;
/** A wall at an end; and the rail above the doors, in. */
const END_WALL_IN = 1;
const HEAD_RAIL_IN = 3;
/** The boxes on top of a flatbed: set in from its ends, and their depth, in. */
const TOP_BOX_IN = { inset: 8, depth: 18 };
/** The compartment at the back: floor and top about the frame's, most depth, and its side walls together, in. */
const REAR_IN = { underFrame: 6, overFrame: 34, depth: 28, walls: 4 };

const planOf = (
  face: Face,
  order: number,
  [x0, x1]: readonly [number, number],
  [z0, z1]: readonly [number, number],
  halfWidthIn: number,
  depthIn: number,
): Plan => {
  const name = `${face === 'left' ? 'L' : 'R'}${order}`;
  const inner = halfWidthIn - depthIn;
  return {
    id: name,
    name,
    face,
    order,
    region:
      face === 'left'
        ? boxOf(x0, x1, -halfWidthIn, -inner, z0, z1)
        : boxOf(x0, x1, inner, halfWidthIn, z0, z1),
  };
};

/** A full body on one side: ahead of the wheel, over it, behind it; two bulkheads divide them. */
function fullSide(
  face: 'left' | 'right',
  body: BodyFamily,
  at: BodyPlace,
  cut: WheelOpening,
  dividers: Partial<Record<Divider, number>>,
): Plan[] {
  const [front, back] = [at.frontIn + END_WALL_IN, at.endIn - END_WALL_IN];
  const ahead = Math.min(cut.x0, Math.max(front + LEAST_LENGTH_IN, cut.x0 - (dividers.frontDividerIn ?? 0)));
  const behind = Math.max(cut.x1, Math.min(back - LEAST_LENGTH_IN, cut.x1 + (dividers.rearDividerIn ?? 0)));
  const topIn = at.topIn - HEAD_RAIL_IN;
  const plan = (order: number, x0: number, x1: number, floorIn: number) =>
    planOf(face, order, [x0, x1], [floorIn, topIn], body.widthIn / 2, body.compartmentDepthIn);
  return [
    plan(1, front, Math.min(ahead, back), body.floorIn),
    plan(2, Math.max(ahead, front), Math.min(behind, back), cut.topIn),
    plan(3, Math.max(behind, front), back, body.floorIn),
  ];
}

/** A flatbed on one side: a box under the deck ahead of the wheel, one on top, one under the deck behind it. */
function flatbedSide(face: 'left' | 'right', body: BodyFamily, at: BodyPlace, cut: WheelOpening): Plan[] {
  const half = body.widthIn / 2;
  const under = (order: number, x0: number, x1: number) =>
    planOf(face, order, [x0, x1], [body.floorIn, at.plateIn], half, body.compartmentDepthIn);
  return [
    under(1, at.frontIn + END_WALL_IN, Math.min(cut.x0, at.endIn)),
    planOf(
      face,
      2,
      [at.frontIn + TOP_BOX_IN.inset, at.endIn - TOP_BOX_IN.inset],
      [at.deckIn, at.topIn],
      half,
      TOP_BOX_IN.depth,
    ),
    under(3, Math.max(cut.x1, at.frontIn), at.endIn - END_WALL_IN),
  ];
}

function rear(body: BodyFamily, at: BodyPlace): Plan {
  const half = (body.widthIn - 2 * body.compartmentDepthIn - REAR_IN.walls) / 2;
  return {
    id: 'B1',
    name: 'B1',
    face: 'rear',
    order: 1,
    region: boxOf(
      at.endIn - REAR_IN.depth,
      at.endIn,
      -half,
      half,
      at.frameIn - REAR_IN.underFrame,
      at.frameIn + REAR_IN.overFrame,
    ),
  };
}

/** The compartments that a body of the family is made with: front to back on each side, then the one at the back. */
export const familyPlans = (
  body: BodyFamily,
  at: BodyPlace,
  cut: WheelOpening,
  dividers: Partial<Record<Divider, number>>,
): Plan[] =>
  at.flatbed
    ? [...flatbedSide('left', body, at, cut), ...flatbedSide('right', body, at, cut)]
    : [
        ...fullSide('left', body, at, cut, dividers),
        ...fullSide('right', body, at, cut, dividers),
        rear(body, at),
      ];
