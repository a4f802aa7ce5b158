import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { component } from './component.js';
import type { ChosenParts } from './parts.js';
import { boxAt } from './shapes.js';
import type { Component, Layout } from './types.js';

/** Ladders on their mount: hung outside the officer's side, in a tunnel beside the tank, or flat on top. */
export function ladderComponents(spec: BuildSpec, { body }: ChosenParts, layout: Layout): Component[] {
  const { mountId, partIds } = spec.ladders;
  if (partIds.length === 0) return [];
  const mount = catalogueOf(spec).part('ladderMount', mountId);
  const half = layout.bodyWidth / 2;
  const middle = (layout.bodyFront + layout.bodyEnd) / 2;
  const topOf = Math.max(layout.bodyTop, ...layout.beds.map((bed) => bed.floorIn + bed.depthIn));
  const flat = mountId === 'top';
  let taken = 0;

  const about = { group: 'Ladders', step: 'ladders' } as const;
  const ladders = partIds.map((id, i) => {
    const ladder = catalogueOf(spec).part('ladder', id);
    const thickness = flat ? ladder.nestedWidthIn : Math.min(ladder.nestedHeightIn, ladder.nestedWidthIn);
    const offset = taken + thickness / 2;
    taken += thickness + 1;
    const tall = Math.max(ladder.nestedHeightIn, ladder.nestedWidthIn);
    const place = {
      rack: { x: layout.bodyEnd - 2 - ladder.beddedIn / 2, y: half - 1 - offset, z: 82 },
      flat: { x: layout.bodyEnd - 2 - ladder.beddedIn / 2, y: half - 1 - offset, z: body.style === 'flatbed' ? layout.bodyTop + 12 : 80 },
      tunnel: { x: layout.bodyEnd - 2 - ladder.beddedIn / 2, y: half - body.compartmentDepthIn + 5, z: 36 + tall / 2 + i * 4 },
      top: { x: layout.bodyEnd - 2 - ladder.beddedIn / 2, y: 0, z: topOf + 2 + offset },
    }[mountId];
    return component({
      id: `ladder-${i + 1}`, name: `${ladder.name} ladder`, ...about, role: 'ladder', weightLb: ladder.weightLb, basis: ladder.basis, priceCents: ladder.priceCents,
      xIn: place.x, yIn: place.y, zIn: place.z,
      shapes: [{ kind: 'ladder', flat, box: flat ? boxAt(place.x, place.y, place.z, ladder.beddedIn, tall, thickness) : boxAt(place.x, place.y, place.z, ladder.beddedIn, thickness, tall) }],
    });
  });

  const rack = {
    rack: boxAt(middle, half + 1, 94, Math.min(120, layout.bodyEnd - layout.bodyFront - 8), 5, 5),
    flat: boxAt(middle, half, 80, 90, 3, 3),
    tunnel: boxAt(middle, half - body.compartmentDepthIn + 5, 52, layout.bodyEnd - layout.bodyFront, 10, 34),
    top: boxAt(middle, 0, topOf + 1, 100, 30, 2),
  }[mountId];
  return [
    component({
      id: 'ladder-mount', name: mount.name, ...about, weightLb: mount.weightLb, priceCents: mount.priceCents,
      xIn: (rack.x0 + rack.x1) / 2, yIn: (rack.y0 + rack.y1) / 2, zIn: (rack.z0 + rack.z1) / 2,
      shapes: mountId === 'tunnel' ? [] : [{ kind: 'rack', box: rack }],
    }),
    ...ladders,
  ];
}
