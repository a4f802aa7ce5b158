import 'reflect-metadata';
import { ArrayMaxSize, ArrayMinSize, Equals, IsArray, IsBoolean, IsDateString, IsInt, IsString, Min } from 'class-validator';
import { NewDepartment } from './api.js';
import { BuildSpec } from './build-spec.js';
import { OwnPartChoice } from './own-things.js';
import { ownPartProblems } from './own-parts.js';
import { upgradeBuild } from './parse.js';
import { BadInput, judge } from './problems.js';
import { referenceProblems } from './references.js';
import { Letters, Nested } from './rules.js';

export const ARCHIVE_FORMAT = 'baros-department';
export const ARCHIVE_VERSION = 1;

export class ArchivedRevision {
  @IsInt() @Min(1)
  revision!: number;

  @IsString() @Letters(1, 200)
  words!: string;

  @IsString() @Letters(0, 60)
  who!: string;

  @IsString() @Letters(0, 40)
  label!: string;

  @IsDateString()
  savedAt!: string;

  @Nested(() => BuildSpec)
  spec!: BuildSpec;
}

export class ArchivedBuild {
  @IsBoolean()
  archived!: boolean;

  /** Oldest first; the last is how the build stands. */
  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(5000)
  @Nested(() => ArchivedRevision, 'each')
  revisions!: ArchivedRevision[];
}

/** Everything of a department: what it says of itself, its own parts, and its builds with their history. */
export class DepartmentArchive {
  @Equals(ARCHIVE_FORMAT)
  format!: typeof ARCHIVE_FORMAT;

  @Equals(ARCHIVE_VERSION)
  version!: typeof ARCHIVE_VERSION;

  @Nested(() => NewDepartment)
  department!: NewDepartment;

  @IsArray() @ArrayMaxSize(2000)
  @Nested(() => OwnPartChoice, 'each')
  parts!: OwnPartChoice[];

  @IsArray() @ArrayMaxSize(1000)
  @Nested(() => ArchivedBuild, 'each')
  builds!: ArchivedBuild[];
}

/** Builds of older versions within an archive, upgraded; anything else is left for the rules to judge. */
function upgraded(input: unknown): unknown {
  const list = (value: unknown) => (Array.isArray(value) ? (value as Record<string, unknown>[]) : []);
  if (typeof input !== 'object' || input === null || !Array.isArray((input as { builds?: unknown }).builds)) return input;
  return {
    ...input,
    builds: list((input as { builds: unknown }).builds).map((build) =>
      Array.isArray(build?.['revisions']) ? { ...build, revisions: list(build['revisions']).map((revision) => ({ ...revision, spec: upgradeBuild(revision?.['spec']) })) } : build),
  };
}

/**
 * Reads an archive: its shape, every own part and every revision of every build.
 * @throws BadInput naming each field, its value and what would be right; nothing of it may be kept then.
 */
export function parseArchive(input: unknown): DepartmentArchive {
  const version = (input as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > ARCHIVE_VERSION) {
    throw new BadInput([{ field: 'version', message: `version must be at most ${ARCHIVE_VERSION}: this archive was written by a later Baros (was ${version})` }]);
  }
  const archive = judge(DepartmentArchive, upgraded(input));
  const problems = [
    ...archive.parts.flatMap((part, i) => ownPartProblems(part, `parts.${i}.`)),
    ...archive.builds.flatMap((build, b) => build.revisions.flatMap((revision, r) =>
      referenceProblems(revision.spec).map(({ field, message }) => ({ field: `builds.${b}.revisions.${r}.spec.${field}`, message: `builds.${b}.revisions.${r}.spec.${message}` })))),
    ...archive.builds.flatMap((build, b) => build.revisions.flatMap((revision, r) =>
      revision.revision > (build.revisions[r - 1]?.revision ?? 0) ? [] : [{ field: `builds.${b}.revisions.${r}.revision`, message: `builds.${b}.revisions.${r}.revision must be greater than the one before it (was ${revision.revision})` }])),
  ];
  if (problems.length) throw new BadInput(problems);
  return archive;
}
