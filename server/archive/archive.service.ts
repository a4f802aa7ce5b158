import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { measure } from '#core/review';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, upgradeBuild } from '#core/spec';
import type { BuildSpec, DepartmentArchive, DepartmentView } from '#core/spec';
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
    const builds = await this.source.manager.find(Build, { where: { departmentId }, order: { createdAt: 'ASC', id: 'ASC' } });
    return {
      format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, department: { name, district, kind }, parts,
      builds: await Promise.all(builds.map(async ({ id, archived }) => ({
        archived,
        revisions: (await this.source.manager.find(BuildRevision, { where: { buildId: id }, order: { revision: 'ASC' } })).map(({ revision, words, who, label, savedAt, spec }) => ({
          revision, words, who, label, savedAt: savedAt.toISOString(), spec: { ...(upgradeBuild(spec) as BuildSpec), department: { name } },
        })),
      }))),
    };
  }

  /** A new department out of an archive: all of it or nothing. */
  async read({ department, parts, builds }: DepartmentArchive): Promise<DepartmentView> {
    return this.source.transaction(async (manager) => {
      const { id: departmentId } = await manager.save(Department, manager.create(Department, department));
      await this.parts.store(departmentId, parts, manager);
      for (const { archived, revisions } of builds) {
        const last = revisions.at(-1)!;
        const { id: buildId } = await manager.save(Build, { departmentId, archived, spec: last.spec, revision: last.revision, lastChange: last.words, createdAt: new Date(revisions[0]!.savedAt), savedAt: new Date(last.savedAt) });
        await manager.insert(BuildRevision, revisions.map((revision) => ({ ...revision, buildId, savedAt: new Date(revision.savedAt), measure: measure(revision.spec) })));
      }
      return { id: departmentId, archived: false, ...department };
    });
  }
}
