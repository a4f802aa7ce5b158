import { evaluate, rank } from '../review/index.js';
import type { Change, CheckId, Evaluation, Finding, Status } from '../review/index.js';
import type { BuildSpec } from '../spec/index.js';
import { same } from '../spec/index.js';
import { candidatesFor } from './candidates.js';
import type { ChangeKind, Step } from './change.js';
import { harmOf, judgeChange, standingOf } from './judged.js';
import type { Judged, Standing } from './judged.js';

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

/** Why a check is not mended: the best that each kind of change alone does for it, and the best that any two do. */
export interface Obstacle {
  id: CheckId;
  title: string;
  unit: Finding['unit'];
  standing: Standing;
  /** How far each kind of change brings it, best first; none where the catalogue offers nothing. */
  nearest: { kind: ChangeKind; label: string; after: Standing; worse: string[] }[];
  nearestPair: { labels: string[]; after: Standing } | null;
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

/** A change of one step and what it does alone. */
interface Single extends Step {
  kind: ChangeKind;
  subject: string;
  judged: Judged;
  /** By how much it changes the margin of each check, in the order of the base's findings. */
  gains: number[];
  level: number;
}

/** Two changes, by what their gains amount to together before they are weighed. */
interface Pair {
  a: Single;
  b: Single;
  level: number;
  harm: number;
  /** What the checks asked for still lack to hold with comfort, as shares of their limits. */
  lacking: number;
}

const MOST_SHOWN = 12;
/** Of one pair of subjects, so many are weighed: what they gain together is not quite the sum. */
const OF_A_SUBJECT_PAIR = 3;
const MOST_WEIGHED_PAIRS = 160;
/** How often one subject may appear in what is shown, so that the advice has variety. */
const MOST_OF_A_SUBJECT = 4;
/** Steps between two reports of progress. */
const REPORT_EACH = 16;

const levelOf = (status: Status): number => 2 - rank(status);
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

/** Every two changes of different subjects by the sum of their gains, and those of them that are worth weighing. */
function pairsOf(singles: Single[], base: Evaluation, targets: Finding[], now: number): { looked: number; promising: Pair[] } {
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

const standingIn = (judged: Judged, target: Finding): Standing => {
  const finding = judged.findings.find(({ id }) => id === target.id);
  return finding ? standingOf(finding) : { ...standingOf(target), status: 'holds' };
};

function adviceOf(parts: Single[], judged: Judged, targets: Finding[]): Advice {
  const effects = targets.map((target): Effect => ({ id: target.id, title: target.title, unit: target.unit, before: standingOf(target), after: standingIn(judged, target) }));
  return {
    changes: parts.map(({ kind, label }) => ({ kind, label })), spec: judged.spec, effects, worse: judged.worse, change: judged.change,
    mends: effects.filter(({ before, after }) => rank(after.status) < rank(before.status)).length,
    holds: effects.filter(({ after }) => after.status === 'holds').length,
  };
}

const marginIn = (judged: Judged, target: Finding): number => judged.findings.find(({ id }) => id === target.id)?.margin ?? -Infinity;

function obstacleOf(target: Finding, singles: Single[], pairs: { labels: string[]; judged: Judged }[]): Obstacle {
  const best = new Map<ChangeKind, Single>();
  for (const single of singles) {
    const rival = best.get(single.kind);
    if (marginIn(single.judged, target) > (rival ? marginIn(rival.judged, target) : target.margin)) best.set(single.kind, single);
  }
  const nearest = [...best.values()].sort((a, b) => marginIn(b.judged, target) - marginIn(a.judged, target));
  const pair = pairs.reduce<(typeof pairs)[number] | null>((most, next) => (marginIn(next.judged, target) > (most ? marginIn(most.judged, target) : target.margin) ? next : most), null);
  return {
    id: target.id, title: target.title, unit: target.unit, standing: standingOf(target),
    nearest: nearest.map(({ kind, label, judged }) => ({ kind, label, after: standingIn(judged, target), worse: judged.worse })),
    nearestPair: pair && { labels: pair.labels, after: standingIn(pair.judged, target) },
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
