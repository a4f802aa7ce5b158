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

/** Two changes, by what their gains amount to together before they are weighed. */
export interface Pair {
  a: Single;
  b: Single;
  level: number;
  harm: number;
  /** What the checks asked for still lack to hold with comfort, as shares of their limits. */
  lacking: number;
}

/** Of one pair of matters, so many are weighed: what they gain together is not quite the sum. */
const OF_A_PAIR_OF_MATTERS = 3;
const MOST_WEIGHED_PAIRS = 160;

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

/** Every two changes of different matters by the sum of their gains, and those of them that are worth weighing. */
export function pairsOf(
  singles: readonly Single[],
  base: Evaluation,
  targets: readonly Finding[],
  now: number,
): { looked: number; promising: Pair[] } {
  const isTarget = base.findings.map(({ id }) => targets.some((target) => target.id === id));
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
      for (const [k, finding] of base.findings.entries()) {
        const margin = finding.margin + a.gains[k]! + b.gains[k]!;
        const reached = reachedBy(finding, margin);
        if (isTarget[k]) {
          level += reached;
          lacking += Math.max(0, (finding.comfort ?? 0) - margin) / Math.max(1, Math.abs(finding.limit));
        } else if (reached < levelOf(finding.status)) worse += 1;
      }
      const [ca, cb] = [a.judged.harm, b.judged.harm];
      const harmed = Object.fromEntries(Object.keys(ca).map((id) => [id, ca[id]! + (cb[id] ?? 0)]));
      const pair: Pair = { a, b, level, harm: harmOf(base.house, [a.kind, b.kind], worse, harmed), lacking };
      const key = `${a.matter}|${b.matter}`;
      kept.set(key, [...(kept.get(key) ?? []), pair].sort(promise).slice(0, OF_A_PAIR_OF_MATTERS));
    }
  }
  const promising = [...kept.values()].flat().sort(promise).slice(0, MOST_WEIGHED_PAIRS);
  return { looked, promising };
}
