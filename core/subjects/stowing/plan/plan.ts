import { groupsBy } from '../../../kernel/index.js';
import { filling, tooMany } from './filling.js';
import type { Filled } from './filling.js';
import { cut, modelOf } from './model.js';
import { leftOutCost, ONE_OF, roomOf } from './problem.js';
import type { Option, Problem } from './problem.js';
import type { Solve } from './program.js';

/** What is to be kept apart or together of what lies in compartments, as it fills. */
interface State {
  problem: Problem;
  taken: Map<number, Option>;
  filled: Map<number, Filled>;
}

type Sofar = Pick<State, 'problem' | 'taken'>;
const itemOf = (state: Sofar, option: Option) => state.problem.items[option.item]!;
const compartmentOf = ({ problem }: Sofar, option: Option): string =>
  problem.places[option.place]!.compartment.id;

const needs = (state: Sofar, option: Option, ...of: string[]): boolean =>
  itemOf(state, option).part.needs?.some((need) => of.includes(need)) ?? false;

/** A rule that looks at several pieces at once. */
export type Together = 'apart' | 'set' | 'board' | 'growth';
export const TOGETHER_NAMES: Record<Together, string> = {
  apart: 'clean gear and what soils it ride apart',
  set: 'sets stay together',
  board: 'both faces of a board are rated together',
  growth: 'room is kept for growth',
};

/** The rule by which an option does not go with what is taken; null where it does. */
export function clashOf(state: Sofar, option: Option): Together | null {
  const { problem, taken } = state;
  const others = [...taken.values()].filter((other) => other.item !== option.item);
  const beside = others.filter((other) => compartmentOf(state, other) === compartmentOf(state, option));
  const [clean, soils] = [needs(state, option, 'clean'), needs(state, option, 'away', 'dirty')];
  if (clean && beside.some((other) => needs(state, other, 'away', 'dirty'))) return 'apart';
  if (soils && beside.some((other) => needs(state, other, 'clean'))) return 'apart';
  const { set } = itemOf(state, option).line;
  const home = set === undefined ? undefined : others.find((other) => itemOf(state, other).line.set === set);
  if (home && compartmentOf(state, home) !== compartmentOf(state, option)) return 'set';
  const fitting = problem.places[option.place]!.surface.fittingId;
  const onBoard = others
    .filter((other) => fitting !== null && problem.places[other.place]!.surface.fittingId === fitting)
    .reduce((sum, other) => sum + itemOf(state, other).weightLb, 0);
  if (onBoard + itemOf(state, option).weightLb > problem.places[option.place]!.leftLb) return 'board';
  const room = others.reduce((sum, other) => sum + itemOf(state, other).roomFt3, 0);
  const most = roomOf(problem) * (1 - problem.rules.growthPct / 100);
  return room + itemOf(state, option).roomFt3 <= most + 1e-9 ? null : 'growth';
}

/** Takes an option where everything on its surface still has its place. */
function take(state: State, option: Option): boolean {
  if (clashOf(state, option) !== null) return false;
  const there = [...state.taken.values()].filter(
    (other) => other.place === option.place && other.item !== option.item,
  );
  const filled = filling(state.problem, option.place, [...there, option]);
  if (!filled) return false;
  const before = state.taken.get(option.item);
  state.taken.set(option.item, option);
  state.filled.set(option.place, filled);
  if (before && before.place !== option.place) refill(state, before.place);
  return true;
}

function refill(state: State, place: number): void {
  const there = [...state.taken.values()].filter((other) => other.place === place);
  const filled = filling(state.problem, place, there);
  if (filled) state.filled.set(place, filled);
}

/** What an answer costs: its options, the sides, and what is left out. */
export function costOf({ problem, taken }: Sofar): number {
  const moment = [...taken.values()].reduce(
    (sum, option) => sum + problem.items[option.item]!.weightLb * option.yIn,
    problem.momentLbIn,
  );
  const own = [...taken.values()].reduce((sum, { cost }) => sum + cost, 0);
  const out = problem.items.reduce((sum, item, i) => sum + (taken.has(i) ? 0 : leftOutCost(item)), 0);
  return own + out + (problem.wishes.sides * Math.abs(moment)) / ONE_OF.momentLbIn;
}

