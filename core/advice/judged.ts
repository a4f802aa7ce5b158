import { within } from '../units/index.js';
import type { Build } from '../build/index.js';
import { changeOf, rank } from '../kernel/index.js';
import type { Candidate, ChangeKind, Changes, Evaluation, Figures, Finding, Step } from '../kernel/index.js';

/** A finding's figure against its limit, as it was and as it would be. */
export type Standing = Pick<Finding, 'actual' | 'limit' | 'status'>;
export const standingOf = ({ actual, limit, status }: Finding): Standing => ({ actual, limit, status });

/** A build with a change made, weighed and reviewed like any other. */
export interface Judged {
  evaluation: Evaluation;
  build: Build;
  findings: Finding[];
  change: Figures;
  /** Titles of findings that are worse than before. */
  worse: string[];
}

/** Judges a changed build against the one it came from; null where the catalogue can't do it. */
export function judgeChange(base: Evaluation, edit: Step['edit']): Judged | null {
  const { house } = base;
  const build = house.settle(edit(base.build));
  if (house.problemsOf(build).length > 0) return null;
  const evaluation = base.with(build);
  const was = new Map(base.findings.map(({ id, status }) => [id, rank(status)]));
  return {
    evaluation,
    build,
    findings: evaluation.findings,
    change: changeOf(base.figures(), evaluation.figures()),
    worse: evaluation.findings
      .filter(({ id, status }) => rank(status) > (was.get(id) ?? 0))
      .map(({ title }) => title),
  };
}

/** How a finding would stand; what is no longer asked holds. */
export const standingIn = (judged: Judged, target: Finding): Standing => {
  const finding = judged.findings.find(({ id }) => id === target.id);
  return finding ? standingOf(finding) : { ...standingOf(target), status: 'holds' };
};

/** A change that the catalogue allows, with its kind. */
export interface Offered extends Candidate {
  kind: ChangeKind;
}

/** The kinds of change that may mend a check: those that help it, or help what it says helps it. */
export const changesFor = ({ house }: Pick<Evaluation, 'house'>, checkId: string): Changes[] => {
  const needs = [checkId, ...(house.checks.find(({ id }) => id === checkId)?.mendedBy ?? [])];
  return house.changes.filter(({ helps }) => helps.some((one) => needs.includes(one)));
};

/** The changes that this build's catalogue allows and that may mend a check, none of them judged yet. */
export const candidatesFor = (evaluation: Evaluation, checkId: string): Offered[] =>
  changesFor(evaluation, checkId)
    .flatMap(({ kind, offer }) => offer(evaluation).map((candidate) => ({ ...candidate, kind })))
    .filter(({ steps }) => steps.length > 0);

/**
 * Weights of what a change costs: a new trouble, then so many cents, pounds and inches as one, and what is
 * given up.
 */
const HARM = { trouble: 100, cents: 200_000, lb: 100, in: 6, givesUp: 4, much: 20, any: 0.5 };

/** Harm of changes, least first: new troubles, then money, weight and length, and what is given up for them. */
export const harmOf = (
  kinds: readonly ChangeKind[],
  worse: number,
  { price = 0, gross = 0, length = 0 }: Figures,
): number =>
  worse * HARM.trouble +
  Math.max(0, price) / HARM.cents +
  Math.max(0, gross) / HARM.lb +
  Math.abs(length) / HARM.in +
  kinds.reduce((sum, { costs }) => sum + HARM[costs ?? 'any'], 0);

/** Changes made together, as one sentence without its full stop. */
export const together = (changes: readonly { label: string }[]): string =>
  changes.map(({ label }, i) => (i === 0 ? label : within(label))).join(', and ');
