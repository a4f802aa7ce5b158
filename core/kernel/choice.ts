import type { Build, BuildType } from '../build/index.js';
import type { AmountField, FieldUnit } from '../build/index.js';
import { amount, formatWhole, listed, within } from '../units/index.js';
import type { Evaluation } from './evaluation.js';
import type { Box } from './shapes.js';
import { isUsual } from './shelf.js';

/** One thing that can be taken: the build as it would be. */
export interface ChoiceOption {
  id: string;
  label: string;
  words?: string;
  chosen: boolean;
  /** Set on a department's own part. */
  own?: true;
  /** Set on what trucks of this type seldom have. */
  seldom?: true;
  build: Build;
}

/** One of several. `compact` ones are a list to open rather than cards. */
export interface PickChoice {
  kind: 'pick';
  id: string;
  title: string;
  compact?: boolean;
  /** Set on what few look for: it is shown when it is asked for. */
  fine?: true;
  options: ChoiceOption[];
}

/** Any of several; each option is the build with that one turned over. */
export interface ToggleChoice {
  kind: 'toggle';
  id: string;
  title: string;
  fine?: true;
  options: ChoiceOption[];
}

/** A figure between two ends. */
export interface AmountChoice {
  kind: 'amount';
  id: string;
  title: string;
  fine?: true;
  /** Empty where things are counted. */
  unit: FieldUnit;
  min: number;
  max: number;
  step: number;
  /** Where a slider goes; what is typed may go to the ends. */
  usual?: readonly [number, number];
  value: number;
  set: (value: number) => Build;
}

/** A list that a person fills: the subject's own panel shows it. */
export interface ListChoice {
  kind: 'list';
  id: string;
  title: string;
}

export type Choice = PickChoice | ToggleChoice | AmountChoice | ListChoice;

/** A choice that this truck does not have, because of another: why, said after its title. */
export interface AbsentChoice {
  id: string;
  title: string;
  because: string;
}

/** What is chosen, in words; nothing of a list, which its own panel shows. */
export function valueOf(choice: Choice): string {
  if (choice.kind === 'list') return '';
  if (choice.kind === 'amount')
    return choice.unit === '' ? formatWhole(choice.value) : amount(choice.value, choice.unit);
  const chosen = choice.options.filter((option) => option.chosen).map(({ label }) => label);
  return chosen.length === 0 ? 'None' : listed(chosen.map((label, i) => (i === 0 ? label : within(label))));
}

/** The option of taking nothing. */
export const NONE = 'none';

/** Parts as options, each with the build that it would make; of a type of truck where some are usual on it. */
export const partOptions = <P extends { id: string; name: string; own?: true; types?: BuildType[] }>(
  parts: readonly P[],
  chosen: (part: P) => boolean,
  to: (part: P) => Build,
  { words, type }: { words?: (part: P) => string; type?: BuildType } = {},
): ChoiceOption[] =>
  parts.map((part) => ({
    id: part.id,
    label: part.name,
    ...(part.own ? { own: true } : {}),
    ...(type && !isUsual(part, type) ? { seldom: true as const } : {}),
    ...(words ? { words: words(part) } : {}),
    chosen: chosen(part),
    build: to(part),
  }));

/** Either way of a question on which good departments differ; no build where this truck can't be built so. */
export interface Way {
  id: string;
  name: string;
  words: string;
  chosen: boolean;
  build: Build | null;
}

/** A question on which good departments differ: both ways work. */
export interface Question {
  id: string;
  question: string;
  /** The step that it is asked in, where that is another subject's. */
  step?: string;
  ways: (build: Build, evaluation: Evaluation) => Way[];
}
export const way = (id: string, name: string, words: string, chosen: boolean, build: Build | null): Way => ({
  id,
  name,
  words,
  chosen,
  build,
});

/** A way along the truck, across it, or up. */
export type Direction = 'x' | 'y' | 'z';

/** Something on the drawing that a hand can move, in whole inches. */
export interface Grip {
  id: string;
  title: string;
  /** What is taken hold of, in the truck's frame. */
  box: Box;
  directions: Direction[];
  /** Taken hold of from there only: from both sides of the truck or one, from its ends, or from above. */
  from?: 'sides' | 'left' | 'right' | 'rear' | 'front' | 'above';
  /** Shown only while its own step is worked on. */
  inItsStep?: true;
  /** The choice that is made by moving it. */
  choice: string;
  /** Where it stands now, in, along its first direction, and in words. */
  atIn: number;
  at: string;
  /** How far it can go in that direction, in. */
  ends: { min: number; max: number };
  /** The build with it moved by so many inches from where it stands. */
  moved: (by: Partial<Record<Direction, number>>) => Build;
}

/** A choice of an amount within the bounds of its field. */
export const amountChoice = (
  id: string,
  { title, unit, min, max, step = 1, usual }: AmountField,
  value: number,
  set: (value: number) => Build,
): AmountChoice => ({
  kind: 'amount',
  id,
  title,
  unit,
  min,
  max,
  step,
  ...(usual ? { usual } : {}),
  value,
  set,
});
