import { around, boxOf } from '../../kernel/index.js';
import type { Box, Rest } from '../../kernel/index.js';
import { beddedOn } from '../../truck/index.js';
import type { Bedding, BedPlace, BodyPlace, FlySection, Footing, PumpHouse } from '../../truck/index.js';
import { columnsOf, onEdge, rowsOf, stackHeight, stacked, tallest, together, widest } from './lay.js';
import type { Carried, Laid } from './lay.js';
import type { LadderMount } from './parts.js';

/** Where ladders and long pieces ride: the room that they take, what lies there, and what they need and have, in. */
export interface Way {
  box: Box;
  laid: Laid[];
  /** How long the way is, to what stops it; and from where to where that is. */
  lengthIn: number;
  reach: string;
  /** What they need across the way and what there is, where something bounds it. */
  section: { neededIn: number; roomIn: number } | null;
  /** What bears it where that is not the frame under it. */
  bedding?: Bedding;
}

/** What a way is worked out from. */
export interface Around {
  body: BodyPlace;
  cabBackIn: number;
  house: PumpHouse | null;
  tank: readonly Box[];
  wheelTopIn: number;
  footing: Footing | null;
  fly: FlySection | null;
  beds: readonly BedPlace[];
}

/** Free behind what lies in a way, and to its walls, in. */
export const FOOT_IN = 1;
const WALL_IN = 0.5;
/** Middle of ladders on a rack, and flat at the side, over the frame; over a flatbed's top; over the hose; in. */
const RACK_OVER_FRAME_IN = 40;
const FLAT_OVER_FRAME_IN = 40;
const OVER_FLATBED_IN = 12;
const OVER_HOSE_IN = 3;
/** On top ladders lie beside each other so far across, in. */
const ON_TOP_WIDE_IN = 30;
/** Under the floor of a hose bed, in. */
const UNDER_BED_IN = 3;
/** A tunnel keeps clear of what is beside and under it, in. */
const TUNNEL_CLEAR_IN = 1;
/** A trough's walls and floor, in. */
const TROUGH_IN = 1;
/** The rails of a fly section, each so wide; its rungs lie so high over its underside; in. */
const FLY_RAIL_IN = 2.5;
const RUNGS_UP_IN = 3;

/** Which side of the truck a way is on: +1 the officer's. */
export const sideOf = ({ side }: Pick<LadderMount, 'side'>): 1 | -1 => (side === 'left' ? -1 : 1);

/** A box on the officer's side as it is on that of a way. */
export const mirrored = (box: Box, sign: 1 | -1): Box =>
  sign === 1 ? box : { ...box, y0: -box.y1, y1: -box.y0 };

const within = (box: Box, [y0, y1]: readonly [number, number], [z0, z1]: readonly [number, number]) =>
  box.y0 < y1 && box.y1 > y0 && box.z0 < z1 && box.z1 > z0;

/** What lies in a way, laid as on the officer's side, on the side that it is on. */
const onSide = (laid: Laid[], sign: 1 | -1): Laid[] =>
  laid.map((one) => ({ ...one, box: mirrored(one.box, sign) }));

/** At one side, outside: nothing bounds it but the cab. */
function beside(all: Carried, { body, cabBackIn }: Around, ride: 'rack' | 'flat', sign: 1 | -1): Way {
  const columns = columnsOf(all);
  // No higher than the top of a body: troughs and tubes stand on it.
  const middle = body.flatbed
    ? body.topIn + OVER_FLATBED_IN
    : Math.min(
        body.frameIn + (ride === 'rack' ? RACK_OVER_FRAME_IN : FLAT_OVER_FRAME_IN),
        body.topIn - tallest(columns) / 2,
      );
  const fromZ = (heightIn: number) => middle - heightIn / 2;
  const laid = onEdge(columns, body.rearEndIn - FOOT_IN, body.widthIn / 2 - WALL_IN, -1, fromZ);
  return {
    box: mirrored(around(laid.map(({ box }) => box)), sign),
    laid: onSide(laid, sign),
    lengthIn: body.rearEndIn - cabBackIn,
    reach: 'from the tail to the cab',
    section: null,
  };
}

