import { boxOf } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import type { BodyPlace, CabPlace } from '../../truck/index.js';
import type { CompartmentLine } from './block.js';
import type { Plan } from './plans.js';
import type { Face } from './room.js';

/** Where a list of compartments stands on a truck. */
export interface Standing {
  body: BodyPlace;
  cab: CabPlace & { widthIn: number };
}

const FACE: Record<CompartmentLine['face'], Face> = {
  left: 'left',
  right: 'right',
  through: 'left',
  rear: 'rear',
  topLeft: 'top',
  topRight: 'top',
  top: 'top',
};

/** The box of one compartment of the list, if nothing stood in its way. */
export function regionOf(line: CompartmentLine, { body, cab }: Standing): Box {
  const { face, of, startIn, lengthIn, floorIn, heightIn, depthIn } = line;
  const half = (of === 'cab' ? cab.widthIn : body.widthIn) / 2;
  const x0 = of === 'cab' ? cab.backIn - startIn - lengthIn : body.frontIn + startIn;
  const z0 = body.frameIn + floorIn;
  const across = (y0: number, y1: number): Box => boxOf(x0, x0 + lengthIn, y0, y1, z0, z0 + heightIn);
  switch (face) {
    case 'left':
    case 'topLeft':
      return across(-half, -half + depthIn);
    case 'right':
    case 'topRight':
      return across(half - depthIn, half);
    case 'through':
      return across(-half, half);
    case 'top':
      return across(-depthIn / 2, depthIn / 2);
    case 'rear':
      return boxOf(
        body.endIn - depthIn,
        body.endIn,
        startIn - lengthIn / 2,
        startIn + lengthIn / 2,
        z0,
        z0 + heightIn,
      );
  }
}

/** The compartments of a list as they are meant, numbered from the front on each face. */
export function listedPlans(lines: readonly CompartmentLine[], at: Standing): Plan[] {
  const plans = lines.map((line): Plan => {
    const region = regionOf(line, at);
    const { id, name, face, of, heightIn, upperDepthIn, doorsId } = line;
    return {
      id,
      name,
      face: FACE[face],
      order: 0,
      region,
      ...(upperDepthIn === undefined
        ? {}
        : { upper: { fromIn: region.z0 + heightIn / 2, depthIn: upperDepthIn } }),
      ...(face === 'through' ? { through: true as const } : {}),
      ...(of === 'cab' ? { inCab: true as const } : {}),
      ...(doorsId === undefined ? {} : { doorsId }),
    };
  });
  return plans.map((plan) => ({
    ...plan,
    order: 1 + plans.filter((other) => other.face === plan.face && other.region.x0 < plan.region.x0).length,
  }));
}

/** Lengths of a list are to the tenth of an inch. */
const tenth = (inches: number): number => Math.round(inches * 10) / 10;

/** A compartment as the family makes it, as a line of a list: from here on it is the person's own. */
export function lineOf({ id, name, face, region }: Plan, body: BodyPlace): CompartmentLine {
  const { x0, x1, y0, y1, z0, z1 } = region;
  const rear = face === 'rear';
  return {
    id,
    name,
    face,
    startIn: tenth(rear ? (y0 + y1) / 2 : x0 - body.frontIn),
    lengthIn: tenth(rear ? y1 - y0 : x1 - x0),
    floorIn: tenth(z0 - body.frameIn),
    heightIn: tenth(z1 - z0),
    depthIn: tenth(rear ? x1 - x0 : y1 - y0),
  };
}
