import { atOnce, check, reading } from '../../kernel/index.js';
import type { ChangeKind, Changes, Check } from '../../kernel/index.js';
import { compartments } from '../../truck/index.js';
import { formatPct, formatWhole, inches, lb, listed, within } from '../../units/index.js';
import { ladderWay } from '../ladders/index.js';
import { placeName, WAY, withEquipmentLine } from './block.js';
import { goesInto, longestIn, longestOf, roomOfPiece } from './fit.js';
import { riding } from './place.js';

/** Pieces that do not go into the place that they were put, each with the places where it would go. */
const misfits = reading('equipment', [riding, compartments, ladderWay], (lines, all, way) =>
  lines.flatMap(({ line, part, rides }) => {
    const asLongAsWay = way !== null && longestOf(part) <= way.lengthIn;
    if (rides.compartment ? goesInto(part, rides.compartment) : rides.id !== WAY || asLongAsWay) return [];
    const would = [
      ...all.filter((compartment) => goesInto(part, compartment)).map(({ id }) => id),
      ...(asLongAsWay && rides.id !== WAY ? [WAY] : []),
    ];
    const longestThere = rides.compartment ? longestIn(rides.compartment) : (way?.lengthIn ?? 0);
    return [{ line, part, rides, would, longestThere }];
  }),
);

const goesIn: Check = check(
  'equipment',
  { id: 'goesIn', title: 'Each piece goes into its place', steps: ['equipment'] },
  [riding, misfits, compartments],
  (lines, misfit, all) => {
    if (lines.length === 0) return null;
    const [first] = misfit;
    const named = (id: string) =>
      id === WAY ? 'with the ladders' : `in ${all.find((one) => one.id === id)?.name ?? id}`;
    const more = misfit.length > 1 ? ` ${formatWhole(misfit.length - 1)} more do not go in either.` : '';
    const words = first
      ? `${first.part.name}, ${inches(first.part.lengthIn)} by ${inches(first.part.widthIn)} by ${inches(first.part.heightIn)}, does not go in ${first.rides.compartment?.name ?? 'there'} in any position: the longest that does is ${inches(first.longestThere)}. ${first.would.length > 0 ? `It would go ${listed(first.would.map(named))}.` : 'It goes in no place of this truck.'}${more}`
      : `All ${formatWhole(lines.length)} lines go through their doors and into their places.`;
    return {
      status: first ? 'fails' : 'holds',
      actual: misfit.length,
      limit: 0,
      margin: 0 - misfit.length,
      unit: 'pieces',
      state: null,
      basis: 'Geometry of this build, piece by piece',
      words,
    };
  },
);

/** How full each compartment is that has something in it: its pieces as boxes, against its room. */
const fullness = reading('equipment', [riding], (lines) => {
  const contents = new Map<string, { name: string; roomFt3: number; fullFt3: number }>();
  for (const { line, part, rides } of lines) {
    if (!rides.compartment) continue;
    const { id, name, volumeFt3 } = rides.compartment;
    const of = contents.get(id) ?? { name, roomFt3: volumeFt3, fullFt3: 0 };
    contents.set(id, { ...of, fullFt3: of.fullFt3 + roomOfPiece(part) * line.count });
  }
  return [...contents].map(([id, of]) => ({ id, ...of, pct: (of.fullFt3 / of.roomFt3) * 100 }));
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

/** What does not go in rides where it would; what is too much for a compartment, in another. */
export const fitChanges: Changes[] = [
  {
    kind: MOVE,
    helps: ['goesIn'],
    offer: (evaluation) =>
      evaluation
        .read(misfits)
        .flatMap(({ line, part, would }) =>
          would.map((to) =>
            atOnce(
              MOVE,
              `Move ${within(part.name)} to ${placeName(to, evaluation.build)}`,
              (on) => withEquipmentLine(on, line.id, { compartmentId: to }),
              line.id,
            ),
          ),
        ),
  },
  {
    kind: MOVE,
    helps: ['compartmentFull'],
    offer: (evaluation) => {
      const over = evaluation.read(fullness).filter(({ pct }) => pct > CLOSE_PCT);
      const all = evaluation.read(compartments);
      return over.flatMap(({ id, name }) =>
        evaluation
          .read(riding)
          .filter(({ rides }) => rides.id === id)
          .sort((a, b) => roomOfPiece(b.part) * b.line.count - roomOfPiece(a.part) * a.line.count)
          .slice(0, LOOKED_AT)
          .flatMap(({ line, part }) =>
            all
              .filter((to) => to.id !== id && goesInto(part, to))
              .map((to) =>
                atOnce(
                  MOVE,
                  `Move ${within(part.name)} (${lb(part.weightLb * line.count)}) from ${name} to ${to.name}`,
                  (on) => withEquipmentLine(on, line.id, { compartmentId: to.id }),
                  line.id,
                ),
              ),
          ),
      );
    },
  },
];
