import { boxAt, boxOf, component, madeOf, reading } from '../../kernel/index.js';
import type { Shape } from '../../kernel/index.js';
import { cabPlace } from '../../truck/index.js';
import type { Axles } from '../../truck/index.js';
import { gal } from '../../units/index.js';
import { chosenChassis } from './block.js';
import type { AxleOption, Chassis, Tire } from './parts/index.js';
import { at, onRearAxle, restsOfChassis } from './rests.js';
import { harmedOf } from './road.js';
import { fuelBoxOf, fuelXIn, rails } from './under.js';

interface Chosen {
  chassis: Chassis;
  wheelbaseIn: number;
  frontAxle: AxleOption;
  rearAxle: AxleOption;
}

/** The tires of the front axle: its own, where it has such. */
const frontTireOf = ({ chassis, frontAxle }: Pick<Chosen, 'chassis' | 'frontAxle'>): Tire =>
  frontAxle.tire ?? chassis.frontTire;

/** Distance between the two tires of a dual, center to center, as a multiple of the tire's width. */
const DUAL_SPACING = 1.18;
/** How thick an axle beam is drawn, and how far it hangs below the wheel's middle, in. */
const AXLE_BEAM_IN = 7;
const AXLE_DROP_IN = 1;

/**
 * Place of the wet chassis at another wheelbase: what hangs on the rear axle moves with it, the frame grows
 * halfway between cab and axle, the rest stays where the published curb loads put it (formulas: chassis). Lb, in.
 */
function chassisMass(chosen: Chosen) {
  const { chassis, wheelbaseIn } = chosen;
  const { frontLb, rearLb } = chassis.curb;
  const stays = frontLb + rearLb - chassis.rearAxleLb;
  const grown = (wheelbaseIn - chassis.baseWheelbaseIn) * chassis.lbPerWheelbaseIn;
  const wetLb = stays + chassis.rearAxleLb + grown;
  const wetMoment =
    (rearLb - chassis.rearAxleLb) * chassis.baseWheelbaseIn +
    chassis.rearAxleLb * wheelbaseIn +
    (grown * (chassis.cab.backIn + wheelbaseIn)) / 2;
  const { gallons, lbPerGal, yIn, zIn } = chassis.fuel;
  const publishedXIn = fuelXIn({ ...chosen, wheelbaseIn: chassis.baseWheelbaseIn });
  const fuelLb = gallons * lbPerGal;
  const weightLb = wetLb - fuelLb;
  return {
    fuelLb,
    weightLb,
    xIn: (wetMoment - fuelLb * publishedXIn) / weightLb,
    yIn: (0 - fuelLb * yIn) / weightLb,
    zIn: (wetLb * chassis.cgZIn - fuelLb * zIn) / weightLb,
  };
}

/** How wide the tires at one end of an axle are together, in. */
export const tireSpan = ({ widthIn, dual = false }: { widthIn: number; dual?: boolean }): number =>
  widthIn * (dual ? 1 + DUAL_SPACING : 1);

function wheels(chosen: Chosen): Shape[] {
  const { chassis, wheelbaseIn, rearAxle } = chosen;
  const { rearTire } = chassis;
  const frontTire = frontTireOf(chosen);
  const wheel = (
    x: number,
    y: number,
    tire: { diameterIn: number; widthIn: number },
    dual: boolean,
  ): Shape => ({
    kind: 'wheel',
    dual,
    box: boxAt(x, y, tire.diameterIn / 2, tire.diameterIn, tireSpan({ ...tire, dual }), tire.diameterIn),
  });
  const pair = (x: number, track: number, tire: typeof frontTire, dual: boolean): Shape[] => [
    { kind: 'axle', box: boxAt(x, 0, tire.diameterIn / 2 - AXLE_DROP_IN, AXLE_BEAM_IN, track, AXLE_BEAM_IN) },
    wheel(x, -track / 2, tire, dual),
    wheel(x, track / 2, tire, dual),
  ];
  const rearXs = rearAxle.axles === 2 ? [-rearAxle.spreadIn / 2, rearAxle.spreadIn / 2] : [0];
  return [
    ...pair(0, chassis.frontTrackIn, frontTire, false),
    ...rearXs.flatMap((x) => pair(wheelbaseIn + x, chassis.rearTrackIn, rearTire, rearTire.dual)),
  ];
}

