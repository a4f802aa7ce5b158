import { Slider } from '@mantine/core';
import type { AmountChoice } from '#core/kernel';
import { amount, formatWhole } from '#core/units';
import { FigureField, useUnits } from '../common';
import { ConfirmMark } from './Assumed';
import { OptionDeltas } from './Deltas';
import { MORE, useOffers } from './offers';
import classes from './panel.module.css';

/** A figure typed in the person's units, and a slider over what is usual. */
export function Amount({ choice, assumed }: { choice: AmountChoice; assumed: boolean }) {
  const { min, max, step, usual = [min, max], value, unit, title, id } = choice;
  const [from, to] = usual;
  const offers = useOffers();
  const { say } = useUnits();
  const inWords = (figure: number) => (unit === '' ? formatWhole(figure) : amount(figure, unit));
  /** Takes a figure and gives what the truck has of it. */
  const take = (figure: number, control: string): number => {
    const now = offers.choice('amount', id);
    if (!now || figure === now.value) return figure;
    const build = now.set(figure);
    const became = offers.valueIn(build, id) ?? figure;
    const [asked, is] = [inWords(figure), inWords(became)];
    offers.change({
      build,
      words: say(asked) === say(is) ? `${title}: ${is}` : `${title}: ${is}, the nearest to ${asked}`,
      control,
      choice: id,
    });
    return became;
  };
  return (
    <div className={classes.group}>
      <div className={classes.groupTitle}>
        <label htmlFor={`amount-${id}`}>{say(title)}</label>
        {assumed && <ConfirmMark choice={choice} />}
      </div>
      <div className={classes.amount}>
        <Slider
          size="sm"
          min={from}
          max={Math.max(to, value)}
          step={step}
          value={value}
          label={null}
          thumbLabel={say(`${title}, slider`)}
          color="var(--ink)"
          onChange={(next) => void take(next, id)}
          onChangeEnd={offers.settle}
          thumbProps={{ 'aria-valuetext': say(inWords(value)) }}
        />
        <FigureField
          id={`amount-${id}`}
          title={title}
          unit={unit}
          value={value}
          min={min}
          max={max}
          step={step}
          onTake={(next) => take(next, `${id}-typed`)}
          onBlur={offers.settle}
        />
        <div className={classes.perStep}>
          {value < max && (
            <>
              <span className="quiet" style={{ fontSize: 11.5 }}>
                {say(`${inWords(step)} more changes`)}
              </span>
              <OptionDeltas choice={id} option={MORE} />
            </>
          )}
        </div>
      </div>
    </div>
  );
}
