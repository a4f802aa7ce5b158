import { block, clamped, field, objectIn, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import {
  atLeast,
  boxAt,
  component,
  madeOf,
  fromBuild,
  inSteps,
  limitKind,
  limitOf,
  partOptions,
  provide,
  range,
  reading,
} from '../../kernel/index.js';
import type { ChangeKind, Choice, Subject } from '../../kernel/index.js';
import { cabPlace } from '../../truck/index.js';
import { counted, formatWhole, one, within } from '../../units/index.js';
import { chassisShelf, chosenChassis, offered } from '../chassis/index.js';

export const cabBlock = block({
  id: 'cab',
  title: 'Cab and crew',
  version: 1,
  fields: {
    roofId: field.id(
      'Cab roof',
      (id, build) =>
        chassisShelf
          .in(build)
          .find(build.chassis.partId)
          ?.roofs.find((roof) => roof.id === id)?.name ?? id,
    ),
    /** Seats fitted, driver and officer first. */
    crew: field.count('Seats', 1, 12),
  },
  empty: { roofId: 'flat', crew: 2 },
  fromVersion2: (file) => {
    const { roofId, crew } = objectIn(file, 'chassis');
    return { roofId, crew } as never;
  },
});

declare module '../../build/build.js' {
  interface Blocks {
    cab: BlockOf<typeof cabBlock>;
  }
}

const cabOf = fromBuild(({ cab }) => cab);
const limits = {
  seats: limitKind('Seats', 'seats', 'least', 1, 12),
  seatLb: limitKind('Weight of a person at each seat', 'lb', 'reckon', 100, 500),
};

/** What a person weighs where no profile says, lb. */
const USUAL_SEAT_LB = 250;
/** How a seated person is boxed, in. */
const SEATED_IN = { length: 20, width: 20, height: 40 };
/** A roof's middle lies that share of the cab's length behind its front. */
const ROOF_MIDDLE_SHARE = 0.55;
/** Kept free behind a cab, where the frame flexes: a commercial frame flexes more, in. */
const GAP_IN = { flatFront: 3, hooded: 5 };
/** Driver and officer. */
const FRONT_SEATS = 2;

/** The roof that is chosen. */
export const chosenRoof = reading('cab', [cabOf, chosenChassis], ({ roofId }, { chassis }) => {
  const roof = chassis.roofs.find(({ id }) => id === roofId);
  if (!roof) throw new RangeError(`this build has no roof "${roofId}"`);
  return roof;
});

const place = provide(cabPlace, [chosenChassis, chosenRoof], ({ chassis: { cab } }, roof) => ({
  frontIn: cab.frontIn,
  backIn: cab.backIn,
  topIn: cab.roofIn + roof.raiseIn,
  gapIn: GAP_IN[cab.style],
}));

const components = reading(
  'cab',
  [cabOf, chosenChassis, chosenRoof, limitOf('seatLb')],
  ({ crew }, { chassis: { cab } }, roof, seatLb) => [
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
    ...cab.seats.slice(0, crew).map((seat, i) =>
      component({
        id: `seat.${i + 1}`,
        name: `Crew: ${seat.name.toLowerCase()}`,
        group: 'Crew',
        step: 'cab',
        role: i < FRONT_SEATS ? 'seatFront' : 'seatRear',
        seat: i + 1,
        weightLb: seatLb?.value ?? USUAL_SEAT_LB,
        xIn: seat.xIn,
        yIn: seat.yIn,
        zIn: cab.seatZIn,
        basis: 'estimated',
        made: madeOf('person'),
        shapes: [
          {
            kind: 'seat',
            box: boxAt(seat.xIn, seat.yIn, cab.seatZIn, SEATED_IN.length, SEATED_IN.width, SEATED_IN.height),
          },
        ],
      }),
    ),
  ],
);

const seatsIn = (build: Build) => chassisShelf.in(build).part(build.chassis.partId).cab.seats.length;

function settle(build: Build): Build {
  const { roofs, cab } = chassisShelf.in(build).part(build.chassis.partId);
  const { roofId, crew } = build.cab;
  return settled(build, 'cab', {
    ...build.cab,
    roofId: roofs.some((roof) => roof.id === roofId) ? roofId : roofs[0]!.id,
    crew: clamped({ min: 1, max: cab.seats.length }, crew),
  });
}

function problems(build: Build): Problem[] {
  const { roofs, cab } = chassisShelf.in(build).part(build.chassis.partId);
  const { roofId, crew } = build.cab;
  return [
    ...offered('cab.roofId', roofs, roofId, 'chassis'),
    ...(crew > cab.seats.length
      ? [
          {
            field: 'cab.crew',
            message: `cab.crew must be at most ${cab.seats.length}, the seats of this cab (was ${crew})`,
          },
        ]
      : []),
  ];
}

function choices(build: Build): Choice[] {
  const { roofs } = chassisShelf.in(build).part(build.chassis.partId);
  return [
    {
      kind: 'amount',
      id: 'crew',
      title: 'Seats',
      unit: '',
      min: 1,
      max: seatsIn(build),
      step: 1,
      value: build.cab.crew,
      set: (crew) => withBlock(build, 'cab', { crew }),
    },
    {
      kind: 'pick',
      id: 'roof',
      title: 'Cab roof',
      options: partOptions(
        roofs,
        ({ id }) => id === build.cab.roofId,
        ({ id }) => withBlock(build, 'cab', { roofId: id }),
      ),
    },
  ];
}

const SEATS: ChangeKind = { id: 'seats', title: 'Seats', costs: 'givesUp' };

/** The cab: who rides in it, and under what roof. */
export const cab: Subject = {
  id: 'cab',
  title: 'Cab and crew',
  step: () => true,
  limits,
  block: cabBlock,
  settle,
  problems,
  provides: [place],
  components,
  checks: [
    atLeast(
      'cab',
      'seats',
      'seats',
      limits.seats,
      ['cab'],
      reading('cab', [cabOf], ({ crew }) => crew),
    ),
  ],
  changes: [
    {
      kind: SEATS,
      helps: ['seats'],
      offer: ({ build }) => [
        inSteps(
          SEATS,
          range(build.cab.crew, seatsIn(build), 1).map((crew) => ({
            label: `${formatWhole(crew)} seats instead of ${formatWhole(build.cab.crew)}`,
            edit: (on) => withBlock(on, 'cab', { crew }),
          })),
        ),
      ],
    },
  ],
  choices,
  sentence: (evaluation) =>
    `The cab shall seat ${formatWhole(evaluation.build.cab.crew)} under ${one(evaluation.read(chosenRoof).name)}.`,
  line: (evaluation) =>
    `${counted(evaluation.build.cab.crew, 'seat')}, ${within(evaluation.read(chosenRoof).name)}`,
};
