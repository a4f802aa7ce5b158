import type { Box, Rig } from '../rig/index.js';
import { catalogueOf, withDivider, withItem, withTank } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';

/** A way along the truck, across it, or up. */
export type Axis = 'x' | 'y' | 'z';

/** Something on the drawing that a hand can move, in whole inches. */
export interface Grip {
  id: string;
  title: string;
  /** What is taken hold of, in the truck's frame. */
  box: Box;
  axes: Axis[];
  /** Taken hold of from the sides of the truck only. */
  fromSide?: true;
  /** The choice that is made by moving it. */
  choice: string;
  /** Where it stands now, in, along its first axis. */
  atIn: number;
  /** The build with it moved by so many inches from where it stands. */
  moved: (by: Partial<Record<Axis, number>>) => BuildSpec;
}

const clamp = (value: number, min: number, max: number) => Math.min(max, Math.max(min, value));
const MOST_TANK_AFT_IN = 120;
const DIVIDER_GRIP_IN = 5;

function tankGrip(spec: BuildSpec, rig: Rig): Grip[] {
  const boxes = rig.layout.tankBoxes;
  if (boxes.length === 0) return [];
  const half = Math.max(...boxes.map((b) => b.widthIn)) / 2;
  const box: Box = {
    x0: boxes[0]!.frontIn, x1: Math.max(...boxes.map((b) => b.frontIn + b.lengthIn)), y0: -half, y1: half, z0: boxes[0]!.bottomIn, z1: Math.max(...boxes.map((b) => b.bottomIn + b.heightIn)),
  };
  return [{
    id: 'tank', title: 'Tank', box, axes: ['x'], choice: 'place', atIn: spec.tank.aftIn,
    moved: ({ x = 0 }) => withTank(spec, { aftIn: Math.round(clamp(spec.tank.aftIn + x, 0, MOST_TANK_AFT_IN)) }),
  }];
}

/** The bulkheads on either side of the compartment over the rear wheels. */
function dividerGrips(spec: BuildSpec, rig: Rig): Grip[] {
  if (catalogueOf(spec).part('body', spec.body.partId).style === 'flatbed') return [];
  const over = rig.layout.compartments.find(({ id }) => id === 'L2');
  if (!over) return [];
  const grip = (id: string, title: string, x: number, key: 'frontDividerIn' | 'rearDividerIn', sign: 1 | -1): Grip => ({
    id, title, axes: ['x'], fromSide: true, choice: id, atIn: spec.body[key] ?? 0,
    box: { x0: x - DIVIDER_GRIP_IN / 2, x1: x + DIVIDER_GRIP_IN / 2, y0: -rig.layout.bodyWidth / 2, y1: rig.layout.bodyWidth / 2, z0: over.z0, z1: over.z1 },
    moved: ({ x: by = 0 }) => withDivider(spec, key, Math.round(clamp((spec.body[key] ?? 0) + sign * by, 0, 60))),
  });
  return [grip('front-divider', 'Bulkhead ahead of the wheels', over.x0, 'frontDividerIn', -1), grip('rear-divider', 'Bulkhead behind the wheels', over.x1, 'rearDividerIn', 1)];
}

const itemGrips = (spec: BuildSpec, rig: Rig): Grip[] =>
  (spec.items ?? []).flatMap((item) => {
    const box = rig.components.find(({ id }) => id === `item-${item.id}`)?.shapes[0]?.box;
    return box ? [{
      id: `item-${item.id}`, title: item.name, box, axes: ['x', 'y', 'z'] as Axis[], choice: 'equipment', atIn: item.xIn,
      moved: ({ x = 0, y = 0, z = 0 }: Partial<Record<Axis, number>>) =>
        withItem(spec, item.id, { ...item, xIn: clamp(Math.round(item.xIn + x), -150, 700), yIn: clamp(Math.round(item.yIn + y), -60, 60), zIn: clamp(Math.round(item.zIn + z), 0, 170) }),
    }] : [];
  });

/** What can be moved on the drawing: the tank, the bulkheads beside the wheels, own items. */
export const gripsOf = (spec: BuildSpec, rig: Rig): Grip[] => [...tankGrip(spec, rig), ...dividerGrips(spec, rig), ...itemGrips(spec, rig)];
