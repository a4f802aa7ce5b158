import { block, field, objectIn, withBlock } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { check, fromBuild, reading } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';
import { components, itemizedCents } from '../../truck/index.js';
import { counting } from '../brief/index.js';
import { formatMoney } from '../../units/index.js';

export const MONEY_FIELDS = {
  /** What the truck may cost. */
  budgetCents: field.optional(field.amount('Budget', 'cents', { min: 0, max: 1_000_000_000, whole: true })),
  /** For what is not itemized, percent of what is. */
  unlistedPct: field.amount('For what is not itemized', '%', { min: 0, max: 50 }),
};

export const moneyBlock = block({
  id: 'money',
  title: 'Budget',
  version: 1,
  fields: MONEY_FIELDS,
  empty: { unlistedPct: 0 },
  asOne: ({ budgetCents, unlistedPct }) =>
    `${budgetCents === undefined ? 'none' : formatMoney(budgetCents)}, ${unlistedPct} % not itemized`,
  fromVersion2: (file) =>
    (file['money'] === undefined ? { unlistedPct: 0 } : objectIn(file, 'money')) as never,
});

declare module '../../build/build.js' {
  interface Blocks {
    money: BlockOf<typeof moneyBlock>;
  }
}

/** What the truck may cost and the percentage for what is not itemized. */
export const withMoney = (build: Build, money: Partial<Build['money']>): Build =>
  withBlock(build, 'money', money);

/** What one step of the order of work costs, part by part, cents. */
export interface MoneyOfStep {
  step: string;
  cents: number;
  parts: { name: string; cents: number }[];
}

/** What a truck costs: what is itemized, an allowance for what is not, and what the budget leaves; cents. */
export interface Money {
  steps: MoneyOfStep[];
  itemizedCents: number;
  unlistedPct: number;
  unlistedCents: number;
  totalCents: number;
  budgetCents: number | null;
  leftCents: number | null;
}

const moneyOfBuild = fromBuild(({ money }) => money);

/** What the truck may cost: as it is said of this truck, otherwise as the department's brief says. */
const askedCents = reading(
  'money',
  [moneyOfBuild, counting('budget')],
  ({ budgetCents }, [ofBrief]) => budgetCents ?? ofBrief?.cents ?? null,
);

const totals = reading(
  'money',
  [itemizedCents, moneyOfBuild, askedCents],
  (itemized, { unlistedPct }, budgetCents) => {
    const unlistedCents = Math.round((itemized * unlistedPct) / 100);
    const totalCents = itemized + unlistedCents;
    return {
      itemizedCents: itemized,
      unlistedPct,
      unlistedCents,
      totalCents,
      budgetCents,
      leftCents: budgetCents === null ? null : budgetCents - totalCents,
    };
  },
);

/** The prices of a truck by step, in the order in which the steps first appear. */
export const money = reading('money', [components, totals], (all, sums): Money => {
  const steps = new Map<string, MoneyOfStep>();
  for (const { step, name, priceCents: cents } of all) {
    if (cents === 0) continue;
    const of = steps.get(step) ?? { step, cents: 0, parts: [] };
    of.cents += cents;
    of.parts.push({ name, cents });
    steps.set(step, of);
  }
  return { steps: [...steps.values()], ...sums };
});

/** The price with its allowance against the budget, where there is one. */
const budget = check(
  'money',
  { id: 'budget', title: 'Price against the budget', steps: [] },
  [totals],
  ({ totalCents, budgetCents, leftCents, unlistedPct }) => {
    if (budgetCents === null || leftCents === null) return null;
    const allowance = unlistedPct > 0 ? ` with ${unlistedPct} % for what is not itemized` : '';
    return {
      status: leftCents < 0 ? 'fails' : 'holds',
      actual: totalCents,
      limit: budgetCents,
      margin: leftCents,
      unit: '$',
      state: null,
      basis: 'The department’s budget',
      words: `${formatMoney(totalCents)}${allowance}: ${formatMoney(Math.abs(leftCents))} ${leftCents < 0 ? 'over' : 'left'}.`,
    };
  },
);

/** What the truck costs, and what it may cost. */
export const moneySubject: Subject = {
  id: 'money',
  title: 'Money',
  block: moneyBlock,
  figures: [
    {
      id: 'price',
      title: 'Price, itemized',
      short: 'Price',
      unit: '$',
      main: true,
      harm: { way: 'up', each: 200_000 },
      reading: itemizedCents,
    },
  ],
  checks: [budget],
};
