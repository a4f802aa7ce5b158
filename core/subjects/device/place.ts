import { boxAt, boxOf, component, madeOf, fromBuild, provide, reading, without } from '../../kernel/index.js';
import type { AlongBlock, Box, Component, Shape, Taking, Rest } from '../../kernel/index.js';
import {
  alongFrame,
  bodyPlace,
  cabPlace,
  footing,
  lastAxleIn,
  pumpHouse,
  RANK,
  turntable,
} from '../../truck/index.js';
import type { Turntable } from '../../truck/index.js';
import { feetInches } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { deviceShelf } from './block.js';

/** How far each section's tip stands beyond the one that carries it, and how much higher it lies, stowed, in. */
const TIP_STEP_IN = 9;
const RISE_STEP_IN = 2;
/** The heel of the base section behind the turntable's middle, in. */
const HEEL_IN = 16;
/** A section's center lies nearer its heel, where it is built heavier. */
const CENTER_SHARE = 0.44;
/** Free ahead of and behind a pedestal that stands between pump and body, in all, in. */
const PEDESTAL_CLEAR_IN = 4;
/** The plate that turns lies that far under the device; the pedestal under it is narrower by that share, in. */
const PLATE_BELOW_IN = 5;
const PEDESTAL_SHARE = 0.62;
/** Foot of the stairs behind the cab of a mid mount, under the frame's top, in. */
const STAIRS_UNDER_FRAME_IN = 18;
/** A rear mount stands that far behind the rear axle, where the body is long enough, in. */
const AFT_OF_REAR_AXLE_IN = 30;
/** How high the device lies over the cab, or over the body where it points aft, in. */
const OVER_CAB_IN = 8;
const OVER_BODY_IN = 4;
/**
 * The torque box: half its width, its height on the frame, how far it reaches behind the turntable, and its
 * own weight's height over the frame, in.
 */
const TORQUE_BOX_IN = { half: 19, height: 12, behindTurntable: 50, weightUp: 2, shortOfBody: 4 };
/**
 * Outriggers: length along the truck, depth in from the side, how far they stand out, and their bottom, top and
 * weight about the frame's top, in.
 */
const OUTRIGGER_IN = { half: 8, depth: 14, out: 0.5, underFrame: 25, overFrame: 8, weightUnderFrame: 6 };
/** They clear the rear tire by so much, and stand so far inside the ends of what they stand in, in. */
const CLEAR_OF_TIRE_IN = 14;
const INSIDE_END_IN = 9;
/** The turntable's drive stands that far above where the device lies; a platform hangs that far below it, in. */
const DRIVE_UP_IN = 20;
const PLATFORM_DROP_IN = 4;

/** The device that is chosen, with its outriggers; null where there is none. */
export const chosenDevice = reading(
  'device',
  [fromBuild(({ device }) => device), deviceShelf.stock],
  ({ partId, outriggersId }, stock) => {
    if (partId === undefined) return null;
    const device = stock.part(partId);
    return {
      device,
      outriggers: device.outriggers.find(({ id }) => id === outriggersId) ?? device.outriggers[0]!,
    };
  },
);

/** A mid mount stands in the row: stabilizers and stairs behind the cab, and the turntable ahead of the body. */
export const deviceAlong = reading('device', [chosenDevice], (chosen): AlongBlock[] => {
  if (chosen?.device.mount !== 'mid') return [];
  const { bayIn, turntable: table } = chosen.device;
  const pedestal: AlongBlock = {
    id: 'turntable',
    title: 'Turntable',
    rank: RANK.turntable,
    // Its plate turns over what stands beside the pedestal.
    aheadIn: PEDESTAL_CLEAR_IN / 2,
    lengthIn: table.diameterIn * PEDESTAL_SHARE + PEDESTAL_CLEAR_IN / 2,
    moves: true,
  };
  return bayIn === undefined
    ? [pedestal]
    : [
        {
          id: 'stabilizers',
          title: 'Stabilizers and stairs',
          rank: RANK.stabilizers,
          aheadIn: 0,
          lengthIn: bayIn,
          moves: true,
        },
        pedestal,
      ];
});

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
      zIn: cab.topIn + OVER_CAB_IN,
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

