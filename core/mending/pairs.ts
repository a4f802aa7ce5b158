import { rank } from '../review/index.js';
import type { Evaluation, Finding, Status } from '../review/index.js';
import type { ChangeKind, Step } from './change.js';
import { harmOf } from './judged.js';
import type { Judged } from './judged.js';

/** A change of one step and what it does alone. */
export interface Single extends Step {
  kind: ChangeKind;
  subject: string;
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

/** Of one pair of subjects, so many are weighed: what they gain together is not quite the sum. */
const OF_A_SUBJECT_PAIR = 3;
const MOST_WEIGHED_PAIRS = 160;

/** 2 holds, 1 is close, 0 fails: what is to be raised. */
export const levelOf = (status: Status): number => 2 - rank(status);

/** Every two changes of different subjects by the sum of their gains, and those of them that are worth weighing. */
export function pairsOf(singles: Single[], base: Evaluation, targets: Finding[], now: number): { looked: number; promising: Pair[] } {
  const isTarget = base.findings.map(({ id }) => targets.some((target) => target.id === id));
  const kept = new Map<string, Pair[]>();
  // Of those that mend, the least harm first; of those that do not, the nearest to it.
  const promise = (one: Pair, other: Pair) => other.level - one.level || (one.level > now ? one.harm - other.harm : one.lacking - other.lacking);
  let looked = 0;
  for (const [i, a] of singles.entries()) {
    for (const b of singles.slice(i + 1)) {
      if (a.subject === b.subject) continue;
      looked += 1;
      let [level, worse, lacking] = [0, 0, 0];
      for (const [k, finding] of base.findings.entries()) {
        const margin = finding.margin + a.gains[k]! + b.gains[k]!;
        const reached = margin < 0 ? 0 : margin < (finding.comfort ?? 0) ? 1 : 2;
        if (isTarget[k]) {
          level += reached;
          lacking += Math.max(0, (finding.comfort ?? 0) - margin) / Math.max(1, Math.abs(finding.limit));
        } else if (reached < levelOf(finding.status)) worse += 1;
      }
      const [ca, cb] = [a.judged.change, b.judged.change];
      const change = { priceCents: ca.priceCents + cb.priceCents, grossLb: ca.grossLb + cb.grossLb, lengthIn: ca.lengthIn + cb.lengthIn };
      const pair: Pair = { a, b, level, harm: harmOf([a.kind, b.kind], { worse, change }), lacking };
      const key = `${a.subject}|${b.subject}`;
      const of = kept.get(key) ?? [];
      kept.set(key, [...of, pair].sort(promise).slice(0, OF_A_SUBJECT_PAIR));
    }
  }
  const promising = [...kept.values()].flat().sort(promise).slice(0, MOST_WEIGHED_PAIRS);
  return { looked, promising };
}
