import { boxOf, component, madeOf, provide, reading } from '../../kernel/index.js';
import type { AlongFrame, Component, Shape } from '../../kernel/index.js';
import { alongFrame, beds, bodyPlace, cabPlace, compartments } from '../../truck/index.js';
import type { BedPlace, BodyPlace, Compartment } from '../../truck/index.js';
import { inches } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { bodyOf, chosenBody } from './block.js';
import { wheelCutOf } from './compartments.js';
import type { BodyFamily, DoorStyle } from './parts.js';

/** Free between what stands ahead and the body, in. */
const AHEAD_IN = 1;
/** A tailboard behind a full body: how long, how far inside the sides, underside and top, in. */
const TAILBOARD_IN = { length: 12, inside: 2, bottom: 22, top: 25 };
/** A flatbed's deck over the frame; it weighs that far above its deck's top, in. */
const DECK_OVER_FRAME_IN = 5;
const FLATBED_WEIGHT_UP_IN = 4;
/** The bulkhead of a flatbed behind the cab: as thick, that far inside the sides, over the cab's roof, in. */
const BULKHEAD_IN = { thick: 3, inside: 6, overCab: 2 };
/** The body's skirt below the compartments' floor, in. */
const SKIRT_IN = 2;
/** A door at the back leaves the side compartments and their walls, in. */
const REAR_DOOR_INSET_IN = 27 + 2;
const BED_WALL_IN = 1;

export const bodyAlong = reading('body', [bodyOf], ({ lengthIn }): AlongFrame => ({
  owner: 'body',
  order: 3,
  aheadIn: AHEAD_IN,
  lengthIn,
}));

export const place = provide(
  bodyPlace,
  [chosenBody, alongFrame, chosenChassis],
  ({ body }, along, { chassis }) => {
    const { x0: frontIn, x1: endIn } = along['body']!;
    const flatbed = body.style === 'flatbed';
    return {
      frontIn,
      endIn,
      flatbed,
      rearEndIn: flatbed ? endIn : endIn + TAILBOARD_IN.length,
      widthIn: body.widthIn,
      topIn: body.topIn,
      compartmentDepthIn: body.compartmentDepthIn,
      deckIn: chassis.frame.topIn + (flatbed ? DECK_OVER_FRAME_IN : 0),
    };
  },
);

function doorOf(compartment: Compartment, at: BodyPlace, doors: DoorStyle): Shape {
  const half = at.widthIn / 2;
  const { x0, x1, z0, z1, side } = compartment;
  const depth = Math.max(compartment.lowerDepthIn, compartment.upperDepthIn);
  const inner = half - REAR_DOOR_INSET_IN;
  const box = {
    left: boxOf(x0, x1, -half, -half + depth, z0, z1),
    right: boxOf(x0, x1, half - depth, half, z0, z1),
    rear: boxOf(x0, x1, -inner, inner, z0, z1),
  }[side];
  return { kind: 'compartment', label: compartment.id, side, doors: doors.style, box };
}

/** Walls of the hose bed above the body. */
function bedWalls(at: BodyPlace, all: readonly BedPlace[]): Shape[] {
  const main = all.filter((bed) => bed.kind === 'main');
  if (main.length === 0) return [];
  const y = Math.max(...main.map((bed) => Math.abs(bed.yCenter) + bed.widthIn / 2)) + BED_WALL_IN;
  const top = Math.max(...main.map((bed) => bed.floorIn + bed.depthIn));
  const floor = Math.min(...main.map((bed) => bed.floorIn));
  return [{ kind: 'bed', box: boxOf(at.frontIn, main[0]!.x1 + BED_WALL_IN, -y, y, floor, top) }];
}

function shell(
  body: BodyFamily,
  at: BodyPlace,
  cabTopIn: number,
  wheelCut: ReturnType<typeof wheelCutOf>,
  all: readonly BedPlace[],
): Shape[] {
  const half = body.widthIn / 2;
  if (at.flatbed) {
    return [
      {
        kind: 'flatbed',
        box: boxOf(at.frontIn, at.endIn, -half, half, at.deckIn - DECK_OVER_FRAME_IN, at.deckIn),
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
      wheelCut,
      box: boxOf(at.frontIn, at.endIn, -half, half, body.floorIn - SKIRT_IN, body.topIn),
    },
    {
      kind: 'tailboard',
      box: boxOf(
        at.endIn,
        at.rearEndIn,
        -half + TAILBOARD_IN.inside,
        half - TAILBOARD_IN.inside,
        TAILBOARD_IN.bottom,
        TAILBOARD_IN.top,
      ),
    },
    ...bedWalls(at, all),
  ];
}

/** The body with its compartments and doors; for a brush truck the flatbed with its boxes. */
export const bodyComponents = reading(
  'body',
  [bodyOf, chosenBody, bodyPlace, cabPlace, chosenChassis, compartments, beds],
  ({ lengthIn }, { body, doors }, at, cab, chosen, all, hoseBeds): Component[] => {
    const middle = { xIn: (at.frontIn + at.endIn) / 2, yIn: 0 };
    const halfway = (body.floorIn + body.topIn) / 2;
    return [
      component({
        id: 'body',
        name: `${body.name}, ${inches(lengthIn)}`,
        group: 'Body',
        step: 'body',
        ...middle,
        zIn: at.flatbed ? at.deckIn + FLATBED_WEIGHT_UP_IN : halfway,
        weightLb: lengthIn * body.lbPerIn,
        priceCents: Math.round(lengthIn * body.priceCentsPerIn),
        basis: body.basis ?? 'calculated',
        made: madeOf(body.id, 1, lengthIn),
        shapes: [
          ...shell(body, at, cab.topIn, wheelCutOf(chosen), hoseBeds),
          ...all.map((compartment) => doorOf(compartment, at, doors)),
        ],
      }),
      component({
        id: 'doors',
        name: doors.name,
        group: 'Body',
        step: 'body',
        ...middle,
        zIn: halfway,
        weightLb: doors.weightLb * all.length,
        priceCents: doors.priceCents * all.length,
        made: madeOf(doors.id, all.length),
      }),
    ];
  },
);
