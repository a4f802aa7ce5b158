import { atOnce, check, each, reading, noneOf } from '../../kernel/index.js';
import type { Candidate, ChangeKind, Changes, Check, Evaluation } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import type { Compartment } from '../../truck/index.js';
import { formatPct, formatWhole, inches, lb, listed, within } from '../../units/index.js';
import { FOOT_IN, wayRooms } from '../ladders/index.js';
import type { WayRoom } from '../ladders/index.js';
import { placeName, withEquipmentLine } from './block.js';
import { goesInto, goingInto, longestIn, longestOf, roomOfPiece } from './fit.js';
import type { Equipment } from './parts.js';
import { riding } from './place.js';
import type { Piece, Riding } from './place.js';

const goesAlong = (part: Equipment, longIn: number): boolean => longestOf(part) + FOOT_IN <= longIn;

/** A piece that does not go into the place that it was put. */
type Misfit = Piece & { rides: Riding };

const misfitsByPlace = each('equipment', riding, (rides): Misfit[] => {
  const { compartment, way, pieces } = rides;
  if (!compartment && !way) return [];
  const goes = compartment
    ? goingInto(compartment)
    : (part: Equipment) => goesAlong(part, way?.lengthIn ?? 0);
  return pieces.filter(({ part }) => !goes(part)).map((piece) => ({ ...piece, rides }));
});

const misfits = reading('equipment', [misfitsByPlace], (places) => places.flat());

/** Where pieces could ride on this truck. */
const couldRide = reading('equipment', [compartments, wayRooms], (all, ways) => ({ all, ways }));
type CouldRide = { all: readonly Compartment[]; ways: readonly WayRoom[] };

/** The ways other than its own in which a piece has its length. */
const waysFor = ({ part, rides }: Pick<Misfit, 'part' | 'rides'>, { ways }: CouldRide): string[] =>
  ways
    .filter(({ mount, lengthIn }) => mount.id !== rides.way?.mount.id && goesAlong(part, lengthIn))
    .map(({ mount }) => mount.id);

/** The places where a misfit would go: ways where no compartment takes it, or it rides in one. */
function wouldGo(misfit: Misfit, could: CouldRide): string[] {
  const inside = could.all.filter((compartment) => goesInto(misfit.part, compartment)).map(({ id }) => id);
  return inside.length > 0 && !misfit.rides.way ? inside : [...inside, ...waysFor(misfit, could)];
}

/** What a place is called where a piece could ride. */
const nameOf = (id: string, { all, ways }: CouldRide): string =>
  all.find((one) => one.id === id)?.name ??
  within(ways.find(({ mount }) => mount.id === id)?.mount.name ?? id);

/** Why a misfit does not go, and where it would. */
function misfitInWords(misfit: Misfit, could: CouldRide): string {
  const { part, rides } = misfit;
  const longest = rides.compartment ? longestIn(rides.compartment) : (rides.way?.lengthIn ?? 0);
  const size = [part.lengthIn, part.widthIn, part.heightIn].map((side) => inches(side)).join(' by ');
  const misses = `does not go in ${rides.compartment?.name ?? 'there'} in any position`;
  const would = wouldGo(misfit, could).map((id) => `in ${nameOf(id, could)}`);
  const goes = would.length > 0 ? `It would go ${listed(would)}.` : 'It goes in no place of this truck.';
  return `${part.name}, ${size}, ${misses}: the longest that does is ${inches(longest)}. ${goes}`;
}

const goesIn: Check = check(
  'equipment',
  { id: 'goesIn', title: 'Each piece goes into its place', steps: ['equipment'] },
  [riding, misfits, couldRide],
  (places, misfit, could) => {
    const lines = places.reduce((sum, { pieces }) => sum + pieces.length, 0);
    if (lines === 0) return null;
    const [first] = misfit;
    const more = misfit.length > 1 ? ` ${formatWhole(misfit.length - 1)} more do not go in either.` : '';
    return noneOf(
      misfit.length,
      'fails',
      'Geometry of this build, piece by piece',
      first
        ? misfitInWords(first, could) + more
        : `All ${formatWhole(lines)} lines go through their doors and into their places.`,
    );
  },
);

