import { evaluate, rank } from '../review/index.js';
import type { Change, CheckId, Evaluation, Finding } from '../review/index.js';
import type { BuildSpec } from '../spec/index.js';
import { same } from '../spec/index.js';
import { candidatesFor } from './candidates.js';
import type { ChangeKind } from './change.js';
import { harmOf, judgeChange, standingIn, standingOf } from './judged.js';
import type { Judged, Standing } from './judged.js';
import { obstacleOf } from './obstacles.js';
import type { Obstacle } from './obstacles.js';
import { levelOf, pairsOf } from './pairs.js';
import type { Pair, Single } from './pairs.js';

/** One of the changes that a piece of advice consists of. */
export interface AdvisedChange {
  kind: ChangeKind;
  label: string;
}

/** What advice does to one of the checks that it was asked for. */
export interface Effect {
  id: CheckId;
  title: string;
  unit: Finding['unit'];
  before: Standing;
  after: Standing;
}

/** One change, or two together, with everything that they do, weighed like any build. */
export interface Advice {
  changes: AdvisedChange[];
  spec: BuildSpec;
  effects: Effect[];
  /** How many of the checks asked for stand better than before. */
  mends: number;
  /** How many of them hold with nothing left to say. */
  holds: number;
  worse: string[];
  change: Change;
}

export interface AdviceResult {
  /** Changes and pairs of changes that were looked at, and how many of them were weighed as a whole build. */
  looked: number;
  weighed: number;
  advice: Advice[];
  /** One for each check asked for that nothing found here mends. */
  obstacles: Obstacle[];
}

export interface AdviceProgress {
  looked: number;
  /** Share of the search that is done, 0 to 1. */
  done: number;
}

export interface AdviceAsked {
  /** The checks to mend; every one that fails or is close where left out. */
  checks?: CheckId[];
  /** Kinds of change that stay as they are. */
  keep?: ChangeKind[];
}

const MOST_SHOWN = 12;
/** How often one subject may appear in what is shown, so that the advice has variety. */
const MOST_OF_A_SUBJECT = 4;
/** Steps between two reports of progress. */
const REPORT_EACH = 16;

const sumOver = <T>(items: T[], of: (item: T) => number): number => items.reduce((sum, item) => sum + of(item), 0);

/** Whether one stands before another: more mended, then fewer new troubles, then less harm. */
const better = (a: { level: number; worse: number; harm: number }, b: typeof a): number => b.level - a.level || a.worse - b.worse || a.harm - b.harm;

/**
 * Searches the changes that the catalogue allows, alone and in pairs, for what mends the checks asked for.
 * Every single change is weighed as a whole build. A pair's gains are first taken as the sum of what each does alone,
 * for every pair; the most promising are then weighed as whole builds too, and only those are shown.
 * A generator: each step reports progress, and whoever calls it may stop.
 */
