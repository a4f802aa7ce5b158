import { ActionIcon, NumberInput } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useEffect, useState } from 'react';
import type { Evaluation } from '#core/kernel';
import type { Build } from '#core/build';
import { house } from '#core/subjects';
import { money as moneyReading, MONEY_FIELDS, withMoney } from '#core/subjects/money';
import { formatMoney } from '#core/units';
import { useUnits } from '../../common';
import type { Bench } from '../../session';
import { classes } from '../../panel';
import look from './money.module.css';

const MOST_DOLLARS = MONEY_FIELDS.budgetCents.max / 100;

/** A field of money or percent: what is typed stays until it is a figure that can be had. */
function Field({
  label,
  value,
  max,
  prefix,
  suffix,
  onTake,
}: {
  label: string;
  value: number | '';
  max: number;
  prefix?: string;
  suffix?: string;
  onTake: (value: number | '') => void;
}) {
  const [typed, setTyped] = useState<number | string>(value);
  useEffect(() => setTyped(value), [value]);
  const fits = typed === '' || (typeof typed === 'number' && typed >= 0 && typed <= max);
  return (
    <NumberInput
      label={label}
      size="xs"
      value={typed}
      min={0}
      max={max}
      thousandSeparator=","
      decimalScale={2}
      clampBehavior="none"
      allowNegative={false}
      {...(prefix ? { prefix } : {})}
      {...(suffix ? { suffix } : {})}
      error={!fits && `${label} must be from 0 to ${max.toLocaleString('en-US')}`}
      classNames={{ input: 'figures' }}
      onChange={(to) => {
        setTyped(to);
        if (to === '' || (typeof to === 'number' && to >= 0 && to <= max))
          onTake(to === '' ? '' : Number(to));
      }}
    />
  );
}

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
        <Field
          label="Budget"
          prefix="$"
          value={budget === undefined ? '' : budget / 100}
          max={MOST_DOLLARS}
          onTake={(to) => set(to === '' ? undefined : Math.round(to * 100), money.unlistedPct)}
        />
        <Field
          label="Not itemized"
          suffix=" %"
          value={money.unlistedPct}
          max={MONEY_FIELDS.unlistedPct.max}
          onTake={(to) => set(budget, to === '' ? 0 : to)}
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
