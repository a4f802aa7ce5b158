import { groupsBy } from '../../../kernel/index.js';
import type { Need } from '../../equipment/index.js';
import { emptyProgram, must, unknown } from './program.js';
import type { Program } from './program.js';
import { leftOutCost, ONE_OF, roomToTake, SOILS } from './problem.js';
import type { Option, Problem } from './problem.js';

/** A plan's problem as a linear program; options and what is left out, by the number of their unknown. */
export interface Model {
  program: Program;
  taken: Map<Option, number>;
  left: number[];
  /** The row of each surface's area. */
  area: Map<number, Program['rows'][number]>;
}

const needs = (problem: Problem, item: number, ...of: readonly Need[]): boolean =>
  problem.items[item]!.part.needs?.some((need) => of.includes(need)) ?? false;

/** Options by the compartment of their surface. */
const compartmentOf = ({ places }: Problem, { place }: Option): string => places[place]!.compartment.id;

/**
 * Every line on one surface or left out; on each surface no more than its area, its rating and its tubes; clean pieces
 * and what soils them in different compartments; sets in one; room kept free; the moment to each side as it comes out
 * (formulas: plan).
 */
export function modelOf(problem: Problem): Model {
  const program = emptyProgram();
  const { items, places, options, wishes } = problem;
  const taken = new Map(options.map((option) => [option, unknown(program, option.cost)] as const));
  const at = (option: Option) => taken.get(option)!;
  const left = items.map((item) => unknown(program, leftOutCost(item)));
  const byItem = groupsBy(options, ({ item }) => item);
  items.forEach((_, i) =>
    must(program, [[left[i]!, 1], ...(byItem.get(i) ?? []).map((option) => [at(option), 1] as const)], 1, 1),
  );
  const area: Model['area'] = new Map();
  for (const [p, mine] of groupsBy(options, ({ place }) => place)) {
    const { areaIn2, tubes, surface } = places[p]!;
    if (surface.tubes !== null)
      must(
        program,
        mine.map((option) => [at(option), items[option.item]!.line.count]),
        0,
        tubes,
      );
    else
      area.set(
        p,
        must(
          program,
          mine.map((option) => [at(option), option.areaIn2]),
          0,
          areaIn2,
        ),
      );
  }
  // The faces of a board are rated together.
  for (const mine of groupsBy(
    options,
    ({ place }) => places[place]!.surface.fittingId ?? places[place]!.surface.id,
  ).values()) {
    const most = Math.min(...mine.map(({ place }) => places[place]!.leftLb));
    if (Number.isFinite(most))
      must(
        program,
        mine.map((option) => [at(option), items[option.item]!.weightLb]),
        0,
        most,
      );
  }
  for (const [id, mine] of groupsBy(options, (option) => compartmentOf(problem, option))) {
    must(
      program,
      mine
        .filter(({ item }) => needs(problem, item, 'charged'))
        .map((option) => [at(option), items[option.item]!.line.count]),
      0,
      problem.charging[id]!,
    );
    const clean = mine.filter(({ item }) => needs(problem, item, 'clean'));
    const soils = mine.filter(({ item }) => needs(problem, item, ...SOILS));
    if (clean.length === 0 || soils.length === 0) continue;
    const isClean = unknown(program, 0);
    for (const option of clean)
      must(
        program,
        [
          [at(option), 1],
          [isClean, -1],
        ],
        -1,
        0,
      );
    for (const option of soils)
      must(
        program,
        [
          [at(option), 1],
          [isClean, 1],
        ],
        0,
        1,
      );
  }
  const sets = groupsBy(
    options.filter(({ item }) => items[item]!.line.set !== undefined),
    ({ item }) => items[item]!.line.set!,
  );
  for (const ofSet of sets.values()) {
    const home = new Map(
      [...groupsBy(ofSet, (option) => compartmentOf(problem, option)).keys()].map((id) => [
        id,
        unknown(program, 0),
      ]),
    );
    must(
      program,
      [...home.values()].map((one) => [one, 1] as const),
      0,
      1,
    );
    for (const option of ofSet)
      must(
        program,
        [
          [at(option), 1],
          [home.get(compartmentOf(problem, option))!, -1],
        ],
        -1,
        0,
      );
  }
  must(
    program,
    options.map((option) => [at(option), items[option.item]!.roomFt3] as const),
    0,
    roomToTake(problem),
  );
  const unit = wishes.sides / ONE_OF.momentLbIn;
  const [toRight, toLeft] = [
    unknown(program, unit, 0, Infinity, false),
    unknown(program, unit, 0, Infinity, false),
  ];
  must(
    program,
    [
      ...options.map((option) => [at(option), items[option.item]!.weightLb * option.yIn] as const),
      [toRight, -1] as const,
      [toLeft, 1] as const,
    ],
    -problem.momentLbIn,
    -problem.momentLbIn,
  );
  return { program, taken, left, area };
}

/** Of these options not all together on one surface. */
export function cut({ program, taken }: Model, options: readonly Option[]): void {
  must(
    program,
    options.map((option) => [taken.get(option)!, 1] as const),
    0,
    options.length - 1,
  );
}

/**
 * A surface is taken as full with a share of what it had: rectangles leave gaps. That leads sooner to what can be
 * packed; what the solver says of the least cost holds no more.
 */
export function fullWith({ area }: Model, place: number, share: number): void {
  const row = area.get(place);
  if (row) row.upper *= share;
}
