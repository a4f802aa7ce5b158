import { ActionIcon } from '@mantine/core';
import { IconX } from '../../icons';
import type { Evaluation } from '#core/kernel';
import type { Build } from '#core/build';
import { house } from '#core/subjects';
import { money as moneyReading, MONEY_FIELDS, withMoney } from '#core/subjects/money';
import { formatMoney } from '#core/units';
import { FigureField, useUnits } from '../../common';
import type { Bench } from '../../session';
import { classes } from '../../panel';
import look from './money.module.css';

/** What the truck costs, step by step, with an allowance for what is not itemized, against the budget. */
export function MoneyPanel({
  evaluation,
  bench,
  onClose,
}: {
  evaluation: Evaluation;
  bench: Bench;
  onClose: () => void;
}) {
  const { say } = useUnits();
  const money = evaluation.read(moneyReading);
  const set = (budgetCents: number | undefined, unlistedPct: number) =>
    bench.change({
      build: withMoney(bench.build, { budgetCents, unlistedPct } as Partial<Build['money']>),
      words:
        budgetCents === undefined
          ? `No budget, ${unlistedPct} % for what is not itemized`
          : `Budget ${formatMoney(budgetCents)}, ${unlistedPct} % for what is not itemized`,
      control: 'money',
    });
  const budget = money.budgetCents ?? undefined;
  return (
    <>
      <div className={classes.panelHead}>
        <h2>Money</h2>
        <ActionIcon variant="subtle" color="gray" c="var(--ink)" aria-label="Close money" onClick={onClose}>
          <IconX size={18} />
        </ActionIcon>
      </div>
      <div className={look.moneyFields}>
        <FigureField
          label="Budget"
          title="Budget"
          unit="cents"
          value={budget}
          min={0}
          max={MONEY_FIELDS.budgetCents.max}
          onTake={(cents) => set(Math.round(cents), money.unlistedPct)}
          onEmpty={() => set(undefined, money.unlistedPct)}
        />
        <FigureField
          label="Not itemized"
          title="Not itemized"
          unit="%"
          value={money.unlistedPct}
          min={0}
          max={MONEY_FIELDS.unlistedPct.max}
          onTake={(pct) => set(budget, pct)}
        />
      </div>
      <table className={look.money}>
        <caption className="unseen">Price by step</caption>
        <tbody>
          {money.steps.map(({ step, cents, parts }) => (
            <tr key={step}>
              <td colSpan={2}>
                <details>
                  <summary>
                    <span>{house.subject(step).title}</span>
                    <span className="figures">{formatMoney(cents)}</span>
                  </summary>
                  <ul>
                    {parts.map(({ name, cents: of }, i) => (
                      <li key={i}>
                        <span>{say(name)}</span>
                        <span className="figures">{formatMoney(of)}</span>
                      </li>
                    ))}
                  </ul>
                </details>
              </td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">Itemized</th>
            <td className="figures">{formatMoney(money.itemizedCents)}</td>
          </tr>
          <tr>
            <th scope="row">Not itemized, {money.unlistedPct} %</th>
            <td className="figures">{formatMoney(money.unlistedCents)}</td>
          </tr>
          <tr data-total>
            <th scope="row">In all</th>
            <td className="figures">{formatMoney(money.totalCents)}</td>
          </tr>
          {money.leftCents !== null && (
            <tr data-over={money.leftCents < 0}>
              <th scope="row">{money.leftCents < 0 ? 'Over the budget' : 'Left of the budget'}</th>
              <td className="figures">{formatMoney(Math.abs(money.leftCents))}</td>
            </tr>
          )}
        </tfoot>
      </table>
      <p className={classes.note}>Planning prices. A bid, and nothing else, says what a truck costs.</p>
    </>
  );
}
