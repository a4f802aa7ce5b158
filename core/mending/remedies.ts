import { evaluate, rank } from '../review/index.js';
import type { Change, CheckId, Evaluation, Finding } from '../review/index.js';
import type { BuildSpec } from '../spec/index.js';
import { candidatesFor } from './candidates.js';
import type { Candidate, ChangeKind, Step } from './change.js';
import { harmOf, judgeChange, standingOf } from './judged.js';
import type { Standing } from './judged.js';

/** A change with its computed effect on the finding that it is for, and on everything else. */
export interface Remedy {
  kind: ChangeKind;
  label: string;
  /** The build with the change made. */
  spec: BuildSpec;
  /** Whether the finding is no longer failing; otherwise the change only helps. */
  mends: boolean;
  before: Standing;
  after: Standing;
  change: Change;
  /** Titles of other findings that are worse after it. */
  worse: string[];
}

const MOST_SHOWN = 6;
const MOST_OF_A_KIND = 2;

function remedyFor({ kind, steps }: Candidate, spec: BuildSpec, base: Evaluation, finding: Finding): Remedy | null {
  const judged = ({ label, edit }: Step): Remedy | null => {
    const after = judgeChange(base, edit(spec));
    const then = after?.findings.find((other) => other.id === finding.id);
    if (!after || !then) return null;
    const helps = rank(then.status) < rank(finding.status) || then.margin > finding.margin + 1e-6;
    if (!helps) return null;
    return {
      kind, label, spec: after.spec, worse: after.worse.filter((title) => title !== finding.title), change: after.change,
      mends: rank(then.status) < rank(finding.status) && then.status !== 'fails', before: standingOf(finding), after: standingOf(then),
    };
  };

  // Steps go one way: where neither the smallest nor the largest helps, those between do not either.
  if (steps.length > 2 && !judged(steps[0]!) && !judged(steps[steps.length - 1]!)) return null;

  let best: Remedy | null = null;
  for (const step of steps) {
    const remedy = judged(step);
    if (!remedy) continue;
    if (remedy.mends) return remedy;
    const gain = (r: Remedy) => r.before.actual - r.before.limit - (r.after.actual - r.after.limit);
    if (!best || Math.abs(gain(remedy)) > Math.abs(gain(best))) best = remedy;
  }
  return best;
}

const harm = ({ kind, worse, change }: Remedy) => harmOf([kind], { worse: worse.length, change });

/**
 * The few changes that mend a finding with the least other harm, each computed from the same model.
 * Where nothing mends it alone, the changes that help most come instead. Empty when nothing helps.
 */
export function remediesFor(spec: BuildSpec, findingId: CheckId): Remedy[] {
  const base = evaluate(spec);
  const finding = base.findings.find((candidate) => candidate.id === findingId);
  if (!finding || finding.status === 'holds') return [];
  const remedies = candidatesFor(spec, base.rig, findingId)
    .map((candidate) => remedyFor(candidate, spec, base, finding))
    .filter((remedy) => remedy !== null)
    .sort((a, b) => Number(b.mends) - Number(a.mends) || harm(a) - harm(b));

  const taken = new Map<string, number>();
  const varied = remedies.filter((remedy) => {
    const count = (taken.get(remedy.kind) ?? 0) + 1;
    taken.set(remedy.kind, count);
    return count <= MOST_OF_A_KIND;
  });
  const mending = varied.filter((remedy) => remedy.mends);
  return (mending.length >= 2 ? mending : varied).slice(0, MOST_SHOWN);
}
