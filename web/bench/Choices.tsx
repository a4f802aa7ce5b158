import { NumberInput, Select, Slider } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { changeOf, measure } from '#core/review';
import type { Measure } from '#core/review';
import type { BuildSpec } from '#core/spec';
import { choicesFor } from '#core/study';
import type { AmountChoice, Choice, PickChoice, ToggleChoice } from '#core/study';
import type { StepId } from '#core/rig';
import { formatWhole } from '#core/units';
import classes from './bench.module.css';
import { DeltaHeads, Deltas, shortChange } from './Deltas';
import type { Bench } from './history';

interface Props<C> { choice: C; now: Measure; bench: Bench }

function Options({ choice, now, bench }: Props<PickChoice | ToggleChoice>) {
  const deltas = useMemo(() => choice.options.map((option) => changeOf(now, measure(option.spec))), [choice, now]);
  const single = choice.kind === 'pick';
  return (
    <fieldset className={classes.group}>
      <legend>{choice.title}</legend>
      {choice.options.map((option, i) => (
        <label key={option.id} className={classes.option}>
          <span className={classes.optionHead}>
            <input
              type={single ? 'radio' : 'checkbox'} name={choice.id} checked={option.chosen}
              onChange={() => bench.change({ spec: option.spec, words: single ? `${choice.title}: ${option.label}` : `${option.chosen ? 'Without' : 'With'} ${option.label}` })}
            />
            <span className={classes.optionLabel}>{option.label}</span>
            {option.words && <span className={classes.optionWords}>{option.words}</span>}
          </span>
          {(!single || !option.chosen) && <Deltas change={deltas[i]!} />}
        </label>
      ))}
    </fieldset>
  );
}

function Picked({ choice, now, bench }: Props<PickChoice>) {
  const deltas = useMemo(() => new Map(choice.options.map((option) => [option.id, changeOf(now, measure(option.spec))])), [choice, now]);
  return (
    <Select
      className={classes.group} size="xs" label={choice.title} allowDeselect={false} value={choice.options.find((option) => option.chosen)?.id ?? null}
      data={choice.options.map(({ id, label }) => ({ value: id, label }))}
      maxDropdownHeight={320}
      renderOption={({ option }) => {
        const chosen = choice.options.find(({ id }) => id === option.value)!;
        return <span>{option.label}<br /><span className="quiet" style={{ fontSize: 11 }}>{chosen.chosen ? 'chosen' : shortChange(deltas.get(option.value)!)}</span></span>;
      }}
      onChange={(id) => {
        const option = choice.options.find((candidate) => candidate.id === id);
        if (option && !option.chosen) bench.change({ spec: option.spec, words: `${choice.title}: ${option.label}` });
      }}
    />
  );
}

function Amount({ choice, now, bench }: Props<AmountChoice>) {
  const { min, max, step, value, unit, title, id } = choice;
  const withUnit = (figure: number) => `${formatWhole(figure)}${unit && ` ${unit}`}`;
  const more = Math.min(max, value + step);
  const next = useMemo(() => (more === value ? null : changeOf(now, measure(choice.set(more)))), [choice, now, more, value]);
  // What is typed stays as it is until it is a figure that can be had; the truck stays as it was meanwhile.
  const [typed, setTyped] = useState<number | string>(value);
  useEffect(() => setTyped(value), [value]);
  const fits = (to: number | string): to is number => typeof to === 'number' && to >= min && to <= max;
  const take = (to: number, control: string) => {
    if (to !== value) bench.change({ spec: choice.set(to), words: `${title}: ${withUnit(to)}`, control });
  };
  return (
    <div className={classes.group}>
      <label className={classes.groupTitle} htmlFor={`amount-${id}`}>{title}</label>
      <div className={classes.amount}>
        <Slider
          size="sm" min={min} max={max} step={step} value={value} label={null} thumbLabel={`${title}, slider`} color="var(--ink)"
          onChange={(to) => take(to, id)} onChangeEnd={bench.settle}
        />
        <NumberInput
          id={`amount-${id}`} size="xs" min={min} max={max} step={step} value={typed} suffix={unit && ` ${unit}`} clampBehavior="none" thousandSeparator="," allowNegative={false} decimalScale={1}
          onChange={(to) => {
            setTyped(to);
            if (fits(to)) take(to, `${id}-typed`);
          }}
          onBlur={bench.settle} error={!fits(typed) && `${title} must be from ${min} to ${withUnit(max)}`} classNames={{ input: 'figures' }}
        />
        <div className={classes.perStep}>
          {next && <><span className="quiet" style={{ fontSize: 11.5 }}>{`${withUnit(step)} more changes`}</span><Deltas change={next} /></>}
        </div>
      </div>
    </div>
  );
}

/** One choice, each option with what it changes before it is taken. */
export function ChoiceView({ choice, now, bench }: Props<Choice>) {
  if (choice.kind === 'amount') return <Amount choice={choice} now={now} bench={bench} />;
  if (choice.options.length === 0) return null;
  if (choice.kind === 'pick' && choice.compact) return <Picked choice={choice} now={now} bench={bench} />;
  return <Options choice={choice} now={now} bench={bench} />;
}

/** What can be chosen in the present step. */
export function Choices({ spec, step, now, bench }: { spec: BuildSpec; step: Exclude<StepId, 'equipment'>; now: Measure; bench: Bench }) {
  const choices = useMemo(() => choicesFor(spec, step), [spec, step]);
  return (
    <>
      <DeltaHeads />
      {choices.map((choice) => <ChoiceView key={choice.id} choice={choice} now={now} bench={bench} />)}
    </>
  );
}
