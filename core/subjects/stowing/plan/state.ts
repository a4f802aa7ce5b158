import { groupsBy } from '../../../kernel/index.js';
import type { Need } from '../../equipment/index.js';
import { filling } from './filling.js';
import type { Filled } from './filling.js';
import { leftOutCost, ONE_OF, roomToTake, SOILS } from './problem.js';
import type { Option, Problem } from './problem.js';

/** What is to be kept apart or together of what lies in compartments, as it fills. */
export interface State {
  problem: Problem;
  taken: Map<number, Option>;
  filled: Map<number, Filled>;
}

export type Sofar = Pick<State, 'problem' | 'taken'>;
const itemOf = (state: Sofar, option: Option) => state.problem.items[option.item]!;
const compartmentOf = ({ problem }: Sofar, option: Option): string =>
  problem.places[option.place]!.compartment.id;

const needs = (state: Sofar, option: Option, ...of: readonly Need[]): boolean =>
  itemOf(state, option).part.needs?.some((need) => of.includes(need)) ?? false;

/** A rule that looks at several pieces at once. */
export type Together = 'apart' | 'set' | 'board' | 'charged' | 'growth';
export const TOGETHER_NAMES: Record<Together, string> = {
  apart: 'clean gear and what soils it ride apart',
  set: 'sets stay together',
  board: 'both faces of a board are rated together',
  charged: 'each charged piece has an outlet',
  growth: 'room is kept for growth',
};

/** The rule by which an option does not go with what is taken; null where it does. */
export function clashOf(state: Sofar, option: Option): Together | null {
  const { problem, taken } = state;
  const others = [...taken.values()].filter((other) => other.item !== option.item);
  const beside = others.filter((other) => compartmentOf(state, other) === compartmentOf(state, option));
  const [clean, soils] = [needs(state, option, 'clean'), needs(state, option, ...SOILS)];
  if (clean && beside.some((other) => needs(state, other, ...SOILS))) return 'apart';
  if (soils && beside.some((other) => needs(state, other, 'clean'))) return 'apart';
  const { set } = itemOf(state, option).line;
  const home = set === undefined ? undefined : others.find((other) => itemOf(state, other).line.set === set);
  if (home && compartmentOf(state, home) !== compartmentOf(state, option)) return 'set';
  const fitting = problem.places[option.place]!.surface.fittingId;
  const onBoard = others
    .filter((other) => fitting !== null && problem.places[other.place]!.surface.fittingId === fitting)
    .reduce((sum, other) => sum + itemOf(state, other).weightLb, 0);
  if (onBoard + itemOf(state, option).weightLb > problem.places[option.place]!.leftLb) return 'board';
  const pieces = (all: readonly Option[]) =>
    all.reduce((sum, one) => sum + (needs(state, one, 'charged') ? itemOf(state, one).line.count : 0), 0);
  if (pieces([option]) > 0 && pieces([...beside, option]) > problem.charging[compartmentOf(state, option)]!)
    return 'charged';
  const room = others.reduce((sum, other) => sum + itemOf(state, other).roomFt3, 0);
  return room + itemOf(state, option).roomFt3 <= roomToTake(problem) + 1e-9 ? null : 'growth';
}

/** Takes an option where everything on its surface still has its place. */
export function take(state: State, option: Option): boolean {
  if (clashOf(state, option) !== null) return false;
  const there = [...state.taken.values()].filter(
    (other) => other.place === option.place && other.item !== option.item,
  );
  const filled = filling(state.problem, option.place, [...there, option]);
  if (!filled) return false;
  const before = state.taken.get(option.item);
  state.taken.set(option.item, option);
  state.filled.set(option.place, filled);
  if (before && before.place !== option.place) leave(state, before);
  return true;
}

/** Leaves its place to others; what lies beside it stays where it lies. */
function leave(state: State, option: Option): void {
  const beside = [...(state.filled.get(option.place) ?? [])].filter(([other]) => other !== option);
  state.filled.set(option.place, new Map(beside));
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

export const planOf = ({ problem, taken, filled }: State, bound: number | null): Plan => ({
  problem,
  taken,
  filled,
  left: problem.items.flatMap((_, i) => (taken.has(i) ? [] : [i])),
  cost: costOf({ problem, taken }),
  bound,
});

export const emptyState = (problem: Problem): State => ({ problem, taken: new Map(), filled: new Map() });

/** Options of each line, the cheapest first. */
export function cheapestFirst({ options, items }: Problem): Option[][] {
  const by = groupsBy(options, ({ item }) => item);
  return items.map((_, i) => [...(by.get(i) ?? [])].sort((a, b) => a.cost - b.cost));
}
