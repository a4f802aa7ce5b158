import { groupsBy } from '../../../kernel/index.js';
import { improve, relaid } from './better.js';
import { filling, tooMany } from './filling.js';
import { cut, fullWith, modelOf } from './model.js';
import type { Model } from './model.js';
import type { Option, Problem } from './problem.js';
import type { Solve } from './program.js';
import { cheapestFirst, emptyState, planOf, take } from './state.js';
import type { Plan, State } from './state.js';

/** Largest first, each where it costs least among the places that are left: what a patient hand would do. */
export function largestFirst(problem: Problem): Plan {
  const state = emptyState(problem);
  const options = cheapestFirst(problem);
  const order = problem.items
    .map((_, i) => i)
    .sort((a, b) => problem.items[b]!.roomFt3 - problem.items[a]!.roomFt3);
  for (const item of order) options[item]!.some((option) => take(state, option));
  return planOf(state, null);
}

/** How the search goes on: its round, the solver's gap in it, what the best answer costs and leaves out. */
export interface Progress {
  round: number;
  gap: number;
  cost: number | null;
  left: number | null;
}

/** So many times the solver is asked again, with what did not go together told to it. */
const ROUNDS = 12;
/** The solver takes that share of the time that is left in a round; the rest is for laying things anew. */
const SHARE = 0.25;
/** Rectangles leave gaps: once the least cost is known, surfaces are taken as full with that share of their area. */
const FULL = 0.85;
/** And with so much less each time that what was to lie on one did not go together. */
const LESS = 0.95;

/** What the solver has chosen, packed by real rectangles; surfaces on which it does not go together. */
function packedOf(problem: Problem, chosen: readonly Option[]) {
  const state = emptyState(problem);
  const over = new Map<number, Option[]>();
  for (const [place, mine] of groupsBy(chosen, (option) => option.place)) {
    const filled = filling(problem, place, mine);
    if (filled) {
      state.filled.set(place, filled);
      for (const option of mine) state.taken.set(option.item, option);
    } else over.set(place, mine);
  }
  for (const mine of over.values())
    for (const option of [...mine].sort((a, b) => b.areaIn2 - a.areaIn2)) take(state, option);
  return { state, over };
}

/** Tells the solver what did not go together. */
function told(model: Model, problem: Problem, over: ReadonlyMap<number, readonly Option[]>, first: boolean) {
  for (const [place, mine] of over) cut(model, tooMany(problem, place, mine));
  const shrunk = first ? model.area.keys() : over.keys();
  for (const place of shrunk) fullWith(model, place, first ? FULL : LESS);
}

/** An answer to the same question by other wishes, as it is by these. */
function again(problem: Problem, { taken, filled }: Plan): State {
  const state = emptyState(problem);
  const mine = new Map(problem.options.map((option) => [`${option.item} ${option.place}`, option]));
  const asMine = ({ item, place }: Option) => mine.get(`${item} ${place}`)!;
  for (const [item, option] of taken) state.taken.set(item, asMine(option));
  for (const [place, spots] of filled)
    state.filled.set(place, new Map([...spots].map(([option, spot]) => [asMine(option), spot])));
  return state;
}

const isBetter = (plan: Plan, best: Plan | null): boolean => !best || plan.cost < best.cost;

/**
 * Lines placed by a mixed-integer solver (formulas: plan). It is asked which line goes on which surface; each surface is
 * packed by real rectangles; what does not go together there is told to the solver, and a few surfaces at a time are
 * laid anew, until no better answer comes of it. Then the solver is asked again, until all of it goes together or the
 * time is over.
 */
export async function planned(
  problem: Problem,
  solve: Solve,
  {
    seconds,
    gap,
    rounds = ROUNDS,
    from,
    now,
    onProgress,
  }: {
    seconds: number;
    gap?: number;
    rounds?: number;
    /** An answer by other wishes, to begin from. */
    from?: Plan;
    now: () => number;
    onProgress?: (progress: Progress) => void;
  },
): Promise<Plan> {
  if (problem.options.length === 0) return largestFirst(problem);
  const model = modelOf(problem);
  const options = cheapestFirst(problem);
  const end = now() + seconds * 1_000;
  let best = from ? planOf(again(problem, from), null) : null;
  let bound: number | null = null;
  let start: number[] | undefined;
  for (let round = 1; round <= rounds && now() < end; round++) {
    const { values, bound: least } = await solve(model.program, {
      seconds: Math.max(1, ((end - now()) / 1_000) * SHARE),
      gap,
      start,
      onProgress: (left) =>
        onProgress?.({ round, gap: left, cost: best?.cost ?? null, left: best?.left.length ?? null }),
    });
    // Later rounds take surfaces as full: what they say of the least cost holds for no other answer.
    if (round === 1 && Number.isFinite(least)) bound = least;
    if (!values) break;
    start = values;
    const chosen = [...model.taken].filter(([, at]) => values[at]! > 0.5).map(([option]) => option);
    const { state, over } = packedOf(problem, chosen);
    told(model, problem, over, round === 1);
    for (const begun of round === 1 && from ? [state, again(problem, from)] : [state]) {
      improve(begun, options);
      relaid(begun, options, () => now() > end);
      const plan = planOf(begun, bound);
      if (isBetter(plan, best)) best = plan;
    }
    onProgress?.({ round, gap: 0, cost: best!.cost, left: best!.left.length });
    if (over.size === 0) break;
  }
  return { ...(best ?? largestFirst(problem)), bound };
}
