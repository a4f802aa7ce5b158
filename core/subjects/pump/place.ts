import { boxOf, component, madeOf, provide, reading, takenFromPumpHouse } from '../../kernel/index.js';
import type { AlongBlock, Box, Component, HarmedAt, Shape, Taking } from '../../kernel/index.js';
import { alongFrame, bodyPlace, cabPlace, pumpHouse, pumpPlumbing, RANK } from '../../truck/index.js';
import { CREW_MODULE, pumpAt, chosenPump } from './block.js';
import type { Pump } from './parts.js';

/** Underside of the pump house under the top of the frame, in. */
const HOUSE_UNDER_FRAME_IN = 16;
/** The frame's height for which the center of a housed pump is given, in. */
const USUAL_FRAME_IN = 40;
/** The house's panels stand that far inside the body's sides, in. */
const PANEL_INSIDE_IN = 1;
/** Half the width of a skid pump; free behind the cab, or behind it at the rear of the bed, in. */
const SKID_HALF_IN = 22;
const SKID_BEHIND_CAB_IN = 3.5;
const SKID_SHORT_OF_END_IN = 4;
/** In the body it stands behind a door, that far from the body's end walls, in. */
const IN_BODY_WALL_IN = 1;
/** The deck of a walkway above the frame, as thick, and half as wide; in. */
const WALKWAY_IN = { overFrameIn: 6, thickIn: 4, half: 40 };

/** A housed pump stands in the row behind the cab, its walkway ahead of it; in a crew module it joins the cab. */
export const pumpAlong = reading('pump', [chosenPump, pumpAt], (pump, at): AlongBlock[] => {
  if (!pump || (at !== 'row' && at !== 'crewModule')) return [];
  const inModule = at === 'crewModule';
  const house: AlongBlock = {
    id: 'pump',
    title: inModule ? 'Pump in a crew module' : 'Pump house',
    rank: RANK.pump,
    aheadIn: 0,
    lengthIn: pump.lengthIn + (inModule ? CREW_MODULE.lengthIn : 0),
    moves: true,
    ...(inModule ? { joinsCab: true as const } : {}),
  };
  return pump.walkwayIn && !inModule
    ? [
        {
          id: 'walkway',
          title: 'Walkway',
          rank: RANK.walkway,
          aheadIn: 0,
          lengthIn: pump.walkwayIn,
          moves: true,
        },
        house,
      ]
    : [house];
});

export const housePlace = provide(
  pumpHouse,
  [chosenPump, pumpAt, alongFrame, bodyPlace, cabPlace],
  (pump, at, along, body, cab) => {
    if (!pump) return null;
    const z0 = body.frameIn - HOUSE_UNDER_FRAME_IN;
    const z1 = z0 + pump.heightIn;
    const besideIn = pump.besideIn ?? 0;
    switch (at) {
      case 'row':
        return { ...along['pump']!, z0, z1, at, besideIn };
      case 'crewModule':
        return { ...along['pump']!, z0, z1: cab.topIn, at, besideIn };
      case 'bodyFront': {
        const x0 = body.frontIn + IN_BODY_WALL_IN;
        return { x0, x1: x0 + pump.lengthIn, z0, z1, at, besideIn };
      }
      case 'bodyRear': {
        const x1 = body.endIn - IN_BODY_WALL_IN;
        return { x0: x1 - pump.lengthIn, x1, z0, z1, at, besideIn };
      }
      default:
        return null;
    }
  },
);

/**
 * Where a skid pump stands: at the rear of the bed, or behind the cab where the chassis drives it; null where
 * there is none.
 */
export const skid = reading('pump', [chosenPump, pumpAt, bodyPlace], (pump, at, body) => {
  if (!pump || (at !== 'bedFront' && at !== 'bedRear')) return null;
  const behindCab = at === 'bedFront';
  const x0 = behindCab
    ? body.frontIn + SKID_BEHIND_CAB_IN
    : body.endIn - pump.lengthIn - SKID_SHORT_OF_END_IN;
  return { behindCab, x0, x1: x0 + pump.lengthIn, heightIn: pump.heightIn };
});

