import { In } from 'typeorm';
import type { EntityManager } from 'typeorm';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, hashesIn } from '#core/exchange';
import { house } from '#core/subjects';
import { BUILD_VERSION } from '#core/build';
import type { Build as BuildFile } from '#core/build';
import { Build, BuildRevision } from '../builds/index.js';
import { CatalogueService } from '../catalogue/index.js';
import type { StoredFile } from '../catalogue/index.js';
import type { Department } from '../departments/index.js';
import { OwnPartRow } from '../parts/index.js';

/** So many revisions are read at once. */
const BATCH = 100;

const line = (of: object): string => `${JSON.stringify(of)}\n`;

type Archived = Pick<
  Department,
  'id' | 'name' | 'district' | 'kind' | 'archived' | 'brief' | 'briefRevision'
>;

/** Writes a department out line by line, as it stood when it was begun. */
export class ArchiveWriter {
  private readonly written = new Set<string>();
  private lines = 0;

  constructor(
    private readonly manager: EntityManager,
    private readonly catalogue: CatalogueService,
  ) {}

  /** Everything of a department, as the lines of its archive. */
  async *write(department: Archived): AsyncGenerator<string> {
    for await (const each of this.content(department)) {
      this.lines += 1;
      yield each;
    }
    yield line({ line: 'end', lines: this.lines });
  }

  private async *content({
    id,
    name,
    district,
    kind,
    archived,
    brief,
    briefRevision,
  }: Archived): AsyncGenerator<string> {
    const parts = await this.manager.find(OwnPartRow, {
      where: { departmentId: id },
      order: { createdAt: 'ASC', id: 'ASC' },
    });
    const builds = await this.manager.find(Build, {
      where: { departmentId: id },
      order: { createdAt: 'ASC', id: 'ASC' },
      select: { id: true, archived: true, createdAt: true },
    });
    const revisions = await this.manager.countBy(BuildRevision, {
      buildId: In(builds.map(({ id: of }) => of)),
    });
    yield line({
      line: 'department',
      format: ARCHIVE_FORMAT,
      version: ARCHIVE_VERSION,
      department: { id, name, district, kind, archived, ...(briefRevision > 0 ? { brief } : {}) },
      holds: { builds: builds.length, revisions, ownParts: parts.length },
    });
    for (const { part } of parts) yield line({ line: 'ownPart', part });
    for (const build of builds) {
      yield line({
        line: 'build',
        id: build.id,
        archived: build.archived,
        createdAt: build.createdAt.toISOString(),
      });
      yield* this.revisionsOf(build.id);
    }
  }

  private async *revisionsOf(buildId: string): AsyncGenerator<string> {
    for (let from = 0; ;) {
      const rows = await this.manager
        .createQueryBuilder(BuildRevision, 'r')
        .where('r.buildId = :buildId AND r.revision > :from', { buildId, from })
        .orderBy('r.revision')
        .limit(BATCH)
        .getMany();
      for (const row of rows) {
        const file = await this.ofToday(row.file);
        yield* this.partsOf(file);
        const { revision, words, who, label, savedAt, figures, standing } = row;
        yield line({
          line: 'revision',
          revision,
          words,
          who,
          label,
          savedAt: savedAt.toISOString(),
          ...(figures ? { figures } : {}),
          ...(standing ? { standing } : {}),
          file,
        });
      }
      if (rows.length < BATCH) return;
      from = rows.at(-1)!.revision;
    }
  }

  /** A file of an older version as one of today; those of today are written as they are stored. */
  private async ofToday(file: StoredFile): Promise<StoredFile> {
    if (file.version === BUILD_VERSION) return file;
    const [whole] = await this.catalogue.whole([file]);
    return this.catalogue.stored(house.carrying(house.upgrade(whole) as BuildFile));
  }

  private async *partsOf(file: StoredFile): AsyncGenerator<string> {
    const missing = [...new Set(hashesIn(file))].filter((hash) => !this.written.has(hash));
    for (const [hash, part] of await this.catalogue.parts(missing)) {
      this.written.add(hash);
      yield line({ line: 'part', hash, part });
    }
  }
}
