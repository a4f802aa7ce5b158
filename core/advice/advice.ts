import { same } from '../build/index.js';
import type { Build } from '../build/index.js';
import { rank } from '../kernel/index.js';
import type { ChangeKind, Evaluation, Figures, Finding } from '../kernel/index.js';
import { candidatesFor, harmOf, judgeChange, standingOf } from './judged.js';
import type { Judged, Standing } from './judged.js';
import { obstacleOf } from './obstacles.js';
import type { Obstacle } from './obstacles.js';
import { levelOf } from './pairs.js';
import type { Single } from './pairs.js';
import { weighPairs } from './weigh-pairs.js';

/** One of the changes that a piece of advice consists of. */
export interface AdvisedChange {
  kind: ChangeKind;
  label: string;
}

/** What advice does to one of the checks that it was asked for. */
export interface Effect {
  id: string;
  title: string;
  unit: Finding['unit'];
  before: Standing;
  after: Standing;
}

/** One change, or two together, with everything that they do, weighed like any build. */
export interface Advice {
  changes: AdvisedChange[];
  build: Build;
  effects: Effect[];
  /** How many of the checks asked for stand better than before. */
  mends: number;
  /** How many of them hold with nothing left to say. */
  holds: number;
  worse: string[];
  change: Figures;
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
  checks?: string[];
  /** Ids of the kinds of change that stay as they are. */
  keep?: string[];
}

const MOST_SHOWN = 12;
/** How often one matter may appear in what is shown, so that the advice has variety. */
const MOST_OF_A_MATTER = 4;
/** Steps between two reports of progress. */
const REPORT_EACH = 16;
/** Of the whole search, weighing single changes takes about this share. */
const SHARE_OF_SINGLES = 0.5;

const sumOver = <T>(items: T[], of: (item: T) => number): number =>
  items.reduce((sum, item) => sum + of(item), 0);

/** Whether one stands before another: more mended, then fewer new troubles, then less harm. */
const better = (a: { level: number; worse: number; harm: number }, b: typeof a): number =>
  b.level - a.level || a.worse - b.worse || a.harm - b.harm;

/**
 * Searches the changes that the catalog allows, alone and in pairs, for what mends the checks asked for.
 * Every single change is weighed as a whole build. A pair's gains are first taken as the sum of what each
 * does alone, for every pair; the most promising are then weighed as whole builds too, as are those of which a
 * try shows that they work on each other, and only those are shown. A generator: each step reports progress, and whoever calls it may stop.
 */
export function* advise(base: Evaluation, asked: AdviceAsked = {}): Generator<AdviceProgress, AdviceResult> {
  const targets = base.findings.filter(
    ({ id, status }) => status !== 'holds' && (!asked.checks || asked.checks.includes(id)),
  );
  const now = sumOver(targets, ({ status }) => levelOf(status));
  const level = (judged: Judged) => sumOver(targets, (target) => levelOf(judged.standing(target).status));

  const singles: Single[] = [];
  const steps = stepsFor(base, targets, asked.keep ?? []);
  for (const [i, step] of steps.entries()) {
    const judged = judgeChange(base, step.edit);
    if (judged && !same(judged.build, base.build)) {
      singles.push({
        ...step,
        judged,
        gains: base.findings.map(({ id, margin }) => (judged.finding(id)?.margin ?? margin) - margin),
        level: level(judged),
      });
    }
    if (i % REPORT_EACH === 0) yield { looked: i, done: (SHARE_OF_SINGLES * i) / steps.length };
  }

  const weighing = weighPairs(base, singles, targets, now, level);
  let step = weighing.next();
  for (; !step.done; step = weighing.next())
    yield { looked: steps.length, done: SHARE_OF_SINGLES + (1 - SHARE_OF_SINGLES) * step.value };
  const { looked: lookedAtPairs, weighed: pairsWeighed } = step.value;
  const looked = steps.length + lookedAtPairs;

  const found = [
    ...singles.map((single) => ({ parts: [single], judged: single.judged, level: single.level })),
    // Two changes are worth their trouble where they mend more than either alone, or do less harm with it.
    ...pairsWeighed
      .filter(({ pair: { a, b }, judged, level: reached }) =>
        [a, b].every(
          (part) =>
            reached > part.level ||
            (reached === part.level && judged.worse.length < part.judged.worse.length),
        ),
      )
      .map(({ pair: { a, b }, judged, level: reached }) => ({ parts: [a, b], judged, level: reached })),
  ]
    .filter((one) => one.level > now)
    .map((one) => ({
      ...one,
      worse: one.judged.worse.length,
      harm: harmOf(
        base.house,
        one.parts.map(({ kind }) => kind),
        one.judged.worse.length,
        one.judged.harm,
      ),
    }));
  const advice = varied(found.sort(better)).map(({ parts, judged }) => adviceOf(parts, judged, targets));

  const mended = new Set(
    advice.flatMap(({ effects }) =>
      effects.filter(({ before, after }) => rank(after.status) < rank(before.status)).map(({ id }) => id),
    ),
  );
  return {
    looked,
    weighed: steps.length + pairsWeighed.length,
    advice,
    obstacles: targets
      .filter(({ id }) => !mended.has(id))
      .map((target) =>
        obstacleOf(
          target,
          singles,
          pairsWeighed.map(({ pair, judged }) => ({ labels: [pair.a.label, pair.b.label], judged })),
        ),
      ),
  };
}

/** Every step of every change that may mend one of the targets, each once. */
function stepsFor(
  base: Evaluation,
  targets: readonly Finding[],
  keep: readonly string[],
): Omit<Single, 'judged' | 'gains' | 'level'>[] {
  const steps = targets
    .flatMap(({ id }) => candidatesFor(base, id))
    .filter(({ kind }) => !keep.includes(kind.id))
    .flatMap(({ kind, matter, steps: all }) => all.map((step) => ({ ...step, kind, matter })));
  return [...new Map(steps.map((step) => [`${step.matter} ${step.label}`, step])).values()];
}

/** The best of what was found, one of each matter or pair of matters, and no matter too often. */
function varied<T extends { parts: Single[] }>(sorted: T[]): T[] {
  const shown: T[] = [];
  const matters = new Map<string, number>();
  const taken = new Set<string>();
  for (const one of sorted) {
    const key = one.parts
      .map(({ matter }) => matter)
      .sort()
      .join('|');
    if (taken.has(key) || one.parts.some(({ matter }) => (matters.get(matter) ?? 0) >= MOST_OF_A_MATTER))
      continue;
    taken.add(key);
    for (const { matter } of one.parts) matters.set(matter, (matters.get(matter) ?? 0) + 1);
    shown.push(one);
    if (shown.length === MOST_SHOWN) break;
  }
  return shown;
}

function adviceOf(parts: Single[], judged: Judged, targets: readonly Finding[]): Advice {
  const effects = targets.map((target): Effect => ({
    id: target.id,
    title: target.title,
    unit: target.unit,
    before: standingOf(target),
    after: judged.standing(target),
  }));
  return {
    changes: parts.map(({ kind, label }) => ({ kind, label })),
    build: judged.build,
    effects,
    worse: judged.worse,
    change: judged.change,
    mends: effects.filter(({ before, after }) => rank(after.status) < rank(before.status)).length,
    holds: effects.filter(({ after }) => after.status === 'holds').length,
  };
}

/** The whole search at once. */
export function adviceFor(base: Evaluation, asked: AdviceAsked = {}): AdviceResult {
  const search = advise(base, asked);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}