/** The outriggers folded at the sides, and the bay behind the cab that some stand in. */
const outriggersPlace = reading(
  'device',
  [chosenDevice, turntable, alongFrame, bodyPlace, pumpHouse, chosenChassis],
  (chosen, at, along, body, house, { chassis, wheelbaseIn, rearAxle }) => {
    if (!chosen || !at) return null;
    const { outriggers } = chosen;
    const lastTire = lastAxleIn({ wheelbaseIn, rear: rearAxle }) + chassis.rearTire.diameterIn / 2;
    const atBack = Math.min(lastTire + CLEAR_OF_TIRE_IN, body.endIn - INSIDE_END_IN);
    const bay = along['stabilizers'];
    const first = bay
      ? bay.x0 + OUTRIGGER_IN.half + 1
      : (house?.at === 'row' ? house.x1 : body.frontIn) + INSIDE_END_IN;
    const places = outriggers.pairs === 2 ? [first, atBack] : [atBack];
    const side = body.widthIn / 2;
    const legs = places.flatMap((x) =>
      [-1, 1].map((of): Box => {
        const [inner, outer] = [of * (side - OUTRIGGER_IN.depth), of * (side + OUTRIGGER_IN.out)];
        return boxOf(
          x - OUTRIGGER_IN.half,
          x + OUTRIGGER_IN.half,
          Math.min(inner, outer),
          Math.max(inner, outer),
          body.frameIn - OUTRIGGER_IN.underFrame,
          body.frameIn + OUTRIGGER_IN.overFrame,
        );
      }),
    );
    return { legs, places, bay: bay ?? null };
  },
);

/** A pedestal with a way through it along the truck, at its foot. */
const archOf = (pedestal: Box, { widthIn, heightIn }: { widthIn: number; heightIn: number }): Box[] =>
  without(pedestal, [
    boxOf(pedestal.x0, pedestal.x1, -widthIn / 2, widthIn / 2, pedestal.z0, pedestal.z0 + heightIn),
  ]);

/** What the device takes from the compartments. */
export const deviceTakes = reading('device', [footing, outriggersPlace], (on, out): Taking[] =>
  on && out
    ? [
        { from: 'compartments', boxes: [on.torqueBox, on.pedestal, ...out.legs] },
        // The pump of a mid mount is built around its torque box.
        { from: 'pumpHouse', boxes: [on.torqueBox] },
      ]
    : [],
);

/** The cradle of a bedded device: behind the cab, or before the back of the body, in. */
const CRADLE_IN = { behindCab: 6, beforeEnd: 12 };

/**
 * How a bedded weight rests on turntable and cradle: as the lever has it, so that beyond the cradle the turntable
 * holds it down. Behind the turntable it lies about its own center. In.
 */
function beddedOn(table: Turntable, cradleIn: number, xIn: number): Rest[] {
  const onCradle = (xIn - table.xIn) / (cradleIn - table.xIn);
  if (!(onCradle > 0)) return [{ share: 1, fromIn: xIn - table.radiusIn, toIn: xIn + table.radiusIn }];
  return [
    { share: 1 - onCradle, fromIn: table.xIn - table.radiusIn, toIn: table.xIn + table.radiusIn },
    { share: onCradle, fromIn: cradleIn, toIn: cradleIn },
  ];
}

