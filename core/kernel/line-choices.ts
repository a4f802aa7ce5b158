import type { Build, Field, OneOfField } from '../build/index.js';
import { amountChoice, NONE } from './choice.js';
import type { Choice, ChoiceOption, PickChoice, ToggleChoice } from './choice.js';

type Line = Record<string, unknown>;
type Edit = (change: Line) => Build;

const isYes = (of: Field): boolean => of.kind === 'oneOf' && of.optional === true && of.values.length === 1;

/**
 * One of several of a field as a list to open; with nothing as its first option where it may be left out. `usual` is
 * what it is where nothing is said: that is no option of its own then, and `set` is given undefined for it.
 */
export function pickChoice<V extends string>(
  id: string,
  of: OneOfField<V> & { optional?: true },
  now: V | undefined,
  build: Build,
  set: (to: V | undefined) => Build,
  usual?: V,
): PickChoice {
  const option = (value: V | undefined, label: string): ChoiceOption => {
    const chosen = value === (now ?? usual);
    return {
      id: value ?? NONE,
      label,
      chosen,
      build: chosen ? build : set(value === usual ? undefined : value),
    };
  };
  return {
    kind: 'pick',
    id,
    title: of.title,
    compact: true,
    options: [
      ...(of.optional && usual === undefined ? [option(undefined, 'None')] : []),
      ...of.values.map((value) => option(value, of.names?.[value] ?? value)),
    ],
  };
}

/** One thing that is there or not. */
export const hasChoice = (
  id: string,
  title: string,
  option: { id: string; label: string; words?: string },
  has: boolean,
  turned: (on: boolean) => Build,
): ToggleChoice => ({
  kind: 'toggle',
  id,
  title,
  options: [{ ...option, chosen: has, build: turned(!has) }],
});

/**
 * What can be chosen of one line of a list, from the fields of the list in their order: one of several, an amount, and
 * what it has or has not together at the end. Texts, parts and ids are left to the subject.
 */
export function choicesOfLine(
  prefix: string,
  fields: Readonly<Record<string, Field>>,
  line: Line,
  edit: Edit,
  { has, usual = {} }: { has: string; usual?: Readonly<Record<string, number>> },
): Choice[] {
  const of = Object.entries(fields);
  const yes = of.filter(([, field]) => isYes(field));
  const toggles: ToggleChoice = {
    kind: 'toggle',
    id: `${prefix}-has`,
    title: has,
    options: yes.map(([key, field]) => ({
      id: key,
      label: field.title,
      chosen: line[key] !== undefined,
      build: edit({ [key]: line[key] === undefined ? 'yes' : undefined }),
    })),
  };
  return [
    ...of.flatMap(([key, field]): Choice[] => {
      const id = `${prefix}-${key}`;
      if (isYes(field)) return [];
      if (field.kind === 'oneOf')
        return [
          pickChoice(id, field, line[key] as string | undefined, edit({}), (to) => edit({ [key]: to })),
        ];
      if (field.kind !== 'amount') return [];
      const now = (line[key] as number | undefined) ?? usual[key];
      return now === undefined
        ? []
        : [amountChoice(id, field, now, (to) => edit(to === now ? {} : { [key]: to }))];
    }),
    ...(yes.length ? [toggles] : []),
  ];
}
