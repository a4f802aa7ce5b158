import type { Build } from '../build/index.js';
import type { Evaluation, Figures } from '../kernel/index.js';
import { inService, worseModel } from '../subjects/weights/index.js';
import { judgeChange } from './judged.js';

/** How far each axle leans in service, percent of its load, by the worse model of the frame. */
export interface Lean {
  frontPct: number;
  rearPct: number;
}

/** A change that levels the truck, with how it leans before and after. */
export interface Leveling {
  label: string;
  build: Build;
  before: Lean;
  after: Lean;
  change: Figures;
  worse: string[];
}

const MOST_SHOWN = 5;
/** Less is no leveling, percent. */
const LEAST_PCT = 0.05;

const leanOf = (evaluation: Evaluation): Lean => {
  const { front, rear } = evaluation.read(inService).weights;
  return { frontPct: worseModel(front).imbalancePct, rearPct: worseModel(rear).imbalancePct };
};
const worst = ({ frontPct, rearPct }: Lean) => Math.max(frontPct, rearPct);

/**
 * What to move to level the truck, whether or not its sides hold: heavy equipment to other compartments,
 * ladders ridden otherwise; the most level first.
 */
export function levelingOf(base: Evaluation): Leveling[] {
  const before = leanOf(base);
  return base.house.changes
    .filter(({ helps }) => helps.includes('level'))
    .flatMap(({ offer }) => offer(base))
    .flatMap(({ steps }) => steps)
    .flatMap(({ label, edit }): Leveling[] => {
      const judged = judgeChange(base, edit);
      if (!judged) return [];
      const after = leanOf(judged.evaluation);
      return worst(after) < worst(before) - LEAST_PCT
        ? [{ label, build: judged.build, before, after, change: judged.change, worse: judged.worse }]
        : [];
    })
    .sort((a, b) => a.worse.length - b.worse.length || worst(a.after) - worst(b.after))
    .slice(0, MOST_SHOWN);
}
