import { boxAt, component, fromBuild, madeOf, reading } from '../../kernel/index.js';
import type { PlainKind, Point } from '../../kernel/index.js';
import {
  beds,
  bodyPlace,
  cabPlace,
  compartments,
  middleOfCompartments,
  pumpHouse,
  turntable,
} from '../../truck/index.js';
import type { BodyPlace, PumpHouse } from '../../truck/index.js';
import { within } from '../../units/index.js';
import { chosenChassis } from '../chassis/index.js';
import { fittingShelf } from './block.js';
import type { Fitting, FittingPlace } from './parts.js';

/** The fittings that are chosen, each in its line. */
export const chosenFittings = reading(
  'fittings',
  [fromBuild(({ fittings }) => fittings), fittingShelf.stock],
  ({ lines }, stock) => lines.map((line) => ({ line, part: stock.part(line.partId) })),
);

/** What each looks like; an inverter is out of sight. */
const LOOKS: Partial<Record<Fitting['shape'], PlainKind>> = {
  lightBar: 'lightBar',
  mast: 'mast',
  deckMonitor: 'monitor',
  generator: 'generator',
  spareWheel: 'spareWheel',
  airConditioner: 'airConditioner',
};

/**
 * A light bar behind the windshield's foot, or behind a flat front; what else is on the roof ahead of its
 * back, in.
 */
const LIGHT_BAR_IN = { hooded: 22, flatFront: 20 };
const ROOF_AHEAD_OF_BACK_IN = 26;
/** Without a pump house, what would stand on it stands on the front of the body: that long, in. */
const FRONT_OF_BODY_IN = 30;
/** Free ahead of what stands at the front of a body, or of a bed, and behind what stands at the back, in. */
const BEHIND_BODY_FRONT_IN = 4;
const BEHIND_BED_FRONT_IN = 3;
const BEFORE_BODY_END_IN = 2;
/** An inverter hangs in the body that far over the frame; on an open bed a mast lies below the cab's roof; in. */
const INVERTER_OVER_FRAME_IN = 10;
const MAST_BELOW_ROOF_IN = 14;
/** A generator stands at the driver's side; what stands beside the hose bed stands that far inside the body's side, in. */
const GENERATOR_Y_IN = -26;
const INSIDE_BODY_IN = 1;

interface Around {
  cab: {
    style: 'flatFront' | 'hooded';
    frontIn: number;
    backIn: number;
    windshieldIn: number;
    roofIn: number;
  };
  cabTopIn: number;
  body: BodyPlace;
  house: PumpHouse | null;
  /** The highest of the main beds' walls, or the top of the body. */
  bedTopIn: number;
  /** The middle of all compartments by their room, and of the main hose beds; that of the body without any. */
  inCompartmentsIn: Point;
  bedMiddleIn: number;
}

