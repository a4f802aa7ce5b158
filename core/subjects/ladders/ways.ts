import { around, boxAt, boxOf } from '../../kernel/index.js';
import type { Box } from '../../kernel/index.js';
import type { BedPlace, BodyPlace, Footing, PumpHouse } from '../../truck/index.js';
import type { Ladder, LadderMount } from './parts.js';

/** A ladder in its place. */
export interface Laid {
  id: string;
  ladder: Ladder;
  box: Box;
}

/** Where ladders ride: the room of the way, what lies in it, and what of its section they need and have, in. */
export interface Way {
  box: Box;
  laid: Laid[];
  /** How long the way is for a ladder, to what stops it; null where nothing does. */
  lengthIn: number;
  stoppedBy: string;
  /** What the ladders need across the way and what there is, where something bounds it. */
  section: { neededIn: number; roomIn: number } | null;
}

/** What a way is worked out from. */
export interface Around {
  body: BodyPlace;
  cabBackIn: number;
  house: PumpHouse | null;
  tank: readonly Box[];
  wheelTopIn: number;
  footing: Footing | null;
  beds: readonly BedPlace[];
}

/** Free behind a ladder's foot, between two ladders, and to the walls of their way, in. */
const FOOT_IN = 1;
const BETWEEN_IN = 1;
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

const thick = ({ nestedHeightIn, nestedWidthIn }: Ladder) => Math.min(nestedHeightIn, nestedWidthIn);
const tall = ({ nestedHeightIn, nestedWidthIn }: Ladder) => Math.max(nestedHeightIn, nestedWidthIn);

type Carried = readonly { id: string; ladder: Ladder }[];

/** What ladders take side by side, in. */
const together = (all: Carried): number =>
  all.reduce((sum, { ladder }) => sum + thick(ladder) + BETWEEN_IN, -BETWEEN_IN);
const tallest = (all: Carried): number => Math.max(...all.map(({ ladder }) => tall(ladder)));

/** Ladders on edge side by side, their feet at one x, from y inwards or outwards. */
function onEdge(
  all: Carried,
  footIn: number,
  fromY: number,
  sign: 1 | -1,
  z: (ladder: Ladder) => number,
): Laid[] {
  let taken = 0;
  return all.map(({ id, ladder }) => {
    const y = fromY + sign * (taken + thick(ladder) / 2);
    taken += thick(ladder) + BETWEEN_IN;
    const x = footIn - ladder.beddedIn / 2;
    return { id, ladder, box: boxAt(x, y, z(ladder), ladder.beddedIn, thick(ladder), tall(ladder)) };
  });
}

/** Ladders in rows, each with those that lie beside each other in it. */
function rowsOf(all: Carried, widthIn: number): Carried[] {
  const rows: { lying: Carried[number][]; takenIn: number }[] = [];
  for (const one of all) {
    const needed = tall(one.ladder);
    const beside = rows.find(({ takenIn }) => takenIn + BETWEEN_IN + needed <= widthIn);
    if (beside) {
      beside.lying.push(one);
      beside.takenIn += BETWEEN_IN + needed;
    } else rows.push({ lying: [one], takenIn: needed });
  }
  return rows.map(({ lying }) => lying);
}

const rowHeight = (lying: Carried): number => Math.max(...lying.map(({ ladder }) => thick(ladder)));

/** What rows of ladders take on top of each other, in. */
const stackHeight = (rows: readonly Carried[]): number =>
  rows.reduce((sum, lying) => sum + rowHeight(lying) + BETWEEN_IN, -BETWEEN_IN);

/** Ladders flat in rows on top of each other from a height, each row about the middle. */
function stacked(rows: readonly Carried[], footIn: number, fromZ: number): Laid[] {
  let z = fromZ;
  return rows.flatMap((lying) => {
    const bottom = z;
    z += rowHeight(lying) + BETWEEN_IN;
    let y = -(lying.reduce((sum, { ladder }) => sum + tall(ladder) + BETWEEN_IN, -BETWEEN_IN) / 2);
    return lying.map(({ id, ladder }) => {
      const middle = y + tall(ladder) / 2;
      y += tall(ladder) + BETWEEN_IN;
      const x = footIn - ladder.beddedIn / 2;
      return {
        id,
        ladder,
        box: boxAt(x, middle, bottom + thick(ladder) / 2, ladder.beddedIn, tall(ladder), thick(ladder)),
      };
    });
  });
}

