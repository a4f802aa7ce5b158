import type { Build, Field } from '../build/index.js';
import { amountChoice, NONE } from './choice.js';
import type { Choice, ToggleChoice } from './choice.js';

type Line = Record<string, unknown>;
type Edit = (change: Line) => Build;

const isYes = (of: Field): boolean => of.kind === 'oneOf' && of.optional === true && of.values.length === 1;

/** One of several as a list to open; with nothing as its first option where it may be left out. */
function pick(
  id: string,
  title: string,
  of: Field & { kind: 'oneOf' },
  now: unknown,
  set: (to: unknown) => Build,
  keep: () => Build,
): Choice {
  const values = of.values as readonly string[];
  const names = (of.names ?? {}) as Record<string, string>;
  return {
    kind: 'pick',
    id,
    title,
    compact: true,
    options: [
      ...(of.optional
        ? [
            {
              id: NONE,
              label: 'None',
              chosen: now === undefined,
              build: now === undefined ? keep() : set(undefined),
            },
          ]
        : []),
      ...values.map((value) => ({
        id: value,
        label: names[value] ?? value,
        chosen: value === now,
        build: value === now ? keep() : set(value),
      })),
    ],
  };
}

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
          pick(
            id,
            field.title,
            field,
            line[key],
            (to) => edit({ [key]: to }),
            () => edit({}),
          ),
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