/** The battery between the rails, where the chassis has one. */
const battery = ({ battery: of }: Chassis): Shape[] =>
  of ? [{ kind: 'battery', box: boxAt(of.xIn, 0, of.zIn, of.lengthIn, of.widthIn, of.heightIn) }] : [];

/** Chassis with its cab's shell, axle ratings above the standard, and fuel. */
export const chassisComponents = reading(
  'chassis',
  [chosenChassis, rails, cabPlace],
  (chosen, frame, cabAt) => {
    const { chassis, wheelbaseIn, frontAxle, rearAxle } = chosen;
    const { cab, fuel } = chassis;
    const mass = chassisMass(chosen);
    const cabShape: Shape = {
      kind: 'cab',
      style: cab.style,
      windshieldIn: cab.windshieldIn,
      hoodTopIn: cab.hoodTopIn,
      roofIn: cab.roofIn,
      doors: cab.doors,
      wheelDiameterIn: frontTireOf(chosen).diameterIn,
      trench: cabAt.trench,
      box: boxOf(cab.frontIn, cab.backIn, -cab.widthIn / 2, cab.widthIn / 2, cab.floorIn, cabAt.topIn),
    };
    const about = { group: 'Chassis', step: 'chassis' } as const;
    return [
      component({
        id: 'chassis',
        name: chassis.name,
        ...about,
        weightLb: mass.weightLb,
        basis: chassis.basis,
        xIn: mass.xIn,
        yIn: mass.yIn,
        zIn: mass.zIn,
        priceCents: chassis.priceCents,
        made: madeOf(chassis.id, 1, wheelbaseIn),
        rests: restsOfChassis(chosen, frame, mass),
        harmedAt: harmedOf(chassis, wheelbaseIn),
        shapes: [{ kind: 'frame', box: frame }, ...wheels(chosen), cabShape, ...battery(chassis)],
      }),
      component({
        id: 'front-axle',
        name: frontAxle.name,
        ...about,
        weightLb: frontAxle.weightLb,
        xIn: 0,
        yIn: 0,
        zIn: frontTireOf(chosen).diameterIn / 2,
        priceCents: frontAxle.priceCents,
        rests: [at(0, 1)],
        made: madeOf(frontAxle.id),
      }),
      component({
        id: 'rear-axle',
        name: rearAxle.name,
        ...about,
        weightLb: rearAxle.weightLb,
        xIn: wheelbaseIn,
        yIn: 0,
        zIn: chassis.rearTire.diameterIn / 2,
        priceCents: rearAxle.priceCents,
        rests: onRearAxle(rearAxle, wheelbaseIn, 1),
        made: madeOf(rearAxle.id),
      }),
      component({
        id: 'fuel',
        name: `Fuel, ${gal(fuel.gallons)}`,
        group: 'Fuel',
        step: 'chassis',
        role: 'fuel',
        basis: 'calculated',
        weightLb: mass.fuelLb,
        xIn: fuelXIn(chosen),
        yIn: fuel.yIn,
        zIn: fuel.zIn,
        made: madeOf(chassis.id, 1, fuel.gallons),
        source: 'fuel',
        shapes: [{ kind: 'fuelTank', box: fuelBoxOf(chosen) }],
      }),
    ];
  },
);

const lowest = (axle: AxleOption) => Math.min(...Object.values(axle.ratings));

/** The axles with the ratings that govern them. */
export const axles = reading(
  'chassis',
  [chosenChassis],
  ({ chassis, wheelbaseIn, frontAxle, rearAxle }): Axles => ({
    wheelbaseIn,
    front: { gawrLb: lowest(frontAxle), trackIn: chassis.frontTrackIn },
    rear: {
      gawrLb: lowest(rearAxle),
      trackIn: chassis.rearTrackIn,
      axles: rearAxle.axles,
      spreadIn: rearAxle.spreadIn,
      frontShare: rearAxle.frontShare,
    },
    gvwrLb: Math.min(chassis.maxGvwrLb, frontAxle.ratings.axleLb + rearAxle.ratings.axleLb),
    frontRollShare: chassis.frontRollShare,
  }),
);

/** Rearmost of the rear wheels, in. */
export const wheelsEndIn = reading(
  'chassis',
  [chosenChassis],
  ({ chassis, wheelbaseIn, rearAxle }) =>
    wheelbaseIn + (rearAxle.axles === 2 ? rearAxle.spreadIn / 2 : 0) + chassis.rearTire.diameterIn / 2,
);
