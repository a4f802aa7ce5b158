import type { Choice, Evaluation } from '#core/kernel';
import type { Bench } from '../session';
import { ChoiceList } from './Choices';

/** Choices that a subject makes of an evaluation, wherever they stand. */
export function ChoicesOf({
  evaluation,
  bench,
  of,
}: {
  evaluation: Evaluation;
  bench: Bench;
  of: (evaluation: Evaluation) => Choice[];
}) {
  return (
    <ChoiceList
      evaluation={evaluation}
      bench={bench}
      choices={of(evaluation)}
      again={(build) => of(evaluation.with(build))}
    />
  );
}
