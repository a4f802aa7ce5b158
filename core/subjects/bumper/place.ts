import {
  boxAt,
  boxOf,
  component,
  madeOf,
  fromBuild,
  provide,
  reading,
  settling,
} from '../../kernel/index.js';
import type { Shape } from '../../kernel/index.js';
import { bodyPlace, bumperFront, cabPlace } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { bumperItemShelf, bumperShelf } from './block.js';
import type { BumperItem } from './parts.js';

/**
 * The bumper rides with the frame: the top of the tread plate on it, the middle of a winch or a receiver, and the
 * bumper's own weight, with a grille guard and without, under the frame's top, in.
 */
const UNDER_FRAME_IN = { plate: 6, winch: 15, weight: { guard: 1, plain: 13 } };
/** Its underside stands at that share of the frame's height. */
const UNDERSIDE_SHARE = 0.45;
/** The bumper's bar is that much lower than the plate on it, in. */
const PLATE_IN = 2;
/** A well's lid stands that much above the plate, in. */
const LID_IN = 3;
/** Monitor at the officer's side, suction at the driver's, from the middle, in. */
const MONITOR_Y_IN = 36;
const SUCTION_Y_IN = -30;
/** Where the bumper's brackets meet the rails behind its face, in. */
const BRACKETS_IN = 8;
/** A grille guard: behind the bumper's face, as thick, and half as wide, in. */
const GUARD_IN = { behind: 2, thick: 6, half: 28, belowHood: 2 };

const LOOKS: Record<BumperItem['shape'], 'well' | 'receiver' | 'winch' | 'monitor' | 'suction'> = {
  well: 'well',
  receiver: 'receiver',
  winch: 'winch',
  monitor: 'monitor',
  plain: 'suction',
};

/** What moves water, and is no use without a pump: the monitor, and the plumbing of the suction. */
const NEED_PUMP: ReadonlySet<BumperItem['shape']> = new Set(['monitor', 'plain']);

/** Where an item usually stands across the bumper, in: not asking how high the bumper rides. */
export const usualAsideOf = (item: BumperItem): number => usualPlaceOf(item, 0).yIn;

/**
 * Where an item usually stands across and above the bumper: wells and winches in the middle, the monitor
 * officer's side.
 */
export function usualPlaceOf(item: BumperItem, frameIn: number): { yIn: number; zIn: number } {
  const plateIn = frameIn - UNDER_FRAME_IN.plate;
  switch (item.shape) {
    case 'monitor':
      return { yIn: MONITOR_Y_IN, zIn: plateIn + item.heightIn / 2 };
    case 'well':
      return { yIn: 0, zIn: plateIn - item.heightIn / 2 + LID_IN };
    case 'plain':
      return { yIn: SUCTION_Y_IN, zIn: plateIn - item.heightIn / 2 };
    default:
      return { yIn: 0, zIn: frameIn - UNDER_FRAME_IN.winch };
  }
}

/** The bumper that is chosen, with what is on it. */
export const chosenBumper = reading(
  'bumper',
  [fromBuild(({ bumper }) => bumper), bumperShelf.stock, bumperItemShelf.stock, chosenChassis],
  ({ partId, lines }, bumpers, items, { chassis }) => ({
    bumper: bumpers.part(partId),
    items: lines.map(({ id, partId, yIn }) => {
      const item = items.part(partId);
      const usual = usualPlaceOf(item, chassis.frame.topIn);
      return { id, item, yIn: yIn ?? usual.yIn, zIn: usual.zIn };
    }),
  }),
);

export const bumperPlace = provide(
  bumperFront,
  [chosenBumper, chosenChassis],
  ({ bumper }, { chassis }) => -(chassis.frontOverhangIn + bumper.extensionIn),
);

/** The wells for hose that the bumper has: the middle of each across and its width, in, in the order of its lines. */
export const hoseWells = settling('bumper', [chosenBumper], ({ items }) =>
  items.filter(({ item }) => item.shape === 'well').map(({ yIn, item: { widthIn } }) => ({ yIn, widthIn })),
);

/** The bumper with its extension and what is mounted on it. */
export const bumperComponents = reading(
  'bumper',
  [chosenBumper, chosenChassis, bodyPlace, cabPlace, bumperFront],
  ({ bumper, items }, { chassis }, body, cab, front) => {
    const half = Math.min(chassis.cab.widthIn, body.widthIn) / 2;
    const frameIn = chassis.frame.topIn;
    const plateIn = frameIn - UNDER_FRAME_IN.plate;
    const underside = frameIn * UNDERSIDE_SHARE;
    const back = Math.min(cab.frontIn, -chassis.frontOverhangIn + BRACKETS_IN);
    const shapes: Shape[] = [
      { kind: 'bumper', box: boxOf(front, back, -half, half, underside, plateIn - PLATE_IN) },
    ];
    if (bumper.guard) {
      const at = front + GUARD_IN.behind;
      shapes.push({
        kind: 'guard',
        box: boxOf(
          at,
          at + GUARD_IN.thick,
          -GUARD_IN.half,
          GUARD_IN.half,
          plateIn - PLATE_IN,
          chassis.cab.hoodTopIn - GUARD_IN.belowHood,
        ),
      });
    }
    const centerX = -(chassis.frontOverhangIn + bumper.extensionIn / 2);
    const about = { group: 'Front bumper', step: 'bumper' } as const;
    return [
      component({
        id: 'bumper',
        name: bumper.name,
        ...about,
        weightLb: bumper.weightLb,
        basis: bumper.basis,
        xIn: centerX,
        yIn: 0,
        zIn: frameIn - UNDER_FRAME_IN.weight[bumper.guard ? 'guard' : 'plain'],
        priceCents: bumper.priceCents,
        made: madeOf(bumper.id),
        shapes,
      }),
      ...items.map(({ id, item, yIn, zIn }) => {
        const xIn = item.shape === 'receiver' || item.shape === 'winch' ? front + item.lengthIn / 2 : centerX;
        return component({
          id: `bumper.${id}`,
          name: item.name,
          ...about,
          weightLb: item.weightLb,
          basis: item.basis,
          xIn,
          yIn,
          zIn,
          priceCents: item.priceCents,
          made: madeOf(item.id),
          ...(NEED_PUMP.has(item.shape) ? { needs: 'pump' as const } : {}),
          shapes: [
            {
              kind: LOOKS[item.shape],
              box: boxAt(xIn, yIn, zIn, item.lengthIn, item.widthIn, item.heightIn),
            },
          ],
        });
      }),
    ];
  },
);
