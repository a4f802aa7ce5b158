import { rank } from '../kernel/index.js';
import type { ChangeKind, Evaluation, Finding, Status, Step } from '../kernel/index.js';
import { harmOf } from './judged.js';
import type { Judged } from './judged.js';

/** A change of one step and what it does alone. */
export interface Single extends Step {
  kind: ChangeKind;
  matter: string;
  judged: Judged;
  /** By how much it changes the margin of each check, in the order of the base's findings. */
  gains: number[];
  level: number;
}

export interface Two {
  a: Single;
  b: Single;
}

/** Two changes, by what their gains amount to together before they are weighed. */
export interface Pair extends Two {
  level: number;
  harm: number;
  /** What the checks asked for still lack to hold with comfort, as shares of their limits. */
  lacking: number;
}

/** Of one pair of matters, so many are weighed; of two that work on each other, so many steps of each with each. */
const OF_A_PAIR_OF_MATTERS = 3;
const STEPS_OF_EACH = 3;
/** So many pairs of matters are tried for whether they work on each other, and pairs of those that do are weighed. */
const MOST_TRIED = 90;
const MOST_OF_THOSE = 60;
/** What two changes gain together may differ by that share of the limit from what they gain alone. */
const NEARLY_THE_SUM = 0.005;

/** 2 holds, 1 is close, 0 fails: what is to be raised. */
export const levelOf = (status: Status): number => 2 - rank(status);

/**
 * The level that a margin comes to. What holds by something else than its margin, such as by tilt, is not
 * taken for failing.
 */
function reachedBy({ status, by, comfort = 0 }: Finding, margin: number): number {
  if (margin < 0) return by ? levelOf(status) : levelOf('fails');
  return levelOf(margin < comfort ? 'caution' : 'holds');
}

/** Every two changes of different matters by the sum of their gains: the best of every two matters, best first. */
export function pairsOf(
  singles: readonly Single[],
  base: Evaluation,
  targets: readonly Finding[],
  now: number,
): { looked: number; sorted: Pair[] } {
  const { findings, house } = base;
  const isTarget = findings.map(({ id }) => targets.some((target) => target.id === id));
  const kept = new Map<string, Pair[]>();
  // Of those that mend, the least harm first; of those that do not, the nearest to it.
  const promise = (one: Pair, other: Pair) =>
    other.level - one.level || (one.level > now ? one.harm - other.harm : one.lacking - other.lacking);
  let looked = 0;
  for (const [i, a] of singles.entries()) {
    for (const b of singles.slice(i + 1)) {
      if (a.matter === b.matter) continue;
      looked += 1;
      let [level, worse, lacking] = [0, 0, 0];
      for (let k = 0; k < findings.length; k++) {
        const finding = findings[k]!;
        const margin = finding.margin + a.gains[k]! + b.gains[k]!;
        const reached = reachedBy(finding, margin);
        if (isTarget[k]) {
          level += reached;
          lacking += Math.max(0, (finding.comfort ?? 0) - margin) / Math.max(1, Math.abs(finding.limit));
        } else if (reached < levelOf(finding.status)) worse += 1;
      }
      const harm = harmOf(house, [a.kind, b.kind], worse, a.judged.harm, b.judged.harm);
      keep(kept, { a, b, level, harm, lacking }, promise);
    }
  }
  return { looked, sorted: [...kept.values()].flat().sort(promise) };
}

/** Keeps a pair among the few of its matters that promise most. */
function keep(kept: Map<string, Pair[]>, pair: Pair, promise: (one: Pair, other: Pair) => number): void {
  const key = keyOf(pair);
  const best = kept.get(key);
  if (!best) kept.set(key, [pair]);
  else if (best.length < OF_A_PAIR_OF_MATTERS) best.push(pair);
  else if (promise(best[best.length - 1]!, pair) > 0) best[best.length - 1] = pair;
  else return;
  best?.sort(promise);
}

const keyOf = ({ a, b }: Two): string => `${a.matter}|${b.matter}`;

/** One pair of every two matters, the most promising of it, to see whether the two work on each other. */
export function pairsToTry(pairs: readonly Pair[]): Pair[] {
  const first = new Map<string, Pair>();
  for (const pair of pairs) if (!first.has(keyOf(pair))) first.set(keyOf(pair), pair);
  return [...first.values()].slice(0, MOST_TRIED);
}

/** Whether two changes do together, to a check that is asked for, what their sum does not say. */
export function workOnEachOther(
  { a, b }: Two,
  together: Judged,
  base: Evaluation,
  targets: readonly Finding[],
): boolean {
  const asked = new Set(targets.map(({ id }) => id));
  return base.findings.some(({ id, margin, limit }, k) => {
    if (!asked.has(id)) return false;
    const sum = margin + a.gains[k]! + b.gains[k]!;
    const then = together.finding(id)?.margin ?? sum;
    return Math.abs(then - sum) > NEARLY_THE_SUM * Math.max(1, Math.abs(limit));
  });
}

/** Of many, so many evenly spread from the first to the last. */
function spread<T>(all: readonly T[], many: number): T[] {
  if (all.length <= many) return [...all];
  return Array.from({ length: many }, (_, i) => all[Math.round((i * (all.length - 1)) / (many - 1))]!);
}

/** Of two matters that work on each other, steps of each with steps of the other, whatever their sums promise. */
export function pairsOfThose(singles: readonly Single[], those: readonly Two[]): Two[] {
  const of = (matter: string) =>
    spread(
      singles.filter((single) => single.matter === matter),
      STEPS_OF_EACH,
    );
  return those
    .flatMap((pair) => of(pair.a.matter).flatMap((a) => of(pair.b.matter).map((b) => ({ a, b }))))
    .slice(0, MOST_OF_THOSE);
}
