import { block, clamped, field, objectIn, settled } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { fromBuild, reading } from '../../kernel/index.js';
import type { AxleOption } from './parts/index.js';
import { chassisShelf } from './shelf.js';

const axleName =
  (end: 'frontAxles' | 'rearAxles') =>
  (id: string, build: Build): string =>
    chassisShelf
      .in(build)
      .find(build.chassis.partId)
      ?.[end].find((axle) => axle.id === id)?.name ?? id;

export const chassisBlock = block({
  id: 'chassis',
  title: 'Chassis',
  version: 1,
  fields: {
    partId: field.part('Chassis', 'chassis'),
    /** Front axle to the rear axle, or to the middle of a tandem. */
    wheelbaseIn: field.amount('Wheelbase', 'in', { min: 60, max: 400 }),
    frontAxleId: field.id('Front axle', axleName('frontAxles')),
    rearAxleId: field.id('Rear axle', axleName('rearAxles')),
  },
  empty: { partId: 'custom-medium', wheelbaseIn: 190, frontAxleId: 'front-20000', rearAxleId: 'rear-27000' },
  fromVersion2: (file) => {
    const { crew: _cab, roofId: _too, ...own } = objectIn(file, 'chassis');
    return own as never;
  },
});

declare module '../../build/build.js' {
  interface Blocks {
    chassis: BlockOf<typeof chassisBlock>;
  }
}

/** The axle of that id where it is on offer; otherwise the lightest that is rated no lower, or the strongest. */
const keepRating = (options: AxleOption[], id: string, ratedLb: number): AxleOption =>
  options.find((o) => o.id === id) ??
  options.find((o) => o.ratings.axleLb >= ratedLb) ??
  options[options.length - 1]!;

/** Another chassis. */
export const withChassis = (build: Build, partId: string): Build => ({
  ...build,
  chassis: { ...build.chassis, partId },
});

/** What an axle is rated, on whichever chassis it is offered; lb. */
function ratedOf(build: Build, which: 'frontAxles' | 'rearAxles', id: string): number {
  for (const chassis of chassisShelf.in(build).all()) {
    const axle = chassis[which].find((option) => option.id === id);
    if (axle) return axle.ratings.axleLb;
  }
  return Infinity;
}

/** Wheelbase and axles that the chassis offers, the axles rated no lower than those that were chosen, where it has such. */
export function settleChassis(build: Build): Build {
  const { wheelbase, frontAxles, rearAxles } = chassisShelf.in(build).part(build.chassis.partId);
  const { minIn, maxIn, stepIn } = wheelbase;
  const onStep = minIn + Math.round((build.chassis.wheelbaseIn - minIn) / stepIn) * stepIn;
  const { frontAxleId, rearAxleId } = build.chassis;
  return settled(build, 'chassis', {
    ...build.chassis,
    wheelbaseIn: clamped({ min: minIn, max: maxIn }, onStep),
    frontAxleId: keepRating(frontAxles, frontAxleId, ratedOf(build, 'frontAxles', frontAxleId)).id,
    rearAxleId: keepRating(rearAxles, rearAxleId, ratedOf(build, 'rearAxles', rearAxleId)).id,
  });
}

/** A choice that must be one of those on offer. */
export const offered = (
  at: string,
  options: readonly { id: string }[],
  id: string,
  who: string,
): Problem[] =>
  options.some((option) => option.id === id)
    ? []
    : [
        {
          field: at,
          message: `${at} must be one that this ${who} offers: ${options.map((option) => option.id).join(', ')} (was "${id}")`,
        },
      ];

/** What of the chassis does not go together. */
export function chassisProblems(build: Build): Problem[] {
  const {
    wheelbase: { minIn, maxIn },
    frontAxles,
    rearAxles,
  } = chassisShelf.in(build).part(build.chassis.partId);
  const { wheelbaseIn, frontAxleId, rearAxleId } = build.chassis;
  return [
    ...(wheelbaseIn < minIn || wheelbaseIn > maxIn
      ? [
          {
            field: 'chassis.wheelbaseIn',
            message: `chassis.wheelbaseIn must be from ${minIn} to ${maxIn} in on this chassis (was ${wheelbaseIn})`,
          },
        ]
      : []),
    ...offered('chassis.frontAxleId', frontAxles, frontAxleId, 'chassis'),
    ...offered('chassis.rearAxleId', rearAxles, rearAxleId, 'chassis'),
  ];
}

const among = (options: AxleOption[], id: string, what: string): AxleOption => {
  const found = options.find((option) => option.id === id);
  if (!found) throw new RangeError(`this build has no ${what} "${id}"`);
  return found;
};

/** The chassis that is chosen, with its axles. */
export const chosenChassis = reading(
  'chassis',
  [fromBuild(({ chassis }) => chassis), chassisShelf.stock],
  ({ partId, wheelbaseIn, frontAxleId, rearAxleId }, stock) => {
    const chassis = stock.part(partId);
    return {
      chassis,
      wheelbaseIn,
      frontAxle: among(chassis.frontAxles, frontAxleId, 'front axle'),
      rearAxle: among(chassis.rearAxles, rearAxleId, 'rear axle'),
    };
  },
);
