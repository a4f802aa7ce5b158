import { check, heldTo, noneOf, reading } from '../../kernel/index.js';
import type { Judgement } from '../../kernel/index.js';
import { counted, formatWhole, inches, lb, within } from '../../units/index.js';
import { carriedLb, misplaced, onSurfaces, outerLb, placed, stowed } from './stowed.js';
import type { Load, Misplaced, Stowed } from './stowed.js';

/** A piece with its place, in words. */
export const saidWhere = ({ part, compartment, lying }: Stowed): string =>
  `${part.name} on ${lying ? lying.surface.name : compartment.name}`;

export const andMore = (count: number): string =>
  count > 1 ? ` ${formatWhole(count - 1)} more likewise.` : '';

export function misplacedInWords({ thing, why, other, byIn }: Misplaced): string {
  const { compartment, lying } = thing;
  switch (why) {
    case 'into':
      return `${saidWhere(thing)} is ${inches(byIn)} into ${within(other!.part.name)}.`;
    case 'doorway':
      return `${saidWhere(thing)} does not come out through the doorway of ${compartment.name}: ${inches(byIn)} too much.`;
    case 'tubes':
      return `${saidWhere(thing)} has no tube of its own: there are ${formatWhole(lying.surface.tubes ?? 0)}.`;
    case 'upright':
      return `${saidWhere(thing)} must stay upright.`;
    case 'outside':
      return `${saidWhere(thing)} is ${inches(byIn)} beyond the room that is there.`;
  }
}

const fits = check(
  'stowing',
  { id: 'stowedFits', title: 'Each piece on its shelf, tray or board', steps: ['equipment'] },
  [stowed, placed, misplaced],
  (all, { length: lie }, wrong) => {
    if (lie === 0) return null;
    const [first] = wrong;
    const left = all.length - lie;
    const rest =
      left > 0 ? ` ${counted(left, 'line')} of the list ${left === 1 ? 'has' : 'have'} no place yet.` : '';
    return noneOf(
      wrong.length,
      'fails',
      'Geometry of this build, piece by piece',
      first
        ? misplacedInWords(first) + andMore(wrong.length)
        : `All ${formatWhole(lie)} that have a place lie there and come out.${rest}`,
    );
  },
);

/** What is carried against what may be carried. */
export interface Burden extends Load {
  carriedLb: number;
  ratedLb: number;
}

const burdens = (rated: (load: Load) => number | null, carried: (load: Load) => number) =>
  reading('stowing', [onSurfaces], (all): Burden[] =>
    all.flatMap((load) => {
      const ratedLb = rated(load);
      const carriedNow = carried(load);
      return ratedLb === null ? [] : [{ ...load, carriedLb: carriedNow, ratedLb }];
    }),
  );

/** Faces of one board are rated together. */
const together = (all: readonly Burden[]): Burden[] => {
  const by = new Map<string, Burden>();
  for (const burden of all) {
    const id = burden.surface.fittingId ?? burden.surface.id;
    const before = by.get(id);
    by.set(
      id,
      before
        ? {
            ...before,
            carriedLb: before.carriedLb + burden.carriedLb,
            things: [...before.things, ...burden.things],
          }
        : burden,
    );
  }
  return [...by.values()];
};

const rated = burdens(({ surface }) => surface.ratingLb, carriedLb);
export const wholeBurdens = reading('stowing', [rated], (all) => together(all));
const outer = burdens(({ surface }) => surface.outerLb, outerLb);
export const outerBurdens = reading('stowing', [outer], (all) => together(all));

/** The one that is nearest to its rating, or furthest over it. */
function judged(all: readonly Burden[], where: string): Judgement | null {
  if (all.length === 0) return null;
  const worst = all.reduce((a, b) => (b.carriedLb / b.ratedLb > a.carriedLb / a.ratedLb ? b : a));
  const { surface, carriedLb: carried, ratedLb } = worst;
  const over = all.filter((burden) => burden.carriedLb > burden.ratedLb).length;
  return heldTo(
    'most',
    'lb',
    carried,
    { value: ratedLb, basis: 'Maker’s rating of the shelf, tray or board' },
    `${surface.name}: ${lb(carried)}${where} of ${lb(ratedLb)}.${andMore(over)}`,
  );
}

const ratings = check(
  'stowing',
  { id: 'stowedLb', title: 'Load of shelves, trays and boards', steps: ['equipment', 'body'] },
  [placed, wholeBurdens],
  ({ length: lie }, all) => (lie === 0 ? null : judged(all, '')),
);

const outerRatings = check(
  'stowing',
  { id: 'outerLb', title: 'Load of their outer half', steps: ['equipment', 'body'] },
  [placed, outerBurdens],
  ({ length: lie }, all) => (lie === 0 ? null : judged(all, ' over its outer half')),
);

export const fitChecks = [fits, ratings, outerRatings];
