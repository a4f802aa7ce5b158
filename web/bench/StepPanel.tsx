import { memo, Suspense, useMemo } from 'react';
import type { BuildView, OwnPartView } from '#core/exchange';
import { absentIn, cautionsFor } from '#core/kernel';
import type { Build } from '#core/build';
import type { Evaluation } from '#core/kernel';
import { house } from '#core/subjects';
import { useUnits } from '../common';
import { Assumed, Choices, classes } from '../panel';
import type { Bench } from '../session';
import { panelsOf } from '../subjects';
import { CatalogueNews } from './CatalogueNews';
import { OwnPartNews } from './OwnPartNews';
import { Schools } from './Schools';
import { SinceSaved } from './SinceSaved';
import look from './bench.module.css';

/** The build as a panel sees it: with the department's own parts on offer as well. */
export interface Seen {
  bench: Bench;
  evaluation: Evaluation;
  offering: Evaluation;
}

interface Props {
  step: string;
  seen: Seen;
  view: BuildView;
  ownParts: OwnPartView[] | undefined;
  pointAt: (ids: string[]) => void;
}

/** What this truck doesn't offer in a step because of another choice, and why. */
function Absent({ of, step }: { of: Build; step: string }) {
  const { say } = useUnits();
  const absent = useMemo(() => absentIn(house, of, step), [of, step]);
  if (absent.length === 0) return null;
  return (
    <section className={classes.group} aria-label="Not on this truck">
      <h3 className={classes.groupTitle}>Not on this truck</h3>
      <ul className={look.absent}>
        {absent.map(({ id, title, because }) => (
          <li key={id}>
            <b>{say(title)}</b> {say(because)}.
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Everything of one step: what is chosen in a sentence, what can be chosen, and its own panels. */
export const StepPanel = memo(function StepPanel({ step, seen, view, ownParts, pointAt }: Props) {
  const { bench, evaluation, offering } = seen;
  const { build } = evaluation;
  const { say } = useUnits();
  const { title, sentence } = house.subject(step);
  const lists = useMemo(
    () =>
      house
        .choicesIn(house.subject(step), evaluation)
        .filter(({ kind }) => kind === 'list')
        .map(({ id }) => id),
    [step, evaluation],
  );
  return (
    <>
      <div className={classes.panelHead}>
        <h2>
          {title}
          <Assumed ids={lists} of={title} bench={bench} />
        </h2>
      </div>
      <p className={look.sentence}>{say(sentence?.(evaluation) ?? '')}</p>
      <SinceSaved view={view} />
      <CatalogueNews evaluation={evaluation} bench={bench} />
      <OwnPartNews build={build} parts={ownParts} bench={bench} />
      <Choices evaluation={offering} step={step} bench={bench}>
        {/* What stands below the subject's panel comes with it: it must not move under a finger. */}
        <Suspense>
          {panelsOf(step).map(({ id, Panel }) => (
            <Panel key={id} evaluation={offering} bench={bench} pointAt={pointAt} />
          ))}
          <Absent of={build} step={step} />
          <Schools evaluation={offering} step={step} bench={bench} />
          {cautionsFor(house, step).map((caution) => (
            <p key={caution} className={classes.note}>
              {caution}
            </p>
          ))}
        </Suspense>
      </Choices>
    </>
  );
});
