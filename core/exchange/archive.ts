import 'reflect-metadata';
import { Equals, IsBoolean, IsInt, IsString, IsUUID, Matches, Max, Min } from 'class-validator';
import { BadInput, judge, Letters, MayBeLeftOut, Nested, Open } from '../build/index.js';
import type { Build, PartCopy } from '../build/index.js';
import type { Figures, OwnPart } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import type { Brief } from '../subjects/brief/index.js';
import { NewDepartment } from './api.js';
import { BriefRules } from './api-brief.js';
import { OwnPartRules } from './api-parts.js';
import { AreFigures } from './figures.js';
import { Moment, RevisionNumber } from './moments.js';
import { IsStanding } from './standing.js';
import type { Standing } from './standing.js';
import { problemsWithin } from './taken.js';

/**
 * Everything of a department as lines of JSON, so that an archive of any size is written and read a line at a
 * time: its head, its own parts, then build by build its revisions, the oldest first, and an end. What a
 * revision carries of the catalog stands once, on a line before it, under the hash of what it says.
 */
export const ARCHIVE_FORMAT = 'baros-department';
export const ARCHIVE_VERSION = 3;

/** Beyond any department. */
const MOST_LINES = 10_000_000;

class ArchivedDepartment extends NewDepartment {
  @IsUUID()
  id!: string;

  @IsBoolean()
  archived!: boolean;

  /** Left out where it is the usual one of the kind of district. */
  @MayBeLeftOut()
  @Nested(() => BriefRules)
  brief?: Brief;
}

/** How much is in an archive. */
class ArchiveHolds {
  @IsInt()
  @Min(0)
  builds!: number;

  @IsInt()
  @Min(0)
  revisions!: number;

  @IsInt()
  @Min(0)
  ownParts!: number;
}

/** The first line: whose archive it is. */
export class ArchiveHead {
  @Equals('department')
  line!: 'department';

  @Equals(ARCHIVE_FORMAT)
  format!: typeof ARCHIVE_FORMAT;

  @Equals(ARCHIVE_VERSION)
  version!: typeof ARCHIVE_VERSION;

  @Nested(() => ArchivedDepartment)
  department!: ArchivedDepartment;

  @Nested(() => ArchiveHolds)
  holds!: ArchiveHolds;
}

/** A part that the department has of its own. */
class OwnPartLine {
  @Equals('ownPart')
  line!: 'ownPart';

  @Nested(() => OwnPartRules)
  part!: OwnPart;
}

const HASH = /^[0-9a-f]{64}$/;

/** A part of the catalog as some revision carries it. */
class PartLine {
  @Equals('part')
  line!: 'part';

  @Matches(HASH, { message: '$property must be a SHA-256 in hexadecimal' })
  hash!: string;

  @Open()
  part!: PartCopy['part'];
}

/** A build: the revisions that follow are its own. */
class BuildLine {
  @Equals('build')
  line!: 'build';

  @IsUUID()
  id!: string;

  @IsBoolean()
  archived!: boolean;

  @Moment()
  createdAt!: string;
}

/** What a saved change says beside the build. */
export class ArchivedChange {
  @RevisionNumber()
  revision!: number;

  @IsString()
  @Letters(1, 200)
  words!: string;

  @IsString()
  @Letters(0, 60)
  who!: string;

  @IsString()
  @Letters(0, 40)
  label!: string;

  @Moment()
  savedAt!: string;
}

/** A saved change of the build before it. */
export class RevisionLine extends ArchivedChange {
  @Equals('revision')
  line!: 'revision';

  /** What it came to when it was saved. */
  @MayBeLeftOut()
  @AreFigures()
  figures?: Figures;

  @MayBeLeftOut()
  @IsStanding()
  standing?: Standing;

  /** The build file, with the hashes of what it carries. */
  @Open()
  file!: object;
}

/** The last line: an archive without it was cut off. */
class EndLine {
  @Equals('end')
  line!: 'end';

  /** How many lines stand before it. */
  @IsInt()
  @Min(1)
  @Max(MOST_LINES)
  lines!: number;
}

