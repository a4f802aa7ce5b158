import { block, same, withLine } from '../../build/index.js';
import type { BlockOf, Build } from '../../build/index.js';
import { fromBuild } from '../../kernel/index.js';
import { BRIEF_FIELDS } from './fields.js';
import type { Brief, BriefKind, BriefLine, LineOf } from './fields.js';

export const briefBlock = block({
  id: 'brief',
  title: 'Brief',
  version: 1,
  fields: BRIEF_FIELDS,
  empty: {},
  later: true,
  fromVersion2: () => ({}),
});

declare module '../../build/build.js' {
  interface Blocks {
    brief: BlockOf<typeof briefBlock>;
  }
}

export const BRIEF_KINDS = Object.keys(BRIEF_FIELDS) as BriefKind[];

/** The lines of a kind, those too that are not for this truck. */
export const linesOf = <K extends BriefKind>(brief: Brief, kind: K): LineOf<K>[] =>
  (brief[kind] ?? []) as LineOf<K>[];

/** A brief with one more line, with another in place of the one of that id, or without it. */
export function withBriefLine(brief: Brief, kind: BriefKind, id: string, line: BriefLine | null): Brief {
  const lines = withLine(linesOf(brief, kind) as unknown as BriefLine[], id, line);
  const { [kind]: _old, ...rest } = brief;
  return lines.length ? { ...rest, [kind]: lines } : rest;
}

/** The brief that a build carries, without the version of its block. */
export function briefOf({ brief }: Pick<Build, 'brief'>): Brief {
  const { version: _version, ...rest } = brief;
  return rest;
}

/** A build with another brief. */
export const withBrief = (build: Build, brief: Brief): Build => ({
  ...build,
  brief: { version: build.brief.version, ...brief },
});

/** The lines of a build that are its own and not the department's. */
export const ownLines = (brief: Brief): { kind: BriefKind; line: BriefLine }[] =>
  BRIEF_KINDS.flatMap((kind) =>
    (linesOf(brief, kind) as unknown as BriefLine[])
      .filter(({ differs }) => differs !== undefined)
      .map((line) => ({ kind, line })),
  );

/** A department's brief as a build takes it: what the build has otherwise, with its reason, stays. */
export function takenBrief(build: Build, ofDepartment: Brief): Build {
  const next = ownLines(briefOf(build)).reduce<Brief>(
    (brief, { kind, line }) => withBriefLine(brief, kind, line.id, line),
    ofDepartment,
  );
  return withBrief(build, next);
}

/** Whether a build carries the department's brief as it is now, but for what it has otherwise with a reason. */
export const hasBrief = (build: Build, ofDepartment: Brief): boolean =>
  same(briefOf(build), briefOf(takenBrief(build, ofDepartment)));

/** A build with one line of its brief of its own; the department's where there is no reason. */
export const withOwnLine = (build: Build, kind: BriefKind, line: BriefLine): Build =>
  withBrief(build, withBriefLine(briefOf(build), kind, line.id, line));

/** The brief of a build. */
export const brief = fromBuild<Brief>(({ brief: of }) => of);
