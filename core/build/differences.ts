import { amount, formatMoney, formatWhole } from '../units/index.js';
import type { Block, Names } from './block.js';
import { withCopiesOf } from './catalogue.js';
import { confirmed } from './build.js';
import type { Build } from './build.js';
import type { Field, LinesField } from './fields.js';
import { withLine } from './lines.js';
import type { Problem } from './problem.js';
import { same } from './same.js';

/**
 * What differences and merges must know of the subjects: their blocks, what things are called, and what goes
 * together.
 */
export interface Rulebook {
  blocks: readonly Block[];
  namesIn: (build: Build) => Names;
  /** What does not go together in a build of the right shape. */
  problemsOf: (build: Build) => Problem[];
  /** A build that carries the parts that it names and no others. */
  carrying: (build: Build) => Build;
}

/** One thing that can be chosen, as two builds may differ in it. */
interface Topic {
  id: string;
  title: string;
  read: (build: Build) => unknown;
  write: (build: Build, value: unknown) => Build;
  words: (build: Build) => string;
}

/** What one build has otherwise than another, in words with their figures. */
export interface Difference {
  id: string;
  title: string;
  before: string;
  after: string;
}

const NONE = 'none';
type Json = Record<string, unknown>;
/** A block of a build, by the id of it. */
export const blockIn = (build: Build, id: string): Json => (build as unknown as Record<string, Json>)[id]!;

/** A value of a field in words, with its figure in place. */
export function wordsOf(field: Field, value: unknown, names: Names): string {
  if (value === undefined) return NONE;
  switch (field.kind) {
    case 'amount':
      return field.unit === 'cents'
        ? formatMoney(value as number)
        : field.unit === ''
          ? formatWhole(value as number)
          : amount(value as number, field.unit);
    case 'oneOf':
      return (
        (field.names as Record<string, string> | undefined)?.[value as string] ?? String(value)
      ).toString();
    case 'part':
      return names.part(field.of, value as string);
    case 'many':
      return (value as unknown[]).map((each) => wordsOf(field.of as Field, each, names)).join(', ') || NONE;
    case 'group':
      return Object.entries(field.fields as Record<string, Field>)
        .map(([key, each]) => wordsOf(each, (value as Json)[key], names))
        .join(', ');
    case 'lines':
      return `${(value as unknown[]).length}`;
    case 'id':
      return field.name?.(value as string, names.build) ?? String(value);
    case 'text':
      return String(value);
  }
}

/** A build with another value in a field of a block; left out where undefined. */
export function fieldWith(build: Build, of: string, key: string, value: unknown): Build {
  if (value !== undefined) return { ...build, [of]: { ...blockIn(build, of), [key]: value } };
  const { [key]: _old, ...rest } = blockIn(build, of);
  return { ...build, [of]: rest } as Build;
}

type Line = { id: string } & Json;
const linesOf = (build: Build, of: string, key: string): Line[] =>
  (blockIn(build, of)[key] as Line[] | undefined) ?? [];

/** A topic a line: who adds one, and who takes another off, do not meet. */
function lineTopics(
  of: Block,
  key: string,
  field: LinesField,
  builds: Build[],
  namesIn: Rulebook['namesIn'],
): Topic[] {
  const ids = [...new Set(builds.flatMap((build) => linesOf(build, of.id, key).map(({ id }) => id)))];
  return ids.map((id): Topic => {
    const find = (build: Build) => linesOf(build, of.id, key).find((line) => line.id === id);
    const home = builds.find((build) => find(build) !== undefined)!;
    const says = (build: Build, line: Line) =>
      field.say?.(line, build, namesIn(build)) ?? {
        title: field.line,
        words: wordsOf({ kind: 'group', title: '', fields: field.fields }, line, namesIn(build)),
      };
    return {
      id: `${of.id}.${key}.${id}`,
      title: says(home, find(home)!).title,
      read: find,
      write: (build, value) =>
        fieldWith(
          build,
          of.id,
          key,
          withLine(linesOf(build, of.id, key), id, (value as Line | undefined) ?? null),
        ),
      words: (build) => {
        const line = find(build);
        return line ? says(build, line).words : NONE;
      },
    };
  });
}

