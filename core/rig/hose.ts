import { feet, IN_PER_FT } from '../units/index.js';
import type { Hose } from '../catalogue/index.js';
import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { component } from './component.js';
import { boxOf } from './shapes.js';
import type { BedPlace, Component, Layout, Rig } from './types.js';

/** Share of a bed that packed hose really fills (brief: body). */
export const PACKING = 0.85;
const REEL_LB = 140;
const REEL_CENTS = 385_000;

/** How high packed hose stands in a bed, in. */
export function packedHeightIn(hose: Hose, lengthFt: number, bed: Pick<BedPlace, 'x0' | 'x1' | 'widthIn'>): number {
  const in3 = (lengthFt * IN_PER_FT * hose.flatWidthIn * hose.packedIn) / PACKING;
  // A long tank may leave a bed no length at all; what is in it then stands as high as it must to be refused.
  return in3 / (Math.max(1, bed.x1 - bed.x0) * bed.widthIn);
}

/** The hose in its beds, each layer on what lies under it, and what does not fit. */
export function hoseComponents(spec: BuildSpec, layout: Layout): { components: Component[]; hoseFit: Rig['hoseFit'] } {
  const components: Component[] = [];
  const filledIn = new Map<string, number>();
  spec.hose.forEach((load, i) => {
    const bed = layout.beds.find((place) => place.id === load.bedId);
    if (!bed || load.lengthFt === 0) return;
    const hose = catalogueOf(spec).part('hose', load.hoseId);
    const below = filledIn.get(bed.id) ?? 0;
    const height = packedHeightIn(hose, load.lengthFt, bed);
    filledIn.set(bed.id, below + height);
    const bottom = bed.floorIn + below;
    const xIn = (bed.x0 + bed.x1) / 2;
    const layers = Math.max(1, Math.round(height / (hose.packedIn * 3)));
    if (bed.kind === 'reel') {
      components.push(component({
        id: 'reel', name: 'Booster reel', group: 'Hose', step: 'hose', weightLb: REEL_LB, priceCents: REEL_CENTS, xIn, yIn: bed.yCentre, zIn: bed.floorIn + bed.depthIn / 2,
        shapes: [{ kind: 'reel', box: boxOf(bed.x0, bed.x1, bed.yCentre - bed.widthIn / 2, bed.yCentre + bed.widthIn / 2, bed.floorIn, bed.floorIn + bed.depthIn) }],
      }));
    }
    components.push(component({
      id: `hose-${i + 1}`, name: `${feet(load.lengthFt)} of ${hose.name}, ${bed.name.toLowerCase()}`, group: 'Hose', step: 'hose', role: 'hose',
      weightLb: load.lengthFt * hose.lbPerFt, basis: hose.basis, priceCents: Math.round(load.lengthFt * hose.priceCentsPerFt),
      xIn, yIn: bed.yCentre, zIn: bottom + Math.min(height, bed.depthIn) / 2,
      shapes: bed.kind === 'reel' ? [] : [{
        kind: 'hose', layers, runs: bed.runs,
        box: boxOf(bed.x0, bed.x1, bed.yCentre - bed.widthIn / 2, bed.yCentre + bed.widthIn / 2, bottom, bottom + height),
      }],
    }));
  });
  const hoseFit = layout.beds
    .filter((bed) => filledIn.has(bed.id))
    .map((bed) => ({ bedName: bed.name, neededIn: filledIn.get(bed.id)!, depthIn: bed.depthIn }));
  return { components, hoseFit };
}
