import { lazy } from 'react';
import { money as moneyReading } from '#core/subjects/money';
import { formatMoney } from '#core/units';
import type { Face } from '../face';

/** What the truck costs. */
export const money: Face = {
  side: {
    title: 'Money',
    key: 'M',
    name: 'Money: price by step, budget',
    summary: (evaluation) => formatMoney(evaluation.read(moneyReading).totalCents),
    Panel: lazy(async () => ({ default: (await import('./MoneyPanel')).MoneyPanel })),
  },
};
