import { evaluate } from '#core/review';
import type { Evaluation } from '#core/review';
import type { BuildSpec } from '#core/spec';

const known = new WeakMap<BuildSpec, Evaluation>();

/** The evaluation of a spec, worked out once while the spec is about: what is now becomes the ghost of what was. */
export function evaluated(spec: BuildSpec): Evaluation {
  const found = known.get(spec) ?? evaluate(spec);
  known.set(spec, found);
  return found;
}
