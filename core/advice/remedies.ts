import type { Build } from '../build/index.js';
import { rank } from '../kernel/index.js';
import type { ChangeKind, Evaluation, Figures, Finding, Step } from '../kernel/index.js';
import { candidatesFor, harmOf, judgeChange, standingOf } from './judged.js';
import type { Offered, Standing } from './judged.js';

/** A change with its computed effect on the finding that it is for, and on everything else. */
export interface Remedy {
  kind: ChangeKind;
  label: string;
  /** The build with the change made. */
  build: Build;
  /** Whether the finding is no longer failing; otherwise the change only helps. */
  mends: boolean;
  /** Whether it then holds with the reserve that is wanted, and not by a hair. */
  restores: boolean;
  before: Standing;
  after: Standing;
  /** By how much the margin grows. */
  gain: number;
  change: Figures;
  /** How much harm it does, to order by. */
  harm: number;
  /** Titles of other findings that are worse after it. */
  worse: string[];
}

const MOST_SHOWN = 6;
const MOST_OF_A_KIND = 2;
/** A margin that grows by less is no gain. */
const LEAST_GAIN = 1e-6;

function remedyFor({ kind, steps }: Offered, base: Evaluation, finding: Finding): Remedy | null {
  const judged = ({ label, edit }: Step): Remedy | null => {
    const after = judgeChange(base, edit);
    const then = after?.finding(finding.id);
    if (!after || !then) return null;
    const gain = then.margin - finding.margin;
    const eases = rank(then.status) < rank(finding.status);
    if (!eases && gain <= LEAST_GAIN) return null;
    return {
      kind,
      label,
      build: after.build,
      worse: after.worse.filter((title) => title !== finding.title),
      change: after.change,
      gain,
      harm: harmOf(base.house, [kind], after.worse.length, after.harm),
      mends: eases && then.status !== 'fails',
      restores: eases && then.status === 'holds',
      before: standingOf(finding),
      after: standingOf(then),
    };
  };

  // Steps go one way: where neither the smallest nor the largest helps, those between do not either.
  if (steps.length > 2 && !judged(steps[0]!) && !judged(steps[steps.length - 1]!)) return null;

  let best: Remedy | null = null;
  for (const step of steps) {
    const remedy = judged(step);
    if (!remedy) continue;
    if (remedy.restores) return best?.mends && costsMore(remedy, best) ? best : remedy;
    if (!best || (!best.mends && (remedy.mends || remedy.gain > best.gain))) best = remedy;
  }
  return best;
}

/** The step that goes on until the reserve is back makes trouble that the one that just clears the limit does not. */
const costsMore = (restoring: Remedy, clearing: Remedy): boolean =>
  restoring.worse.length > clearing.worse.length;

/**
 * What restores the reserve and makes nothing else worse, then what clears the limit, then what only eases: a reserve
 * that is bought with another check is none.
 */
const grade = ({ restores, mends, worse }: Remedy): number =>
  Number(mends) + Number(restores && worse.length === 0);

/** So far over its limit that a whole choice, such as another chassis, belongs beside the small moves, share. */
const LARGE_SHARE = 0.05;
const isLarge = ({ margin, limit }: Finding): boolean => margin < -LARGE_SHARE * Math.abs(limit);

/** The better first: by grade; of those that mend the least harm, of those that ease the most gain. */
const better = (a: Remedy, b: Remedy): number =>
  grade(b) - grade(a) || (a.mends ? a.harm - b.harm || b.gain - a.gain : b.gain - a.gain);

/**
 * The few changes that mend a finding with the least other harm, each computed from the same model.
 * Where nothing mends it alone, the changes that help most come instead. Empty when nothing helps.
 */
export function remediesFor(base: Evaluation, findingId: string): Remedy[] {
  const finding = base.finding(findingId);
  if (!finding || finding.status === 'holds') return [];
  const remedies = candidatesFor(base, findingId)
    .map((candidate) => remedyFor(candidate, base, finding))
    .filter((remedy) => remedy !== null)
    .sort(better);

  const taken = new Map<string, number>();
  const varied = remedies.filter(({ kind }) => {
    const count = (taken.get(kind.id) ?? 0) + 1;
    taken.set(kind.id, count);
    return count <= MOST_OF_A_KIND;
  });
  const mending = varied.filter(({ mends }) => mends);
  const offered = mending.length >= 2 ? mending : varied;
  const shown = offered.slice(0, MOST_SHOWN);
  const whole = offered.find(({ kind, mends }) => mends && kind.costs === 'much');
  return whole && isLarge(finding) && !shown.includes(whole) ? [...shown.slice(0, -1), whole] : shown;
}