/** An answer: which line lies where, and what is left out. */
export interface Plan {
  problem: Problem;
  taken: Map<number, Option>;
  filled: ReadonlyMap<number, Filled>;
  /** Numbers of the lines that have no place. */
  left: number[];
  cost: number;
  /** No answer can cost less; null where no solver said so. */
  bound: number | null;
}

const planOf = ({ problem, taken, filled }: State, bound: number | null): Plan => ({
  problem,
  taken,
  filled,
  left: problem.items.flatMap((_, i) => (taken.has(i) ? [] : [i])),
  cost: costOf({ problem, taken }),
  bound,
});

const emptyState = (problem: Problem): State => ({ problem, taken: new Map(), filled: new Map() });

/** Options of each line, the cheapest first. */
function cheapestFirst({ options, items }: Problem): Option[][] {
  const by = groupsBy(options, ({ item }) => item);
  return items.map((_, i) => [...(by.get(i) ?? [])].sort((a, b) => a.cost - b.cost));
}

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

/** What is still left out is put where it costs least; and what costs less elsewhere moves there. */
function improve(state: State): void {
  const options = cheapestFirst(state.problem);
  for (let again = true; again;) {
    again = false;
    for (const [item, mine] of options.entries()) {
      const now = state.taken.get(item);
      for (const option of mine) {
        if (option === now) break;
        const before = costOf(state);
        const kept = { taken: new Map(state.taken), filled: new Map(state.filled) };
        if (!take(state, option)) continue;
        if (!now || costOf(state) < before - 1e-6) {
          again = true;
          break;
        }
        state.taken = kept.taken;
        state.filled = kept.filled;
      }
    }
  }
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
/** A round takes that share of the time that is left. */
const SHARE = 0.4;

/**
 * Lines placed by a mixed-integer solver (formulas: plan). It is asked which line goes on which surface; each surface is
 * packed by real rectangles; what does not go together there is told to the solver, which is asked again until all of
 * it does, or the time is over: then what is left is placed where it costs least.
 */
export async function planned(
  problem: Problem,
  solve: Solve,
  {
    seconds,
    gap,
    now,
    onProgress,
  }: { seconds: number; gap?: number; now: () => number; onProgress?: (progress: Progress) => void },
): Promise<Plan> {
  const model = modelOf(problem);
  const end = now() + seconds * 1_000;
  let best: Plan | null = null;
  let bound: number | null = null;
  let start: number[] | undefined;
  for (let round = 1; round <= ROUNDS && now() < end; round++) {
    const { values, bound: least } = await solve(model.program, {
      seconds: Math.max(1, ((end - now()) / 1_000) * SHARE),
      gap,
      start,
      onProgress: (left) =>
        onProgress?.({ round, gap: left, cost: best?.cost ?? null, left: best?.left.length ?? null }),
    });
    bound = Number.isFinite(least) ? Math.max(bound ?? -Infinity, least) : bound;
    if (!values) break;
    start = values;
    const chosen = [...model.taken].filter(([, at]) => values[at]! > 0.5).map(([option]) => option);
    const state = emptyState(problem);
    let whole = true;
    for (const [place, mine] of groupsBy(chosen, (option) => option.place)) {
      const filled = filling(problem, place, mine);
      if (filled) {
        state.filled.set(place, filled);
        for (const option of mine) state.taken.set(option.item, option);
        continue;
      }
      whole = false;
      cut(model, tooMany(problem, place, mine));
      for (const option of [...mine].sort((a, b) => b.areaIn2 - a.areaIn2)) take(state, option);
    }
    improve(state);
    const plan = planOf(state, bound);
    if (
      !best ||
      plan.left.length < best.left.length ||
      (plan.left.length === best.left.length && plan.cost < best.cost)
    )
      best = plan;
    onProgress?.({ round, gap: 0, cost: best.cost, left: best.left.length });
    if (whole) break;
  }
  return { ...(best ?? largestFirst(problem)), bound };
}
