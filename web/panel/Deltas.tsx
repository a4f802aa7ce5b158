import { memo } from 'react';
import { saidChange, saidMoves } from '#core/kernel';
import type { Figure, Figures } from '#core/kernel';
import { house } from '#core/subjects';
import { bare, formatMoney, signed } from '#core/units';
import { useUnits } from '../common';
import classes from './panel.module.css';
import { useOffer } from './offers';
import type { Delta } from './offers';

/** From here on money is said in thousands of dollars: columns are narrow. */
const IN_THOUSANDS_CENTS = 10_000_00;
const NO_TENTHS_CENTS = 99_950_00;

const thousands = (cents: number) =>
  Math.abs(cents) >= IN_THOUSANDS_CENTS
    ? `${cents < 0 ? '−' : ''}${(Math.abs(cents) / 100_000).toFixed(Math.abs(cents) >= NO_TENTHS_CENTS ? 0 : 1)}k`
    : formatMoney(cents).replace('$', '');

/** A change as it stands in a column, whose head has the unit. */
const cell = (figure: Figure, value: number): string =>
  figure.unit === '$' ? signed(value, thousands) : bare(saidChange(figure, value));

const COLUMNS = house.mainFigures;
const of = (figures: Figures, { id }: Figure): number => figures[id] ?? 0;

type Say = (text: string) => string;

/** The heads of the columns below, with their units. */
export function DeltaHeads() {
  const { unit: unitOf } = useUnits();
  return (
    <div className={classes.deltaHead} aria-hidden="true">
      <div className={classes.deltas}>
        {COLUMNS.map(({ id, title, short, unit }) => (
          <span key={id}>
            {short ?? title}
            <br />
            {unit === 'lb' || unit === 'in' ? unitOf(unit) : unit}
          </span>
        ))}
      </div>
    </div>
  );
}

/** A change in words, for those who hear the screen. */
export const spokenChange = (change: Figures, say: Say): string =>
  say(saidMoves(COLUMNS, change)) || 'no change';

/** What a choice changes, a column a figure; empty until it is worked out. */
export const Deltas = memo(function Deltas({ change }: { change: Delta | undefined }) {
  const { say } = useUnits();
  return (
    <>
      <span className={classes.deltas} aria-hidden="true">
        {COLUMNS.map((figure) => {
          if (!change) return <span key={figure.id}>{change === null ? '?' : '\u00a0'}</span>;
          const text = say(cell(figure, of(change, figure)));
          const moves = !text.startsWith('±');
          return (
            <span key={figure.id} data-changed={moves}>
              {moves ? text : '·'}
            </span>
          );
        })}
      </span>
      <span className="unseen">{spokenDelta(change, say)}</span>
    </>
  );
});

/** The same of an option that is in sight. */
export const OptionDeltas = ({ choice, option }: { choice: string; option: string }) => (
  <Deltas change={useOffer(choice, option)} />
);

const NOT_YET = 'working it out';
const NEVER = 'could not be worked out';

const spokenDelta = (change: Delta | undefined, say: Say): string =>
  change ? spokenChange(change, say) : change === null ? NEVER : NOT_YET;

/** A change as one short line, with its figures in place. */
export const shortChange = (change: Delta | undefined): string =>
  change ? saidMoves(COLUMNS, change) || 'changes nothing' : change === null ? NEVER : '…';
