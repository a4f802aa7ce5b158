import { memo, useMemo, useState, useSyncExternalStore } from 'react';
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

/** What can be chosen in the present step. */
export function Choices({ evaluation, step, bench }: { evaluation: Evaluation; step: string; bench: Bench }) {
  const { house, build } = evaluation;
  const again = useMemo(
    () => (of: Build) =>
      house.inPanelOf(house.subject(step)).flatMap((subject) => house.choicesOf(subject, of)),
    [house, step],
  );
  const all = useMemo(() => again(build).filter(({ kind }) => kind !== 'list'), [again, build]);
  const [finer, setFiner] = useState(false);
  // What few look for is a press away, and neither drawn nor weighed before.
  const shown = useMemo(() => (finer ? all : all.filter((choice) => !isFine(choice))), [all, finer]);
  if (all.length === 0) return null;
  const fine = all.filter(isFine).length;
  return (
    <>
      <DeltaHeads />
      <ChoiceList evaluation={evaluation} bench={bench} choices={shown} again={again} />
      {fine > 0 && (
        <button
          type="button"
          className={classes.more}
          aria-expanded={finer}
          onClick={() => setFiner((now) => !now)}
        >
          {finer ? 'Only what is chosen most' : `Show ${counted(fine, 'finer choice')}`}
        </button>
      )}
    </>
  );
}

const isFine = (choice: Choice) => 'fine' in choice && choice.fine === true;
