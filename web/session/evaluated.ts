import type { Build } from '#core/build';
import type { Evaluation } from '#core/kernel';
import { house } from '#core/subjects';

const known = new WeakMap<Build, Evaluation>();
let last: Evaluation | undefined;

/**
 * The evaluation of a build, worked out once while the build is about, and from the one before as far as it
 * goes.
 */
export function evaluated(build: Build): Evaluation {
  const found = known.get(build) ?? house.evaluate(build, last);
  known.set(build, found);
  last = found;
  return found;
}
