import { boxOf, provide } from '../../kernel/index.js';
import { alongFrame, bodyPlace, cabPlace, flySection, footing, turntable } from '../../truck/index.js';
import type { Bedding, BodyPlace, CabPlace, Turntable } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { chosenDevice } from './chosen.js';
import type { AerialDevice } from './parts.js';
import { PEDESTAL_SHARE } from './row.js';

/** The plate that turns lies that far under the device, in. */
const PLATE_BELOW_IN = 5;
/** A rear mount stands that far behind the rear axle, where the body is long enough, in. */
const AFT_OF_REAR_AXLE_IN = 30;
/** How high the device lies over the cab, or over the body where it points aft, in. */
const OVER_CAB_IN = 8;
const OVER_BODY_IN = 4;
/** It lies in a trench of the cab's roof where that leaves so much on each side, in. */
const IN_TRENCH_CLEAR_IN = 3;
/** The torque box: half its width, its height on the frame, how far it reaches behind the turntable, in. */
const TORQUE_BOX_IN = { half: 19, height: 12, behindTurntable: 50, shortOfBody: 4 };

/** What of the cab a device that points ahead lies over: its roof, or the floor of a trench that takes it. In. */
function underDeviceIn({ sections }: AerialDevice, { topIn, trench }: CabPlace): number {
  const widest = Math.max(...sections.map(({ widthIn }) => widthIn));
  return trench && widest / 2 + IN_TRENCH_CLEAR_IN <= trench.halfIn ? trench.floorIn : topIn;
}

export const turntablePlace = provide(
  turntable,
  [chosenDevice, alongFrame, bodyPlace, cabPlace, chosenChassis],
  (chosen, along, body, cab, { wheelbaseIn }) => {
    if (!chosen) return null;
    const { diameterIn } = chosen.device.turntable;
    if (chosen.device.mount === 'mid')
      return {
        xIn: along['turntable']!.x0 + (diameterIn * PEDESTAL_SHARE) / 2,
        zIn: body.topIn + OVER_BODY_IN,
        radiusIn: diameterIn / 2,
        facing: 'rearward' as const,
      };
    return {
      xIn: Math.min(wheelbaseIn + (chosen.device.aftIn ?? AFT_OF_REAR_AXLE_IN), body.endIn - diameterIn / 2),
      zIn: underDeviceIn(chosen.device, cab) + OVER_CAB_IN,
      radiusIn: diameterIn / 2,
      facing: 'forward' as const,
    };
  },
);

/** What the device stands on: torque box and pedestal. */
export const footingPlace = provide(
  footing,
  [chosenDevice, turntable, bodyPlace, chosenChassis, alongFrame],
  (chosen, at, body, { chassis }, along) => {
    if (!chosen || !at) return null;
    const { torqueBox: box, turntable: table } = chosen.device;
    const z0 = chassis.frame.topIn;
    const z1 = z0 + TORQUE_BOX_IN.height;
    const back = Math.min(body.endIn - TORQUE_BOX_IN.shortOfBody, at.xIn + TORQUE_BOX_IN.behindTurntable);
    const half = (table.diameterIn * PEDESTAL_SHARE) / 2;
    // That of a mid mount begins at its stabilizers behind the cab, and reaches as far aft as it is long.
    const bay = along['stabilizers'];
    const front = bay ? bay.x0 : Math.max(back - box.lengthIn, body.frontIn);
    const end = bay ? Math.min(bay.x0 + box.lengthIn, body.endIn - TORQUE_BOX_IN.shortOfBody) : back;
    return {
      torqueBox: boxOf(front, end, -TORQUE_BOX_IN.half, TORQUE_BOX_IN.half, z0, z1),
      pedestal: boxOf(at.xIn - half, at.xIn + half, -half, half, z1, at.zIn - PLATE_BELOW_IN),
      through: table.through ?? null,
    };
  },
);

/** How far each section's tip stands beyond the one that carries it, and how much higher it lies, stowed, in. */
const TIP_STEP_IN = 9;
const RISE_STEP_IN = 2;
/** The heel of the base section behind the turntable's middle, in. */
const HEEL_IN = 16;

/** A bedded section, base section 0: from heel to tip along the truck, and its underside, in. */
export function sectionAt(at: Turntable, { sections }: AerialDevice, i: number) {
  const forward = at.facing === 'forward' ? -1 : 1;
  const heelIn = at.xIn - forward * HEEL_IN + forward * i * TIP_STEP_IN;
  const tipIn = heelIn + forward * sections[i]!.lengthIn;
  return { heelIn, tipIn, bottomIn: at.zIn + RISE_STEP_IN * i };
}

/** The cradle of a bedded device: behind the cab, or before the rear of the body, in. */
const CRADLE_IN = { behindCab: 6, beforeEnd: 12 };

/** What a device rests on when it is bedded: its turntable, and a cradle behind the cab or at the rear of the body. */
export const beddingOf = (
  { xIn, radiusIn, facing }: Turntable,
  cab: Pick<CabPlace, 'backIn'>,
  body: Pick<BodyPlace, 'endIn'>,
): Bedding => ({
  tableIn: xIn,
  radiusIn,
  cradleIn: facing === 'forward' ? cab.backIn + CRADLE_IN.behindCab : body.endIn - CRADLE_IN.beforeEnd,
});

/** The fly section as it is bedded. */
export const flyPlace = provide(
  flySection,
  [chosenDevice, turntable, cabPlace, bodyPlace],
  (chosen, at, cab, body) => {
    if (!chosen || !at) return null;
    const { device } = chosen;
    const last = device.sections.length - 1;
    const { heelIn, tipIn, bottomIn } = sectionAt(at, device, last);
    return {
      x0: Math.min(heelIn, tipIn),
      x1: Math.max(heelIn, tipIn),
      halfIn: device.sections[last]!.widthIn / 2,
      floorIn: bottomIn,
      bedding: beddingOf(at, cab, body),
    };
  },
);
