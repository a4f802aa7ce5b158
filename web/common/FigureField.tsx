import { NumberInput } from '@mantine/core';
import type { NumberInputProps } from '@mantine/core';
import { useState } from 'react';
import { amount, bare, formatMoney, formatWhole, fromSystem, QUANTITIES } from '#core/units';
import type { Quantity, UnitSystem } from '#core/units';
import classes from './figure-field.module.css';
import { useUnits } from './units';

const CENTS = 'cents';
const PLAIN: Record<string, string> = { '%': ' %', seats: ' seats', pieces: ' pieces' };

/** A tidy step near another: 37.9 → 50, 0.3 → 0.5. */
function tidy(step: number): number {
  const power = 10 ** Math.floor(Math.log10(step));
  return [1, 2, 5, 10].map((n) => n * power).find((n) => n >= step * 0.999)!;
}

/** A unit as a person reads and types it; what has no unit of a system is the same everywhere. */
function useFigures(unit: string) {
  const { system, show, read, decimals, unit: unitOf } = useUnits();
  const of = (QUANTITIES as readonly string[]).includes(unit) ? (unit as Quantity) : null;
  const factor = unit === CENTS ? 100 : 1;
  return {
    of,
    system,
    places: of ? decimals(of) : unit === CENTS ? 1 : 0,
    show: (figure: number) => (of ? show(of, figure) : figure / factor),
    read: (figure: number) => (of ? read(of, figure) : figure * factor),
    inWords: (figure: number) =>
      unit === CENTS ? formatMoney(figure) : unit === '' ? formatWhole(figure) : amount(figure, unit),
    mark: of
      ? { suffix: of === 'deg' ? unitOf(of) : ` ${unitOf(of)}` }
      : unit === CENTS
        ? { prefix: '$' }
        : PLAIN[unit]
          ? { suffix: PLAIN[unit] }
          : {},
  };
}

/** What a person typed, in whose units, the figure that it stands for, and what came of that. */
interface Typed {
  text: number | string;
  in: UnitSystem;
  asked: number | null;
  became: number | undefined;
}

interface Props extends Pick<
  NumberInputProps,
  'id' | 'label' | 'aria-label' | 'description' | 'placeholder' | 'onBlur' | 'hideControls'
> {
  /** What it is called where a figure is refused, with its own figures in place. */
  title: string;
  /** A quantity, `%`, `deg`, `cents`, or nothing where things are counted. */
  unit: string;
  /** In our units; nothing where it is not known. */
  value: number | undefined;
  min: number;
  max: number;
  step?: number;
  whole?: boolean;
  /** Takes a figure, in our units; gives what came of it where that may be another. */
  onTake: (value: number) => number | void;
  /** An emptied field is an answer too. */
  onEmpty?: () => void;
}

/**
 * A figure as a person types it, in their units; the truck keeps it in ours, to the last digit. What is typed stays
 * as it is until it is a figure that can be had, with what would be right beside it; a figure that became another
 * says so.
 */
export function FigureField({
  title,
  unit,
  value,
  min,
  max,
  step = 1,
  whole = false,
  onTake,
  onEmpty,
  ...rest
}: Props) {
  const { say } = useUnits();
  const { of, system, places, show, read, inWords, mark } = useFigures(unit);
  const [typed, setTyped] = useState<Typed | null>(null);
  const finest = whole && (!of || system !== 'metric') ? 0 : places + 1;
  const slack = Math.abs(show(max)) * 1e-9 + 0.5 * 10 ** -finest;
  const rounded = (figure: number) => Number(show(figure).toFixed(finest));
  const differs = (a: number, b: number) => show(a).toFixed(places) !== show(b).toFixed(places);
  const fits = (figure: number | string): figure is number =>
    typeof figure === 'number' &&
    figure >= show(min) - slack &&
    figure <= show(max) + slack &&
    (!whole || of !== null || Number.isInteger(figure));

  const current = typed && typed.became === value ? typed : null;
  const changed =
    current?.asked != null && value !== undefined && differs(current.asked, value) ? current.asked : null;
  const text = ((): number | string => {
    if (!current || changed !== null) return value === undefined ? '' : rounded(value);
    if (current.in === system || typeof current.text !== 'number' || !of) return current.text;
    // Other units in the middle of typing: what was typed is said in them.
    const figure = fromSystem(current.in, of, current.text);
    return rounded(value !== undefined && Math.abs(figure - value) < step / 20 ? value : figure);
  })();
  const isRight = text === '' ? value === undefined || onEmpty !== undefined : fits(text);

  const type = (next: number | string) => {
    if (next === '' && onEmpty) {
      setTyped(null);
      return onEmpty();
    }
    if (!fits(next)) return setTyped({ text: next, in: system, asked: null, became: value });
    const asked = Math.min(max, Math.max(min, read(next)));
    // The same figure typed anew is no change.
    const became = value !== undefined && Math.abs(asked - value) < 1e-12 ? value : (onTake(asked) ?? asked);
    setTyped({ text: next, in: system, asked, became });
  };
  const least = min === 0 ? '0' : of ? bare(inWords(min)) : inWords(min);
  return (
    <div>
      <NumberInput
        {...rest}
        {...mark}
        size="xs"
        min={show(min)}
        max={show(max)}
        step={of && system === 'metric' ? tidy(show(step)) : show(step)}
        value={text}
        clampBehavior="none"
        thousandSeparator=","
        allowNegative={min < 0}
        decimalScale={finest}
        onChange={type}
        error={!isRight && say(`${title} must be from ${least} to ${inWords(max)}${whole ? ', whole' : ''}`)}
        classNames={{ input: 'figures' }}
      />
      {changed !== null && (
        <p className={classes.became} role="status">
          {say(`nearest to ${inWords(changed)}`)}
        </p>
      )}
    </div>
  );
}
