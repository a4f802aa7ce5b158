import { evaluate, worseModel } from '../review/index.js';
import type { Change, Evaluation } from '../review/index.js';
import type { BuildSpec } from '../spec/index.js';
import { judgeChange } from './judged.js';
import { ladderMount, moveItem } from './of-weight.js';

/** How far each axle leans in service, percent of its load, by the worse model of the frame. */
export interface Lean {
  frontPct: number;
  rearPct: number;
}

/** A change that levels the truck, with how it leans before and after. */
export interface Levelling {
  label: string;
  spec: BuildSpec;
  before: Lean;
  after: Lean;
  change: Change;
  worse: string[];
}

const MOST_SHOWN = 5;

const leanOf = ({ states }: Pick<Evaluation, 'states'>): Lean => {
  const { front, rear } = states[0]!.weights;
  return { frontPct: worseModel(front).imbalancePct, rearPct: worseModel(rear).imbalancePct };
};
const worst = ({ frontPct, rearPct }: Lean) => Math.max(frontPct, rearPct);

/** What to move to level the truck, whether or not its sides hold: heavy equipment to other compartments, ladders ridden otherwise; the most level first. */
export function levellingOf(spec: BuildSpec): Levelling[] {
  const base = evaluate(spec);
  const before = leanOf(base);
  return [...moveItem(spec, base.rig), ...ladderMount(spec, base.rig)]
    .flatMap(({ steps }) => steps)
    .flatMap(({ label, edit }): Levelling[] => {
      const judged = judgeChange(base, edit(spec));
      if (!judged) return [];
      const after = leanOf(judged);
      return worst(after) < worst(before) - 0.05 ? [{ label, spec: judged.spec, before, after, change: judged.change, worse: judged.worse }] : [];
    })
    .sort((a, b) => a.worse.length - b.worse.length || worst(a.after) - worst(b.after))
    .slice(0, MOST_SHOWN);
}
