import { NumberInput, Select, Slider } from '@mantine/core';
import { useMemo, useState } from 'react';
import type { Build } from '#core/build';
import { changeOf } from '#core/kernel';
import type { Evaluation, AmountChoice, Choice, Figures, PickChoice, ToggleChoice } from '#core/kernel';
import { amount, bare, formatWhole, fromSystem, within } from '#core/units';
import { useUnits } from '../common';
import { Assumed } from './Assumed';
import classes from './panel.module.css';
import { DeltaHeads, Deltas, shortChange } from './Deltas';
import type { Bench } from '../session';

/** What a build would change. */
export const deltaOf = (evaluation: Evaluation, build: Build): Figures =>
  changeOf(evaluation.figures(), evaluation.with(build).figures());

interface Props<C> {
  choice: C;
  evaluation: Evaluation;
  bench: Bench;
}

function Options({ choice, evaluation, bench }: Props<PickChoice | ToggleChoice>) {
  const { say } = useUnits();
  // What such trucks seldom have is a press away, and not weighed before.
  const [all, setAll] = useState(false);
  const usual = choice.options.filter(({ seldom, chosen }) => !seldom || chosen);
  const options = all || usual.length === 0 ? choice.options : usual;
  const folded = choice.options.length - usual.length;
  const deltas = useMemo(
    () => options.map((option) => deltaOf(evaluation, option.build)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the options are those of the choice
    [choice, all, evaluation],
  );
  const single = choice.kind === 'pick';
  return (
    <fieldset className={classes.group}>
      <legend>
        {say(choice.title)}
        <Assumed ids={[choice.id]} bench={bench} />
      </legend>
      {options.map((option, i) => (
        <label key={option.id} className={classes.option}>
          <span className={classes.optionHead}>
            <input
              type={single ? 'radio' : 'checkbox'}
              name={choice.id}
              checked={option.chosen}
              onChange={() =>
                bench.change({
                  build: option.build,
                  words: single
                    ? `${choice.title}: ${option.label}`
                    : `${option.chosen ? 'Without' : 'With'} ${within(option.label)}`,
                  choice: choice.id,
                })
              }
            />
            <span className={classes.optionLabel}>{say(option.label)}</span>
            {option.own && <span className={classes.optionOwn}>your own part</span>}
            {option.words && <span className={classes.optionWords}>{say(option.words)}</span>}
          </span>
          {(!single || !option.chosen) && <Deltas change={deltas[i]!} />}
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

function Picked({ choice, evaluation, bench }: Props<PickChoice>) {
  const { say } = useUnits();
  // A closed list weighs nothing: what an option changes is worked out when the list is opened. After any edit
  // the options are others.
  const [known] = useState(() => new WeakMap<PickChoice['options'][number], Figures>());
  const deltaFor = (option: PickChoice['options'][number]): Figures => {
    const delta = known.get(option) ?? deltaOf(evaluation, option.build);
    known.set(option, delta);
    return delta;
  };
  return (
    <Select
      className={classes.group}
      size="xs"
      label={say(choice.title)}
      allowDeselect={false}
      value={choice.options.find((option) => option.chosen)?.id ?? null}
      data={choice.options.map(({ id, label }) => ({ value: id, label: say(label) }))}
      maxDropdownHeight={320}
      renderOption={({ option }) => {
        const chosen = choice.options.find(({ id }) => id === option.value)!;
        return (
          <span>
            {option.label}
            <br />
            <span className="quiet" style={{ fontSize: 11 }}>
              {chosen.chosen ? 'chosen' : say(shortChange(deltaFor(chosen)))}
            </span>
          </span>
        );
      }}
      onChange={(id) => {
        const option = choice.options.find((candidate) => candidate.id === id);
        if (option && !option.chosen)
          bench.change({ build: option.build, words: `${choice.title}: ${option.label}`, choice: choice.id });
      }}
    />
  );
}

/** A tidy step near another: 37.9 → 50, 0.3 → 0.5. */
function tidy(step: number): number {
  const power = 10 ** Math.floor(Math.log10(step));
  return [1, 2, 5, 10].map((n) => n * power).find((n) => n >= step * 0.999)!;
}

/** A figure typed in the person's units and a slider; the truck keeps it in ours, to the last digit. */
function Amount({ choice, evaluation, bench }: Props<AmountChoice>) {
  const { min, max, step, usual = [min, max], value, unit, title, id } = choice;
  const [from, to] = usual;
  // Of things that are counted, and of percent, no system has another unit.
  const of = unit === '' || unit === '%' || unit === 'cents' ? null : unit;
  const { say, system, show: shown, read: readIn, decimals, unit: unitOf } = useUnits();
  const show = (figure: number) => (of ? shown(of, figure) : figure);
  const read = (figure: number) => (of ? readIn(of, figure) : figure);
  const places = of ? decimals(of) : 0;
  const rounded = (figure: number) => Number(show(figure).toFixed(places + 1));
  const withUnit = (figure: number) => (of ? amount(figure, of) : formatWhole(figure));
  const more = Math.min(max, value + step);
  const next = useMemo(
    () => (more === value ? null : deltaOf(evaluation, choice.set(more))),
    [choice, evaluation, more, value],
  );
  // What is typed stays as it is until it is a figure that can be had; the truck stays as it was meanwhile.
  const [typed, setTyped] = useState<{ text: number | string; in: typeof system; of: number } | null>(null);
  const text = ((): number | string => {
    if (!typed || typed.of !== value) return rounded(value);
    if (typed.in === system || typeof typed.text !== 'number' || !of) return typed.text;
    // Other units in the middle of typing: what was typed is said in them.
    const figure = fromSystem(typed.in, of, typed.text);
    return rounded(Math.abs(figure - value) < step / 20 ? value : figure);
  })();
  const slack = Math.abs(max) * 1e-9 + 0.5 * 10 ** -(places + 1);
  const fits = (to: number | string): to is number =>
    typeof to === 'number' && to >= show(min) - slack && to <= show(max) + slack;
  const take = (to: number, control: string) => {
    if (to !== value)
      bench.change({ build: choice.set(to), words: `${title}: ${withUnit(to)}`, control, choice: id });
  };
  const type = (to: number | string) => {
    if (!fits(to)) return setTyped({ text: to, in: system, of: value });
    const figure = Math.min(max, Math.max(min, read(to)));
    setTyped({ text: to, in: system, of: figure });
    take(figure, `${id}-typed`);
  };
  return (
    <div className={classes.group}>
      <div className={classes.groupTitle}>
        <label htmlFor={`amount-${id}`}>{say(title)}</label>
        <Assumed ids={[id]} bench={bench} />
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
          onChange={(to) => take(to, id)}
          onChangeEnd={bench.settle}
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
          onBlur={bench.settle}
          error={
            !fits(text) && say(`${title} must be from ${of ? bare(withUnit(min)) : min} to ${withUnit(max)}`)
          }
          classNames={{ input: 'figures' }}
        />
        <div className={classes.perStep}>
          {next && (
            <>
              <span className="quiet" style={{ fontSize: 11.5 }}>
                {say(`${withUnit(step)} more changes`)}
              </span>
              <Deltas change={next} />
            </>
          )}
        </div>
      </div>
    </div>
  );
}

/** One choice, each option with what it changes before it is taken. */
export function ChoiceView({ choice, evaluation, bench }: Props<Choice>) {
  if (choice.kind === 'list') return null;
  if (choice.kind === 'amount') return <Amount choice={choice} evaluation={evaluation} bench={bench} />;
  if (choice.options.length === 0) return null;
  if (choice.kind === 'pick' && choice.compact)
    return <Picked choice={choice} evaluation={evaluation} bench={bench} />;
  return <Options choice={choice} evaluation={evaluation} bench={bench} />;
}

/** What can be chosen in the present step. */
export function Choices({ evaluation, step, bench }: { evaluation: Evaluation; step: string; bench: Bench }) {
  const choices = useMemo(() => {
    const { house, build } = evaluation;
    return house.inPanelOf(house.subject(step)).flatMap((subject) => house.choicesOf(subject, build));
  }, [evaluation, step]);
  const [finer, setFiner] = useState(false);
  const all = choices.filter(({ kind }) => kind !== 'list');
  if (all.length === 0) return null;
  // What few look for is a press away, and neither drawn nor weighed before.
  const isFine = (choice: Choice) => 'fine' in choice && choice.fine === true;
  const shown = finer ? all : all.filter((choice) => !isFine(choice));
  const fine = all.filter(isFine).length;
  return (
    <>
      <DeltaHeads />
      {shown.map((choice) => (
        <ChoiceView key={choice.id} choice={choice} evaluation={evaluation} bench={bench} />
      ))}
      {fine > 0 && (
        <button
          type="button"
          className={classes.more}
          aria-expanded={finer}
          onClick={() => setFiner((now) => !now)}
        >
          {finer ? 'Only what is chosen most' : `Show ${fine} finer choices`}
        </button>
      )}
    </>
  );
}
