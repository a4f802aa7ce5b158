import {
  boxOf,
  boxOfTank,
  component,
  madeOf,
  fromBuild,
  provide,
  reading,
  settling,
} from '../../kernel/index.js';
import type { Box, Component, Point, Taking, TankBox } from '../../kernel/index.js';
import {
  bodyPlace,
  footing,
  pumpHouse,
  tankBoxes,
  tankSpace,
  turntable,
  wheelOpening,
} from '../../truck/index.js';
import { gal, IN3_PER_GAL, WATER_LB_PER_GAL } from '../../units/index.js';
import { chosenDevice } from '../device/index.js';
import { skid } from '../pump/index.js';
import { tankShelf } from './block.js';
import type { TankShape } from './parts.js';

/** What baffles and walls leave of a tank (formulas: tank). */
export const USABLE_FRACTION = 0.97;
/** Space kept between the front of the body and a tank as far forward as it goes, in. */
const CLEAR_OF_FRONT_IN = 3;
/** A tank's cradle on the frame or deck; and free behind it before the rear of the body, in. */
const CRADLE_IN = 2;
const BEFORE_BACK_IN = 2;
/** Free over tires that have sprung up, under a tank that is wider than the room between them, in. */
const OVER_TIRES_IN = 0.5;
/** Water is known to the gallon: ± percent. */
const WATER_TOLERANCE_PCT = 1;

/** The shape that is chosen. */
export const chosenShape = reading(
  'tank',
  [fromBuild(({ tank }) => tank), tankShelf.stock],
  ({ shapeId }, stock) => stock.part(shapeId),
);

/** No part of a tank is cut lower, in. */
const LOWEST_PART_IN = 6;

/** A shape whose top is cut lower by so much, its upper part first, in. */
export function lowerShape(shape: TankShape, lowerIn: number): TankShape {
  let leftIn = lowerIn;
  const sections = shape.sections.toReversed().map((section) => {
    const byIn = Math.min(leftIn, Math.max(0, section.heightIn - LOWEST_PART_IN));
    leftIn -= byIn;
    return { ...section, heightIn: section.heightIn - byIn };
  });
  return { ...shape, sections: sections.toReversed() };
}

/** The boxes of a tank that holds `gallons`: the shape gives the section, the gallons give the length. */
export function boxesOf(shape: TankShape, gallons: number, frontIn: number, bottomIn: number): TankBox[] {
  if (gallons === 0) return [];
  const sectionIn2 = shape.sections.reduce((sum, s) => sum + s.widthIn * s.heightIn * s.lengthShare, 0);
  const lengthIn = (gallons * IN3_PER_GAL) / USABLE_FRACTION / sectionIn2;
  let bottom = bottomIn;
  return shape.sections.map(({ widthIn, heightIn, lengthShare, lateralCells }) => {
    const box: TankBox = {
      frontIn,
      centerIn: 0,
      bottomIn: bottom,
      lengthIn: lengthIn * lengthShare,
      widthIn,
      heightIn,
      lateralCells,
    };
    bottom += heightIn;
    return box;
  });
}

/** What stands in the tank: water, and concentrate in cells there, the first ahead; gal. */
const contents = reading(
  'tank',
  [fromBuild(({ tank }) => tank.gallons), fromBuild(({ foam }) => foam)],
  (waterGal, { more = [], ...first }) => {
    const cells =
      waterGal > 0 && first.partId !== undefined
        ? [{ ...first, id: 'foam' }, ...more].filter(({ cell, gallons }) => cell !== 'own' && gallons > 0)
        : [];
    return { waterGal, cells, foamGal: cells.reduce((sum, { gallons }) => sum + gallons, 0) };
  },
);

export const boxesPlace = provide(
  tankBoxes,
  [fromBuild(({ tank }) => tank), contents, chosenShape, bodyPlace, pumpHouse, footing, wheelOpening],
  ({ aftIn, lowerIn = 0 }, { waterGal, foamGal }, whole, body, house, on, wheels) => {
    const gallons = waterGal + foamGal;
    const shape = lowerShape(whole, lowerIn);
    const front = house?.at === 'bodyFront' ? house.x1 : body.frontIn;
    const at = (bottomIn: number) => boxesOf(shape, gallons, front + CLEAR_OF_FRONT_IN + aftIn, bottomIn);
    const boxes = at(body.deckIn + CRADLE_IN);
    const reaches = ({ x0, x1 }: { x0: number; x1: number }) =>
      boxes.some((box) => box.frontIn < x1 && box.frontIn + box.lengthIn > x0);
    const lowest = boxes[0];
    const bottom = Math.max(
      body.deckIn + CRADLE_IN,
      on && reaches(on.torqueBox) ? on.torqueBox.z1 + CRADLE_IN : 0,
      lowest && lowest.widthIn / 2 > wheels.innerIn && reaches(wheels) ? wheels.topIn + OVER_TIRES_IN : 0,
    );
    return at(bottom);
  },
);

/** How long concentrate makes a tank, through all of its section, in; 0 where there is none. */
const lengthOf = (gallons: number, boxes: readonly TankBox[]): number => {
  const in2 = boxes.reduce((sum, { widthIn, heightIn }) => sum + widthIn * heightIn, 0);
  return in2 === 0 ? 0 : (gallons * IN3_PER_GAL) / USABLE_FRACTION / in2;
};
const cellIn = reading('tank', [contents, tankBoxes], ({ foamGal }, boxes) => lengthOf(foamGal, boxes));