/** Where a fitting usually stands in a place: its middle along and across, and its underside, in. */
function standsAt(
  part: Fitting,
  at: FittingPlace,
  { cab, cabTopIn, body, house, bedTopIn, bedMiddleIn, inCompartmentsIn }: Around,
) {
  const { shape, lengthIn, widthIn, heightIn } = part;
  const yIn = shape === 'generator' && at === 'pumpHouseTop' ? GENERATOR_Y_IN : 0;
  const beside = body.widthIn / 2 - INSIDE_BODY_IN - widthIn / 2;
  switch (at) {
    case 'cabRoof':
      return shape === 'lightBar'
        ? {
            xIn:
              cab.style === 'hooded'
                ? cab.windshieldIn + LIGHT_BAR_IN.hooded
                : cab.frontIn + LIGHT_BAR_IN.flatFront,
            yIn,
            // It stands on the front of the roof, which a raised roof leaves as it is.
            bottomIn: cab.style === 'flatFront' ? Math.min(cab.roofIn, cabTopIn) : cabTopIn,
          }
        : { xIn: cab.backIn - ROOF_AHEAD_OF_BACK_IN, yIn, bottomIn: cabTopIn };
    case 'pumpHouseTop': {
      const top =
        house?.at === 'row' || house?.at === 'crewModule'
          ? house
          : { x0: body.frontIn, x1: body.frontIn + FRONT_OF_BODY_IN, z1: bedTopIn };
      return {
        xIn: shape === 'deckMonitor' ? (top.x0 + top.x1) / 2 : top.x1 - lengthIn / 2,
        yIn,
        bottomIn: top.z1,
      };
    }
    case 'bodyFront':
      return {
        xIn: body.frontIn + lengthIn / 2 + BEHIND_BODY_FRONT_IN,
        yIn,
        bottomIn:
          shape === 'inverter'
            ? body.frameIn + INVERTER_OVER_FRAME_IN
            : body.flatbed
              ? cabTopIn - MAST_BELOW_ROOF_IN
              : bedTopIn,
      };
    case 'bodyRear':
      return { xIn: body.endIn - lengthIn / 2 - BEFORE_BODY_END_IN, yIn, bottomIn: bedTopIn };
    case 'bodyLeft':
    case 'bodyRight':
      return {
        xIn: body.frontIn + lengthIn / 2 + BEHIND_BODY_FRONT_IN,
        yIn: at === 'bodyLeft' ? -beside : beside,
        bottomIn: body.topIn,
      };
    case 'hoseBed':
      return { xIn: bedMiddleIn, yIn, bottomIn: bedTopIn };
    case 'compartments':
      return {
        xIn: inCompartmentsIn.xIn,
        yIn: inCompartmentsIn.yIn,
        bottomIn: inCompartmentsIn.zIn - heightIn / 2,
      };
    case 'bedFront':
      return {
        xIn: body.frontIn + BEHIND_BED_FRONT_IN + lengthIn / 2,
        yIn,
        bottomIn: cabTopIn - heightIn,
      };
  }
}

/** The fittings with where each stands, in. */
export const fittingsPlaced = reading(
  'fittings',
  [chosenFittings, chosenChassis, cabPlace, pumpHouse, bodyPlace, beds, turntable, compartments],
  (all, { chassis: { cab } }, cabAt, house, body, hoseBeds, device, places) => {
    const main = hoseBeds.filter(({ kind }) => kind === 'main');
    const middle = (body.frontIn + body.endIn) / 2;
    const around: Around = {
      cab,
      cabTopIn: cabAt.topIn,
      body,
      house,
      bedTopIn: Math.max(body.topIn, ...main.filter(() => !device).map((bed) => bed.floorIn + bed.depthIn)),
      bedMiddleIn:
        main.length > 0 ? main.reduce((sum, bed) => sum + (bed.x0 + bed.x1) / 2, 0) / main.length : middle,
      inCompartmentsIn: middleOfCompartments(places) ?? { xIn: middle, yIn: 0, zIn: body.deckIn },
    };
    return all.map(({ line, part }) => {
      const at = line.at ?? part.place;
      const usual = standsAt(part, at, around);
      const [xIn, yIn] = [usual.xIn + (line.aftIn ?? 0), line.yIn ?? usual.yIn];
      const zIn = usual.bottomIn + part.heightIn / 2;
      const box = boxAt(xIn, yIn, zIn, part.lengthIn, part.widthIn, part.heightIn);
      return { line, part, at, xIn, yIn, zIn, box };
    });
  },
);

/** What is fixed to the truck, each in its place. */
/** What of the fittings water harms. */
const ELECTRIC: ReadonlySet<string> = new Set(['generator', 'inverter']);

export const fittingComponents = reading('fittings', [fittingsPlaced], (all) =>
  all.map(({ line, part, xIn, yIn, zIn, box }) => {
    const look = LOOKS[part.shape];
    return component({
      id: `fittings.${line.id}`,
      name: part.name,
      group: 'Fittings',
      step: 'fittings',
      weightLb: part.weightLb,
      basis: part.basis,
      priceCents: part.priceCents,
      xIn,
      yIn,
      zIn,
      made: madeOf(part.id),
      ...(part.shape === 'deckMonitor' ? { needs: 'pump' as const } : {}),
      ...(ELECTRIC.has(part.shape)
        ? { harmedAt: [{ what: within(part.name), xIn, yIn, zIn: zIn - part.heightIn / 2 }] }
        : {}),
      shapes: look ? [{ kind: look, box }] : [],
    });
  }),
);
