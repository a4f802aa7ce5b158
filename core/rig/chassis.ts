import type { BuildSpec } from '../spec/index.js';
import { gal } from '../units/index.js';
import { component } from './component.js';
import type { ChosenParts } from './parts.js';
import { boxAt, boxOf } from './shapes.js';
import type { Shape } from './shapes.js';
import type { Component, Layout } from './types.js';

/** Distance between the two tyres of a dual, centre to centre, as a multiple of the tyre's width. */
const DUAL_SPACING = 1.18;

/**
 * Place of the wet chassis at another wheelbase: what hangs on the rear axle moves with it, the frame grows
 * halfway between cab and axle, the rest stays where the published curb loads put it. Weights lb, places in.
 */
function chassisMass(spec: BuildSpec, { chassis }: ChosenParts) {
  const { frontLb, rearLb } = chassis.curb;
  const added = spec.chassis.wheelbaseIn - chassis.baseWheelbaseIn;
  const stays = frontLb + rearLb - chassis.rearAxleLb;
  const grown = added * chassis.lbPerWheelbaseIn;
  const wetLb = stays + chassis.rearAxleLb + grown;
  const wetMoment =
    (rearLb - chassis.rearAxleLb) * chassis.baseWheelbaseIn +
    chassis.rearAxleLb * spec.chassis.wheelbaseIn +
    (grown * (chassis.cab.backIn + spec.chassis.wheelbaseIn)) / 2;
  const { gallons, lbPerGal, xIn, yIn, zIn } = chassis.fuel;
  const fuelLb = gallons * lbPerGal;
  const weightLb = wetLb - fuelLb;
  return {
    fuelLb,
    weightLb,
    xIn: (wetMoment - fuelLb * xIn) / weightLb,
    yIn: (-fuelLb * yIn) / weightLb,
    zIn: (wetLb * chassis.cgZIn - fuelLb * zIn) / weightLb,
  };
}

function wheels(spec: BuildSpec, { chassis, rearAxle }: ChosenParts): { front: Shape[]; rear: Shape[] } {
  const { frontTyre, rearTyre } = chassis;
  const wheel = (x: number, y: number, tyre: { diameterIn: number; widthIn: number }, dual: boolean): Shape => ({
    kind: 'wheel', dual, box: boxAt(x, y, tyre.diameterIn / 2, tyre.diameterIn, tyre.widthIn * (dual ? 1 + DUAL_SPACING : 1), tyre.diameterIn),
  });
  const axle = (x: number, diameter: number, track: number): Shape => ({ kind: 'axle', box: boxAt(x, 0, diameter / 2 - 1, 7, track, 7) });
  const pair = (x: number, track: number, tyre: typeof frontTyre, dual: boolean) => [
    axle(x, tyre.diameterIn, track), wheel(x, -track / 2, tyre, dual), wheel(x, track / 2, tyre, dual),
  ];
  const rearXs = rearAxle.axles === 2 ? [-rearAxle.spreadIn / 2, rearAxle.spreadIn / 2] : [0];
  return {
    front: pair(0, chassis.frontTrackIn, frontTyre, false),
    rear: rearXs.flatMap((x) => pair(spec.chassis.wheelbaseIn + x, chassis.rearTrackIn, rearTyre, rearTyre.dual)),
  };
}

/** Chassis with cab, axle ratings above the standard, roof, fuel and crew. */
export function chassisComponents(spec: BuildSpec, parts: ChosenParts, layout: Layout): Component[] {
  const { chassis, frontAxle, rearAxle, roof, profile } = parts;
  const { cab, frame, fuel } = chassis;
  const mass = chassisMass(spec, parts);
  const { front, rear } = wheels(spec, parts);
  const cabShape: Shape = {
    kind: 'cab', style: cab.style, windscreenIn: cab.windscreenIn, hoodTopIn: cab.hoodTopIn, roofIn: cab.roofIn, doors: cab.doors,
    wheelDiameterIn: chassis.frontTyre.diameterIn,
    box: boxOf(cab.frontIn, cab.backIn, -cab.widthIn / 2, cab.widthIn / 2, cab.floorIn, layout.cabTop),
  };
  const frameShape: Shape = {
    kind: 'frame',
    box: boxOf(-chassis.frontOverhangIn + 8, layout.bodyEnd - 4, -frame.widthIn / 2, frame.widthIn / 2, frame.topIn - frame.depthIn, frame.topIn),
  };
  const seatLb = profile.limits.seatLb?.value ?? 250;
  const about = { group: 'Chassis', step: 'chassis' } as const;

  const seats = cab.seats.slice(0, spec.chassis.crew).map((seat, i) =>
    component({
      id: `crew-${i + 1}`, name: `Crew: ${seat.name.toLowerCase()}`, group: 'Crew', step: 'cab', role: i < 2 ? 'seatFront' : 'seatRear',
      weightLb: seatLb, xIn: seat.xIn, yIn: seat.yIn, zIn: cab.seatZIn, basis: 'estimated',
      shapes: [{ kind: 'seat', box: boxAt(seat.xIn, seat.yIn, cab.seatZIn, 20, 20, 40) }],
    }));

  return [
    component({
      id: 'chassis', name: chassis.name, ...about, weightLb: mass.weightLb, basis: chassis.basis, xIn: mass.xIn, yIn: mass.yIn, zIn: mass.zIn,
      priceCents: chassis.priceCents, shapes: [frameShape, ...front, ...rear, cabShape],
    }),
    component({
      id: 'front-axle', name: frontAxle.name, ...about, weightLb: frontAxle.weightLb, xIn: 0, yIn: 0,
      zIn: chassis.frontTyre.diameterIn / 2, priceCents: frontAxle.priceCents,
    }),
    component({
      id: 'rear-axle', name: rearAxle.name, ...about, weightLb: rearAxle.weightLb, xIn: spec.chassis.wheelbaseIn, yIn: 0,
      zIn: chassis.rearTyre.diameterIn / 2, priceCents: rearAxle.priceCents,
    }),
    component({
      id: 'roof', name: roof.name, group: 'Chassis', step: 'cab', weightLb: roof.weightLb,
      xIn: cab.frontIn + (cab.backIn - cab.frontIn) * 0.55, yIn: 0, zIn: cab.roofIn + roof.raiseIn / 2, priceCents: roof.priceCents,
    }),
    component({
      id: 'fuel', name: `Fuel, ${gal(fuel.gallons)}`, group: 'Fuel', step: 'chassis', role: 'fuel', basis: 'calculated',
      weightLb: mass.fuelLb, xIn: fuel.xIn, yIn: fuel.yIn, zIn: fuel.zIn,
      shapes: [{ kind: 'fuelTank', box: boxAt(fuel.xIn, fuel.yIn, fuel.zIn - 4, 30, 18, 20) }],
    }),
    ...seats,
  ];
}