const LINES = {
  ownPart: OwnPartLine,
  part: PartLine,
  build: BuildLine,
  revision: RevisionLine,
  end: EndLine,
};
export type ArchiveLine = InstanceType<(typeof LINES)[keyof typeof LINES]>;

/** A revision of an archive, judged: its build in full, and what it came to. */
export interface ReadRevision extends ArchivedChange {
  figures: Figures;
  standing: Standing | null;
  build: Build;
}

/** A revision as it stands in an archive, with the parts that it carries. */
export interface RevisionToRead {
  at: number;
  line: RevisionLine;
  parts: Readonly<Record<string, PartCopy['part']>>;
}

/** Refuses something of one line of an archive. */
export const refuseLine = (at: number, field: string, message: string): never => {
  throw new BadInput([
    { field: `line ${at}${field && `: ${field}`}`, message: `line ${at}: ${field && `${field} `}${message}` },
  ]);
};

/** Whatever is refused of a line is said with the line. */
export function ofLine<T>(at: number, work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    throw new BadInput(
      error.problems.map(({ field, message }) => ({
        field: `line ${at}${field && `: ${field}`}`,
        message: `line ${at}: ${message}`,
      })),
    );
  }
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * The head of an archive; null where it is none of this version, but may be an older one.
 * @throws BadInput where it is one of a later version, or not as a head must be.
 */
export function archiveHead(first: unknown): ArchiveHead | null {
  if (!isObject(first) || first['line'] !== 'department') {
    return null;
  }
  const { version } = first;
  if (typeof version === 'number' && version > ARCHIVE_VERSION)
    throw new BadInput([
      {
        field: 'version',
        message: `version must be at most ${ARCHIVE_VERSION}: this department file was written by a later Baros (was ${version})`,
      },
    ]);
  return judge(ArchiveHead, first);
}

/** A line after the head, by the rules of its kind. */
export function archiveLine(value: unknown): ArchiveLine {
  const kind = isObject(value) ? value['line'] : undefined;
  const type =
    typeof kind === 'string' && Object.hasOwn(LINES, kind) ? LINES[kind as keyof typeof LINES] : null;
  if (!type)
    throw new BadInput([
      {
        field: 'line',
        message: `line must be one of ${Object.keys(LINES).join(', ')} (was ${JSON.stringify(kind) ?? 'missing'})`,
      },
    ]);
  const line: ArchiveLine = judge<ArchiveLine>(type as new () => ArchiveLine, value);
  if (line.line === 'ownPart') {
    const problems = house.ownPartProblems(line.part, 'part.');
    if (problems.length) throw new BadInput(problems);
  }
  return line;
}

/** The hashes of what a stored file carries. */
export const hashesIn = (file: object): string[] => {
  const parts = (file as { catalogue?: { parts?: unknown } }).catalogue?.parts;
  return Array.isArray(parts)
    ? parts.flatMap((copy: unknown) =>
        isObject(copy) && typeof copy['hash'] === 'string' ? [copy['hash']] : [],
      )
    : [];
};

/**
 * A revision of an archive with the parts that it carries, judged as any build from outside.
 * @throws BadInput naming each field that is wrong.
 */
export function readRevision(
  { revision, words, who, label, savedAt, figures, standing, file }: RevisionLine,
  parts: RevisionToRead['parts'],
): ReadRevision {
  const { catalogue } = file as { catalogue?: { parts?: unknown } };
  const whole = Array.isArray(catalogue?.parts)
    ? {
        ...file,
        catalogue: {
          parts: catalogue.parts.map((copy: unknown) => {
            if (!isObject(copy) || typeof copy['hash'] !== 'string') return copy;
            const { hash, ...rest } = copy;
            return { ...rest, part: parts[hash as string] };
          }),
        },
      }
    : file;
  const build = judge(house.BuildFile, house.upgrade(whole));
  const problems = problemsWithin(build, 'file.');
  if (problems.length) throw new BadInput(problems);
  const carrying = house.carrying(build);
  return {
    revision,
    words,
    who,
    label,
    savedAt,
    figures: figures ?? house.measured(carrying),
    standing: standing ?? null,
    build: carrying,
  };
}
