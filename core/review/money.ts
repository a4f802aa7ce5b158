import type { Rig, StepId } from '../rig/index.js';
import { formatMoney } from '../units/index.js';
import { stepTitle } from './titles.js';
import type { Check } from './types.js';

/** What one step of the order of work costs, part by part, cents. */
export interface MoneyOfStep {
  step: StepId;
  title: string;
  cents: number;
  parts: { name: string; cents: number }[];
}

/** What a truck costs: what is itemised, an allowance for what is not, and what the budget leaves; cents. */
export interface Money {
  steps: MoneyOfStep[];
  itemisedCents: number;
  unlistedPct: number;
  unlistedCents: number;
  totalCents: number;
  budgetCents: number | null;
  leftCents: number | null;
}

/** Rolls up the prices of a rig by step, in the order in which the steps first appear. */
export function moneyOf({ components, priceCents, money }: Rig): Money {
  const steps = new Map<StepId, MoneyOfStep>();
  for (const { step, name, priceCents: cents } of components) {
    if (cents === 0) continue;
    const of = steps.get(step) ?? { step, title: stepTitle(step), cents: 0, parts: [] };
    of.cents += cents;
    of.parts.push({ name, cents });
    steps.set(step, of);
  }
  const unlistedCents = Math.round((priceCents * money.unlistedPct) / 100);
  const totalCents = priceCents + unlistedCents;
  return {
    steps: [...steps.values()], itemisedCents: priceCents, unlistedPct: money.unlistedPct, unlistedCents, totalCents,
    budgetCents: money.budgetCents, leftCents: money.budgetCents === null ? null : money.budgetCents - totalCents,
  };
}

/** The price with its allowance against the budget, where there is one. */
export const budget: Check = ({ rig }) => {
  const { totalCents, budgetCents, leftCents, unlistedPct } = moneyOf(rig);
  if (budgetCents === null || leftCents === null) return null;
  const allowance = unlistedPct > 0 ? ` with ${unlistedPct} % for what is not itemised` : '';
  return {
    id: 'budget', title: 'Price against the budget', status: leftCents < 0 ? 'fails' : 'holds', actual: totalCents, limit: budgetCents, margin: leftCents, unit: '$', state: null,
    basis: 'The department’s budget', words: `${formatMoney(totalCents)}${allowance}: ${formatMoney(Math.abs(leftCents))} ${leftCents < 0 ? 'over' : 'left'}.`, steps: [],
  };
};
