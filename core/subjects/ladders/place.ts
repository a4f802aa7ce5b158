import {
  boxAt,
  boxOf,
  boxOfTank,
  component,
  fromBuild,
  madeOf,
  middleOf,
  reading,
} from '../../kernel/index.js';
import type { Box, Component, Taking } from '../../kernel/index.js';
import { beds, bodyPlace, cabPlace, footing, pumpHouse, tankBoxes, wheelOpening } from '../../truck/index.js';
import { ladderShelf, mountShelf } from './block.js';
import type { LadderMount } from './parts.js';
import { wayOf } from './ways.js';
import type { Way } from './ways.js';

/** The ladders that are carried, each with how it rides; and how those do that say nothing of it. */
export const chosenLadders = reading(
  'ladders',
  [fromBuild(({ ladders }) => ladders), mountShelf.stock, ladderShelf.stock],
  ({ mountId, lines }, mounts, stock) => ({
    mount: mounts.part(mountId),
    ladders: lines.map(({ id, partId, mountId: own }) => ({
      id,
      ladder: stock.part(partId),
      mount: mounts.part(own ?? mountId),
    })),
  }),
);

/** A way with what rides in it, by what carries it. */
export interface MountedWay extends Way {
  mount: LadderMount;
}

/** The ways that ladders ride, each with what lies in it: first that of the most. */
export const ladderWays = reading(
  'ladders',
  [chosenLadders, bodyPlace, cabPlace, pumpHouse, tankBoxes, footing, beds, wheelOpening],
  ({ mount, ladders }, body, cab, house, tank, on, hoseBeds, wheels): MountedWay[] =>
    [mount, ...ladders.map((one) => one.mount)]
      .filter(({ id }, i, all) => all.findIndex((other) => other.id === id) === i)
      .flatMap((of): MountedWay[] => {
        const riding = ladders.filter((one) => one.mount.id === of.id);
        if (riding.length === 0) return [];
        const way = wayOf(of.ride, riding, {
          body,
          cabBackIn: cab.backIn,
          house,
          tank: tank.map(boxOfTank),
          footing: on,
          beds: hoseBeds,
          wheelTopIn: wheels.topIn,
        });
        return [{ ...way, mount: of }];
      }),
);

/** The first of the ways, where long pieces ride along; null where no ladder is carried. */
export const ladderWay = reading('ladders', [ladderWays], ([first]): MountedWay | null => first ?? null);

/** Ladders outside the body keep that much clear of the compartments under and behind them, in. */
const CLEAR_IN = 2;

/** Ways that are lined and go through the body: what is in them is gone from what they pass. */
const THROUGH: ReadonlySet<LadderMount['ride']> = new Set(['tunnel', 'middle', 'underBed']);

/** What they take: at the side from the compartments under them, in a tunnel from these and the pump house. */
export const laddersTake = reading('ladders', [ladderWays, bodyPlace], (ways, body): Taking[] =>
  ways.flatMap(({ mount, box }): Taking[] => {
    if (mount.ride === 'top') return [];
    if (THROUGH.has(mount.ride))
      return [
        { from: 'compartments', boxes: [box] },
        { from: 'pumpHouse', boxes: [box] },
      ];
    const { x0, x1, y0, y1, z0, z1 } = box;
    const outer = Math.max(y1, body.widthIn / 2);
    return [
      {
        from: 'compartments',
        boxes: [boxOf(x0 - CLEAR_IN, x1 + CLEAR_IN, y0, outer, z0 - CLEAR_IN, z1 + CLEAR_IN)],
      },
    ];
  }),
);

/** What carries them: arms of a rack, brackets, a cradle on top; in. */
const MOUNT_IN = {
  rack: { most: 120, short: 8, thick: 5, out: 1, up: 1 },
  flat: { long: 90, thick: 3 },
  top: { under: 2, long: 100, wide: 30, high: 2 },
};

/** What carries the ladders, as a box; a tunnel's lining is where they lie. */
function mountBox(
  ride: string,
  { box }: Way,
  { frontIn, endIn, widthIn }: { frontIn: number; endIn: number; widthIn: number },
): Box {
  const middle = (frontIn + endIn) / 2;
  const half = widthIn / 2;
  const { rack, flat, top } = MOUNT_IN;
  switch (ride) {
    case 'rack': {
      const long = Math.min(rack.most, endIn - frontIn - rack.short);
      return boxAt(middle, half + rack.out + rack.thick / 2, box.z1 + rack.up, long, rack.thick, rack.thick);
    }
    case 'flat':
      return boxAt(middle, half, (box.z0 + box.z1) / 2, flat.long, flat.thick, flat.thick);
    case 'top':
      return boxAt(middle, 0, box.z0 - top.under, top.long, top.wide, top.high);
    default:
      return box;
  }
}

/** The ladders of one way in their places, and what carries them. */
function ofWay(way: MountedWay, id: string, body: Parameters<typeof mountBox>[2]): Component[] {
  const { mount } = way;
  const about = { group: 'Ladders', step: 'ladders' } as const;
  const carrier = mountBox(mount.ride, way, body);
  const flat = mount.ride === 'top' || mount.ride === 'middle' || mount.ride === 'underBed';
  return [
    component({
      id,
      name: mount.name,
      ...about,
      weightLb: mount.weightLb,
      priceCents: mount.priceCents,
      made: madeOf(mount.id),
      ...middleOf(carrier),
      shapes: THROUGH.has(mount.ride) ? [] : [{ kind: 'rack', box: carrier }],
    }),
    ...way.laid.map(({ id: line, ladder, box }) =>
      component({
        id: `ladders.${line}`,
        name: `${ladder.name} ladder`,
        ...about,
        role: 'ladder',
        weightLb: ladder.weightLb,
        basis: ladder.basis,
        priceCents: ladder.priceCents,
        ...middleOf(box),
        made: madeOf(ladder.id),
        shapes: [{ kind: 'ladder', flat, box }],
      }),
    ),
  ];
}

/** The ladders in their places, and what carries them. */
export const ladderComponents = reading(
  'ladders',
  [chosenLadders, ladderWays, bodyPlace],
  ({ mount }, ways, body): Component[] =>
    ways.flatMap((way) =>
      ofWay(way, way.mount.id === mount.id ? 'ladder-mount' : `ladder-mount-${way.mount.id}`, body),
    ),
);
