import type { BumperItem } from '../catalogue/index.js';
import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { component } from './component.js';
import type { ChosenParts } from './parts.js';
import { boxAt, boxOf } from './shapes.js';
import type { Shape } from './shapes.js';
import type { Component, Layout } from './types.js';

const PLATE_TOP_IN = 34;

const KINDS: Record<BumperItem['shape'], 'well' | 'receiver' | 'winch' | 'monitor' | 'suction'> = {
  well: 'well', receiver: 'receiver', winch: 'winch', monitor: 'monitor', plain: 'suction',
};

/** Where an item stands across and above the bumper: wells and winches in the middle, the monitor officer's side. */
function placeOf(item: BumperItem): { yIn: number; zIn: number } {
  switch (item.shape) {
    case 'monitor': return { yIn: 30, zIn: PLATE_TOP_IN + item.heightIn / 2 };
    case 'well': return { yIn: 0, zIn: PLATE_TOP_IN - item.heightIn / 2 + 3 };
    case 'plain': return { yIn: -30, zIn: PLATE_TOP_IN - item.heightIn / 2 };
    default: return { yIn: 0, zIn: 25 };
  }
}

/** The bumper with its extension and what is mounted on it. */
export function frontComponents(spec: BuildSpec, { bumper, chassis, body }: ChosenParts, layout: Layout): Component[] {
  const half = Math.min(chassis.cab.widthIn, body.widthIn) / 2;
  const back = Math.min(layout.cabFront, -chassis.frontOverhangIn + 8);
  const shapes: Shape[] = [{ kind: 'bumper', box: boxOf(layout.bumperFront, back, -half, half, 18, PLATE_TOP_IN - 2) }];
  const guard = spec.type === 'brush' && bumper.extensionIn > 0;
  if (guard) shapes.push({ kind: 'guard', box: boxOf(layout.bumperFront + 2, layout.bumperFront + 8, -28, 28, PLATE_TOP_IN - 2, chassis.cab.hoodTopIn - 2) });
  const centreX = -(chassis.frontOverhangIn + bumper.extensionIn / 2);
  const about = { group: 'Front bumper', step: 'bumper' } as const;
  return [
    component({
      id: 'bumper', name: bumper.name, ...about, weightLb: bumper.weightLb, basis: bumper.basis, xIn: centreX, yIn: 0, zIn: guard ? 34 : 27, priceCents: bumper.priceCents, shapes,
    }),
    ...spec.bumper.itemIds.map((id) => {
      const item = catalogueOf(spec).part('bumperItem', id);
      const { yIn, zIn } = placeOf(item);
      const xIn = item.shape === 'receiver' || item.shape === 'winch' ? layout.bumperFront + item.lengthIn / 2 : centreX;
      return component({
        id: `bumper-${id}`, name: item.name, ...about, weightLb: item.weightLb, basis: item.basis, xIn, yIn, zIn, priceCents: item.priceCents,
        shapes: [{ kind: KINDS[item.shape], box: boxAt(xIn, yIn, zIn, item.lengthIn, item.widthIn, item.heightIn) }],
      });
    }),
  ];
}
