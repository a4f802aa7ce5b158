import { gal, IN3_PER_GAL, WATER_LB_PER_GAL } from '../units/index.js';
import type { TankShape } from '../catalogue/index.js';
import type { BuildSpec, TankBox } from '../spec/index.js';
import { component } from './component.js';
import type { ChosenParts } from './parts.js';
import { boxOf } from './shapes.js';
import type { Component, Layout } from './types.js';

/** What baffles and walls leave of a tank (brief: weights). */
export const USABLE_FRACTION = 0.97;

/** Space kept between the front of the body and a tank as far forward as it goes, in. */
const CLEAR_OF_FRONT_IN = 3;

/** The boxes of a tank that holds `gallons`: the shape gives the section, the gallons give the length. */
export function tankBoxes(spec: BuildSpec, shape: TankShape, bodyFront: number, bottomIn: number): TankBox[] {
  if (spec.tank.gallons === 0) return [];
  const sectionIn2 = shape.sections.reduce((sum, s) => sum + s.widthIn * s.heightIn * s.lengthShare, 0);
  const lengthIn = (spec.tank.gallons * IN3_PER_GAL) / USABLE_FRACTION / sectionIn2;
  let bottom = bottomIn;
  return shape.sections.map((section) => {
    const box: TankBox = {
      frontIn: bodyFront + CLEAR_OF_FRONT_IN + spec.tank.aftIn,
      centerIn: 0,
      bottomIn: bottom,
      lengthIn: lengthIn * section.lengthShare,
      widthIn: section.widthIn,
      heightIn: section.heightIn,
      lateralCells: section.lateralCells,
    };
    bottom += section.heightIn;
    return box;
  });
}

/** Centre of a list of boxes, each by its volume, in. */
export function centreOfBoxes(boxes: TankBox[]): { xIn: number; yIn: number; zIn: number } {
  let volume = 0;
  let x = 0;
  let y = 0;
  let z = 0;
  for (const box of boxes) {
    const v = box.lengthIn * box.widthIn * box.heightIn;
    volume += v;
    x += v * (box.frontIn + box.lengthIn / 2);
    y += v * box.centerIn;
    z += v * (box.bottomIn + box.heightIn / 2);
  }
  return { xIn: x / volume, yIn: y / volume, zIn: z / volume };
}

/** Empty poly tank, lb for each gallon: small ones weigh more for what they hold (brief: catalogue). */
export function emptyLbPerGal(gallons: number): number {
  const points = [[300, 1.6], [500, 1.4], [1000, 1.1], [2000, 0.95]] as const;
  if (gallons <= points[0][0]) return points[0][1];
  for (let i = 1; i < points.length; i++) {
    const [g0, w0] = points[i - 1]!;
    const [g1, w1] = points[i]!;
    if (gallons <= g1) return w0 + ((w1 - w0) * (gallons - g0)) / (g1 - g0);
  }
  return points[points.length - 1]![1];
}

/** Where a tank must end: before a turntable's pedestal, a skid pump at the back of the bed, or the back of the body, in. */
export function tankSpaceEnd(parts: ChosenParts, at: Pick<Layout, 'turntable' | 'bodyFront' | 'bodyEnd'>): Layout['tankSpace'] {
  if (at.turntable?.facing === 'forward' && parts.device) return { endIn: at.turntable.xIn - parts.device.turntable.diameterIn / 2, before: 'turntable' };
  if (parts.pump?.panel === 'skid' && parts.pump.drive !== 'pto') return { endIn: skidFrontIn(parts.pump.lengthIn, at.bodyEnd), before: 'skid pump' };
  return { endIn: at.bodyEnd - 2, before: 'back of the body' };
}

/** Front of a skid pump at the back of the bed, in. */
export const skidFrontIn = (lengthIn: number, bodyEnd: number): number => bodyEnd - lengthIn - 4;

/** The tank and its water. */
export function tankComponents(spec: BuildSpec, parts: ChosenParts, layout: Layout): Component[] {
  const { gallons } = spec.tank;
  const boxes = layout.tankBoxes;
  if (boxes.length === 0) return [];
  const centre = centreOfBoxes(boxes);
  const widest = Math.max(...boxes.map((b) => b.widthIn)) / 2;
  const first = boxes[0]!;
  const box = boxOf(
    first.frontIn, first.frontIn + Math.max(...boxes.map((b) => b.lengthIn)), -widest, widest,
    first.bottomIn, Math.max(...boxes.map((b) => b.bottomIn + b.heightIn)),
  );
  return [
    component({
      id: 'tank', name: `Tank, ${parts.tankShape.name}, ${gal(gallons)}, empty`, group: 'Tank', step: 'tank', ...centre,
      weightLb: gallons * emptyLbPerGal(gallons) * (1 + parts.tankShape.extraWeightPct / 100),
      priceCents: Math.round(gallons * parts.tankShape.priceCentsPerGal),
      shapes: [{ kind: 'tank', box, boxes }],
    }),
    component({
      id: 'water', name: `Water, ${gal(gallons)}`, group: 'Water', step: 'tank', role: 'water', ...centre,
      weightLb: gallons * WATER_LB_PER_GAL, basis: 'calculated', tolerancePct: 1,
      filling: { boxes, usableFraction: USABLE_FRACTION, gallons, lbPerGal: WATER_LB_PER_GAL },
    }),
  ];
}
