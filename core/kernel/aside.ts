import { blockIn, differencesOf, fieldWith, same } from '../build/index.js';
import type { Build, Difference, Rulebook } from '../build/index.js';

type Json = Record<string, unknown>;
type Line = { id: string } & Json;

/**
 * What an edit elsewhere left no room for: a seat that the other cab has no place for, hose in a crosslay that
 * the other pump does not have.
 */
export interface Aside {
  block: string;
  field: string;
  /** The line of a list, and where in it the line stood. */
  line?: string;
  at?: number;
  /** What was chosen, and what stands in its place as long as nobody chooses again; none where undefined. */
  wanted: unknown;
  got: unknown;
}

/**
 * It rides along with the build from edit to edit and is no part of its file: it is what a person did a moment
 * ago, not what the truck is.
 */
const ASIDE = Symbol('aside');
type Carrying = Build & { [ASIDE]?: readonly Aside[] };

/** As many as a person could have meant. */
const MOST = 100;
const NOTHING: readonly Aside[] = [];

/** What is kept aside for a build. */
export const asideIn = (build: Build): readonly Aside[] => (build as Carrying)[ASIDE] ?? NOTHING;

/** A build with these things kept aside for it. */
export const withAside = (build: Build, aside: readonly Aside[]): Build =>
  aside.length === 0 && asideIn(build).length === 0
    ? build
    : ({ ...build, [ASIDE]: aside.slice(-MOST) } as Build);

/** A build that came another way than by a choice, with what is kept aside for the one before it. */
export const keepingAside = (build: Build, before: Build): Build =>
  ASIDE in build ? build : withAside(build, asideIn(before));

const linesIn = (build: Build, { block, field }: Pick<Aside, 'block' | 'field'>): Line[] =>
  (blockIn(build, block)[field] as Line[] | undefined) ?? [];

const valueIn = (build: Build, of: Aside): unknown =>
  of.line === undefined
    ? blockIn(build, of.block)[of.field]
    : linesIn(build, of).find(({ id }) => id === of.line);

/** A build with what was wanted in its place again. */
function putBack(build: Build, of: Aside): Build {
  if (of.line === undefined) return fieldWith(build, of.block, of.field, of.wanted);
  const lines = linesIn(build, of);
  const at = lines.findIndex(({ id }) => id === of.line);
  const wanted = of.wanted === undefined ? [] : [of.wanted as Line];
  const next =
    at < 0 ? lines.toSpliced(of.at ?? lines.length, 0, ...wanted) : lines.toSpliced(at, 1, ...wanted);
  return fieldWith(build, of.block, of.field, next);
}

/** What of a block of `before` stands otherwise in `after`: field by field, and of a list line by line. */
function changesOf(block: Rulebook['blocks'][number], before: Build, after: Build): Aside[] {
  const [was, is] = [blockIn(before, block.id), blockIn(after, block.id)];
  if (was === is) return [];
  return Object.entries(block.fields).flatMap(([field, { kind }]): Aside[] => {
    const at = { block: block.id, field };
    const [wanted, got] = [was[field], is[field]];
    if (same(wanted, got)) return [];
    if (kind !== 'lines' || !wanted || !got) return [{ ...at, wanted, got }];
    const [lines, others] = [linesIn(before, at), linesIn(after, at)];
    const ids = new Set([...lines, ...others].map(({ id }) => id));
    return [...ids].flatMap((line): Aside[] => {
      const index = lines.findIndex(({ id }) => id === line);
      const [one, other] = [lines[index], others.find(({ id }) => id === line)];
      return same(one, other)
        ? []
        : [{ ...at, line, ...(index < 0 ? {} : { at: index }), wanted: one, got: other }];
    });
  });
}

const isOf = (a: Aside) => (b: Aside) => a.block === b.block && a.field === b.field && a.line === b.line;

/**
 * An edit put in order by `settle`, on which what was kept aside returns where it fits, and from which what no
 * longer fits is kept aside: of that, what stood in the build `before` the edit. What a person has chosen anew
 * since is not touched; what `isWhole` refuses stays aside.
 */
export function settledAside(
  { blocks }: Pick<Rulebook, 'blocks'>,
  edited: Build,
  before: Build,
  settle: (build: Build) => Build,
  isWhole: (build: Build) => boolean,
): Build {
  const open = asideIn(edited).filter((aside) => same(valueIn(edited, aside), aside.got));
  const stays: Aside[] = [];
  const restored = open.reduce((build, aside) => {
    const whole = putBack(build, aside);
    if (isWhole(whole)) return whole;
    stays.push(aside);
    return build;
  }, edited);
  const settled = settle(restored);
  const stood = (aside: Aside) => same(valueIn(before, aside), aside.wanted) || open.some(isOf(aside));
  const away = blocks.flatMap((block) => changesOf(block, restored, settled)).filter(stood);
  return withAside(settled, [...stays, ...away]);
}

/** What an edit took from a build, and what it brought back, in words with their figures. */
export function asideNews(
  book: Rulebook,
  before: Build,
  after: Build,
): { away: Difference[]; back: Difference[] } {
  const [was, is] = [asideIn(before), asideIn(after)];
  const away = is.filter((aside) => !was.some(isOf(aside)));
  const back = was.filter((aside) => !is.some(isOf(aside)) && same(valueIn(after, aside), aside.wanted));
  if (away.length + back.length === 0) return { away: [], back: [] };
  const differences = differencesOf(book, before, after);
  const among = (asides: readonly Aside[]) =>
    differences.filter(({ id }) =>
      asides.some(({ block, field, line }) =>
        [block, `${block}.${field}`, `${block}.${field}.${line ?? ''}`].includes(id),
      ),
    );
  return { away: among(away), back: among(back) };
}
