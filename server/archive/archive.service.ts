import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { house } from '#core/subjects';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION } from '#core/exchange';
import type { ArchivedRevision, DepartmentArchive, DepartmentView } from '#core/exchange';
import type { Build as BuildFile } from '#core/build';
import { Build, BuildRevision } from '../builds/index.js';
import { CatalogueService } from '../catalogue/index.js';
import type { StoredFile } from '../catalogue/index.js';
import { Department, DepartmentsService } from '../departments/index.js';
import { PartsService } from '../parts/index.js';

/** Everything of a department as one document, out and in again. */
@Injectable()
export class ArchiveService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly departments: DepartmentsService,
    private readonly parts: PartsService,
  ) {}

  /** The department with its own parts and every revision of its builds. */
  async write(departmentId: string): Promise<DepartmentArchive> {
    const { name, district, kind } = await this.departments.named(departmentId);
    const parts = (await this.parts.list(departmentId)).map(({ part }) => part);
    const builds = await this.source.manager.find(Build, {
      where: { departmentId },
      order: { createdAt: 'ASC', id: 'ASC' },
    });
    return {
      format: ARCHIVE_FORMAT,
      version: ARCHIVE_VERSION,
      department: { name, district, kind },
      parts,
      builds: await Promise.all(
        builds.map(async ({ id, archived }) => ({
          archived,
          revisions: await this.revisionsOf(id, name),
        })),
      ),
    };
  }

  private async revisionsOf(buildId: string, department: string): Promise<ArchivedRevision[]> {
    const { manager } = this.source;
    const rows = await manager.find(BuildRevision, { where: { buildId }, order: { revision: 'ASC' } });
    const files = await this.catalogue.whole(
      rows.map(({ file }) => file),
      manager,
    );
    return rows.map(({ revision, words, who, label, savedAt }, i) => ({
      revision,
      words,
      who,
      label,
      savedAt: savedAt.toISOString(),
      build: { ...(house.upgrade(files[i]!) as BuildFile), department: { name: department } },
    }));
  }

  /** A new department out of an archive: all of it or nothing. */
  async read({ department, parts, builds }: DepartmentArchive): Promise<DepartmentView> {
    return this.source.transaction(async (manager) => {
      const { id: departmentId } = await manager.save(Department, manager.create(Department, department));
      await this.parts.store(departmentId, parts, manager);
      for (const { archived, revisions } of builds) {
        const last = revisions.at(-1)!;
        const stored: StoredFile[] = [];
        for (const { build } of revisions) stored.push(await this.catalogue.stored(build, manager));
        const { id: buildId } = await manager.save(Build, {
          departmentId,
          archived,
          file: stored.at(-1)!,
          revision: last.revision,
          lastChange: last.words,
          createdAt: new Date(revisions[0]!.savedAt),
          savedAt: new Date(last.savedAt),
        });
        await manager.insert(
          BuildRevision,
          revisions.map(({ build, ...revision }, i) => ({
            ...revision,
            file: stored[i]!,
            buildId,
            savedAt: new Date(revision.savedAt),
            figures: house.measure(build),
          })),
        );
      }
      return { id: departmentId, archived: false, ...department };
    });
  }
}
