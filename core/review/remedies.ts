import type { BuildSpec } from '../spec/index.js';
import { candidatesFor } from './candidates.js';
import type { Candidate } from './candidates.js';
import { rank } from './checks.js';
import { evaluate } from './evaluate.js';
import type { Evaluation } from './evaluate.js';
import { changeOf, measureOf } from './measure.js';
import type { Change } from './measure.js';
import type { CheckId, Finding, Status } from './types.js';

/** A change with its computed effect on the finding that it is for, and on everything else. */
export interface Remedy {
  kind: Candidate['kind'];
  label: string;
  /** The build with the change made. */
  spec: BuildSpec;
  /** Whether the finding is no longer failing; otherwise the change only helps. */
  mends: boolean;
  before: { actual: number; limit: number; status: Status };
  after: { actual: number; limit: number; status: Status };
  change: Change;
  /** Titles of other findings that are worse after it. */
  worse: string[];
}

const MOST_SHOWN = 6;
const MOST_OF_A_KIND = 2;

const stateOf = ({ actual, limit, status }: Finding) => ({ actual, limit, status });

/** How far a finding is beyond its limit, in its own unit; negative where it holds. */
const excess = (finding: Finding) => -finding.margin;

function remedyFor(candidate: Candidate, base: Evaluation, finding: Finding): Remedy | null {
  const before = measureOf(base);
  const judged = (step: Candidate['steps'][number]): Remedy | null => {
    const after = evaluate(step.spec);
    const then = after.findings.find((other) => other.id === finding.id);
    if (!then) return null;
    const worse = after.findings
      .filter((other) => other.id !== finding.id && rank(other.status) > rank(base.findings.find((old) => old.id === other.id)?.status ?? 'holds'))
      .map((other) => other.title);
    const helps = rank(then.status) < rank(finding.status) || excess(then) < excess(finding) - 1e-6;
    if (!helps) return null;
    return {
      kind: candidate.kind, label: step.label, spec: step.spec, worse,
      mends: rank(then.status) < rank(finding.status) && then.status !== 'fails',
      before: stateOf(finding), after: stateOf(then), change: changeOf(before, measureOf(after)),
    };
  };

  // Steps go one way: where neither the smallest nor the largest helps, those between do not either.
  const { steps } = candidate;
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

/** Harm of a remedy, least first: new troubles, then money, weight, water and hose given up. */
function harm({ worse, change, kind }: Remedy): number {
  const givesUp = kind === 'tankSize' || kind === 'hose' || kind === 'bumperItem' ? 4 : 0;
  return worse.length * 100 + Math.max(0, change.priceCents) / 200_000 + Math.max(0, change.grossLb) / 100 + Math.abs(change.lengthIn) / 6 + givesUp;
}

/**
 * The few changes that mend a finding with the least other harm, each computed from the same model.
 * Where nothing mends it alone, the changes that help most come instead. Empty when nothing helps.
 */
export function remediesFor(spec: BuildSpec, findingId: CheckId): Remedy[] {
  const base = evaluate(spec);
  const finding = base.findings.find((candidate) => candidate.id === findingId);
  if (!finding || finding.status === 'holds') return [];
  const remedies = candidatesFor(spec, base.rig, findingId)
    .map((candidate) => remedyFor(candidate, base, finding))
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
