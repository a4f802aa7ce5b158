import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { house } from '#core/subjects';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION } from '#core/exchange';
import type { DepartmentArchive, DepartmentView } from '#core/exchange';
import type { Build as BuildFile } from '#core/build';
import { Build, BuildRevision } from '../builds/index.js';
import { Department, DepartmentsService } from '../departments/index.js';
import { PartsService } from '../parts/index.js';

/** Everything of a department as one document, out and in again. */
@Injectable()
export class ArchiveService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
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
          revisions: (
            await this.source.manager.find(BuildRevision, {
              where: { buildId: id },
              order: { revision: 'ASC' },
            })
          ).map(({ revision, words, who, label, savedAt, file }) => ({
            revision,
            words,
            who,
            label,
            savedAt: savedAt.toISOString(),
            build: { ...(house.upgrade(file) as BuildFile), department: { name } },
          })),
        })),
      ),
    };
  }

  /** A new department out of an archive: all of it or nothing. */
  async read({ department, parts, builds }: DepartmentArchive): Promise<DepartmentView> {
    return this.source.transaction(async (manager) => {
      const { id: departmentId } = await manager.save(Department, manager.create(Department, department));
      await this.parts.store(departmentId, parts, manager);
      for (const { archived, revisions } of builds) {
        const last = revisions.at(-1)!;
        const { id: buildId } = await manager.save(Build, {
          departmentId,
          archived,
          file: last.build,
          revision: last.revision,
          lastChange: last.words,
          createdAt: new Date(revisions[0]!.savedAt),
          savedAt: new Date(last.savedAt),
        });
        await manager.insert(
          BuildRevision,
          revisions.map(({ build: file, ...revision }) => ({
            ...revision,
            file,
            buildId,
            savedAt: new Date(revision.savedAt),
            figures: house.measure(file),
          })),
        );
      }
      return { id: departmentId, archived: false, ...department };
    });
  }
}
