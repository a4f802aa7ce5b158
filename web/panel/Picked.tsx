import { Select } from '@mantine/core';
import type { ChoiceOption, PickChoice } from '#core/kernel';
import { useUnits } from '../common';
import { ConfirmMark } from './Assumed';
import { shortChange } from './Deltas';
import { useOffer, useOffers } from './offers';
import classes from './panel.module.css';

/** What a line of the open list would change; a closed list weighs nothing, and is not drawn. */
function Change({ choice, option }: { choice: string; option: string }) {
  const { say } = useUnits();
  return say(shortChange(useOffer(choice, option)));
}

/** One of several, as a list to open. */
export function Picked({ choice, assumed }: { choice: PickChoice; assumed: boolean }) {
  const { say } = useUnits();
  const offers = useOffers();
  const byId = new Map<string, ChoiceOption>(choice.options.map((option) => [option.id, option]));
  const take = (id: string | null) => {
    const option = offers.choice('pick', choice.id)?.options.find((candidate) => candidate.id === id);
    if (option && !option.chosen)
      offers.change({ build: option.build, words: `${choice.title}: ${option.label}`, choice: choice.id });
  };
  return (
    <div className={classes.group}>
      {assumed && <ConfirmMark choice={choice} />}
      <Select
        size="xs"
        label={say(choice.title)}
        allowDeselect={false}
        value={choice.options.find((option) => option.chosen)?.id ?? null}
        data={choice.options.map(({ id, label }) => ({ value: id, label: say(label) }))}
        // The list itself scrolls, and the arrows that go through it take it along.
        withScrollArea={false}
        styles={{ options: { maxHeight: 320, overflowY: 'auto' } }}
        attributes={{ options: { tabIndex: 0 } }}
        comboboxProps={{ keepMounted: false }}
        renderOption={({ option }) => (
          <span>
            {option.label}
            <br />
            <span className="quiet" style={{ fontSize: 11 }}>
              {byId.get(option.value)?.chosen ? (
                'chosen'
              ) : (
                <Change choice={choice.id} option={option.value} />
              )}
            </span>
          </span>
        )}
        onChange={take}
      />
    </div>
  );
}