const within = (box: Box, [y0, y1]: readonly [number, number], [z0, z1]: readonly [number, number]) =>
  box.y0 < y1 && box.y1 > y0 && box.z0 < z1 && box.z1 > z0;

/** On the officer's side, outside: nothing bounds it but the cab. */
function beside(all: Carried, { body, cabBackIn }: Around, ride: 'rack' | 'flat'): Way {
  const middle =
    ride === 'rack'
      ? body.frameIn + RACK_OVER_FRAME_IN
      : body.flatbed
        ? body.topIn + OVER_FLATBED_IN
        : body.frameIn + FLAT_OVER_FRAME_IN;
  const laid = onEdge(all, body.rearEndIn - FOOT_IN, body.widthIn / 2 - WALL_IN, -1, () => middle);
  return {
    box: around(laid.map(({ box }) => box)),
    laid,
    lengthIn: body.rearEndIn - cabBackIn,
    stoppedBy: 'cab',
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
    stoppedBy: 'cab',
    section: null,
  };
}

/**
 * A tunnel from the tail forward, on edge beside the tank and over the wheels: past a pump that leaves room
 * beside it, otherwise to its house.
 */
function tunnel(all: Carried, at: Around): Way {
  const { body, house, cabBackIn } = at;
  const z0 = at.wheelTopIn + TUNNEL_CLEAR_IN;
  const z1 = z0 + tallest(all) + 2 * WALL_IN;
  const width = together(all) + 2 * WALL_IN;
  const { pedestal } = at.footing ?? {};
  const inTheWay = [...at.tank, ...(pedestal && pedestal.x1 > body.frontIn ? [pedestal] : [])];
  const y0 = Math.max(
    body.widthIn / 2 - body.compartmentDepthIn - width,
    ...inTheWay
      .filter((box) => within(box, [0, body.widthIn / 2], [z0, z1]))
      .map((box) => box.y1 + TUNNEL_CLEAR_IN),
  );
  const past = house === null || house.besideIn >= width;
  const front = past ? (house ? cabBackIn : body.frontIn) : Math.max(house.x1, body.frontIn);
  const laid = onEdge(
    all,
    body.endIn - FOOT_IN,
    y0 + WALL_IN,
    1,
    (ladder) => z0 + WALL_IN + tall(ladder) / 2,
  );
  const needed = Math.max(...all.map(({ ladder }) => ladder.beddedIn)) + LADDER_CLEAR_IN;
  return {
    box: boxOf(Math.max(front, body.endIn - needed), body.endIn, y0, y0 + width, z0, z1),
    laid,
    lengthIn: body.endIn - front,
    stoppedBy: !past ? 'pump house' : house ? 'cab' : 'front of the body',
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
  const rows = rowsOf(all, Math.max(tallest(all), (room?.widthIn ?? 0) - 2 * WALL_IN));
  const height = stackHeight(rows) + 2 * WALL_IN;
  const width = Math.max(tallest(all) + 2 * WALL_IN, room?.widthIn ?? 0);
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
    stoppedBy: tank.length > 0 ? 'tank' : house ? 'pump house' : 'front of the body',
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
  const rows = rowsOf(all, Math.max(tallest(all), body.widthIn - 2 * body.compartmentDepthIn));
  const height = stackHeight(rows) + 2 * WALL_IN;
  const half = Math.max(tallest(all), (body.widthIn - 2 * body.compartmentDepthIn) / 2) / 2 + WALL_IN;
  const tank = at.tank.filter((box) => within(box, [-half, half], [top - height, top]));
  const front = Math.max(body.frontIn, ...tank.map(({ x1 }) => x1 + TUNNEL_CLEAR_IN));
  const laid = stacked(rows, body.endIn - FOOT_IN, top - height + WALL_IN);
  return {
    box: around(laid.map(({ box }) => box)),
    laid,
    lengthIn: body.endIn - front,
    stoppedBy: tank.length > 0 ? 'tank' : 'front of the body',
    section: null,
  };
}

/** The way of a ride with the ladders in it. @throws RangeError where no ladder is carried. */
export function wayOf(ride: LadderMount['ride'], all: Carried, at: Around): Way {
  switch (ride) {
    case 'top':
      return onTop(all, at);
    case 'tunnel':
      return tunnel(all, at);
    case 'middle':
      return throughTheMiddle(all, at);
    case 'underBed':
      return underBed(all, at);
    default:
      return beside(all, at, ride);
  }
}
