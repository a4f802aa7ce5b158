import type { Build } from '../../../build/index.js';
import type { Evaluation, TableOf } from '../../../kernel/index.js';
import { feet, formatPct, formatWhole, inches, IN_PER_FT, lb, within } from '../../../units/index.js';
import { posesOf, posed } from '../../equipment/index.js';
import { withPlan } from './applied.js';
import { largestFirst, planned } from './plan.js';
import type { Progress } from './plan.js';
import { problemOf, RULE_NAMES } from './problem.js';
import type { Item, Problem, Rule } from './problem.js';
import type { Solve } from './program.js';
import { clashOf, TOGETHER_NAMES } from './state.js';
import type { Plan, Together } from './state.js';
import type { Rules, Wishes } from './wishes.js';

/** One of several answers, in figures and words. */
export interface Answer {
  id: string;
  name: string;
  build: Build;
  placed: number;
  /** Pounds on each side, and in the middle. */
  leftLb: number;
  rightLb: number;
  /** What is lifted and walked in a month. */
  liftLbFt: number;
  walkFt: number;
  /** Mean height of what is placed, in. */
  heightIn: number;
  /** What it costs less than largest first, and what no answer could cost less than it, percent. */
  betterPct: number;
  gapPct: number | null;
  /** What has no place, why, and what room would place it. */
  left: string[];
  /** Which rule forces what. */
  forced: string[];
}

const VARIANTS: readonly { id: string; name: string; of: (wishes: Wishes) => Wishes }[] = [
  { id: 'asked', name: 'As you weigh it', of: (wishes) => wishes },
  {
    id: 'hands',
    name: 'Easier on hands and feet',
    of: (wishes) => ({ ...wishes, reach: wishes.reach * 3 + 1, walk: wishes.walk * 3 + 1 }),
  },
  {
    id: 'level',
    name: 'Sides alike and low',
    of: (wishes) => ({ ...wishes, sides: wishes.sides * 3 + 1, low: wishes.low * 3 + 1 }),
  },
];

/** The least room that places a line: as it may lie, the least of its footprints. */
function wants({ part, line }: Item): string {
  const poses = posesOf(part).map((pose) => posed(part, pose));
  const { alongIn, inIn, upIn } = poses.reduce((a, b) => (b.alongIn * b.inIn < a.alongIn * a.inIn ? b : a));
  const each = line.count > 1 ? ` for each of ${formatWhole(line.count)}` : '';
  return `${inches(alongIn)} by ${inches(inIn)} with ${inches(upIn)} clear over it${each}`;
}

/** Why a line has no place, and what room would place it. */
function whyLeft(problem: Problem, item: number): string {
  const { part } = problem.items[item]!;
  const could = problem.options.some((option) => option.item === item);
  const bars = problem.barred.filter((bar) => bar.item === item && bar.rule !== 'size');
  const rules = [...new Set(bars.map(({ rule }) => rule))];
  const why = could
    ? 'everywhere it goes there is too little left'
    : rules.length > 0
      ? rules.map((rule) => RULE_NAMES[rule]).join('; ')
      : 'it has room nowhere';
  return `${part.name}: ${why}. It takes ${wants(problem.items[item]!)}.`;
}

/** What rules cost: for each the lines that would lie cheaper without it. */
function forcedBy({ problem, taken }: Plan): string[] {
  const by = new Map<Rule | Together, Set<number>>();
  const add = (rule: Rule | Together, item: number) => by.set(rule, (by.get(rule) ?? new Set()).add(item));
  for (const [item, now] of taken) {
    const [bar] = problem.barred
      .filter((one) => one.item === item && one.rule !== 'size' && one.cost < now.cost - 1e-6)
      .sort((a, b) => a.cost - b.cost);
    if (bar) add(bar.rule, item);
    for (const option of problem.options) {
      if (option.item !== item || option.cost >= now.cost - 1e-6) continue;
      const clash = clashOf({ problem, taken }, option);
      if (clash) add(clash, item);
    }
  }
  return [...by].map(([rule, items]) => {
    const names = [...items].slice(0, 3).map((item, i) => {
      const { name } = problem.items[item]!.part;
      return i === 0 ? name : within(name);
    });
    const more = items.size > 3 ? ` and ${formatWhole(items.size - 3)} more` : '';
    const said = rule in RULE_NAMES ? RULE_NAMES[rule as Rule] : TOGETHER_NAMES[rule as Together];
    return `${names.join(', ')}${more} would lie elsewhere, but ${said}.`;
  });
}

