import { changeOf, evaluate, measureOf, rank } from '../review/index.js';
import type { Change, Evaluation, Finding } from '../review/index.js';
import { referenceProblems } from '../spec/index.js';
import type { BuildSpec } from '../spec/index.js';
import type { ChangeKind } from './change.js';

/** A finding's figure against its limit, as it was and as it would be. */
export type Standing = Pick<Finding, 'actual' | 'limit' | 'status'>;
export const standingOf = ({ actual, limit, status }: Finding): Standing => ({ actual, limit, status });

/** A build with a change made, weighed and reviewed like any other. */
export interface Judged {
  spec: BuildSpec;
  findings: Finding[];
  states: Evaluation['states'];
  change: Change;
  /** Titles of findings that are worse than before. */
  worse: string[];
}

/** Judges a changed build against the one it came from; null where the catalogue can't do it. */
export function judgeChange(base: Evaluation, spec: BuildSpec): Judged | null {
  if (referenceProblems(spec).length > 0) return null;
  const after = evaluate(spec);
  const was = new Map(base.findings.map((finding) => [finding.id, rank(finding.status)]));
  return {
    spec, findings: after.findings, states: after.states, change: changeOf(measureOf(base), measureOf(after)),
    worse: after.findings.filter((finding) => rank(finding.status) > (was.get(finding.id) ?? 0)).map(({ title }) => title),
  };
}

/** How a finding would stand; what is no longer asked holds. */
export const standingIn = (judged: Judged, target: Finding): Standing => {
  const finding = judged.findings.find(({ id }) => id === target.id);
  return finding ? standingOf(finding) : { ...standingOf(target), status: 'holds' };
};

const GIVES_UP: ReadonlySet<ChangeKind> = new Set(['tankSize', 'hose', 'bumperItem', 'ladder', 'fitting', 'seats']);
const MUCH: ReadonlySet<ChangeKind> = new Set(['chassis']);

/** Harm of changes, least first: new troubles, then money, weight and length, and what is given up for them. */
export const harmOf = (kinds: ChangeKind[], { worse, change }: { worse: number; change: Pick<Change, 'priceCents' | 'grossLb' | 'lengthIn'> }): number =>
  worse * 100 + Math.max(0, change.priceCents) / 200_000 + Math.max(0, change.grossLb) / 100 + Math.abs(change.lengthIn) / 6
  + kinds.reduce((sum, kind) => sum + (GIVES_UP.has(kind) ? 4 : MUCH.has(kind) ? 20 : 0.5), 0);
