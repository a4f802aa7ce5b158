import { bedPlaces } from './beds.js';
import { compartmentsOf } from './compartments.js';
import type { ChosenParts } from './parts.js';
import { tankBoxes, tankSpaceEnd } from './tank.js';
import type { Layout } from './types.js';
import type { BuildSpec } from '../spec/index.js';

/** Gap between the cab and what stands behind it, in. */
export const CAB_GAP_IN = 3;
const TAILBOARD_IN = 12;
const TURNTABLE_AFT_OF_REAR_AXLE_IN = 30;

/** The stations along the truck: everything else is placed from these. Lengths in, x aft of the front axle. */
export function layoutOf(spec: BuildSpec, parts: ChosenParts): Layout {
  const { chassis, roof, bumper, pump, body, device } = parts;
  const flatbed = body.style === 'flatbed';
  const behindCab = chassis.cab.backIn + CAB_GAP_IN;
  const housed = pump && pump.panel !== 'skid' ? pump : null;
  const pumpHouse = housed && { x0: behindCab, x1: behindCab + housed.lengthIn, z0: 24, z1: 24 + housed.heightIn };
  const afterPump = (pumpHouse?.x1 ?? behindCab) + 1;

  const midMount = device?.mount === 'mid' ? device.turntable.diameterIn + 4 : 0;
  const bodyFront = afterPump + midMount;
  const bodyEnd = bodyFront + spec.body.lengthIn;
  const deckIn = chassis.frame.topIn + (flatbed ? 5 : 0);
  const cabTop = chassis.cab.roofIn + roof.raiseIn;

  const turntable = device && (midMount
    ? { xIn: afterPump + midMount / 2, zIn: body.topIn + 4, facing: 'rearward' as const }
    : {
        xIn: Math.min(spec.chassis.wheelbaseIn + TURNTABLE_AFT_OF_REAR_AXLE_IN, bodyEnd - device.turntable.diameterIn / 2),
        zIn: cabTop + 8,
        facing: 'forward' as const,
      });

  const base = {
    cabFront: chassis.cab.frontIn,
    cabBack: chassis.cab.backIn,
    cabTop,
    bumperFront: -(chassis.frontOverhangIn + bumper.extensionIn),
    pumpHouse,
    turntable,
    bodyFront,
    bodyEnd,
    rearEnd: flatbed ? bodyEnd : bodyEnd + TAILBOARD_IN,
    bodyWidth: body.widthIn,
    bodyTop: body.topIn,
    tankSpace: tankSpaceEnd(parts, { turntable, bodyFront, bodyEnd }),
    deckIn,
    laddersFrom: spec.ladders.mountId === 'tunnel' ? bodyFront : behindCab,
    tankBoxes: tankBoxes(spec, parts.tankShape, bodyFront, flatbed ? deckIn + 2 : chassis.frame.topIn + 2),
  };
  return { ...base, compartments: compartmentsOf(spec, parts, base), beds: bedPlaces(spec, parts, base) };
}
