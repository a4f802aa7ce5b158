import { within } from '../units/index.js';
import { same } from '../build/index.js';
import type { Build } from '../build/index.js';
import { changeOf, rank } from '../kernel/index.js';
import type { Candidate, ChangeKind, Changes, Evaluation, Figures, Finding, Step } from '../kernel/index.js';

/** A finding's figure against its limit, as it was and as it would be. */
export type Standing = Pick<Finding, 'actual' | 'limit' | 'status'>;
export const standingOf = ({ actual, limit, status }: Finding): Standing => ({ actual, limit, status });

/** Settling a change clears away what does not go with it: a choice is then replaced that the change does not name. */
const replacesUnasked = (edited: Build, settled: Build): boolean =>
  edited !== settled && !same({ ...edited, catalogue: null }, { ...settled, catalogue: null });

/** Whether something of a build is further beyond what a builder would build than it was. */
const isLaughable = (before: Evaluation, after: Evaluation): boolean =>
  before.house.subjects.some(
    ({ unbuildable }) => unbuildable && after.read(unbuildable) > before.read(unbuildable),
  );

/** Less is no difference of a margin, as a share of its limit. */
const NO_DIFFERENCE = 1e-6;

/** A build with a change made, weighed and reviewed like any other, as far as it is asked. */
export class Judged {
  private worsened: string[] | undefined;
  private changed: Figures | undefined;
  private harmed: Figures | undefined;

  constructor(
    private readonly base: Evaluation,
    readonly evaluation: Evaluation,
  ) {}

  get build(): Build {
    return this.evaluation.build;
  }

  get findings(): Finding[] {
    return this.evaluation.findings;
  }

  /** What one check says of it, without looking at the others. */
  finding(id: string): Finding | null {
    return this.evaluation.finding(id);
  }

  /** How a finding would stand; what is no longer asked holds. */
  standing(target: Finding): Standing {
    return standingOf(this.finding(target.id) ?? { ...target, status: 'holds' });
  }

  /** Titles of findings that are worse than before: of another status, or further over what they were over. */
  get worse(): string[] {
    return (this.worsened ??= this.findings.filter((now) => this.isWorse(now)).map(({ title }) => title));
  }

  private isWorse({ id, status, margin, limit }: Finding): boolean {
    const before = this.base.finding(id);
    const [was, is] = [rank(before?.status ?? 'holds'), rank(status)];
    if (is !== was) return is > was;
    return status === 'fails' && before!.margin - margin > NO_DIFFERENCE * Math.max(1, Math.abs(limit));
  }

  /** What changes of the figures by which builds are compared. */
  get change(): Figures {
    return (this.changed ??= changeOf(this.base.figures(), this.evaluation.figures()));
  }

  /** What changes of those in which harm is counted. */
  get harm(): Figures {
    const { harmFigures } = this.base.house;
    return (this.harmed ??= changeOf(this.base.figures(harmFigures), this.evaluation.figures(harmFigures)));
  }
}

/**
 * Judges a changed build against the one it came from; null where the catalog can't do it, where it would
 * replace a choice that it does not name, and where a builder would laugh at it.
 */
export function judgeChange(base: Evaluation, edit: Step['edit']): Judged | null {
  const { house } = base;
  const edited = edit(base.build);
  const build = house.settle(edited);
  if (replacesUnasked(edited, build) || house.problemsOf(build).length > 0) return null;
  const evaluation = base.with(build);
  return isLaughable(base, evaluation) ? null : new Judged(base, evaluation);
}

/** A change that the catalog allows, with its kind. */
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

/** What a new trouble counts, and what is given up or much changed. */
const HARM = { trouble: 100, givesUp: 4, much: 20, any: 0.5 };

/**
 * Harm of changes: troubles that are new or grow, the figures that all of them together move the wrong way
 * by what each says is one, and what is given up.
 */
export const harmOf = (
  { harmFigures }: Pick<Evaluation['house'], 'harmFigures'>,
  kinds: readonly ChangeKind[],
  worse: number,
  ...by: Figures[]
): number =>
  worse * HARM.trouble +
  harmFigures.reduce((sum, { id, harm }) => {
    const moved = by.reduce((all, one) => all + (one[id] ?? 0), 0);
    return sum + Math.max(0, harm!.way === 'up' ? moved : -moved) / harm!.each;
  }, 0) +
  kinds.reduce((sum, { costs }) => sum + HARM[costs ?? 'any'], 0);

/** Changes made together, as one sentence without its full stop. */
export const together = (changes: readonly { label: string }[]): string =>
  changes.map(({ label }, i) => (i === 0 ? label : within(label))).join(', and ');