const roomOfAll = each('equipment', riding, ({ pieces }) =>
  pieces.reduce((sum, { line, part }) => sum + roomOfPiece(part) * line.count, 0),
);

/** How full each compartment is that has something in it: its pieces as boxes, against its room. */
const fullness = reading('equipment', [riding, roomOfAll], (places, ft3) => {
  const contents = new Map<Compartment, number>();
  for (const [i, { compartment }] of places.entries())
    if (compartment) contents.set(compartment, (contents.get(compartment) ?? 0) + ft3[i]!);
  return [...contents].map(([{ id, name, volumeFt3 }, fullFt3]) => ({
    id,
    name,
    pct: (fullFt3 / volumeFt3) * 100,
  }));
});

/** Pieces are boxes that never fill a compartment to the last inch: from here on it is close, percent. */
const CLOSE_PCT = 75;

const full: Check = check(
  'equipment',
  { id: 'compartmentFull', title: 'Contents of the compartments', steps: ['equipment', 'body'] },
  [fullness],
  (all) => {
    if (all.length === 0) return null;
    const { name, pct } = all.reduce((most, next) => (next.pct > most.pct ? next : most));
    const margin = 100 - pct;
    return {
      status: margin < 0 ? 'fails' : pct > CLOSE_PCT ? 'caution' : 'holds',
      actual: pct,
      limit: 100,
      margin,
      comfort: 100 - CLOSE_PCT,
      unit: '%',
      state: null,
      basis: 'Each piece as a box, before it is packed piece by piece',
      words:
        margin < 0
          ? `${name} has more in it than fits: ${formatPct(pct)} of its room.`
          : `Fullest is ${name}: ${formatPct(pct)} of its room.`,
    };
  },
);

export const fitChecks = [goesIn, full];

/** What moves a piece to another place. */
export const MOVE: ChangeKind = { id: 'move', title: 'Place of the equipment' };
/** So many of the largest pieces of a full compartment are looked at for other places. */
const LOOKED_AT = 4;

/** Everything of a line moved to another place. */
const movingTo = ({ line, part }: Piece, to: string, { build }: Evaluation): Candidate => {
  const from = placeName(line.compartmentId, build);
  const what = `${within(part.name)} (${lb(part.weightLb * line.count)})`;
  return atOnce(
    MOVE,
    `Move ${what} from ${from} to ${placeName(to, build)}`,
    (on) => withEquipmentLine(on, line.id, { compartmentId: to }),
    line.id,
  );
};

/** What does not go in rides where it would; what is too much for a compartment, in another. */
export const fitChanges: Changes[] = [
  {
    kind: MOVE,
    helps: ['goesIn'],
    offer: (evaluation) => {
      const could = evaluation.read(couldRide);
      return evaluation
        .read(misfits)
        .flatMap((misfit) => wouldGo(misfit, could).map((to) => movingTo(misfit, to, evaluation)));
    },
  },
  {
    // What shares a way with the ladders, or runs into something there, rides in a way of its own.
    kind: MOVE,
    helps: ['laddersFit', 'room', 'ladderRoom', 'pieceRoom'],
    offer: (evaluation) => {
      const could = evaluation.read(couldRide);
      return evaluation
        .read(riding)
        .flatMap((rides) => (rides.way ? rides.pieces.map((piece) => ({ ...piece, rides })) : []))
        .flatMap((piece) => waysFor(piece, could).map((to) => movingTo(piece, to, evaluation)));
    },
  },
  {
    kind: MOVE,
    helps: ['compartmentFull'],
    offer: (evaluation) => {
      const over = evaluation.read(fullness).filter(({ pct }) => pct > CLOSE_PCT);
      const all = evaluation.read(compartments);
      return over.flatMap(({ id }) =>
        evaluation
          .read(riding)
          .filter((rides) => rides.id === id)
          .flatMap(({ pieces }) => pieces)
          .sort((a, b) => roomOfPiece(b.part) * b.line.count - roomOfPiece(a.part) * a.line.count)
          .slice(0, LOOKED_AT)
          .flatMap((piece) =>
            all
              .filter((to) => to.id !== id && goesInto(piece.part, to))
              .map((to) => movingTo(piece, to.id, evaluation)),
          ),
      );
    },
  },
];
