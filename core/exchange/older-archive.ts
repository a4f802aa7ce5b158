import 'reflect-metadata';
import { ArrayMaxSize, ArrayMinSize, Equals, IsArray, IsBoolean } from 'class-validator';
import { BadInput, judge, Nested } from '../build/index.js';
import type { Build } from '../build/index.js';
import { americanPart } from '../kernel/index.js';
import type { OwnPart } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { NewDepartment } from './api.js';
import { OwnPartRules } from './api-parts.js';
import { problemsWithin } from './taken.js';
import { ARCHIVE_FORMAT, ArchivedChange } from './archive.js';

/** The last version in which an archive was one document. */
export const DOCUMENT_VERSION = 2;

export class ArchivedRevision extends ArchivedChange {
  @Nested(() => house.BuildFile)
  build!: Build;
}

export class ArchivedBuild {
  @IsBoolean()
  archived!: boolean;

  /** Oldest first; the last is how the build stands. */
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(5000)
  @Nested(() => ArchivedRevision, 'each')
  revisions!: ArchivedRevision[];
}

/** Everything of a department: what it says of itself, its own parts, and its builds with their history. */
export class DepartmentArchive {
  @Equals(ARCHIVE_FORMAT)
  format!: typeof ARCHIVE_FORMAT;

  @Equals(DOCUMENT_VERSION)
  version!: typeof DOCUMENT_VERSION;

  @Nested(() => NewDepartment)
  department!: NewDepartment;

  @IsArray()
  @ArrayMaxSize(2000)
  @Nested(() => OwnPartRules, 'each')
  parts!: OwnPart[];

  @IsArray()
  @ArrayMaxSize(1000)
  @Nested(() => ArchivedBuild, 'each')
  builds!: ArchivedBuild[];
}

type Json = Record<string, unknown>;
const objects = (value: unknown): Json[] => (Array.isArray(value) ? (value as Json[]) : []);

/** A revision of an archive of version 1, where its build stood under another name. */
const renamed = ({ spec, ...revision }: Json): Json =>
  spec === undefined ? revision : { ...revision, build: spec };

/**
 * An archive of an older version, its own parts and builds upgraded; anything else is left for the rules to
 * judge.
 */
function upgradedArchive(input: unknown): unknown {
  if (typeof input !== 'object' || input === null || !Array.isArray((input as Json)['builds'])) return input;
  const archive = input as Json;
  const first = archive['version'] === 1;
  const revisionOf = (revision: Json): Json => {
    const now = first ? renamed(revision) : revision;
    return { ...now, build: house.upgrade(now?.['build']) };
  };
  return {
    ...archive,
    ...(first ? { version: DOCUMENT_VERSION } : {}),
    ...(first && Array.isArray(archive['parts'])
      ? { parts: objects(archive['parts']).map(americanPart) }
      : {}),
    builds: objects(archive['builds']).map((build) =>
      Array.isArray(build?.['revisions'])
        ? { ...build, revisions: objects(build['revisions']).map(revisionOf) }
        : build,
    ),
  };
}

/**
 * Reads an archive: its shape, every own part and every revision of every build.
 * @throws BadInput naming each field, its value and what would be right; nothing of it may be kept then.
 */
export function parseArchive(input: unknown): DepartmentArchive {
  const version = (input as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > DOCUMENT_VERSION) {
    throw new BadInput([
      {
        field: 'version',
        message: `version must be at most ${DOCUMENT_VERSION}: this department file was written by a later Baros (was ${version})`,
      },
    ]);
  }
  const archive = judge(DepartmentArchive, upgradedArchive(input));
  const ofRevisions = archive.builds.flatMap(({ revisions }, b) =>
    revisions.flatMap((revision, r) => {
      const at = `builds.${b}.revisions.${r}.`;
      const before = revisions[r - 1]?.revision ?? 0;
      return [
        ...problemsWithin(revision.build, `${at}build.`),
        ...(revision.revision > before
          ? []
          : [
              {
                field: `${at}revision`,
                message: `${at}revision must be greater than the one before it (was ${revision.revision})`,
              },
            ]),
      ];
    }),
  );
  const problems = [
    ...archive.parts.flatMap((part, i) =>
      archive.parts.findIndex(({ kind, id }) => kind === part.kind && id === part.id) < i
        ? [{ field: `parts.${i}.id`, message: `parts.${i}.id is there twice (was "${part.id}")` }]
        : house.ownPartProblems(part, `parts.${i}.`),
    ),
    ...ofRevisions,
  ];
  if (problems.length) throw new BadInput(problems);
  return archive;
}