export function* advise(spec: BuildSpec, asked: AdviceAsked = {}): Generator<AdviceProgress, AdviceResult> {
  const base = evaluate(spec);
  const targets = base.findings.filter(({ id, status }) => status !== 'holds' && (!asked.checks || asked.checks.includes(id)));
  const now = sumOver(targets, ({ status }) => levelOf(status));
  const level = ({ findings }: Judged) => sumOver(targets, ({ id }) => levelOf(findings.find((finding) => finding.id === id)?.status ?? 'holds'));

  const singles: Single[] = [];
  const steps = stepsFor(spec, base, targets, asked.keep ?? []);
  for (const [i, step] of steps.entries()) {
    const judged = judgeChange(base, step.edit(spec));
    if (judged && !same(judged.spec, spec)) {
      const then = new Map(judged.findings.map((finding) => [finding.id, finding.margin]));
      singles.push({ ...step, judged, gains: base.findings.map(({ id, margin }) => (then.get(id) ?? margin) - margin), level: level(judged) });
    }
    if (i % REPORT_EACH === 0) yield { looked: i, done: (0.6 * i) / steps.length };
  }

  const pairs = pairsOf(singles, base, targets, now);
  const looked = steps.length + pairs.looked;
  const weighedPairs: { pair: Pair; judged: Judged; level: number }[] = [];
  for (const [i, pair] of pairs.promising.entries()) {
    const judged = judgeChange(base, pair.b.edit(pair.a.edit(spec)));
    if (judged) weighedPairs.push({ pair, judged, level: level(judged) });
    if (i % REPORT_EACH === 0) yield { looked, done: 0.6 + (0.4 * i) / pairs.promising.length };
  }

  const found = [
    ...singles.map((single) => ({ parts: [single], judged: single.judged, level: single.level })),
    // Two changes are worth their trouble where they mend more than either alone, or do less harm with it.
    ...weighedPairs
      .filter(({ pair: { a, b }, judged, level: reached }) => [a, b].every((part) => reached > part.level || (reached === part.level && judged.worse.length < part.judged.worse.length)))
      .map(({ pair: { a, b }, judged, level: reached }) => ({ parts: [a, b], judged, level: reached })),
  ].map((one) => ({ ...one, worse: one.judged.worse.length, harm: harmOf(one.parts.map(({ kind }) => kind), { worse: one.judged.worse.length, change: one.judged.change }) }));
  const advice = varied(found.filter((one) => one.level > now).sort(better)).map(({ parts, judged }) => adviceOf(parts, judged, targets));

  const mended = new Set(advice.flatMap(({ effects }) => effects.filter(({ before, after }) => rank(after.status) < rank(before.status)).map(({ id }) => id)));
  return {
    looked, weighed: steps.length + weighedPairs.length, advice,
    obstacles: targets.filter(({ id }) => !mended.has(id)).map((target) => obstacleOf(target, singles, weighedPairs.map(({ pair, judged }) => ({ labels: [pair.a.label, pair.b.label], judged })))),
  };
}

/** Every step of every change that may mend one of the targets, each once. */
function stepsFor(spec: BuildSpec, base: Evaluation, targets: Finding[], keep: ChangeKind[]): Omit<Single, 'judged' | 'gains' | 'level'>[] {
  const steps = targets
    .flatMap(({ id }) => candidatesFor(spec, base.rig, id))
    .filter(({ kind }) => !keep.includes(kind))
    .flatMap(({ kind, subject, steps: all }) => all.map((step) => ({ ...step, kind, subject })));
  return [...new Map(steps.map((step) => [`${step.subject} ${step.label}`, step])).values()];
}

/** The best of what was found, one of each subject or pair of subjects, and no subject too often. */
function varied<T extends { parts: Single[] }>(sorted: T[]): T[] {
  const shown: T[] = [];
  const subjects = new Map<string, number>();
  const taken = new Set<string>();
  for (const one of sorted) {
    const key = one.parts.map(({ subject }) => subject).sort().join('|');
    if (taken.has(key) || one.parts.some(({ subject }) => (subjects.get(subject) ?? 0) >= MOST_OF_A_SUBJECT)) continue;
    taken.add(key);
    for (const { subject } of one.parts) subjects.set(subject, (subjects.get(subject) ?? 0) + 1);
    shown.push(one);
    if (shown.length === MOST_SHOWN) break;
  }
  return shown;
}

function adviceOf(parts: Single[], judged: Judged, targets: Finding[]): Advice {
  const effects = targets.map((target): Effect => ({ id: target.id, title: target.title, unit: target.unit, before: standingOf(target), after: standingIn(judged, target) }));
  return {
    changes: parts.map(({ kind, label }) => ({ kind, label })), spec: judged.spec, effects, worse: judged.worse, change: judged.change,
    mends: effects.filter(({ before, after }) => rank(after.status) < rank(before.status)).length,
    holds: effects.filter(({ after }) => after.status === 'holds').length,
  };
}

/** The whole search at once. */
export function adviceFor(spec: BuildSpec, asked: AdviceAsked = {}): AdviceResult {
  const search = advise(spec, asked);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}
