import { boxAt, boxOf, component, madeOf, reading, without } from '../../kernel/index.js';
import type { Box, Component, Shape } from '../../kernel/index.js';
import { beddedOn, bodyPlace, cabPlace, footing, turntable } from '../../truck/index.js';
import { feetInches } from '../../units/index.js';
import { chosenDevice } from './chosen.js';
import { OUTRIGGER_IN, outriggersPlace } from './outriggers.js';
import { beddingOf, sectionAt } from './turntable.js';

/** A section's center lies nearer its heel, where it is built heavier. */
const CENTER_SHARE = 0.44;
/** Foot of the stairs behind the cab of a mid mount, under the frame's top, in. */
const STAIRS_UNDER_FRAME_IN = 18;
/** The torque box weighs that far above the frame, the outriggers that far under it, in. */
const TORQUE_BOX_UP_IN = 2;
const OUTRIGGERS_UNDER_IN = 6;
/** The turntable's drive stands that far above where the device lies; a platform hangs that far below it, in. */
const DRIVE_UP_IN = 20;
const PLATFORM_DROP_IN = 4;

/** A pedestal with a way through it along the truck, at its foot. */
const archOf = (pedestal: Box, { widthIn, heightIn }: { widthIn: number; heightIn: number }): Box[] =>
  without(pedestal, [
    boxOf(pedestal.x0, pedestal.x1, -widthIn / 2, widthIn / 2, pedestal.z0, pedestal.z0 + heightIn),
  ]);

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
    const baseZ = at.zIn;
    const bedding = beddingOf(at, cab, body);
    const bedded = (xIn: number) => beddedOn(bedding, xIn);
    const about = { group: 'Aerial device', step: 'device', yIn: 0 } as const;
    const made = madeOf(device.id);

    const sections = device.sections.map((section, i) => {
      const { heelIn: start, tipIn: end, bottomIn: bottom } = sectionAt(at, device, i);
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
    const tip = sectionAt(at, device, device.sections.length - 1).tipIn;

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
        zIn: torqueBox.z0 + TORQUE_BOX_UP_IN,
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
        zIn: body.frameIn - OUTRIGGERS_UNDER_IN,
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
