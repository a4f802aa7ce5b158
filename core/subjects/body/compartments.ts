import { provide, takenFromCompartments } from '../../kernel/index.js';
import type { Taking, TankBox } from '../../kernel/index.js';
import { bodyPlace, compartments, tankBoxes } from '../../truck/index.js';
import type { BodyPlace, Compartment } from '../../truck/index.js';
import { IN3_PER_FT3 } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import type { AxleOption, Chassis } from '../chassis/index.js';
import { bodyOf, chosenBody } from './block.js';
import type { Divider } from './block.js';
import type { BodyFamily } from './parts.js';

/** A compartment shorter or shallower than this is not built, in. */
const LEAST_LENGTH_IN = 14;
const LEAST_DEPTH_IN = 9;
/** Clearance of the wheel opening ahead of, behind and above the tire, in. */
const WHEEL_CLEAR_IN = 5;
/** A wall beside a tank or at an end; and the rail above the doors, in. */
const TANK_WALL_IN = 1.5;
const END_WALL_IN = 1;
const HEAD_RAIL_IN = 3;
/** What is put into a compartment lies that share of its height above its floor. */
const CONTENT_SHARE = 0.4;
/** The boxes on top of a flatbed: set in from its ends, and their depth, in. */
const TOP_BOX_IN = { inset: 8, depth: 15 };
/** The compartment at the back: floor, top, most depth, clear of the tank, and its side walls together, in. */
const REAR_IN = { z0: 34, z1: 74, depth: 28, clear: 2, walls: 4 };

export interface WheelCut {
  x0: number;
  x1: number;
  topIn: number;
}

/** The wheel opening of the body: its ends along the truck and its top, in. */
export function wheelCutOf({
  chassis,
  rearAxle,
  wheelbaseIn,
}: {
  chassis: Chassis;
  rearAxle: AxleOption;
  wheelbaseIn: number;
}): WheelCut {
  const half = chassis.rearTire.diameterIn / 2 + WHEEL_CLEAR_IN + rearAxle.spreadIn / 2;
  return {
    x0: wheelbaseIn - half,
    x1: wheelbaseIn + half,
    topIn: chassis.rearTire.diameterIn + WHEEL_CLEAR_IN,
  };
}

interface Opening {
  id: string;
  order: number;
  side: 'left' | 'right';
  x0: number;
  x1: number;
  z0: number;
  z1: number;
  depthIn: number;
}

const tankHalfWidth = (boxes: readonly TankBox[], x0: number, x1: number, z0: number, z1: number): number =>
  Math.max(
    0,
    ...boxes
      .filter(
        (b) =>
          b.frontIn < x1 && b.frontIn + b.lengthIn > x0 && b.bottomIn < z1 && b.bottomIn + b.heightIn > z0,
      )
      .map((b) => b.widthIn / 2),
  );

/**
 * An opening with the depth that the tank and what else is in the body leave of it; null where that is too
 * little to build.
 */
function sideCompartment(
  opening: Opening,
  halfWidth: number,
  boxes: readonly TankBox[],
  takenIn: number,
): Compartment | null {
  const { id, order, side, x0, x1, z0, z1 } = opening;
  const lowest = Math.min(...boxes.map((b) => b.bottomIn), z1);
  const widest = boxes.reduce((most, b) => Math.max(most, b.widthIn), 0);
  const wideFrom = Math.min(...boxes.filter((b) => b.widthIn === widest).map((b) => b.bottomIn), z1);
  const stepZIn = Math.min(z1, Math.max(z0, boxes.length > 1 ? wideFrom : lowest));
  const depthBetween = (from: number, to: number) =>
    from >= to
      ? opening.depthIn - takenIn
      : Math.min(opening.depthIn, halfWidth - tankHalfWidth(boxes, x0, x1, from, to) - TANK_WALL_IN) -
        takenIn;
  const lowerDepthIn = depthBetween(z0, stepZIn);
  const upperDepthIn = depthBetween(stepZIn, z1);
  if (x1 - x0 < LEAST_LENGTH_IN || Math.max(lowerDepthIn, upperDepthIn) < LEAST_DEPTH_IN) return null;
  const lowerIn3 = (x1 - x0) * (stepZIn - z0) * lowerDepthIn;
  const upperIn3 = (x1 - x0) * (z1 - stepZIn) * upperDepthIn;
  const meanDepth = (lowerIn3 * lowerDepthIn + upperIn3 * upperDepthIn) / (lowerIn3 + upperIn3);
  return {
    id,
    side,
    order,
    x0,
    x1,
    z0,
    z1,
    lowerDepthIn,
    upperDepthIn,
    stepZIn,
    center: {
      xIn: (x0 + x1) / 2,
      yIn: (side === 'left' ? -1 : 1) * (halfWidth - meanDepth / 2),
      zIn: z0 + (z1 - z0) * CONTENT_SHARE,
    },
    volumeFt3: (lowerIn3 + upperIn3) / IN3_PER_FT3,
  };
}

