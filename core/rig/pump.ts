import { gal } from '../units/index.js';
import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { component } from './component.js';
import type { ChosenParts } from './parts.js';
import { boxOf } from './shapes.js';
import { skidFrontIn } from './tank.js';
import type { Component, Layout } from './types.js';

/** Where a skid pump stands on the bed: at its back, or behind the cab when the chassis drives it. */
function skidBox(layout: Layout, lengthIn: number, heightIn: number, behindCab: boolean) {
  const x0 = behindCab ? layout.bodyFront + 2 : skidFrontIn(lengthIn, layout.bodyEnd);
  return boxOf(x0, x0 + lengthIn, -22, 22, layout.deckIn, layout.deckIn + heightIn);
}

/** The openings of the crosslays in the house, one a bed. */
const slotsOf = (layout: Layout) =>
  layout.beds.filter((bed) => bed.kind === 'crosslay').map(({ x0, x1, floorIn, depthIn }) => ({ x0, x1, z0: floorIn, z1: floorIn + depthIn }));

/** The pump module with its house, and the foam system with its concentrate. */
export function pumpComponents(spec: BuildSpec, { pump, chassis }: ChosenParts, layout: Layout): Component[] {
  const components: Component[] = [];
  const house = layout.pumpHouse;
  if (pump) {
    const skid = pump.panel === 'skid';
    const box = house
      ? boxOf(house.x0, house.x1, -layout.bodyWidth / 2 + 1, layout.bodyWidth / 2 - 1, house.z0, house.z1)
      : skidBox(layout, pump.lengthIn, pump.heightIn, pump.drive === 'pto');
    components.push(component({
      id: 'pump', name: pump.name, group: 'Pump', step: 'pump', weightLb: pump.weightLb, priceCents: pump.priceCents, basis: pump.basis,
      xIn: (box.x0 + box.x1) / 2, yIn: 0, zIn: skid ? layout.deckIn + pump.centreZIn : pump.centreZIn,
      shapes: [pump.panel === 'skid' ? { kind: 'skidPump', box } : { kind: 'pumpHouse', box, panel: pump.panel, slots: slotsOf(layout) }],
    }));
  }
  if (spec.foam) {
    const system = catalogueOf(spec).part('foam', spec.foam.partId);
    const xIn = house ? house.x1 - 10 : layout.bodyEnd - 12;
    const about = { group: 'Foam', step: 'foam', xIn } as const;
    components.push(
      component({ id: 'foam-system', name: system.name, ...about, yIn: 0, zIn: house ? 50 : layout.deckIn + 14, weightLb: system.weightLb, priceCents: system.priceCents, basis: system.basis }),
      component({
        id: 'foam', name: `Class ${system.foamClass} concentrate, ${gal(spec.foam.gallons)}`, ...about, role: 'foam',
        xIn: layout.tankBoxes[0] ? layout.tankBoxes[0].frontIn + 6 : xIn, yIn: 0,
        zIn: layout.tankBoxes.length ? Math.max(...layout.tankBoxes.map((b) => b.bottomIn + b.heightIn)) - 12 : chassis.frame.topIn + 14,
        weightLb: spec.foam.gallons * system.lbPerGal, basis: 'calculated', tolerancePct: 2,
      }),
    );
  }
  return components;
}
