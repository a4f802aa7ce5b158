import { stepsFor, stepTitle } from '../review/index.js';
import type { StepId } from '../rig/index.js';
import type { BuildSpec } from '../spec/index.js';
import { choicesFor } from './choices.js';

/** The choice of equipment as a whole: it has a list and not options. */
export const EQUIPMENT_CHOICE = 'equipment';

const idsOf = (spec: BuildSpec, step: StepId): { id: string; title: string }[] =>
  step === 'equipment' ? [{ id: EQUIPMENT_CHOICE, title: 'Equipment' }] : choicesFor(spec, step).map(({ id, title }) => ({ id, title }));

/** A build in which every choice is marked as assumed until a person confirms it. */
export const allAssumed = (spec: BuildSpec): BuildSpec => ({ ...spec, assumed: stepsFor(spec).flatMap((step) => idsOf(spec, step).map(({ id }) => id)) });

/** What is still assumed, by step, in working order. */
export function assumedIn(spec: BuildSpec): { step: StepId; title: string; choices: { id: string; title: string }[] }[] {
  if (!spec.assumed?.length) return [];
  const open = new Set(spec.assumed);
  return stepsFor(spec)
    .map((step) => ({ step, title: stepTitle(step), choices: idsOf(spec, step).filter(({ id }) => open.has(id)) }))
    .filter(({ choices }) => choices.length > 0);
}