/** The aerial device as it rides: turntable, sections over the truck, platform, torque box and outriggers. */
export const deviceComponents = reading(
  'device',
  [chosenDevice, turntable, footing, outriggersPlace, bodyPlace, cabPlace],
  (chosen, at, on, out, body, cab): Component[] => {
    if (!chosen || !at || !on || !out) return [];
    const { device, outriggers } = chosen;
    const { torqueBox, pedestal, through } = on;
    const { legs, places, bay } = out;
    const forward = at.facing === 'forward' ? -1 : 1;
    const heel = at.xIn - forward * HEEL_IN;
    const baseZ = at.zIn;
    // Bedded it rests on its turntable, and on a cradle behind the cab or at the back of the body.
    const cradleIn =
      at.facing === 'forward' ? cab.backIn + CRADLE_IN.behindCab : body.endIn - CRADLE_IN.beforeEnd;
    const bedded = (xIn: number): Rest[] => beddedOn(at, cradleIn, xIn);
    const about = { group: 'Aerial device', step: 'device', yIn: 0 } as const;
    const made = madeOf(device.id);

    const sections = device.sections.map((section, i) => {
      const start = heel + forward * i * TIP_STEP_IN;
      const end = start + forward * section.lengthIn;
      const bottom = baseZ + RISE_STEP_IN * i;
      return component({
        id: `device.section-${i + 1}`,
        name: i === 0 ? 'Base section' : `Section ${i + 1}`,
        ...about,
        made,
        weightLb: section.weightLb,
        basis: device.basis,
        xIn: start + forward * section.lengthIn * CENTER_SHARE,
        rests: bedded(start + forward * section.lengthIn * CENTER_SHARE),
        zIn: bottom + section.heightIn / 2,
        shapes: [
          {
            kind: 'section',
            order: i,
            box: boxOf(
              Math.min(start, end),
              Math.max(start, end),
              -section.widthIn / 2,
              section.widthIn / 2,
              bottom,
              bottom + section.heightIn,
            ),
          },
        ],
      });
    });
    const last = device.sections.length - 1;
    const tip = heel + forward * (last * TIP_STEP_IN + device.sections[last]!.lengthIn);

    const outriggerShapes = legs.map((box): Shape => ({ kind: 'outrigger', box }));
    const stairs: Shape[] = bay
      ? [
          {
            kind: 'stairs',
            box: boxOf(
              bay.x0 + 2 * OUTRIGGER_IN.half + 2,
              bay.x1,
              -body.widthIn / 2,
              body.widthIn / 2,
              body.frameIn - STAIRS_UNDER_FRAME_IN,
              pedestal.z1,
            ),
          },
        ]
      : [];

    return [
      component({
        id: 'device.torque-box',
        name: 'Torque box',
        ...about,
        made,
        weightLb: device.torqueBox.weightLb,
        basis: device.basis,
        xIn: (torqueBox.x0 + torqueBox.x1) / 2,
        zIn: torqueBox.z0 + TORQUE_BOX_IN.weightUp,
        shapes: [{ kind: 'torqueBox', box: torqueBox }],
      }),
      component({
        id: 'device.outriggers',
        name: `${outriggers.name}, ${feetInches(outriggers.spreadIn)} spread`,
        ...about,
        made: madeOf(`${device.id}.${outriggers.id}`),
        source: device.id,
        weightLb: outriggers.weightLb,
        priceCents: outriggers.priceCents,
        xIn: places.reduce((sum, x) => sum + x, 0) / places.length,
        zIn: body.frameIn - OUTRIGGER_IN.weightUnderFrame,
        shapes: [...outriggerShapes, ...stairs],
      }),
      component({
        id: 'device.turntable',
        name: 'Turntable',
        ...about,
        made,
        weightLb: device.turntable.weightLb,
        basis: device.basis,
        priceCents: device.priceCents,
        xIn: at.xIn,
        zIn: (torqueBox.z1 + baseZ + DRIVE_UP_IN) / 2,
        shapes: [
          {
            kind: 'turntable',
            pedestal: through ? archOf(pedestal, through) : [pedestal],
            box: boxAt(
              at.xIn,
              0,
              (torqueBox.z1 + baseZ) / 2,
              device.turntable.diameterIn,
              device.turntable.diameterIn,
              baseZ - torqueBox.z1,
            ),
          },
        ],
      }),
      ...sections,
      ...(device.platform
        ? [
            component({
              id: 'device.platform',
              name: 'Platform',
              ...about,
              made,
              weightLb: device.platform.weightLb,
              xIn: tip + (forward * device.platform.lengthIn) / 2,
              rests: bedded(tip + (forward * device.platform.lengthIn) / 2),
              zIn: baseZ - PLATFORM_DROP_IN,
              shapes: [
                {
                  kind: 'platform',
                  box: boxAt(
                    tip + (forward * device.platform.lengthIn) / 2,
                    0,
                    baseZ - PLATFORM_DROP_IN,
                    device.platform.lengthIn,
                    device.platform.widthIn,
                    device.platform.heightIn,
                  ),
                },
              ],
            }),
          ]
        : []),
    ];
  },
);
