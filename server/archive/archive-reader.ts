import type { EntityManager, EntityTarget } from 'typeorm';
import { readJson } from '#core/build';
import type { PartCopy } from '#core/build';
import { archiveHead, archiveLine, hashesIn, ofLine, refuseLine } from '#core/exchange';
import type {
  ArchiveHead,
  ArchiveLine,
  DepartmentArchive,
  ReadRevision,
  RevisionToRead,
} from '#core/exchange';
import { Build, BuildRevision } from '../builds/index.js';
import { CatalogueService, hashOf } from '../catalogue/index.js';
import { Department } from '../departments/index.js';
import { PartsService } from '../parts/index.js';
import { WorkService } from '../work/index.js';
import type { Lines } from './lines.js';

/** So many revisions are judged in one go, aside. */
const BATCH = 25;

type ArchivedDepartment = Omit<ArchiveHead['department'], 'id' | 'archived'> &
  Partial<ArchiveHead['department']>;

/** Reads an archive into a transaction, line by line. */
export class ArchiveReader {
  private readonly parts = new Map<string, PartCopy['part']>();
  private readonly ownParts = new Set<string>();
  private departmentId = '';
  private build: { id: string; line: number; last: number } | null = null;
  private waiting: RevisionToRead[] = [];

  constructor(
    private readonly manager: EntityManager,
    private readonly catalogue: CatalogueService,
    private readonly own: PartsService,
    private readonly work: WorkService,
  ) {}

  /** @throws BadInput naming the line and the field that is wrong; the transaction is to be undone then. */
  async read(lines: Lines): Promise<string> {
    const first = await lines.next();
    const head = first && this.headIn(first.text);
    if (!head) {
      const document = first ? `${first.text}\n${await lines.rest()}` : '';
      await this.document((await this.work.aside({ kind: 'archive', text: document })) as DepartmentArchive);
      return this.departmentId;
    }
    await this.begin(head.department);
    let ended = false;
    let last = first.at;
    for (let next = await lines.next(); next; next = await lines.next()) {
      const { at, text } = next;
      if (ended) refuseLine(at, '', 'must not be there: the file ended before it');
      const line = ofLine(at, () => archiveLine(readJson(text)));
      if (line.line === 'end') {
        if (line.lines !== at - 1)
          refuseLine(at, 'lines', `must be ${at - 1}, the lines before it (was ${line.lines})`);
        ended = true;
      } else await this.take(at, line);
      last = at;
    }
    if (!ended) refuseLine(last, '', 'must not be the last: the file was cut off');
    await this.endBuild(last);
    return this.departmentId;
  }

  private headIn(text: string): ArchiveHead | null {
    let value: unknown;
    try {
      value = readJson(text);
    } catch {
      return null;
    }
    return archiveHead(value);
  }

  /** A department, with its id where that is free. */
  private async begin({ id: wanted, ...said }: ArchivedDepartment): Promise<void> {
    const id = await this.idFor(Department, wanted);
    const briefRevision = said.brief ? 1 : 0;
    const made = await this.manager.save(
      Department,
      this.manager.create(Department, { ...said, ...id, briefRevision } as never),
    );
    this.departmentId = made.id;
  }

  /** The id of the archive where it is free; otherwise none, and a new one is given. */
  private async idFor(of: EntityTarget<{ id: string }>, id: string | undefined): Promise<{ id?: string }> {
    return id === undefined || (await this.manager.existsBy(of, { id })) ? {} : { id };
  }

  private async take(at: number, line: Exclude<ArchiveLine, { line: 'end' }>): Promise<void> {
    switch (line.line) {
      case 'ownPart': {
        const key = `${line.part.kind} ${line.part.id}`;
        if (this.ownParts.has(key)) refuseLine(at, 'part.id', `is there twice (was "${line.part.id}")`);
        this.ownParts.add(key);
        return this.own.store(this.departmentId, [line.part], this.manager);
      }
      case 'part':
        if (hashOf(line.part) !== line.hash) refuseLine(at, 'hash', 'must be that of the part beside it');
        this.parts.set(line.hash, line.part);
        return;
      case 'build':
        await this.endBuild(at);
        return this.beginBuild(at, line);
      case 'revision': {
        const build = this.build ?? refuseLine(at, '', 'must follow the build whose revision it is');
        if (line.revision <= build.last)
          refuseLine(at, 'revision', `must be greater than the one before it (was ${line.revision})`);
        build.last = line.revision;
        const parts: Record<string, PartCopy['part']> = {};
        for (const hash of hashesIn(line.file)) {
          const part = this.parts.get(hash);
          if (!part)
            return refuseLine(
              at,
              'file.catalogue.parts',
              `must carry parts that stand before it (was ${hash})`,
            );
          parts[hash] = part;
        }
        this.waiting.push({ at, line, parts });
        if (this.waiting.length >= BATCH) await this.flush();
      }
    }
  }

  private async beginBuild(at: number, line: { id?: string; archived: boolean; createdAt: string }) {
    const { archived, createdAt } = line;
    const id = await this.idFor(Build, line.id);
    // What it is stands in its last revision; until that is read it is empty.
    const made = await this.manager.save(Build, {
      ...id,
      departmentId: this.departmentId,
      archived,
      createdAt: new Date(createdAt),
      file: {} as never,
      lastChange: '',
    });
    this.build = { id: made.id, line: at, last: 0 };
  }

  private async endBuild(at: number): Promise<void> {
    await this.flush();
    if (this.build && this.build.last === 0)
      refuseLine(at, '', `must be a revision: the build of line ${this.build.line} has none`);
    this.build = null;
  }

  private async flush(): Promise<void> {
    if (this.waiting.length === 0) return;
    const read = (await this.work.aside({ kind: 'revisions', lines: this.waiting })) as ReadRevision[];
    this.waiting = [];
    await this.keep(this.build!.id, read);
  }

  private async keep(buildId: string, read: ReadRevision[]): Promise<void> {
    const rows = [];
    for (const { build, savedAt, ...revision } of read)
      rows.push({
        ...revision,
        buildId,
        savedAt: new Date(savedAt),
        file: await this.catalogue.stored(build),
      });
    await this.manager.insert(BuildRevision, rows as never);
    const last = rows.at(-1)!;
    await this.manager.update(
      Build,
      { id: buildId },
      {
        file: last.file as never,
        name: last.file.name,
        type: last.file.type,
        revision: last.revision,
        lastChange: last.words,
        savedAt: last.savedAt,
      },
    );
  }

  /** An archive of an older version, judged as a whole. */
  private async document({ department, parts, builds }: DepartmentArchive): Promise<void> {
    await this.begin(department);
    await this.own.store(this.departmentId, parts, this.manager);
    for (const { archived, revisions } of builds) {
      await this.beginBuild(0, { archived, createdAt: revisions[0]!.savedAt });
      for (let i = 0; i < revisions.length; i += BATCH)
        await this.keep(
          this.build!.id,
          (await this.work.aside({
            kind: 'measure',
            revisions: revisions.slice(i, i + BATCH),
          })) as ReadRevision[],
        );
    }
  }
}