function topicsOf({ blocks, namesIn }: Rulebook, builds: Build[]): Topic[] {
  const name: Topic = {
    id: 'name',
    title: 'Name',
    read: ({ name }) => name,
    write: (build, value) => ({ ...build, name: value as string }),
    words: ({ name }) => name,
  };
  const ofBlocks = blocks.flatMap((of): Topic[] => {
    const { asOne } = of;
    if (asOne) {
      return [
        {
          id: of.id,
          title: of.title,
          read: (build) => blockIn(build, of.id),
          write: (build, value) => ({ ...build, [of.id]: value }) as Build,
          words: (build) => asOne(blockIn(build, of.id) as never, namesIn(build)),
        },
      ];
    }
    return Object.entries(of.fields).flatMap(([key, field]): Topic[] =>
      field.kind === 'lines'
        ? lineTopics(of, key, field as LinesField, builds, namesIn)
        : [
            {
              id: `${of.id}.${key}`,
              title: field.title,
              read: (build) => blockIn(build, of.id)[key],
              write: (build, value) => fieldWith(build, of.id, key, value),
              words: (build) => wordsOf(field, blockIn(build, of.id)[key], namesIn(build)),
            },
          ],
    );
  });
  return [name, ...ofBlocks];
}

const differenceIn = (topic: Topic, before: Build, after: Build): Difference => ({
  id: topic.id,
  title: topic.title,
  before: topic.words(before),
  after: topic.words(after),
});

/** Choice by choice, what `after` has otherwise than `before`. */
export const differencesOf = (book: Rulebook, before: Build, after: Build): Difference[] =>
  topicsOf(book, [before, after])
    .filter((topic) => !same(topic.read(before), topic.read(after)))
    .flatMap((topic) => {
      const closer = book.blocks
        .find(({ id }) => id === topic.id)
        ?.differences?.(
          blockIn(before, topic.id) as never,
          blockIn(after, topic.id) as never,
          book.namesIn(after),
        );
      return closer?.length ? closer : [differenceIn(topic, before, after)];
    });

/** Two builds that grew out of one, as one. */
export interface Merged {
  /** What they have together; null where it would be no whole build. */
  build: Build | null;
  /** What only mine has otherwise: it comes along. */
  mine: Difference[];
  /** What both have otherwise, and not alike: theirs stands there, and a person must say. */
  collisions: Difference[];
  /** Why there is no whole build. */
  problems: Problem[];
}

/** Puts what `mine` changed since `base` onto `theirs`, wherever theirs left it as it was. */
export function mergeBuilds(book: Rulebook, base: Build, mine: Build, theirs: Build): Merged {
  const changed = topicsOf(book, [base, mine, theirs]).filter(
    (topic) => !same(topic.read(mine), topic.read(base)) && !same(topic.read(mine), topic.read(theirs)),
  );
  const free = changed.filter((topic) => same(topic.read(theirs), topic.read(base)));
  const put = free.reduce(
    (merged, topic) => topic.write(merged, topic.read(mine)),
    withCopiesOf(theirs, mine),
  );
  // What either has confirmed is confirmed.
  const build = confirmed(
    book.carrying(put),
    (theirs.assumed ?? []).filter((id) => !mine.assumed?.includes(id)),
  );
  const problems = book.problemsOf(build);
  return {
    build: problems.length ? null : build,
    mine: free.map((topic) => differenceIn(topic, theirs, mine)),
    collisions: changed
      .filter((topic) => !free.includes(topic))
      .map((topic) => differenceIn(topic, theirs, mine)),
    problems,
  };
}
