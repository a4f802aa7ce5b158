import type { Build } from '#core/build';
import type { Evaluation } from '#core/kernel';
import { house } from '#core/subjects';

/** The build as it is, as it was before, as it was saved: more is not asked for again. */
const KEPT = 4;
let known: readonly Evaluation[] = [];

/**
 * The evaluation of a build, from the one before as far as it goes; those that were asked for last are kept, and
 * no more, so that a long sitting does not fill the memory.
 */
export function evaluated(build: Build): Evaluation {
  const [last] = known;
  if (last?.build === build) return last;
  const found = known.find((evaluation) => evaluation.build === build) ?? house.evaluate(build, last);
  known = [found, ...known.filter((evaluation) => evaluation !== found)].slice(0, KEPT);
  return found;
}
