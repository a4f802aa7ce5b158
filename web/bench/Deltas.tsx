import type { Change } from '#core/review';
import { bare, change as changed, formatMoney, inches, lb, signed } from '#core/units';
import { useUnits } from '../common';
import classes from './bench.module.css';

const thousands = (cents: number) => {
  const dollars = Math.abs(cents) / 100;
  return dollars >= 10_000 ? `${cents < 0 ? '−' : ''}${(dollars / 1000).toFixed(dollars >= 99_950 ? 0 : 1)}k` : formatMoney(cents).replace('$', '');
};

const pounds = (value: number) => changed(lb(value));
const length = (value: number) => changed(inches(value));

const COLUMNS: { key: keyof Change; title: string; unit: 'lb' | 'in' | '$'; spoken: string; figure: (value: number) => string }[] = [
  { key: 'frontLb', title: 'Front', unit: 'lb', spoken: 'front axle', figure: pounds },
  { key: 'rearLb', title: 'Rear', unit: 'lb', spoken: 'rear axle', figure: pounds },
  { key: 'grossLb', title: 'Gross', unit: 'lb', spoken: 'gross', figure: pounds },
  { key: 'heightIn', title: 'Height', unit: 'in', spoken: 'height', figure: length },
  { key: 'lengthIn', title: 'Length', unit: 'in', spoken: 'length', figure: length },
  { key: 'priceCents', title: 'Price', unit: '$', spoken: 'price', figure: (v) => signed(v, thousands) },
];

type Say = (text: string) => string;

/** The heads of the columns below, with their units. */
export function DeltaHeads() {
  const { unit: unitOf } = useUnits();
  return (
    <div className={classes.deltaHead} aria-hidden="true">
      <div className={classes.deltas}>{COLUMNS.map(({ key, title, unit }) => <span key={key}>{title}<br />{unit === '$' ? unit : unitOf(unit)}</span>)}</div>
    </div>
  );
}

/** A change in words, for those who hear the screen. */
export const spokenChange = (change: Change, say: Say): string =>
  COLUMNS.map(({ key, spoken, unit, figure }) => ({ spoken, unit, text: say(figure(change[key])) })).filter(({ text }) => !text.startsWith('±')).map(({ spoken, unit, text }) => `${spoken} ${text}${unit === '$' ? ' $' : ''}`).join(', ') || 'no change';

/** What a choice changes, in six columns: axles, gross, height, length, price. */
export function Deltas({ change }: { change: Change }) {
  const { say } = useUnits();
  return (
    <>
      <span className={classes.deltas} aria-hidden="true">
        {COLUMNS.map(({ key, figure }) => {
          const text = say(bare(figure(change[key])));
          const moves = !text.startsWith('±');
          return <span key={key} data-changed={moves}>{moves ? text : '·'}</span>;
        })}
      </span>
      <span className="unseen">{spokenChange(change, say)}</span>
    </>
  );
}

/** A change as one short line of weights and price, with its figures in place. */
export const shortChange = (change: Change): string => `front ${bare(pounds(change.frontLb))}, rear ${pounds(change.rearLb)}, ${signed(change.priceCents, formatMoney)}`;
