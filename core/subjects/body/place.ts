import { around, boxOf, component, grown, madeOf, provide, reading } from '../../kernel/index.js';
import type { AlongBlock, Box, Component, Shape } from '../../kernel/index.js';
import {
  alongFrame,
  beds,
  bodyPlace,
  cabPlace,
  compartments,
  massOf,
  RANK,
  sum,
  wheelOpening,
} from '../../truck/index.js';
import type { BedPlace, BodyPlace, Compartment, Item, WheelOpening } from '../../truck/index.js';
import { inches } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { bodyOf, chosenBody } from './block.js';
import { asMade, doorsOf, sheets } from './compartments.js';
import type { BodyFamily, DoorStyle } from './parts.js';

/** Free between what stands ahead and the body, in. */
const AHEAD_IN = 1;
/** A tailboard behind a full body: how long, how far inside the sides, underside and top, in. */
const TAILBOARD_IN = { length: 12, inside: 2, underFrame: 18, thick: 3 };
/** A flatbed's deck over the frame on its sills, and its plate; it weighs that far above its deck's top, in. */
const DECK_OVER_FRAME_IN = 7;
const PLATE_IN = 2;
const FLATBED_WEIGHT_UP_IN = 4;
/** The bulkhead of a flatbed behind the cab: as thick, that far inside the sides, over the cab's roof, in. */
const BULKHEAD_IN = { thick: 3, inside: 6, overCab: 2 };
/** The body's skirt below the compartments' floor, in. */
const SKIRT_IN = 2;
const BED_WALL_IN = 1;

export const bodyAlong = reading('body', [bodyOf], ({ lengthIn }): AlongBlock[] => [
  { id: 'body', title: 'Body', rank: RANK.body, aheadIn: AHEAD_IN, lengthIn, moves: true },
]);

export const place = provide(
  bodyPlace,
  [chosenBody, alongFrame, chosenChassis],
  ({ body }, along, { chassis }) => {
    const { x0: frontIn, x1: endIn } = along['body']!;
    const flatbed = body.style === 'flatbed';
    const frameIn = chassis.frame.topIn;
    const deckIn = frameIn + (flatbed ? DECK_OVER_FRAME_IN : 0);
    return {
      frontIn,
      endIn,
      flatbed,
      tailboardIn: flatbed ? null : frameIn - TAILBOARD_IN.underFrame + TAILBOARD_IN.thick,
      rearEndIn: flatbed ? endIn : endIn + TAILBOARD_IN.length,
      widthIn: body.widthIn,
      topIn: body.topIn,
      compartmentDepthIn: body.compartmentDepthIn,
      frameIn,
      deckIn,
      plateIn: flatbed ? deckIn - PLATE_IN : deckIn,
    };
  },
);

/** The doors of a compartment as they are seen: one, or one on each side of what goes through the body. */
function doorsOn(
  { name, side, through, inCab, room, x0, x1, y0, y1, z0, z1 }: Compartment,
  style: DoorStyle['style'],
): Shape[] {
  const door = (of: Compartment['side']): Shape => ({
    kind: 'compartment',
    label: name,
    side: of,
    doors: style,
    ...(inCab ? { inCab } : {}),
    box: boxOf(x0, x1, y0, y1, z0, z1),
    room,
  });
  return through ? [door('left'), door('right')] : [door(side)];
}

/** Walls of the hose bed above the body. */
function bedWalls(at: BodyPlace, all: readonly BedPlace[]): Shape[] {
  const main = all.filter((bed) => bed.kind === 'main');
  if (main.length === 0) return [];
  const walled = ({ x0, x1, yCenter, widthIn, floorIn, depthIn }: BedPlace): Box => {
    const half = widthIn / 2 + BED_WALL_IN;
    return boxOf(
      Math.max(at.frontIn, x0 - BED_WALL_IN),
      x1 + BED_WALL_IN,
      yCenter - half,
      yCenter + half,
      floorIn,
      floorIn + depthIn,
    );
  };
  // Beds that share their walls are one.
  const troughs = main.map(walled).reduce<Box[]>((made, box) => {
    const next = made.findIndex((other) => grown(other, BED_WALL_IN / 2).y1 >= box.y0 && other.y0 <= box.y1);
    return next < 0 ? [...made, box] : made.map((other, i) => (i === next ? around([other, box]) : other));
  }, []);
  return troughs.map((box) => ({ kind: 'bed', box }));
}

