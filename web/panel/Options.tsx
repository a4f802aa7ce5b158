import { useState } from 'react';
import type { PickChoice, ToggleChoice } from '#core/kernel';
import { within } from '#core/units';
import { useUnits } from '../common';
import { ConfirmMark } from './Assumed';
import { OptionDeltas } from './Deltas';
import { useOffers } from './offers';
import classes from './panel.module.css';

/** One of several, or any of several, as cards. */
export function Options({ choice, assumed }: { choice: PickChoice | ToggleChoice; assumed: boolean }) {
  const { say } = useUnits();
  const offers = useOffers();
  // What such trucks seldom have is a press away, and not weighed before.
  const [all, setAll] = useState(false);
  const usual = choice.options.filter(({ seldom, chosen }) => !seldom || chosen);
  const options = all || usual.length === 0 ? choice.options : usual;
  const folded = choice.options.length - usual.length;
  const single = choice.kind === 'pick';
  const take = (id: string) => {
    const option = offers.choice(choice.kind, choice.id)?.options.find((candidate) => candidate.id === id);
    if (!option) return;
    offers.change({
      build: option.build,
      words: single
        ? `${choice.title}: ${option.label}`
        : `${option.chosen ? 'Took off' : 'Added'} ${within(option.label)}`,
      choice: choice.id,
    });
  };
  return (
    <fieldset className={classes.group}>
      <legend>
        {say(choice.title)}
        {assumed && <ConfirmMark choice={choice} />}
      </legend>
      {options.map(({ id, label, words, own, chosen }) => (
        <label key={id} className={classes.option}>
          <span className={classes.optionHead}>
            <input
              type={single ? 'radio' : 'checkbox'}
              name={choice.id}
              checked={chosen}
              onChange={() => take(id)}
            />
            <span className={classes.optionLabel}>{say(label)}</span>
            {own && <span className={classes.optionOwn}>your own part</span>}
            {words && <span className={classes.optionWords}>{say(words)}</span>}
          </span>
          {(!single || !chosen) && <OptionDeltas choice={choice.id} option={id} />}
        </label>
      ))}
      {folded > 0 && usual.length > 0 && (
        <button
          type="button"
          className={classes.more}
          aria-expanded={all}
          onClick={() => setAll((now) => !now)}
        >
          {all ? 'Only what such trucks usually have' : `Show ${folded} more that such trucks seldom have`}
        </button>
      )}
    </fieldset>
  );
}
