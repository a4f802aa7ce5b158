import { limitOf, reading } from '../../kernel/index.js';
import { CAB, pieceUpIn, riding, WAY } from '../equipment/index.js';
import type { Equipment, Riding } from '../equipment/index.js';

/** A piece for water supply as it rides: how many, where, and how high its middle is; in. */
export interface Carried {
  id: string;
  part: Equipment;
  count: number;
  place: string;
  upIn: number;
}

const isSupply = ({ foldingGal, suctionFt, siphonGpm, strainerIn }: Equipment): boolean =>
  [foldingGal, suctionFt, siphonGpm, strainerIn].some((figure) => figure !== undefined);

const placeOf = ({ id, compartment, way }: Riding): string => {
  if (id === CAB) return 'In the cab';
  if (id === WAY) return 'With the ladders';
  return compartment?.name ?? way?.mount.name ?? id;
};

/** Every piece for water supply that is carried. */
export const carried = reading('rural', [riding], (all): Carried[] =>
  all.flatMap((rides) =>
    rides.pieces
      .filter(({ part }) => isSupply(part))
      .map((piece) => ({
        id: piece.line.id,
        part: piece.part,
        count: piece.line.count,
        place: placeOf(rides),
        upIn: pieceUpIn(piece, rides),
      })),
  ),
);

const total = (all: readonly Carried[], of: (part: Equipment) => number | undefined): number =>
  all.reduce((sum, { part, count }) => sum + (of(part) ?? 0) * count, 0);

/** What of it there is together. Gallons, feet, gpm. */
export interface Together {
  /** Each folding tank. */
  foldingGal: number[];
  /** What a tanker can dump into at once: all of them where a siphon joins them, else the largest. */
  dumpedIntoGal: number;
  siphonGpm: number;
  suctionFt: number;
  /** The depth of water that its best strainer draws from, in; null without one. */
  strainerIn: number | null;
}

/** Folding tanks, suction and strainers together. */
export const supplies = reading('rural', [carried], (all): Together => {
  const foldingGal = all.flatMap(({ part, count }) =>
    part.foldingGal === undefined ? [] : Array.from({ length: count }, () => part.foldingGal!),
  );
  const siphonGpm = total(all, ({ siphonGpm: of }) => of);
  const strainers = all.flatMap(({ part }) => part.strainerIn ?? []);
  return {
    foldingGal,
    dumpedIntoGal: siphonGpm > 0 ? foldingGal.reduce((sum, gal) => sum + gal, 0) : Math.max(0, ...foldingGal),
    siphonGpm,
    suctionFt: total(all, ({ suctionFt: of }) => of),
    strainerIn: strainers.length ? Math.min(...strainers) : null,
  };
});

/** So heavy a piece is lifted down by two; above this one of them climbs. Lb, in. */
const ONE_LIFTS_LB = 50;
const USUAL_REACH_IN = 66;
export const reachIn = reading(
  'rural',
  [limitOf('openingHighIn')],
  (limit) => limit?.value ?? USUAL_REACH_IN,
);

/** How a piece comes down, in words. */
export const comesDown = ({ part, upIn }: Carried, reach: number): string => {
  const who = part.weightLb > ONE_LIFTS_LB ? 'by two' : 'by one';
  return upIn > reach ? `lifted down ${who}, one of them on a step` : `lifted out ${who}, from the ground`;
};
