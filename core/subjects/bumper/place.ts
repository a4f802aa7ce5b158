import {
  boxAt,
  boxOf,
  component,
  madeOf,
  fromBuild,
  provide,
  reading,
  settling,
  typeOfBuild,
} from '../../kernel/index.js';
import type { Shape } from '../../kernel/index.js';
import { bodyPlace, bumperFront, cabPlace } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { bumperItemShelf, bumperShelf } from './block.js';
import type { BumperItem } from './parts.js';

/** Top of the tread plate on the bumper, and the underside of the bumper, above the ground, in. */
const PLATE_TOP_IN = 34;
const UNDERSIDE_IN = 18;
/** The bumper's bar is that much lower than the plate on it, in. */
const PLATE_IN = 2;
/**
 * Height of the middle of a winch or a receiver; and of the bumper's own weight, with a grille guard and
 * without, in.
 */
const WINCH_Z_IN = 25;
const BUMPER_Z_IN = { guard: 34, plain: 27 };
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

/**
 * Where an item usually stands across and above the bumper: wells and winches in the middle, the monitor
 * officer's side.
 */
export function usualPlaceOf(item: BumperItem): { yIn: number; zIn: number } {
  switch (item.shape) {
    case 'monitor':
      return { yIn: MONITOR_Y_IN, zIn: PLATE_TOP_IN + item.heightIn / 2 };
    case 'well':
      return { yIn: 0, zIn: PLATE_TOP_IN - item.heightIn / 2 + LID_IN };
    case 'plain':
      return { yIn: SUCTION_Y_IN, zIn: PLATE_TOP_IN - item.heightIn / 2 };
    default:
      return { yIn: 0, zIn: WINCH_Z_IN };
  }
}

/** The bumper that is chosen, with what is on it. */
export const chosenBumper = reading(
  'bumper',
  [fromBuild(({ bumper }) => bumper), bumperShelf.stock, bumperItemShelf.stock],
  ({ partId, lines }, bumpers, items) => ({
    bumper: bumpers.part(partId),
    items: lines.map(({ id, partId, yIn }) => {
      const item = items.part(partId);
      const usual = usualPlaceOf(item);
      return { id, item, yIn: yIn ?? usual.yIn, zIn: usual.zIn };
    }),
  }),
);

export const bumperPlace = provide(
  bumperFront,
  [chosenBumper, chosenChassis],
  ({ bumper }, { chassis }) => -(chassis.frontOverhangIn + bumper.extensionIn),
);

/** The well for hose that the bumper has: its middle across and its width, in; null where there is none. */
export const hoseWell = settling('bumper', [chosenBumper], ({ items }) => {
  const well = items.find(({ item }) => item.shape === 'well');
  return well ? { yIn: well.yIn, widthIn: well.item.widthIn } : null;
});

/** The bumper with its extension and what is mounted on it. */
export const bumperComponents = reading(
  'bumper',
  [typeOfBuild, chosenBumper, chosenChassis, bodyPlace, cabPlace, bumperFront],
  (type, { bumper, items }, { chassis }, body, cab, front) => {
    const half = Math.min(chassis.cab.widthIn, body.widthIn) / 2;
    const back = Math.min(cab.frontIn, -chassis.frontOverhangIn + BRACKETS_IN);
    const shapes: Shape[] = [
      { kind: 'bumper', box: boxOf(front, back, -half, half, UNDERSIDE_IN, PLATE_TOP_IN - PLATE_IN) },
    ];
    const guard = type === 'brush' && bumper.extensionIn > 0;
    if (guard) {
      const at = front + GUARD_IN.behind;
      shapes.push({
        kind: 'guard',
        box: boxOf(
          at,
          at + GUARD_IN.thick,
          -GUARD_IN.half,
          GUARD_IN.half,
          PLATE_TOP_IN - PLATE_IN,
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
        zIn: guard ? BUMPER_Z_IN.guard : BUMPER_Z_IN.plain,
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
