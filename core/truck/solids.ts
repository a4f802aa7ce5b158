import { boxOf, boxOfTank, without } from '../kernel/index.js';
import type { Box, Component, Shape } from '../kernel/index.js';

/** Room that a thing takes and nothing else may: a box, or a wheel that rolls along x and springs up. */
export interface Solid {
  component: Component;
  kind: Shape['kind'] | 'locker';
  box: Box;
  /** The highest that it comes to. */
  topIn: number;
  /** A wheel: how far it springs up from where it stands, in. */
  travelIn?: number;
}

/** A tire springs up by so much from where it stands loaded (formulas: room), in. */
export const JOUNCE_IN = 5;
/** How wide a frame rail's flanges are, in. */
const RAIL_IN = 3;
/** A deck's sills stand on the rails: half their width together, in. */
const SILLS_IN = 20;
/** A raised roof rises at that share of a flat-fronted cab's length; ahead of it the roof stays as it is. */
export const ROOF_RISES_AT = 0.34;

/** A plate without the wells that tires have in it. */
const withoutWells = (plate: Box, wells: Extract<Shape, { kind: 'flatbed' }>['wells']): Box[] =>
  wells
    ? without(
        plate,
        [-1, 1].map((side) => {
          const [inner, outer] = [side * wells.innerIn, side * 2 * plate.y1];
          return boxOf(
            wells.x0,
            wells.x1,
            Math.min(inner, outer),
            Math.max(inner, outer),
            plate.z0,
            plate.z1,
          );
        }),
      )
    : [plate];

type Cab = Extract<Shape, { kind: 'cab' }>;

/** A cab: with a hood, or with a roof that rises behind its front. */
function cabBoxes({ box, style, roofIn, windshieldIn, hoodTopIn }: Cab): Box[] {
  const { x0, x1, y0, y1, z0, z1 } = box;
  if (style === 'hooded')
    return [boxOf(x0, windshieldIn, y0, y1, z0, hoodTopIn), boxOf(windshieldIn, x1, y0, y1, z0, z1)];
  const shell = boxOf(x0, x1, y0, y1, z0, Math.min(roofIn, z1));
  return z1 > roofIn ? [shell, boxOf(x0 + (x1 - x0) * ROOF_RISES_AT, x1, y0, y1, roofIn, z1)] : [shell];
}

/** A cab without the trench that runs along its roof. */
function withoutTrench(cab: Box[], trench: Cab['trench']): Box[] {
  if (!trench) return cab;
  const { halfIn, floorIn } = trench;
  return cab.flatMap((box) =>
    box.z1 > floorIn ? without(box, [boxOf(box.x0, box.x1, -halfIn, halfIn, floorIn, box.z1)]) : [box],
  );
}

/** What of a shape is solid. The body is a shell: its compartments and beds stand for it; people and gear ride within; caps and controls lie in the skin. */
function boxesOf(shape: Shape): Box[] {
  const { box } = shape;
  switch (shape.kind) {
    case 'body':
    case 'seat':
    case 'mark':
    case 'opening':
    case 'control':
    case 'stowed':
      return [];
    case 'frame':
      return [
        boxOf(box.x0, box.x1, box.y0, box.y0 + RAIL_IN, box.z0, box.z1),
        boxOf(box.x0, box.x1, box.y1 - RAIL_IN, box.y1, box.z0, box.z1),
      ];
    case 'cab':
      return withoutTrench(cabBoxes(shape), shape.trench);
    case 'flatbed':
      return [
        ...withoutWells(boxOf(box.x0, box.x1, box.y0, box.y1, shape.plateIn, box.z1), shape.wells),
        boxOf(box.x0, box.x1, -SILLS_IN, SILLS_IN, box.z0, shape.plateIn),
      ];
    case 'preconnects':
    case 'pumpHouse':
      return without(box, shape.slots);
    case 'tank':
      return shape.boxes.map(boxOfTank);
    case 'turntable':
      return [
        ...shape.pedestal,
        boxOf(box.x0, box.x1, box.y0, box.y1, Math.max(...shape.pedestal.map(({ z1 }) => z1)), box.z1),
      ];
    case 'compartment':
      return shape.room;
    default:
      return [box];
  }
}

const known = new WeakMap<Component, Solid[]>();
const NONE: Solid[] = [];

/** The solids of a component, worked out once; most components are gear, which has none. */
export function solidsOf(component: Component): Solid[] {
  const { shapes } = component;
  if (shapes.length === 0 || (shapes.length === 1 && shapes[0]!.kind === 'stowed')) return NONE;
  let solids = known.get(component);
  if (!solids) {
    solids = shapes.flatMap((shape) =>
      boxesOf(shape).map((box): Solid => {
        const kind = shape.kind === 'compartment' && shape.inCab ? 'locker' : shape.kind;
        const solid: Solid = { component, kind, box, topIn: box.z1 };
        return shape.kind === 'wheel' ? { ...solid, topIn: box.z1 + JOUNCE_IN, travelIn: JOUNCE_IN } : solid;
      }),
    );
    known.set(component, solids);
  }
  return solids;
}