/** On top of everything, flat. */
function onTop(all: Carried, { body, beds, cabBackIn }: Around): Way {
  const over = Math.max(body.topIn, ...beds.map((bed) => bed.floorIn + bed.depthIn));
  const laid = stacked(rowsOf(all, ON_TOP_WIDE_IN), body.rearEndIn - FOOT_IN, over + OVER_HOSE_IN);
  return {
    box: around(laid.map(({ box }) => box)),
    laid,
    lengthIn: body.rearEndIn - cabBackIn,
    reach: 'from the tail to the cab',
    section: null,
  };
}

/**
 * A tunnel from the tail forward, on edge beside the tank and over the wheels: past a pump that leaves room
 * beside it, otherwise to its house.
 */
function tunnel(all: Carried, at: Around, sign: 1 | -1): Way {
  const { body, house, cabBackIn } = at;
  const columns = columnsOf(all);
  const z0 = at.wheelTopIn + TUNNEL_CLEAR_IN;
  const z1 = z0 + tallest(columns) + 2 * WALL_IN;
  const width = together(columns) + 2 * WALL_IN;
  const { pedestal } = at.footing ?? {};
  const inTheWay = [...at.tank, ...(pedestal && pedestal.x1 > body.frontIn ? [pedestal] : [])];
  const y0 = Math.max(
    body.widthIn / 2 - body.compartmentDepthIn - width,
    ...inTheWay
      .map((box) => mirrored(box, sign))
      .filter((box) => within(box, [0, body.widthIn / 2], [z0, z1]))
      .map((box) => box.y1 + TUNNEL_CLEAR_IN),
  );
  const past = house === null || house.besideIn >= width;
  const front = past ? (house ? cabBackIn : body.frontIn) : Math.max(house.x1, body.frontIn);
  const laid = onEdge(columns, body.endIn - FOOT_IN, y0 + WALL_IN, 1, () => z0 + WALL_IN);
  const needed = Math.max(...all.map(({ lengthIn }) => lengthIn)) + LADDER_CLEAR_IN;
  const box = boxOf(Math.max(front, body.endIn - needed), body.endIn, y0, y0 + width, z0, z1);
  return {
    box: mirrored(box, sign),
    laid: onSide(laid, sign),
    lengthIn: body.endIn - front,
    reach: `from the tail to the ${!past ? 'pump house' : house ? 'cab' : 'front of the body'}`,
    section: { neededIn: y0 + width, roomIn: body.widthIn / 2 },
  };
}

/** Frame and hinges that a ladder needs beyond its bedded length, in (formulas: ladders). */
export const LADDER_CLEAR_IN = 4;

/** Through the middle of the body under a turntable, flat on top of each other, to what stands on the frame. */
function throughTheMiddle(all: Carried, at: Around): Way {
  const { body, house, footing } = at;
  const z0 = (footing?.torqueBox.z1 ?? body.deckIn) + TUNNEL_CLEAR_IN;
  // A pedestal ahead of the body stops them; one within it lets them through as far as it has a way.
  const ahead = footing && footing.pedestal.x1 <= body.frontIn ? footing.pedestal.x1 : null;
  const room = footing && ahead === null ? (footing.through ?? { widthIn: 0, heightIn: 0 }) : null;
  const rows = rowsOf(all, Math.max(widest(all), (room?.widthIn ?? 0) - 2 * WALL_IN));
  const height = stackHeight(rows) + 2 * WALL_IN;
  const width = Math.max(widest(all) + 2 * WALL_IN, room?.widthIn ?? 0);
  const tank = at.tank.filter((box) => within(box, [-width / 2, width / 2], [z0, z0 + height]));
  const front = Math.max(
    ahead ?? 0,
    house?.x1 ?? body.frontIn,
    ...tank.map(({ x1 }) => x1 + TUNNEL_CLEAR_IN),
  );
  const laid = stacked(rows, body.endIn - FOOT_IN, z0 + WALL_IN);
  const tooWide = room !== null && width - room.widthIn > height - room.heightIn;
  return {
    box: boxOf(front, body.endIn, -width / 2, width / 2, z0, z0 + height),
    laid,
    lengthIn: body.endIn - front,
    reach: `from the tail to the ${tank.length > 0 ? 'tank' : house ? 'pump house' : 'front of the body'}`,
    section: room && {
      neededIn: tooWide ? width : height,
      roomIn: tooWide ? room.widthIn : room.heightIn,
    },
  };
}