function rearCompartment(body: BodyFamily, at: BodyPlace, boxes: readonly TankBox[]): Compartment | null {
  const tankEnd = Math.max(at.frontIn, ...boxes.map((b) => b.frontIn + b.lengthIn));
  const depthIn = Math.min(REAR_IN.depth, at.endIn - tankEnd - REAR_IN.clear);
  if (depthIn < LEAST_DEPTH_IN) return null;
  const widthIn = body.widthIn - 2 * body.compartmentDepthIn - REAR_IN.walls;
  const { z0, z1 } = REAR_IN;
  return {
    id: 'B1',
    side: 'rear',
    order: 1,
    x0: at.endIn - depthIn,
    x1: at.endIn,
    z0,
    z1,
    lowerDepthIn: depthIn,
    upperDepthIn: depthIn,
    stepZIn: z1,
    center: { xIn: at.endIn - depthIn / 2, yIn: 0, zIn: z0 + (z1 - z0) * CONTENT_SHARE },
    volumeFt3: (depthIn * widthIn * (z1 - z0)) / IN3_PER_FT3,
  };
}

type TakenHere = Extract<Taking, { from: 'compartments' }>;

const sum = (values: number[]) => values.reduce((a, b) => a + b, 0);

/** The openings of a full body on one side: ahead of the wheel, over it, behind it. */
function fullOpenings(
  side: 'left' | 'right',
  body: BodyFamily,
  at: BodyPlace,
  cut: WheelCut,
  dividers: Partial<Record<Divider, number>>,
  topIn: number,
): Opening[] {
  const ahead = Math.min(
    cut.x0,
    Math.max(at.frontIn + END_WALL_IN + LEAST_LENGTH_IN, cut.x0 - (dividers.frontDividerIn ?? 0)),
  );
  const behind = Math.max(
    cut.x1,
    Math.min(at.endIn - END_WALL_IN - LEAST_LENGTH_IN, cut.x1 + (dividers.rearDividerIn ?? 0)),
  );
  const [front, back] = [at.frontIn + END_WALL_IN, at.endIn - END_WALL_IN];
  const letter = side === 'left' ? 'L' : 'R';
  const opening = (order: number, x0: number, x1: number, z0: number): Opening => ({
    id: `${letter}${order}`,
    order,
    side,
    x0,
    x1,
    z0,
    z1: topIn,
    depthIn: body.compartmentDepthIn,
  });
  return [
    opening(1, front, Math.min(ahead, back), body.floorIn),
    opening(2, Math.max(ahead, front), Math.min(behind, back), cut.topIn),
    opening(3, Math.max(behind, front), back, body.floorIn),
  ];
}

/** The boxes of a flatbed on one side: under the deck ahead of the wheel, on top, under the deck behind it. */
function flatbedOpenings(side: 'left' | 'right', body: BodyFamily, at: BodyPlace, cut: WheelCut): Opening[] {
  const letter = side === 'left' ? 'L' : 'R';
  const under = (order: number, x0: number, x1: number): Opening => ({
    id: `${letter}${order}`,
    order,
    side,
    x0,
    x1,
    z0: body.floorIn,
    z1: at.deckIn - END_WALL_IN,
    depthIn: body.compartmentDepthIn,
  });
  return [
    under(1, at.frontIn + END_WALL_IN, Math.min(cut.x0, at.endIn)),
    {
      id: `${letter}2`,
      order: 2,
      side,
      x0: at.frontIn + TOP_BOX_IN.inset,
      x1: at.endIn - TOP_BOX_IN.inset,
      z0: at.deckIn,
      z1: body.topIn,
      depthIn: TOP_BOX_IN.depth,
    },
    under(3, Math.max(cut.x1, at.frontIn), at.endIn - END_WALL_IN),
  ];
}

/**
 * The compartments that the body has room for beside wheels, tank and ladders, front to back, then the one at
 * the back.
 */
export const compartmentsPlace = provide(
  compartments,
  [chosenBody, bodyOf, chosenChassis, bodyPlace, tankBoxes, takenFromCompartments],
  ({ body }, dividers, chosen, at, boxes, takings: TakenHere[]) => {
    const cut = wheelCutOf(chosen);
    const topOn = (side: 'left' | 'right') =>
      Math.min(
        body.topIn - HEAD_RAIL_IN,
        ...takings.flatMap((taking) => (taking.side === side && 'aboveIn' in taking ? [taking.aboveIn] : [])),
      );
    const takenOn = (side: 'left' | 'right') =>
      sum(takings.flatMap((taking) => (taking.side === side && 'depthIn' in taking ? [taking.depthIn] : [])));
    const openings = (side: 'left' | 'right') =>
      at.flatbed
        ? flatbedOpenings(side, body, at, cut)
        : fullOpenings(side, body, at, cut, dividers, topOn(side));
    const sides = [...openings('left'), ...openings('right')]
      .map((opening) => sideCompartment(opening, body.widthIn / 2, boxes, takenOn(opening.side)))
      .filter((compartment) => compartment !== null);
    const free = !at.flatbed && !takings.some(({ side }) => side === 'rear');
    const rear = free ? rearCompartment(body, at, boxes) : null;
    return rear ? [...sides, rear] : sides;
  },
);
