import { boxAt, boxOf, boxOfTank, component, fromBuild, madeOf, reading } from '../../kernel/index.js';
import type { Box, Component, Taking } from '../../kernel/index.js';
import { beds, bodyPlace, cabPlace, footing, pumpHouse, tankBoxes, wheelOpening } from '../../truck/index.js';
import { ladderShelf, mountShelf } from './block.js';
import { wayOf } from './ways.js';
import type { Way } from './ways.js';

/** The ladders that are carried, and how they ride. */
export const chosenLadders = reading(
  'ladders',
  [fromBuild(({ ladders }) => ladders), mountShelf.stock, ladderShelf.stock],
  ({ mountId, lines }, mounts, stock) => ({
    mount: mounts.part(mountId),
    ladders: lines.map(({ id, partId }) => ({ id, ladder: stock.part(partId) })),
  }),
);

/** The way that the ladders ride, with each in its place; null where none is carried. */
export const ladderWay = reading(
  'ladders',
  [chosenLadders, bodyPlace, cabPlace, pumpHouse, tankBoxes, footing, beds, wheelOpening],
  ({ mount, ladders }, body, cab, house, tank, on, hoseBeds, wheels): Way | null =>
    ladders.length === 0
      ? null
      : wayOf(mount.ride, ladders, {
          body,
          cabBackIn: cab.backIn,
          house,
          tank: tank.map(boxOfTank),
          footing: on,
          beds: hoseBeds,
          wheelTopIn: wheels.topIn,
        }),
);

/** Ladders outside the body keep that much clear of the compartments under and behind them, in. */
const CLEAR_IN = 2;

/** What they take: at the side from the compartments under them, in a tunnel from these and the pump house. */
export const laddersTake = reading(
  'ladders',
  [chosenLadders, ladderWay, bodyPlace],
  ({ mount }, way, body): Taking[] => {
    if (!way || mount.ride === 'top') return [];
    const { x0, x1, y0, y1, z0, z1 } = way.box;
    if (mount.ride === 'tunnel' || mount.ride === 'middle')
      return [
        { from: 'compartments', boxes: [way.box] },
        { from: 'pumpHouse', boxes: [way.box] },
      ];
    return [
      {
        from: 'compartments',
        boxes: [
          boxOf(
            x0 - CLEAR_IN,
            x1 + CLEAR_IN,
            y0,
            Math.max(y1, body.widthIn / 2),
            z0 - CLEAR_IN,
            z1 + CLEAR_IN,
          ),
        ],
      },
    ];
  },
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

/** The ladders in their places, and what carries them. */
export const ladderComponents = reading(
  'ladders',
  [chosenLadders, ladderWay, bodyPlace],
  ({ mount }, way, body): Component[] => {
    if (!way) return [];
    const about = { group: 'Ladders', step: 'ladders' } as const;
    const carrier = mountBox(mount.ride, way, body);
    const lining = mount.ride === 'tunnel' || mount.ride === 'middle';
    const flat = mount.ride === 'top' || mount.ride === 'middle';
    const middle = ({ x0, x1, y0, y1, z0, z1 }: Box) => ({
      xIn: (x0 + x1) / 2,
      yIn: (y0 + y1) / 2,
      zIn: (z0 + z1) / 2,
    });
    return [
      component({
        id: 'ladder-mount',
        name: mount.name,
        ...about,
        weightLb: mount.weightLb,
        priceCents: mount.priceCents,
        made: madeOf(mount.id),
        ...middle(carrier),
        shapes: lining ? [] : [{ kind: 'rack', box: carrier }],
      }),
      ...way.laid.map(({ id, ladder, box }) =>
        component({
          id: `ladders.${id}`,
          name: `${ladder.name} ladder`,
          ...about,
          role: 'ladder',
          weightLb: ladder.weightLb,
          basis: ladder.basis,
          priceCents: ladder.priceCents,
          ...middle(box),
          made: madeOf(ladder.id),
          shapes: [{ kind: 'ladder', flat, box }],
        }),
      ),
    ];
  },
);
