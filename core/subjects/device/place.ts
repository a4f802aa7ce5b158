import { boxAt, boxOf, component, madeOf, fromBuild, provide, reading } from '../../kernel/index.js';
import type { AlongFrame, Component, Shape, Taking } from '../../kernel/index.js';
import { alongFrame, bodyPlace, cabPlace, pumpHouse, turntable } from '../../truck/index.js';
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
/** Free ahead of and behind a turntable that stands between pump and body, in all, in. */
const PEDESTAL_CLEAR_IN = 4;
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
 * Outriggers: length along the truck, depth in from the side, how far they stand out, bottom, top, and their
 * weight's height, in.
 */
const OUTRIGGER_IN = { half: 8, depth: 14, out: 0.5, bottom: 15, top: 54, zIn: 34 };
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

/** A mid mount's turntable stands in the row of blocks between pump and body. */
export const pedestal = reading('device', [chosenDevice], (chosen): AlongFrame | null =>
  chosen?.device.mount === 'mid'
    ? {
        owner: 'device',
        order: 2,
        aheadIn: 1,
        lengthIn: chosen.device.turntable.diameterIn + PEDESTAL_CLEAR_IN - 1,
      }
    : null,
);

/** No compartment at the back: the device's pedestal and torque box are there. */
export const deviceTakes = reading('device', [chosenDevice], (chosen): Taking[] =>
  chosen ? [{ from: 'compartments', side: 'rear' }] : [],
);

export const turntablePlace = provide(
  turntable,
  [chosenDevice, alongFrame, bodyPlace, cabPlace, chosenChassis],
  (chosen, along, body, cab, { wheelbaseIn }) => {
    if (!chosen) return null;
    const { diameterIn } = chosen.device.turntable;
    if (chosen.device.mount === 'mid')
      return {
        xIn: along['device']!.x0 + (diameterIn + PEDESTAL_CLEAR_IN) / 2,
        zIn: body.topIn + OVER_BODY_IN,
        facing: 'rearward' as const,
      };
    return {
      xIn: Math.min(wheelbaseIn + AFT_OF_REAR_AXLE_IN, body.endIn - diameterIn / 2),
      zIn: cab.topIn + OVER_CAB_IN,
      facing: 'forward' as const,
    };
  },
);

/** The aerial device as it rides: turntable, sections over the truck, platform, torque box and outriggers. */
export const deviceComponents = reading(
  'device',
  [chosenDevice, turntable, bodyPlace, pumpHouse, chosenChassis],
  (chosen, at, body, house, { chassis, wheelbaseIn, rearAxle }): Component[] => {
    if (!chosen || !at) return [];
    const { device, outriggers } = chosen;
    const forward = at.facing === 'forward' ? -1 : 1;
    const heel = at.xIn - forward * HEEL_IN;
    const baseZ = at.zIn;
    const about = { group: 'Aerial device', step: 'device', yIn: 0 } as const;
    const frameTop = chassis.frame.topIn;
    const boxTop = frameTop + TORQUE_BOX_IN.height;
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

    const torqueBack = Math.min(
      body.endIn - TORQUE_BOX_IN.shortOfBody,
      at.xIn + TORQUE_BOX_IN.behindTurntable,
    );
    const torqueBox = boxOf(
      torqueBack - device.torqueBox.lengthIn,
      torqueBack,
      -TORQUE_BOX_IN.half,
      TORQUE_BOX_IN.half,
      frameTop,
      boxTop,
    );
    const behindTire =
      wheelbaseIn + rearAxle.spreadIn / 2 + chassis.rearTire.diameterIn / 2 + CLEAR_OF_TIRE_IN;
    const atBack = Math.min(behindTire, body.endIn - INSIDE_END_IN);
    const places = outriggers.pairs === 2 ? [(house?.x1 ?? body.frontIn) + INSIDE_END_IN, atBack] : [atBack];
    const half = body.widthIn / 2;
    const outriggerShapes = places.flatMap((x) =>
      [-1, 1].map((side): Shape => ({
        kind: 'outrigger',
        box: boxOf(
          x - OUTRIGGER_IN.half,
          x + OUTRIGGER_IN.half,
          side < 0 ? -half - OUTRIGGER_IN.out : half - OUTRIGGER_IN.depth,
          side < 0 ? -half + OUTRIGGER_IN.depth : half + OUTRIGGER_IN.out,
          OUTRIGGER_IN.bottom,
          OUTRIGGER_IN.top,
        ),
      })),
    );

    return [
      component({
        id: 'device.torque-box',
        name: 'Torque box',
        ...about,
        made,
        weightLb: device.torqueBox.weightLb,
        basis: device.basis,
        xIn: (torqueBox.x0 + torqueBox.x1) / 2,
        zIn: frameTop + TORQUE_BOX_IN.weightUp,
        shapes: [{ kind: 'torqueBox', box: torqueBox }],
      }),
      component({
        id: 'device.outriggers',
        name: `${outriggers.name}, ${feetInches(outriggers.spreadIn)} spread`,
        ...about,
        made: madeOf(`${device.id}.${outriggers.id}`),
        weightLb: outriggers.weightLb,
        priceCents: outriggers.priceCents,
        xIn: places.reduce((sum, x) => sum + x, 0) / places.length,
        zIn: OUTRIGGER_IN.zIn,
        shapes: outriggerShapes,
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
        zIn: (boxTop + baseZ + DRIVE_UP_IN) / 2,
        shapes: [
          {
            kind: 'turntable',
            box: boxAt(
              at.xIn,
              0,
              (boxTop + baseZ) / 2,
              device.turntable.diameterIn,
              device.turntable.diameterIn,
              baseZ - boxTop,
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
