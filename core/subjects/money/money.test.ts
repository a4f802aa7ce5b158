import { describe, expect, it } from 'vitest';
import { withBlock } from '../../build/index.js';
import type { Build } from '../../build/index.js';
import { DEMONSTRATION } from '../../demonstration/index.js';
import { itemizedCents } from '../../truck/index.js';
import { withBrief } from '../brief/index.js';
import { house } from '../index.js';
import { money, withMoney } from './index.js';

const builds = DEMONSTRATION.flatMap((department) => department.builds);
const pumper = builds[0]!;

describe('money', () => {
  it.each(builds)('$name: steps and parts sum to the whole', (build) => {
    const evaluation = house.evaluate(build);
    const itemized = evaluation.read(itemizedCents);
    const { steps, totalCents, leftCents, budgetCents } = evaluation.read(money);
    expect(steps.reduce((sum, { cents }) => sum + cents, 0)).toBe(itemized);
    for (const { parts, cents } of steps)
      expect(parts.reduce((sum, part) => sum + part.cents, 0)).toBe(cents);
    expect(totalCents).toBe(itemized + Math.round(itemized * 0.03));
    expect(leftCents).toBe(budgetCents! - totalCents);
  });

  it('over the budget is a finding; without a budget there is none', () => {
    const { totalCents } = house.evaluate(pumper).read(money);
    const over = house.evaluate(withMoney(pumper, { budgetCents: totalCents - 1 }));
    expect(over.finding('budget')).toMatchObject({ status: 'fails', margin: -1, unit: '$' });
    const free = withBlock(pumper, 'money', { budgetCents: undefined });
    expect(house.evaluate(withBrief(free, {})).finding('budget')).toBeNull();
  });

  it('is asked of the truck, and where nothing is said of it by the brief', () => {
    const budgetOf = (build: Build) => house.evaluate(build).read(money).budgetCents;
    const ofBrief = { budget: [{ id: 'b', wish: 'must', known: 'told', cents: 700_000_00 } as const] };
    const free = withBlock(pumper, 'money', { budgetCents: undefined });
    expect(budgetOf(withBrief(free, ofBrief))).toBe(700_000_00);
    expect(budgetOf(withBrief(withMoney(pumper, { budgetCents: 5 }), ofBrief))).toBe(5);
  });
});
