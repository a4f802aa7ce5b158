import { NativeSelect, TextInput } from '@mantine/core';
import { FOUND } from '#core/exchange';
import type { Found } from '#core/exchange';
import type { Whereabouts } from '#core/subjects/stowing';
import { useUnits } from '../../../common';
import type { Mark } from './draft';
import classes from './weekly.module.css';

const FOUND_NAMES: Record<Found, string> = { here: 'Here', missing: 'Missing', defective: 'Defective' };
const MOST_NOTE = 200;

interface Props {
  of: Whereabouts;
  mark: Mark | undefined;
  onMark: (mark: Mark) => void;
}

/** One line of the list: here, missing or defective; and how many of it, with a word, where it is not well. */
export function LineCheck({ of: { line, number, name, place, behind }, mark, onMark }: Props) {
  const { say } = useUnits();
  const called = line.count > 1 ? `${say(name)} × ${line.count}` : say(name);
  const found = (value: Found): Mark => ({
    found: value,
    short: value === 'here' ? 0 : Math.max(1, mark?.short ?? 1),
    note: mark?.note ?? '',
  });
  return (
    <li className={classes.line} data-found={mark?.found}>
      <span className={classes.number}>{number ?? ''}</span>
      <span>
        {called}
        <small>
          {say(place)}
          {behind ? ', behind' : ''}
        </small>
      </span>
      <fieldset className={classes.found}>
        <legend>{called}</legend>
        {FOUND.map((value) => (
          <label key={value} data-value={value}>
            <input
              type="radio"
              name={`found-${line.id}`}
              checked={mark?.found === value}
              onChange={() => onMark(found(value))}
            />
            {FOUND_NAMES[value]}
          </label>
        ))}
      </fieldset>
      {mark && mark.found !== 'here' && (
        <div className={classes.more}>
          {line.count > 1 && (
            <NativeSelect
              label="How many"
              value={String(mark.short)}
              onChange={(event) => onMark({ ...mark, short: Number(event.currentTarget.value) })}
              data={Array.from({ length: line.count }, (_, i) => String(i + 1))}
            />
          )}
          <TextInput
            label="What is wrong"
            maxLength={MOST_NOTE}
            value={mark.note}
            onChange={(event) => onMark({ ...mark, note: event.currentTarget.value })}
          />
        </div>
      )}
    </li>
  );
}
