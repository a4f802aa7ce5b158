import { memo, startTransition, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';
import type { Build } from '#core/build';
import type { AmountChoice, Choice, Evaluation, PickChoice, ToggleChoice } from '#core/kernel';
import { counted } from '#core/units';
import type { Bench } from '../session';
import { Amount } from './Amount';
import { DeltaHeads } from './Deltas';
import { OffersContext, useOffersOf } from './offers';
import { Options } from './Options';
import { Picked } from './Picked';
import classes from './panel.module.css';

/** What is not drawn of a choice or an option: what a press makes of them is asked of the offers. */
const UNSEEN = ['build', 'set', 'options'];

const alike = <T extends object>(a: T, b: T): boolean =>
  [...Object.keys(a), ...Object.keys(b)].every(
    (key) => UNSEEN.includes(key) || String(a[key as keyof T]) === String(b[key as keyof T]),
  );

/** Whether two choices look the same. */
function looksAlike(a: Choice, b: Choice): boolean {
  if (a === b) return true;
  const [were, are] = [a, b].map((choice) => ('options' in choice ? choice.options : []));
  return alike(a, b) && were!.length === are!.length && were!.every((option, i) => alike(option, are![i]!));
}

interface ViewProps {
  choice: Exclude<Choice, { kind: 'list' }>;
  assumed: boolean;
}

const VIEWS = {
  amount: ({ choice, assumed }: ViewProps) => <Amount choice={choice as AmountChoice} assumed={assumed} />,
  pick: ({ choice, assumed }: ViewProps) =>
    (choice as PickChoice).compact ? (
      <Picked choice={choice as PickChoice} assumed={assumed} />
    ) : (
      <Options choice={choice as PickChoice} assumed={assumed} />
    ),
  toggle: ({ choice, assumed }: ViewProps) => <Options choice={choice as ToggleChoice} assumed={assumed} />,
} satisfies Record<ViewProps['choice']['kind'], (props: ViewProps) => ReactNode>;

/** One choice, each option with what it changes before it is taken; drawn again only when it looks otherwise. */
const ChoiceView = memo(
  function ChoiceView(props: ViewProps) {
    return VIEWS[props.choice.kind](props);
  },
  (before, after) => before.assumed === after.assumed && looksAlike(before.choice, after.choice),
);

interface ListProps {
  evaluation: Evaluation;
  bench: Bench;
  choices: readonly Choice[];
  /** The same choices of another build: what became of a figure that was typed. */
  again: (build: Build) => readonly Choice[];
}

/** Choices with what each option would change; while that is worked out anew, the figures are those before. */
export function ChoiceList({ evaluation, bench, choices, again }: ListProps) {
  const offers = useOffersOf(evaluation, choices, again, bench);
  const busy = useSyncExternalStore(offers.whenBusy, offers.isBusy);
  const assumed = bench.build.assumed;
  return (
    <OffersContext value={offers}>
      <div aria-busy={busy} className={classes.choices}>
        {choices.map((choice) =>
          choice.kind === 'list' || ('options' in choice && choice.options.length === 0) ? null : (
            <ChoiceView key={choice.id} choice={choice} assumed={assumed?.includes(choice.id) ?? false} />
          ),
        )}
      </div>
    </OffersContext>
  );
}

/** So many lines of options fill the panel: what stands below them is not in sight. */
const IN_SIGHT = 12;

const linesOf = (choice: Choice): number =>
  choice.kind === 'amount' || isCompact(choice)
    ? 2
    : 'options' in choice
      ? 1 + choice.options.filter(({ seldom, chosen }) => !seldom || chosen).length
      : 0;

/** The first of several choices, as far as they are in sight. */
function inSight(choices: readonly Choice[]): readonly Choice[] {
  let lines = 0;
  const below = choices.findIndex((choice) => {
    const full = lines >= IN_SIGHT;
    lines += linesOf(choice);
    return full;
  });
  return below < 0 ? choices : choices.slice(0, below);
}

interface ChoicesProps {
  evaluation: Evaluation;
  step: string;
  bench: Bench;
  /** What stands below the choices. */
  children: ReactNode;
}

/** What can be chosen in the present step: at first what is in sight, and what is below when that is painted. */
export function Choices({ evaluation, step, bench, children }: ChoicesProps) {
  const { house, build } = evaluation;
  const again = useMemo(
    () => (of: Build) => house.choicesIn(house.subject(step), evaluation.with(of)),
    [house, evaluation, step],
  );
  const all = useMemo(() => again(build).filter(({ kind }) => kind !== 'list'), [again, build]);
  const [finer, setFiner] = useState(false);
  // What few look for is a press away, and neither drawn nor weighed before.
  const shown = useMemo(() => (finer ? all : all.filter((choice) => !isFine(choice))), [all, finer]);
  const [drawn, setDrawn] = useState('');
  useEffect(() => startTransition(() => setDrawn(step)), [step]);
  const now = drawn === step ? shown : inSight(shown);
  if (all.length === 0) return children;
  const fine = all.filter(isFine).length;
  return (
    <>
      <DeltaHeads />
      <ChoiceList evaluation={evaluation} bench={bench} choices={now} again={again} />
      {fine > 0 && now.length === shown.length && (
        <button
          type="button"
          className={classes.more}
          aria-expanded={finer}
          onClick={() => setFiner((now) => !now)}
        >
          {finer ? 'Only what is chosen most' : `Show ${counted(fine, 'finer choice')}`}
        </button>
      )}
      {now.length === shown.length && children}
    </>
  );
}

const isCompact = (choice: Choice) => choice.kind === 'pick' && choice.compact === true;
const isFine = (choice: Choice) => 'fine' in choice && choice.fine === true;
