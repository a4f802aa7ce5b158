import { block, clamped, field, numbered, objectIn, settled, withBlock } from '../../build/index.js';
import type { BlockOf, Build, Problem } from '../../build/index.js';
import { chassisShelf, offered } from '../chassis/index.js';
import type { Chassis } from '../chassis/index.js';

/** Which way a seat looks. */
export const FACINGS = ['forward', 'rearward'] as const;
export type Facing = (typeof FACINGS)[number];
export const FACING_NAMES: Record<Facing, string> = { forward: 'facing forward', rearward: 'facing aft' };

/** Whether a seat holds a pack of breathing apparatus in its back. */
export const HOLDERS = ['holder', 'plain'] as const;
export type Holder = (typeof HOLDERS)[number];
export const HOLDER_NAMES: Record<Holder, string> = {
  holder: 'with a pack in its back',
  plain: 'without a pack',
};

/** A cab has no more seats than this, with those of a crew module. */
const MOST_SEATS = 12;

const optionOf =
  (of: 'roofs' | 'crewModules') =>
  (id: string, build: Build): string =>
    chassisShelf
      .in(build)
      .find(build.chassis.partId)
      ?.[of]?.find((option) => option.id === id)?.name ?? id;

export const cabBlock = block({
  id: 'cab',
  title: 'Cab and crew',
  version: 1,
  fields: {
    roofId: field.id('Cab roof', optionOf('roofs')),
    /** A module with more seats that a body builder joins to the cab; none where left out. */
    moduleId: field.optional(field.id('Crew module', optionOf('crewModules'))),
    /** Seats fitted. */
    crew: field.count('Seats', 1, MOST_SEATS),
    /** Which are fitted, and how; the first ones, facing forward with packs behind the driver, where left out. */
    seats: field.optional(
      field.lines(
        'Seats fitted',
        'Seat',
        MOST_SEATS,
        {
          /** From the front, driver first from 1. */
          seat: field.count('Seat', 1, MOST_SEATS),
          facing: field.oneOf('Looks', FACINGS, FACING_NAMES),
          pack: field.oneOf('Pack', HOLDERS, HOLDER_NAMES),
        },
        ({ seat, facing, pack }, build) => ({
          title: 'Seat',
          words: `${seatsOffered(build)[seat - 1]?.name ?? `seat ${seat}`}, ${FACING_NAMES[facing]}, ${HOLDER_NAMES[pack]}`,
        }),
      ),
    ),
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

/** Places for seats across a crew module, from the middle, by how many there are, in. */
const ACROSS_IN: Record<number, readonly number[]> = {
  1: [0],
  2: [-20, 20],
  3: [-26, 0, 26],
  4: [-33, -11, 11, 33],
};
/** They stand that far ahead of the module's back wall, in. */
const AHEAD_OF_WALL_IN = 16;

type SeatPlace = Chassis['cab']['seats'][number];

/** Every seat that a cab has room for, with those of its module. */
export function seatsOf({ cab, crewModules = [] }: Chassis, moduleId: string | undefined): SeatPlace[] {
  const module = crewModules.find(({ id }) => id === moduleId);
  if (!module) return cab.seats;
  const across = ACROSS_IN[module.seats] ?? [];
  return [
    ...cab.seats,
    ...across.map((yIn, i) => ({
      name: `Crew module, seat ${i + 1}`,
      xIn: cab.backIn + module.lengthIn - AHEAD_OF_WALL_IN,
      yIn,
    })),
  ];
}

/** The seats that the cab of a build has room for. */
export const seatsOffered = (build: Build): SeatPlace[] => {
  const chassis = chassisShelf.in(build).find(build.chassis.partId);
  return chassis ? seatsOf(chassis, build.cab.moduleId) : [];
};

/** Driver and officer: the driver never has a pack behind. */
export const FRONT_SEATS = 2;
export const DRIVER = 1;

export type SeatLine = NonNullable<Build['cab']['seats']>[number];
/** The fields of what is chosen of the seats. */
export type CabChosen = Pick<Build['cab'], 'crew' | 'seats'>;

const usualSeat = (seat: number): Omit<SeatLine, 'id'> => ({
  seat,
  facing: 'forward',
  pack: seat === DRIVER ? 'plain' : 'holder',
});

/** The seats that are fitted, front to back. */
export const seatsFitted = ({ crew, seats }: CabChosen): SeatLine[] =>
  seats
    ? [...seats].sort((a, b) => a.seat - b.seat)
    : numbered(
        's',
        Array.from({ length: crew }, (_, i) => usualSeat(i + 1)),
      );

const withSeats = (build: Build, seats: SeatLine[]): Build =>
  withBlock(build, 'cab', { seats, crew: seats.length });

/** So many seats: those left out go from the back, those added are the next ones. */
export function withCrew(build: Build, crew: number): Build {
  const { seats } = build.cab;
  if (!seats) return withBlock(build, 'cab', { crew });
  const fitted = seatsFitted(build.cab);
  if (crew <= fitted.length) return withSeats(build, fitted.slice(0, crew));
  const free = seatsOffered(build)
    .map((_, i) => i + 1)
    .filter((seat) => !fitted.some((line) => line.seat === seat));
  return withSeats(build, [
    ...fitted,
    ...free.slice(0, crew - fitted.length).map((seat) => ({ id: `s${seat}`, ...usualSeat(seat) })),
  ]);
}

/** One seat fitted otherwise, or left out, or fitted. */
export function withSeat(
  build: Build,
  seat: number,
  change: Partial<Omit<SeatLine, 'id' | 'seat'>> | null,
): Build {
  const fitted = seatsFitted(build.cab);
  const now = fitted.find((line) => line.seat === seat) ?? { id: `s${seat}`, ...usualSeat(seat) };
  const others = fitted.filter((line) => line.seat !== seat);
  if (!change && others.length === 0) return build;
  return withSeats(build, change ? [...others, { ...now, ...change }] : others);
}

export function settleCab(build: Build): Build {
  const { roofs, crewModules = [] } = chassisShelf.in(build).part(build.chassis.partId);
  const { roofId, moduleId, seats, ...rest } = build.cab;
  const kept = crewModules.some(({ id }) => id === moduleId) ? moduleId : undefined;
  const most = seatsOf(chassisShelf.in(build).part(build.chassis.partId), kept).length;
  const fitting = seats?.filter(({ seat }) => seat <= most);
  return settled(build, 'cab', {
    ...rest,
    roofId: roofs.some((roof) => roof.id === roofId) ? roofId : roofs[0]!.id,
    ...(kept === undefined ? {} : { moduleId: kept }),
    ...(fitting && fitting.length > 0 ? { seats: fitting } : {}),
    crew: fitting && fitting.length > 0 ? fitting.length : clamped({ min: 1, max: most }, rest.crew),
  });
}

export function cabProblems(build: Build): Problem[] {
  const { roofs, crewModules = [] } = chassisShelf.in(build).part(build.chassis.partId);
  const { roofId, moduleId, crew, seats } = build.cab;
  const most = seatsOffered(build).length;
  const problems = [
    ...offered('cab.roofId', roofs, roofId, 'chassis'),
    ...(moduleId === undefined ? [] : offered('cab.moduleId', crewModules, moduleId, 'chassis')),
  ];
  const say = (at: string, message: string) => problems.push({ field: at, message: `${at} ${message}` });
  if (crew > most) say('cab.crew', `must be at most ${most}, the seats of this cab (was ${crew})`);
  if (seats && seats.length !== crew)
    say('cab.seats', `must be as many as cab.crew, ${crew} (was ${seats.length})`);
  seats?.forEach(({ seat }, i) => {
    if (seat > most)
      say(`cab.seats.${i}.seat`, `must be at most ${most}, the seats of this cab (was ${seat})`);
    if (seats.findIndex((other) => other.seat === seat) < i)
      say(`cab.seats.${i}.seat`, `is fitted twice (was ${seat})`);
  });
  return problems;
}