function shell(
  body: BodyFamily,
  at: BodyPlace,
  cabTopIn: number,
  cut: WheelOpening,
  all: readonly BedPlace[],
): Shape[] {
  const half = body.widthIn / 2;
  if (at.flatbed) {
    return [
      {
        kind: 'flatbed',
        plateIn: at.plateIn,
        // Tires that spring up higher than the deck have wells in it.
        wells: cut.topIn > at.plateIn ? cut : null,
        box: boxOf(at.frontIn, at.endIn, -half, half, at.frameIn, at.deckIn),
      },
      {
        kind: 'bulkhead',
        box: boxOf(
          at.frontIn,
          at.frontIn + BULKHEAD_IN.thick,
          -half + BULKHEAD_IN.inside,
          half - BULKHEAD_IN.inside,
          at.deckIn,
          cabTopIn + BULKHEAD_IN.overCab,
        ),
      },
    ];
  }
  return [
    {
      kind: 'body',
      wheelCut: cut,
      box: boxOf(at.frontIn, at.endIn, -half, half, body.floorIn - SKIRT_IN, at.topIn),
    },
    {
      kind: 'tailboard',
      box: boxOf(
        at.endIn,
        at.rearEndIn,
        -half + TAILBOARD_IN.inside,
        half - TAILBOARD_IN.inside,
        at.tailboardIn! - TAILBOARD_IN.thick,
        at.tailboardIn!,
      ),
    },
    ...bedWalls(at, all),
  ];
}

type Priced = Item & { priceCents: number };

/** A body with what its list of compartments adds and takes off: weight, place and price. */
function together(body: Priced, changed: readonly Priced[]): Priced {
  const all = [body, ...changed];
  const { w, wx, wy, wz } = sum(all.map(massOf));
  return {
    weightLb: w,
    xIn: wx / w,
    yIn: wy / w,
    zIn: wz / w,
    priceCents: all.reduce((cents, { priceCents }) => cents + priceCents, 0),
  };
}

/** How many doors there are of each style, that of the body first; a hatch has a lid, which is in its sheet. */
function countedDoors(
  all: readonly Compartment[],
  of: Readonly<Record<string, DoorStyle>>,
  usual: DoorStyle,
): { style: DoorStyle; count: number }[] {
  const counts = new Map([[usual, 0]]);
  for (const { id, side, through } of all) {
    if (side === 'top') continue;
    const style = of[id] ?? usual;
    const known = [...counts.keys()].find((other) => other.id === style.id) ?? style;
    counts.set(known, (counts.get(known) ?? 0) + (through ? 2 : 1));
  }
  return [...counts].map(([style, count]) => ({ style, count }));
}

/** The body with its compartments and doors; for a brush truck the flatbed with its boxes. */
export const bodyComponents = reading(
  'body',
  [bodyOf, chosenBody, bodyPlace, cabPlace, wheelOpening, compartments, beds, doorsOf, asMade, sheets],
  ({ lengthIn }, { body, doors }, at, cab, cut, all, hoseBeds, styles, made, changed): Component[] => {
    const middle = { xIn: (at.frontIn + at.endIn) / 2, yIn: 0 };
    const halfway = (body.floorIn + at.topIn) / 2;
    const family = { ...middle, zIn: at.flatbed ? at.deckIn + FLATBED_WEIGHT_UP_IN : halfway };
    return [
      component({
        id: 'body',
        name: `${body.name}, ${inches(lengthIn)}`,
        group: 'Body',
        step: 'body',
        ...(changed.length === 0 ? { ...family, ...made } : together({ ...family, ...made }, changed)),
        basis: body.basis ?? 'calculated',
        made: madeOf(body.id, 1, lengthIn),
        shapes: [
          ...shell(body, at, cab.topIn, cut, hoseBeds),
          ...all.flatMap((compartment) => doorsOn(compartment, (styles[compartment.id] ?? doors).style)),
        ],
      }),
      ...countedDoors(all, styles, doors).map(({ style, count }, i) =>
        component({
          id: i === 0 ? 'doors' : `doors.${style.id}`,
          name: style.name,
          group: 'Body',
          step: 'body',
          ...middle,
          zIn: halfway,
          weightLb: style.weightLb * count,
          basis: style.basis,
          priceCents: style.priceCents * count,
          made: madeOf(style.id, count),
        }),
      ),
    ];
  },
);
