import { catalogueOf } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import { inches } from '../units/index.js';
import { component } from './component.js';
import { wheelCut } from './compartments.js';
import type { ChosenParts } from './parts.js';
import { boxOf } from './shapes.js';
import type { Shape } from './shapes.js';
import type { Compartment, Component, Layout } from './types.js';

function doorOf(compartment: Compartment, layout: Layout, spec: BuildSpec): Shape {
  const half = layout.bodyWidth / 2;
  const depth = Math.max(compartment.lowerDepthIn, compartment.upperDepthIn);
  const { x0, x1, z0, z1, side } = compartment;
  const inner = half - 27 - 2;
  const box = {
    left: boxOf(x0, x1, -half, -half + depth, z0, z1),
    right: boxOf(x0, x1, half - depth, half, z0, z1),
    rear: boxOf(x0, x1, -inner, inner, z0, z1),
  }[side];
  return { kind: 'compartment', label: compartment.id, side, doors: spec.body.doors, box };
}

/** Walls of the hose bed above the body, lower at the back. */
function bedWalls(layout: Layout): Shape[] {
  const main = layout.beds.filter((bed) => bed.kind === 'main');
  if (main.length === 0) return [];
  const y = Math.max(...main.map((bed) => Math.abs(bed.yCentre) + bed.widthIn / 2)) + 1;
  const top = Math.max(...main.map((bed) => bed.floorIn + bed.depthIn));
  const floor = Math.min(...main.map((bed) => bed.floorIn));
  return [{ kind: 'bed', box: boxOf(layout.bodyFront, main[0]!.x1 + 1, -y, y, floor, top) }];
}

/** The body with its compartments and doors; for a brush truck the flatbed with its boxes. */
export function bodyComponents(spec: BuildSpec, parts: ChosenParts, layout: Layout): Component[] {
  const { body } = parts;
  const half = body.widthIn / 2;
  const doors = catalogueOf(spec).part('doors', spec.body.doors);
  const count = layout.compartments.length;
  const flatbed = body.style === 'flatbed';
  const shell: Shape[] = flatbed
    ? [
        { kind: 'flatbed', box: boxOf(layout.bodyFront, layout.bodyEnd, -half, half, layout.deckIn - 5, layout.deckIn) },
        { kind: 'bulkhead', box: boxOf(layout.bodyFront, layout.bodyFront + 3, -half + 6, half - 6, layout.deckIn, layout.cabTop + 2) },
      ]
    : [
        { kind: 'body', wheelCut: wheelCut(spec.chassis.wheelbaseIn, parts), box: boxOf(layout.bodyFront, layout.bodyEnd, -half, half, body.floorIn - 2, body.topIn) },
        { kind: 'tailboard', box: boxOf(layout.bodyEnd, layout.rearEnd, -half + 2, half - 2, 22, 25) },
        ...bedWalls(layout),
      ];
  const middle = { xIn: (layout.bodyFront + layout.bodyEnd) / 2, yIn: 0 };
  return [
    component({
      id: 'body', name: `${body.name}, ${inches(spec.body.lengthIn)}`, group: 'Body', step: 'body', ...middle, zIn: flatbed ? layout.deckIn + 4 : (body.floorIn + body.topIn) / 2,
      weightLb: spec.body.lengthIn * body.lbPerIn, priceCents: Math.round(spec.body.lengthIn * body.priceCentsPerIn), basis: body.basis ?? 'calculated',
      shapes: [...shell, ...layout.compartments.map((c) => doorOf(c, layout, spec))],
    }),
    component({
      id: 'doors', name: doors.name, group: 'Body', step: 'body', ...middle, zIn: (body.floorIn + body.topIn) / 2,
      weightLb: doors.weightLb * count, priceCents: doors.priceCents * count,
    }),
  ];
}
