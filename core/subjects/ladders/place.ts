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
import {
  beds,
  bodyPlace,
  cabPlace,
  flySection,
  footing,
  longPieces,
  pumpHouse,
  tankBoxes,
  wheelOpening,
} from '../../truck/index.js';
import { ladderShelf, mountShelf } from './block.js';
import { ladderAsThing } from './lay.js';
import type { Thing } from './lay.js';
import type { LadderMount } from './parts.js';
import { restsIn, wayOf } from './ways.js';
import type { Around, Way } from './ways.js';

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

/** What every way is worked out from. */
const surroundings = reading(
  'ladders',
  [bodyPlace, cabPlace, pumpHouse, tankBoxes, footing, flySection, beds, wheelOpening],
  (body, cab, house, tank, on, fly, hoseBeds, wheels): Around => ({
    body,
    cabBackIn: cab.backIn,
    house,
    tank: tank.map(boxOfTank),
    footing: on,
    fly,
    beds: hoseBeds,
    wheelTopIn: wheels.topIn,
  }),
);

/** What rides in ways, each in which: ladders first, then the pieces, the tallest and thickest first. */
const things = reading(
  'ladders',
  [chosenLadders, longPieces, mountShelf.stock],
  ({ mount, ladders }, pieces, mounts): { thing: Thing; mount: LadderMount }[] => [
    ...ladders.map(({ id, ladder, mount: on }) => ({ thing: ladderAsThing(id, ladder), mount: on })),
    ...[...pieces]
      .sort((a, b) => b.tallIn - a.tallIn || b.thickIn - a.thickIn)
      .flatMap(({ count, wayId, ...piece }) =>
        Array.from({ length: count }, () => ({
          thing: { ...piece, ladder: null },
          mount: wayId === null ? mount : mounts.part(wayId),
        })),
      ),
  ],
);

/** The ways that are ridden in, each with what lies in it: first that of the most ladders. */
export const ladderWays = reading(
  'ladders',
  [chosenLadders, things, surroundings],
  ({ mount }, all, around): MountedWay[] =>
    [mount, ...all.map((one) => one.mount)]
      .filter(({ id }, i, mounts) => mounts.findIndex((other) => other.id === id) === i)
      .flatMap((of): MountedWay[] => {
        const riding = all.filter((one) => one.mount.id === of.id).map(({ thing }) => thing);
        return riding.length === 0 ? [] : [{ ...wayOf(of, riding, around), mount: of }];
      }),
);

/** A piece that takes next to nothing, in. */
const SLENDER: Thing = { id: '', name: '', lengthIn: 1, tallIn: 1, thickIn: 1, ladder: null };

/** A way that a truck of this kind can have, and how long it is for a piece that rides alone in it, in. */
export interface WayRoom {
  mount: LadderMount;
  lengthIn: number;
}

/** Every way that a truck of this kind can have. */
export const wayRooms = reading(
  'ladders',
  [fromBuild(({ type }) => type), mountShelf.stock, surroundings],
  (type, mounts, around): WayRoom[] =>
    mounts.suiting(type).map((mount) => ({ mount, lengthIn: wayOf(mount, [SLENDER], around).lengthIn })),
);

/** Ladders outside the body keep that much clear of the compartments under and behind them, in. */
const CLEAR_IN = 2;

/** Ways that are lined and go through the body: what is in them is gone from what they pass. */
const THROUGH: ReadonlySet<LadderMount['ride']> = new Set(['tunnel', 'middle', 'underBed']);

/** Ways over everything, which take nothing from it. */
const OVER: ReadonlySet<LadderMount['ride']> = new Set(['top', 'trough', 'fly']);

/** What they take: at the side from the compartments under them, in a tunnel from these and the pump house. */
export const laddersTake = reading('ladders', [ladderWays, bodyPlace], (ways, body): Taking[] =>
  ways.flatMap(({ mount, box }): Taking[] => {
    if (OVER.has(mount.ride)) return [];
    if (THROUGH.has(mount.ride))
      return [
        { from: 'compartments', boxes: [box] },
        { from: 'pumpHouse', boxes: [box] },
      ];
    const { x0, x1, y0, y1, z0, z1 } = box;
    const half = body.widthIn / 2;
    const [inner, outer] = mount.side === 'left' ? [Math.min(y0, -half), y1] : [y0, Math.max(y1, half)];
    return [
      {
        from: 'compartments',
        boxes: [boxOf(x0 - CLEAR_IN, x1 + CLEAR_IN, inner, outer, z0 - CLEAR_IN, z1 + CLEAR_IN)],
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

/** What carries them, as a box; a lining is where they lie. */
function mountBox(
  { ride, side }: LadderMount,
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
    case 'flat': {
      const long = Math.min(flat.long, box.x1 - box.x0);
      const x = Math.min(Math.max(middle, box.x0 + long / 2), box.x1 - long / 2);
      const y = side === 'left' ? -half : half;
      return boxAt(x, y, (box.z0 + box.z1) / 2, long, flat.thick, flat.thick);
    }
    case 'top':
      return boxAt(middle, 0, box.z0 - top.under, top.long, top.wide, top.high);
    default:
      return box;
  }
}

/** Ways in which ladders lie flat; and those that are where things lie and no body of their own. */
const LIE_FLAT: ReadonlySet<LadderMount['ride']> = new Set(['top', 'middle', 'underBed']);
const LINED: ReadonlySet<LadderMount['ride']> = new Set([...THROUGH, 'trough', 'fly']);

/** The ladders of one way in their places, and what carries them. */
function ofWay(way: MountedWay, carrierId: string, body: Parameters<typeof mountBox>[2]): Component[] {
  const { mount } = way;
  const about = { group: 'Ladders', step: 'ladders' } as const;
  const carrier = mountBox(mount, way, body);
  const flat = LIE_FLAT.has(mount.ride);
  return [
    component({
      id: carrierId,
      name: mount.name,
      ...about,
      weightLb: mount.weightLb,
      priceCents: mount.priceCents,
      made: madeOf(mount.id),
      ...middleOf(carrier),
      ...restsIn(way, middleOf(carrier).xIn),
      shapes: LINED.has(mount.ride) ? [] : [{ kind: 'rack', box: carrier }],
    }),
    ...way.laid.flatMap(({ id, ladder, box }) =>
      ladder === null
        ? []
        : component({
            id,
            name: `${ladder.name} ladder`,
            ...about,
            role: 'ladder',
            weightLb: ladder.weightLb,
            basis: ladder.basis,
            priceCents: ladder.priceCents,
            ...middleOf(box),
            ...restsIn(way, middleOf(box).xIn),
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
