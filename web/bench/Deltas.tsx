import type { Change } from '#core/review';
import { formatMoney, formatWhole, signed } from '#core/units';
import classes from './bench.module.css';

const thousands = (cents: number): string => {
  const dollars = Math.abs(cents) / 100;
  return dollars >= 10_000 ? `${cents < 0 ? '−' : ''}${(dollars / 1000).toFixed(dollars >= 99_950 ? 0 : 1)}k` : formatMoney(cents).replace('$', '');
};

const COLUMNS: { key: keyof Change; title: string; unit: string; spoken: string; format: (value: number) => string }[] = [
  { key: 'frontLb', title: 'Front', unit: 'lb', spoken: 'front axle', format: (v) => signed(v) },
  { key: 'rearLb', title: 'Rear', unit: 'lb', spoken: 'rear axle', format: (v) => signed(v) },
  { key: 'grossLb', title: 'Gross', unit: 'lb', spoken: 'gross', format: (v) => signed(v) },
  { key: 'heightIn', title: 'Height', unit: 'in', spoken: 'height', format: (v) => signed(v) },
  { key: 'lengthIn', title: 'Length', unit: 'in', spoken: 'length', format: (v) => signed(v) },
  { key: 'priceCents', title: 'Price', unit: '$', spoken: 'price', format: (v) => signed(v, thousands) },
];

/** The heads of the columns below, with their units. */
export const DeltaHeads = () => (
  <div className={classes.deltaHead} aria-hidden="true">
    <div className={classes.deltas}>{COLUMNS.map(({ key, title, unit }) => <span key={key}>{title}<br />{unit}</span>)}</div>
  </div>
);

/** A change in words, for those who hear the screen. */
export const spokenChange = (change: Change): string =>
  COLUMNS.filter(({ key, format }) => !format(change[key]).startsWith('±')).map(({ key, spoken, unit, format }) => `${spoken} ${format(change[key])} ${unit}`).join(', ') || 'no change';

/** What a choice changes, in six columns: axles, gross, height, length, price. */
export function Deltas({ change }: { change: Change }) {
  return (
    <>
      <span className={classes.deltas} aria-hidden="true">
        {COLUMNS.map(({ key, format }) => {
          const text = format(change[key]);
          const changed = !text.startsWith('±');
          return <span key={key} data-changed={changed}>{changed ? text : '·'}</span>;
        })}
      </span>
      <span className="unseen">{spokenChange(change)}</span>
    </>
  );
}

/** A change as one short line of weights and price. */
export const shortChange = (change: Change): string =>
  `front ${signed(change.frontLb, formatWhole)}, rear ${signed(change.rearLb, formatWhole)} lb, ${signed(change.priceCents, formatMoney)}`;
