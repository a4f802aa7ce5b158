import type { Evaluation, Finding } from '../kernel/index.js';
import { judgeChange } from './judged.js';
import type { Judged } from './judged.js';
import { pairsOf, pairsOfThose, pairsToTry, workOnEachOther } from './pairs.js';
import type { Single, Two } from './pairs.js';

/** Two changes weighed as a whole build. */
export interface WeighedPair {
  pair: Two;
  judged: Judged;
  level: number;
}

const MOST_PROMISING = 160;
/** Pairs between two reports of progress. */
const REPORT_EACH = 16;
/** Trying which changes work on each other takes that share of the work. */
const SHARE_OF_TRIES = 0.3;

/**
 * Weighs as whole builds the pairs of changes whose sums promise most; and, since what two changes gain together is
 * not always the sum, of two that a try shows to work on each other more steps with each other. Yields the share
 * that is done.
 */
export function* weighPairs(
  base: Evaluation,
  singles: readonly Single[],
  targets: readonly Finding[],
  now: number,
  level: (judged: Judged) => number,
): Generator<number, { looked: number; weighed: WeighedPair[] }> {
  const { looked, sorted } = pairsOf(singles, base, targets, now);
  const known = new Map<string, WeighedPair>();
  const weigh = ({ a, b }: Two): WeighedPair | undefined => {
    const key = `${a.matter} ${a.label}|${b.matter} ${b.label}`;
    if (known.has(key)) return known.get(key);
    const judged = judgeChange(base, (build) => b.edit(base.house.settle(a.edit(build))));
    if (!judged) return undefined;
    const weighed = { pair: { a, b }, judged, level: level(judged) };
    known.set(key, weighed);
    return weighed;
  };

  const tried = pairsToTry(sorted);
  const those: Two[] = [];
  for (const [i, pair] of tried.entries()) {
    const weighed = weigh(pair);
    if (weighed && workOnEachOther(pair, weighed.judged, base, targets)) those.push(pair);
    if (i % REPORT_EACH === 0) yield (SHARE_OF_TRIES * i) / tried.length;
  }
  const rest = [...sorted.slice(0, MOST_PROMISING), ...pairsOfThose(singles, those)];
  for (const [i, pair] of rest.entries()) {
    weigh(pair);
    if (i % REPORT_EACH === 0) yield SHARE_OF_TRIES + ((1 - SHARE_OF_TRIES) * i) / rest.length;
  }
  return { looked, weighed: [...known.values()] };
}
