import { NumberInput, Slider } from '@mantine/core';
import { useState } from 'react';
import type { AmountChoice } from '#core/kernel';
import { amount, bare, formatWhole, fromSystem } from '#core/units';
import { useUnits } from '../common';
import { ConfirmMark } from './Assumed';
import { OptionDeltas } from './Deltas';
import { MORE, useOffers } from './offers';
import classes from './panel.module.css';

/** A tidy step near another: 37.9 → 50, 0.3 → 0.5. */
function tidy(step: number): number {
  const power = 10 ** Math.floor(Math.log10(step));
  return [1, 2, 5, 10].map((n) => n * power).find((n) => n >= step * 0.999)!;
}

/** What a person typed: the figure that it stands for, what came of it, and in whose units it was typed. */
interface Typed {
  text: number | string;
  in: string;
  asked: number | null;
  became: number;
}

/** A figure typed in the person's units and a slider; the truck keeps it in ours, to the last digit. */
export function Amount({ choice, assumed }: { choice: AmountChoice; assumed: boolean }) {
  const { min, max, step, usual = [min, max], value, unit, title, id } = choice;
  const [from, to] = usual;
  const offers = useOffers();
  // Of things that are counted, and of percent, no system has another unit.
  const of = unit === '' || unit === '%' || unit === 'cents' ? null : unit;
  const { say, system, show: shown, read: readIn, decimals, unit: unitOf } = useUnits();
  const show = (figure: number) => (of ? shown(of, figure) : figure);
  const read = (figure: number) => (of ? readIn(of, figure) : figure);
  const places = of ? decimals(of) : 0;
  const rounded = (figure: number) => Number(show(figure).toFixed(places + 1));
  const withUnit = (figure: number) => (of ? amount(figure, of) : formatWhole(figure));
  const slack = Math.abs(max) * 1e-9 + 0.5 * 10 ** -(places + 1);
  const fits = (figure: number | string): figure is number =>
    typeof figure === 'number' && figure >= show(min) - slack && figure <= show(max) + slack;

  // What is typed stays as it is until it is a figure that can be had; the truck stays as it was meanwhile.
  const [typed, setTyped] = useState<Typed | null>(null);
  const current = typed && typed.became === value ? typed : null;
  const text = ((): number | string => {
    if (!current) return rounded(value);
    if (current.asked !== null && differs(current.asked, value)) return rounded(value);
    if (current.in === system || typeof current.text !== 'number' || !of) return current.text;
    // Other units in the middle of typing: what was typed is said in them.
    const figure = fromSystem(current.in as typeof system, of, current.text);
    return rounded(Math.abs(figure - value) < step / 20 ? value : figure);
  })();

  function differs(asked: number, became: number) {
    return show(asked).toFixed(places) !== show(became).toFixed(places);
  }
  /** Takes a figure and gives what the truck has of it. */
  const take = (figure: number, control: string): number => {
    const now = offers.choice('amount', id);
    if (!now || figure === now.value) return figure;
    const build = now.set(figure);
    const became = offers.valueIn(build, id) ?? figure;
    const words = differs(figure, became)
      ? `${title}: ${withUnit(became)}, the nearest to ${withUnit(figure)}`
      : `${title}: ${withUnit(became)}`;
    offers.change({ build, words, control, choice: id });
    return became;
  };
  const type = (next: number | string) => {
    if (!fits(next)) return setTyped({ text: next, in: system, asked: null, became: value });
    const asked = Math.min(max, Math.max(min, read(next)));
    setTyped({ text: next, in: system, asked, became: take(asked, `${id}-typed`) });
  };
  const changed = current?.asked != null && differs(current.asked, value) ? current.asked : null;
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
          thumbProps={{ 'aria-valuetext': say(withUnit(value)) }}
        />
        <NumberInput
          id={`amount-${id}`}
          size="xs"
          min={show(min)}
          max={show(max)}
          step={of && system === 'metric' ? tidy(show(step)) : step}
          value={text}
          suffix={of ? ` ${unitOf(of)}` : unit === '%' ? ' %' : ''}
          clampBehavior="none"
          thousandSeparator=","
          allowNegative={min < 0}
          decimalScale={places + 1}
          onChange={type}
          onBlur={offers.settle}
          error={
            !fits(text) && say(`${title} must be from ${of ? bare(withUnit(min)) : min} to ${withUnit(max)}`)
          }
          classNames={{ input: 'figures' }}
        />
        {changed !== null && (
          <p className={classes.became} role="status">
            {say(`${withUnit(value)} is the nearest to ${withUnit(changed)} that can be had.`)}
          </p>
        )}
        <div className={classes.perStep}>
          {value < max && (
            <>
              <span className="quiet" style={{ fontSize: 11.5 }}>
                {say(`${withUnit(step)} more changes`)}
              </span>
              <OptionDeltas choice={id} option={MORE} />
            </>
          )}
        </div>
      </div>
    </div>
  );
}