/** The pump module, house and panel and all, as a box. */
const pumpBox = reading(
  'pump',
  [chosenPump, pumpHouse, skid, bodyPlace],
  (pump, house, at, body): Box | null => {
    if (!pump) return null;
    if (at) return boxOf(at.x0, at.x1, -SKID_HALF_IN, SKID_HALF_IN, body.deckIn, body.deckIn + pump.heightIn);
    const half = body.widthIn / 2 - PANEL_INSIDE_IN;
    return house && boxOf(house.x0, house.x1, -half, half, house.z0, house.z1);
  },
);

/** What a pump takes from the compartments: all that it fills where it stands in the body. */
export const pumpTakes = reading('pump', [pumpBox], (box): Taking[] =>
  box ? [{ from: 'compartments', boxes: [box] }] : [],
);

/** Above the underside of a house or a skid: breather of the gear case, and the air of an engine of its own, in. */
const BREATHER_UP_IN = 12;
const ENGINE_AIR_UP_IN = 10;

/** What of a pump water harms. */
function harmedOf({ drive }: Pump, { x0, x1, z0 }: Box): HarmedAt[] {
  const [what, up] =
    drive === 'auxiliary'
      ? ['air intake of the pump’s engine', ENGINE_AIR_UP_IN]
      : drive === 'electric'
        ? ['motor of the pump', ENGINE_AIR_UP_IN]
        : ['breather of the pump’s gear case', BREATHER_UP_IN];
  return [{ what: what as string, xIn: (x0 + x1) / 2, yIn: 0, zIn: z0 + (up as number) }];
}

/** The pump module with its house and panel. */
export const pumpComponents = reading(
  'pump',
  [chosenPump, pumpHouse, pumpBox, alongFrame, bodyPlace, takenFromPumpHouse, pumpPlumbing],
  (pump, house, box, along, body, openings, plumbing): Component[] => {
    if (!pump || !box) return [];
    const about = { group: 'Pump', step: 'pump', yIn: 0 } as const;
    const walkway = along['walkway'];
    const shapes: Shape[] =
      house === null
        ? [{ kind: 'skidPump', box }]
        : [
            {
              kind: 'pumpHouse',
              box,
              panel: pump.panel === 'skid' ? 'side' : pump.panel,
              at: house.at,
              slots: openings,
            },
          ];
    const { overFrameIn, thickIn, half } = WALKWAY_IN;
    const topIn = body.frameIn + overFrameIn;
    if (walkway)
      shapes.push({
        kind: 'walkway',
        box: boxOf(walkway.x0, walkway.x1, -half, half, topIn - thickIn, topIn),
      });
    const module = component({
      id: 'pump',
      name: pump.name,
      ...about,
      weightLb: pump.weightLb - plumbing.lessLb,
      priceCents: pump.priceCents - plumbing.lessCents,
      basis: pump.basis,
      made: madeOf(pump.id),
      harmedAt: harmedOf(pump, box),
      xIn: (box.x0 + box.x1) / 2,
      zIn: house ? pump.centerZIn + body.frameIn - USUAL_FRAME_IN : body.deckIn + pump.centerZIn,
      shapes: [...shapes, ...plumbing.shapes],
    });
    if (house?.at !== 'crewModule') return [module];
    return [
      module,
      component({
        id: 'pump.module',
        name: 'Crew module around the pump',
        ...about,
        weightLb: CREW_MODULE.weightLb,
        priceCents: CREW_MODULE.priceCents,
        made: madeOf('crew-module'),
        xIn: (box.x0 + box.x1) / 2,
        zIn: (box.z0 + box.z1) / 2,
      }),
    ];
  },
);