/** Flat under the floor of the hose bed, from the tail forward to the tank. */
function underBed(all: Carried, at: Around): Way {
  const { body } = at;
  const floors = at.beds.filter(({ kind }) => kind === 'main').map(({ floorIn }) => floorIn);
  const top = (floors.length > 0 ? Math.min(...floors) : body.topIn) - UNDER_BED_IN;
  const between = body.widthIn - 2 * body.compartmentDepthIn;
  const rows = rowsOf(all, Math.max(widest(all), between));
  const height = stackHeight(rows) + 2 * WALL_IN;
  const half = Math.max(widest(all), between / 2) / 2 + WALL_IN;
  const tank = at.tank.filter((box) => within(box, [-half, half], [top - height, top]));
  const front = Math.max(body.frontIn, ...tank.map(({ x1 }) => x1 + TUNNEL_CLEAR_IN));
  const laid = stacked(rows, body.endIn - FOOT_IN, top - height + WALL_IN);
  return {
    box: around(laid.map(({ box }) => box)),
    laid,
    lengthIn: body.endIn - front,
    reach: `from the tail to the ${tank.length > 0 ? 'tank' : 'front of the body'}`,
    section: null,
  };
}

/** A trough or tubes on top of the compartments of one side, beside the hose bed, to what stands higher. */
function trough(all: Carried, at: Around, sign: 1 | -1): Way {
  const { body, house, beds, cabBackIn } = at;
  const half = body.widthIn / 2;
  const z0 = body.topIn;
  const columns = columnsOf(all);
  const z1 = z0 + TROUGH_IN + tallest(columns);
  const laid = onEdge(columns, body.endIn - FOOT_IN, half - TROUGH_IN, -1, () => z0 + TROUGH_IN);
  const stopped = house !== null && house.z1 > z0 && house.at !== 'bodyRear';
  const bedsBeside = beds
    .filter(({ runs, floorIn, depthIn }) => runs === 'along' && floorIn < z1 && floorIn + depthIn > z0)
    .map(({ yCenter, widthIn }) => sign * yCenter + widthIn / 2);
  const neededIn = together(columns) + 2 * TROUGH_IN;
  const lying = around(laid.map(({ box }) => box));
  return {
    box: mirrored(boxOf(lying.x0, lying.x1, half - neededIn, half, z0, z1), sign),
    laid: onSide(laid, sign),
    lengthIn: body.endIn - (stopped ? house.x1 : cabBackIn),
    reach: `from the tail to the ${stopped ? 'pump house' : 'cab'}`,
    section: bedsBeside.length > 0 ? { neededIn, roomIn: half - Math.max(...bedsBeside) } : null,
  };
}

/** On the rungs of a bedded device's fly section, between its rails; nowhere on a truck that has no device. */
function onFly(all: Carried, at: Around): Way {
  const { fly } = at;
  if (!fly) return { ...onTop(all, at), lengthIn: 0, reach: 'without a device to carry them' };
  const columns = columnsOf(all);
  const neededIn = together(columns);
  const roomIn = 2 * (fly.halfIn - FLY_RAIL_IN);
  const laid = onEdge(columns, fly.x1 - FOOT_IN, -neededIn / 2, 1, () => fly.floorIn + RUNGS_UP_IN);
  return {
    box: around(laid.map(({ box }) => box)),
    laid,
    lengthIn: fly.x1 - fly.x0,
    reach: 'along the fly section',
    section: { neededIn, roomIn },
    bedding: fly.bedding,
  };
}

/** How a weight in a way rests, where that is not on the frame under it. */
export const restsIn = ({ bedding }: Pick<Way, 'bedding'>, xIn: number): { rests?: Rest[] } =>
  bedding ? { rests: beddedOn(bedding, xIn) } : {};

/** A way with what rides in it. @throws RangeError where nothing does. */
export function wayOf(mount: Pick<LadderMount, 'ride' | 'side'>, all: Carried, at: Around): Way {
  if (all.length === 0) throw new RangeError('a way is worked out for what rides in it: nothing does');
  switch (mount.ride) {
    case 'top':
      return onTop(all, at);
    case 'tunnel':
      return tunnel(all, at, sideOf(mount));
    case 'middle':
      return throughTheMiddle(all, at);
    case 'underBed':
      return underBed(all, at);
    case 'trough':
      return trough(all, at, sideOf(mount));
    case 'fly':
      return onFly(all, at);
    default:
      return beside(all, at, mount.ride, sideOf(mount));
  }
}