function answerOf(id: string, name: string, build: Build, plan: Plan, first: Plan): Answer {
  const { problem, taken } = plan;
  const all = [...taken.values()].map((option) => ({ option, item: problem.items[option.item]! }));
  const sum = (of: (one: (typeof all)[number]) => number) => all.reduce((total, one) => total + of(one), 0);
  const weight = sum(({ item }) => item.weightLb);
  return {
    id,
    name,
    build: withPlan(build, plan),
    placed: taken.size,
    leftLb: sum(({ item, option }) => (option.yIn < 0 ? item.weightLb : 0)),
    rightLb: sum(({ item, option }) => (option.yIn > 0 ? item.weightLb : 0)),
    liftLbFt: sum(({ item, option }) => (item.weightLb * item.usesAMonth * option.reachIn) / IN_PER_FT),
    walkFt: sum(({ item, option }) => item.usesAMonth * problem.places[option.place]!.walkFt),
    heightIn: weight > 0 ? sum(({ item, option }) => item.weightLb * option.zIn) / weight : 0,
    betterPct: first.cost > 0 ? ((first.cost - plan.cost) / first.cost) * 100 : 0,
    gapPct:
      plan.bound === null || plan.cost <= 0
        ? null
        : Math.max(0, ((plan.cost - plan.bound) / plan.cost) * 100),
    left: plan.left.map((item) => whyLeft(problem, item)),
    forced: forcedBy(plan),
  };
}

/** How the search for answers goes on. */
export interface AnswersProgress extends Progress {
  answer: number;
  of: number;
}

/** Several answers, each with the wishes weighed otherwise; in so many seconds together. */
export async function answersOf(
  evaluation: Evaluation,
  rules: Rules,
  wishes: Wishes,
  solve: Solve,
  {
    seconds,
    now,
    onProgress,
  }: { seconds: number; now: () => number; onProgress?: (progress: AnswersProgress) => void },
): Promise<Answer[]> {
  const answers: Answer[] = [];
  let before: Plan | undefined;
  for (const [i, { id, name, of }] of VARIANTS.entries()) {
    const problem = problemOf(evaluation, rules, of(wishes));
    const plan = await planned(problem, solve, {
      // The one that was asked for has half of the time.
      seconds: i === 0 ? seconds / 2 : seconds / 4,
      ...(before ? { from: before } : {}),
      now,
      onProgress: (progress) => onProgress?.({ ...progress, answer: i + 1, of: VARIANTS.length }),
    });
    before = plan;
    answers.push(answerOf(id, name, evaluation.build, plan, largestFirst(problem)));
  }
  return answers;
}

/** Answers side by side, lifting told against the first of them. */
export function answersTable(answers: readonly Answer[]): TableOf {
  const [first] = answers;
  const lifted = (answer: Answer): string =>
    first && first.liftLbFt > 0 ? formatPct((answer.liftLbFt / first.liftLbFt) * 100) : formatPct(100);
  return {
    title: 'Answers',
    columns: [
      { head: 'Answer' },
      { head: 'Placed', figure: true },
      { head: 'Driver’s side', figure: true },
      { head: 'Officer’s side', figure: true },
      { head: 'Lifting', figure: true },
      { head: 'Walking a month', figure: true },
      { head: 'Mean height', figure: true },
      { head: 'Better than largest first', figure: true },
      { head: 'Gap that remains', figure: true },
    ],
    rows: answers.map((answer) => ({
      id: answer.id,
      cells: [
        answer.name,
        `${formatWhole(answer.placed)} of ${formatWhole(answer.placed + answer.left.length)}`,
        lb(answer.leftLb),
        lb(answer.rightLb),
        lifted(answer),
        feet(answer.walkFt),
        inches(answer.heightIn),
        formatPct(answer.betterPct),
        answer.gapPct === null ? 'not known' : formatPct(answer.gapPct),
      ],
    })),
  };
}
