import type { Fitting } from '../catalogue/index.js';
import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { component } from './component.js';
import type { ChosenParts } from './parts.js';
import { boxAt } from './shapes.js';
import type { PlainKind } from './shapes.js';
import type { Component, Layout } from './types.js';

/** What each looks like; an inverter is out of sight. */
const KINDS: Partial<Record<Fitting['shape'], PlainKind>> = {
  lightBar: 'lightBar', mast: 'mast', deckMonitor: 'monitor', generator: 'generator', spareWheel: 'spareWheel', airConditioner: 'airConditioner',
};

/** Lights, monitor, mast, power: each fixed in its place. */
export function fittingComponents(spec: BuildSpec, { chassis: { cab } }: ChosenParts, layout: Layout): Component[] {
  const roofFront = cab.style === 'hooded' ? cab.windscreenIn + 22 : cab.frontIn + 20;
  const houseTop = layout.pumpHouse ?? { x0: layout.bodyFront, x1: layout.bodyFront + 30, z1: layout.bodyTop };
  const bedTop = Math.max(layout.bodyTop, ...layout.beds.filter((b) => b.kind === 'main' && !layout.turntable).map((b) => b.floorIn + b.depthIn));

  return spec.fittingIds.map((id) => {
    const part = catalogueOf(spec).part('fitting', id);
    const x = {
      cabRoof: part.shape === 'lightBar' ? roofFront : cab.backIn - 26,
      pumpHouseTop: part.shape === 'deckMonitor' ? (houseTop.x0 + houseTop.x1) / 2 : houseTop.x1 - part.lengthIn / 2,
      bodyFront: layout.bodyFront + part.lengthIn / 2 + 4,
      bedFront: layout.bodyFront + 3 + part.lengthIn / 2,
    }[part.place];
    const bottom = {
      // The light bar stands on the front of the roof, which a raised roof leaves as it is.
      cabRoof: part.shape === 'lightBar' && cab.style === 'flatFront' ? cab.roofIn : layout.cabTop,
      pumpHouseTop: houseTop.z1,
      bodyFront: part.shape === 'inverter' ? 50 : spec.type === 'brush' ? layout.cabTop - 14 : bedTop,
      bedFront: layout.cabTop - part.heightIn,
    }[part.place];
    const kind = KINDS[part.shape];
    const yIn = part.shape === 'generator' ? -26 : 0;
    const zIn = bottom + part.heightIn / 2;
    return component({
      id: `fitting-${id}`, name: part.name, group: 'Fittings', step: 'fittings', weightLb: part.weightLb, basis: part.basis, priceCents: part.priceCents, xIn: x, yIn, zIn,
      shapes: kind ? [{ kind, box: boxAt(x, yIn, zIn, part.lengthIn, part.widthIn, part.heightIn) }] : [],
    });
  });
}
