import { boxAt, boxOf, component, fromBuild, limitOf, madeOf, provide, reading } from '../../kernel/index.js';
import type { AlongBlock, Component } from '../../kernel/index.js';
import { alongFrame, cabPlace, RANK } from '../../truck/index.js';
import { chosenChassis } from '../chassis/index.js';
import { FACING_NAMES, FRONT_SEATS, seatsFitted, seatsOf } from './block.js';

export const cabOf = fromBuild(({ cab }) => cab);

/** What a person weighs where no profile says, lb. */
const USUAL_SEAT_LB = 250;
/** How a seated person is boxed, in. */
const SEATED_IN = { length: 20, width: 20, height: 40 };
/** A roof's middle lies that share of the cab's length behind its front. */
const ROOF_MIDDLE_SHARE = 0.55;
/** Kept free behind a cab, where the frame flexes: a commercial frame flexes more, in. */
const GAP_IN = { flatFront: 3, hooded: 5 };

/** The roof that is chosen. */
export const chosenRoof = reading('cab', [cabOf, chosenChassis], ({ roofId }, { chassis }) => {
  const roof = chassis.roofs.find(({ id }) => id === roofId);
  if (!roof) throw new RangeError(`this build has no roof "${roofId}"`);
  return roof;
});

/** The crew module that is joined to the cab; null where there is none. */
export const chosenModule = reading(
  'cab',
  [cabOf, chosenChassis],
  ({ moduleId }, { chassis }) => chassis.crewModules?.find(({ id }) => id === moduleId) ?? null,
);

export const place = provide(cabPlace, [chosenChassis, chosenRoof], ({ chassis: { cab } }, roof) => ({
  frontIn: cab.frontIn,
  backIn: cab.backIn,
  topIn: cab.roofIn + roof.raiseIn,
  trench: roof.trench
    ? { halfIn: roof.trench.widthIn / 2, floorIn: cab.roofIn + roof.raiseIn - roof.trench.depthIn }
    : null,
  gapIn: GAP_IN[cab.style],
}));

/** A crew module joins the cab, ahead of all that follows. */
export const cabAlong = reading('cab', [chosenModule], (module): AlongBlock[] =>
  module
    ? [
        {
          id: 'crewModule',
          title: 'Crew module',
          rank: RANK.crewModule,
          aheadIn: 0,
          lengthIn: module.lengthIn,
          joinsCab: true,
        },
      ]
    : [],
);

/** Roof, crew module, and who sits in them. */
export const cabComponents = reading(
  'cab',
  [cabOf, chosenChassis, chosenRoof, chosenModule, alongFrame, limitOf('seatLb')],
  (chosen, { chassis }, roof, module, along, seatLb) => {
    const { cab } = chassis;
    const offered = seatsOf(chassis, chosen.moduleId);
    const at = along['crewModule'];
    const half = cab.widthIn / 2;
    const joined: Component[] =
      module && at
        ? [
            component({
              id: 'cab.module',
              name: module.name,
              group: 'Chassis',
              step: 'cab',
              weightLb: module.weightLb,
              priceCents: module.priceCents,
              basis: module.basis,
              xIn: (at.x0 + at.x1) / 2,
              yIn: 0,
              zIn: (cab.floorIn + cab.roofIn) / 2,
              made: madeOf(module.id),
              shapes: [
                { kind: 'crewModule', box: boxOf(at.x0, at.x1, -half, half, cab.floorIn, cab.roofIn) },
              ],
            }),
          ]
        : [];
    return [
      component({
        id: 'roof',
        name: roof.name,
        group: 'Chassis',
        step: 'cab',
        weightLb: roof.weightLb,
        xIn: cab.frontIn + (cab.backIn - cab.frontIn) * ROOF_MIDDLE_SHARE,
        yIn: 0,
        zIn: cab.roofIn + roof.raiseIn / 2,
        priceCents: roof.priceCents,
        made: madeOf(roof.id),
      }),
      ...joined,
      ...seatsFitted(chosen).flatMap(({ seat, facing }, i) => {
        const at = offered[seat - 1];
        // A cab that lacks the seat has nobody on it; the build says so until it is put in order.
        if (!at) return [];
        const { name, xIn, yIn } = at;
        return component({
          id: `seat.${seat}`,
          name: `Crew: ${name.toLowerCase()}${facing === 'rearward' ? `, ${FACING_NAMES[facing]}` : ''}`,
          group: 'Crew',
          step: 'cab',
          role: seat <= FRONT_SEATS ? 'seatFront' : 'seatRear',
          seat: i + 1,
          weightLb: seatLb?.value ?? USUAL_SEAT_LB,
          xIn,
          yIn,
          zIn: cab.seatZIn,
          basis: 'estimated',
          made: madeOf('person'),
          shapes: [
            {
              kind: 'seat',
              box: boxAt(xIn, yIn, cab.seatZIn, SEATED_IN.length, SEATED_IN.width, SEATED_IN.height),
            },
          ],
        });
      }),
    ];
  },
);