/** The front of a tank's boxes, or what is behind it; in. */
const cut = (boxes: readonly TankBox[], fromIn: number, toIn: number): TankBox[] =>
  boxes.map((box) => ({
    ...box,
    frontIn: box.frontIn + Math.min(fromIn, box.lengthIn),
    lengthIn: Math.max(0, Math.min(toIn, box.lengthIn) - fromIn),
  }));

/** Where concentrate stands that has its cell in the tank, by the cell's id: one behind the other at its front. */
export const foamBoxes = settling('tank', [contents, tankBoxes], ({ cells }, boxes) => {
  let from = 0;
  return cells.map(({ id, gallons }) => {
    const to = from + lengthOf(gallons, boxes);
    const of = cut(boxes, from, to);
    from = to;
    return { id, boxes: of };
  });
});

/** The tank less the foam cell: where the water stands. */
const waterBoxes = settling('tank', [cellIn, tankBoxes], (cell, boxes) =>
  cell === 0 ? boxes : cut(boxes, cell, Infinity),
);

/**
 * Where a tank must end: before a turntable's pedestal, a pump at the rear of the bed or the body, or the back of
 * the body.
 */
export const spacePlace = provide(
  tankSpace,
  [chosenDevice, turntable, skid, pumpHouse, bodyPlace],
  (chosen, at, skidAt, house, body) => {
    if (chosen && at?.facing === 'forward')
      return { endIn: at.xIn - chosen.device.turntable.diameterIn / 2, before: 'turntable' as const };
    if (skidAt && !skidAt.behindCab) return { endIn: skidAt.x0, before: 'skid pump' as const };
    if (house?.at === 'bodyRear') return { endIn: house.x0, before: 'pump' as const };
    return { endIn: body.endIn - BEFORE_BACK_IN, before: 'rear of the body' as const };
  },
);

/** What the tank takes from the compartments beside and behind it. */
export const tankTakes = reading('tank', [tankBoxes], (boxes): Taking[] => [
  { from: 'compartments', boxes: boxes.map(boxOfTank) },
]);

/** Center of a list of boxes, each by its volume, in. */
export function centerOfBoxes(boxes: readonly TankBox[]): Point {
  let [volume, x, y, z] = [0, 0, 0, 0];
  for (const box of boxes) {
    const v = box.lengthIn * box.widthIn * box.heightIn;
    volume += v;
    x += v * (box.frontIn + box.lengthIn / 2);
    y += v * box.centerIn;
    z += v * (box.bottomIn + box.heightIn / 2);
  }
  return { xIn: x / volume, yIn: y / volume, zIn: z / volume };
}

/** Empty poly tank by gallons: lb a gallon, straight between these points (formulas: tank). */
const EMPTY_LB_PER_GAL = [
  [300, 1.6],
  [500, 1.4],
  [1000, 1.1],
  [2000, 0.95],
] as const;

/** Empty poly tank, lb for each gallon: small ones weigh more for what they hold. */
export function emptyLbPerGal(gallons: number): number {
  const points = EMPTY_LB_PER_GAL;
  if (gallons <= points[0][0]) return points[0][1];
  for (let i = 1; i < points.length; i++) {
    const [g0, w0] = points[i - 1]!;
    const [g1, w1] = points[i]!;
    if (gallons <= g1) return w0 + ((w1 - w0) * (gallons - g0)) / (g1 - g0);
  }
  return points[points.length - 1]![1];
}

/** Rearmost of the tank, in. */
export const endOf = (boxes: readonly TankBox[]): number =>
  Math.max(...boxes.map((b) => b.frontIn + b.lengthIn));

/** All boxes of a tank in one. */
export function aroundBoxes(boxes: readonly TankBox[]): Box {
  const half = Math.max(...boxes.map((b) => b.widthIn)) / 2;
  return boxOf(
    boxes[0]!.frontIn,
    endOf(boxes),
    -half,
    half,
    boxes[0]!.bottomIn,
    Math.max(...boxes.map((b) => b.bottomIn + b.heightIn)),
  );
}

/** The tank and its water. */
export const tankComponents = reading(
  'tank',
  [contents, chosenShape, tankBoxes, waterBoxes, foamBoxes],
  ({ waterGal: gallons }, shape, boxes, wet, cell): Component[] => {
    if (boxes.length === 0) return [];
    const center = centerOfBoxes(boxes);
    const ofWater = cell.length === 0 ? center : centerOfBoxes(wet);
    return [
      component({
        id: 'tank',
        name: `Tank, ${shape.name}, ${gal(gallons)}, empty`,
        group: 'Tank',
        step: 'tank',
        ...center,
        made: madeOf(shape.id, 1, gallons),
        weightLb: gallons * emptyLbPerGal(gallons) * (1 + shape.extraWeightPct / 100),
        priceCents: Math.round(gallons * shape.priceCentsPerGal),
        shapes: [
          { kind: 'tank', box: aroundBoxes(boxes), boxes: [...cell.flatMap((of) => of.boxes), ...wet] },
        ],
      }),
      component({
        id: 'water',
        name: `Water, ${gal(gallons)}`,
        group: 'Water',
        step: 'tank',
        role: 'water',
        ...ofWater,
        made: madeOf('water', 1, gallons),
        follows: 'follows from its gallons',
        weightLb: gallons * WATER_LB_PER_GAL,
        basis: 'calculated',
        tolerancePct: WATER_TOLERANCE_PCT,
        filling: { boxes: wet, usableFraction: USABLE_FRACTION, gallons, lbPerGal: WATER_LB_PER_GAL },
      }),
    ];
  },
);
