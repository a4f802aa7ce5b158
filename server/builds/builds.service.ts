import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { EntityManager } from 'typeorm';
import { starterBuild } from '#core/spec';
import type { BuildChange, BuildSpec, BuildView, CopyBuild, NewBuild, SaveBuild } from '#core/spec';
import { DepartmentsService } from '../departments/index.js';
import { StaleSave } from '../problems/index.js';
import { Build, BuildRevision } from './build.entity.js';

const view = ({ id, departmentId, department, revision, archived, savedAt, lastChange, spec }: Build): BuildView => ({
  id, departmentId, revision, archived, savedAt: savedAt.toISOString(), lastChange,
  // The department may have been renamed since.
  spec: { ...spec, department: { ...spec.department, name: department.name } },
});

@Injectable()
export class BuildsService {
  constructor(
    @InjectRepository(Build) private readonly builds: Repository<Build>,
    private readonly departments: DepartmentsService,
  ) {}

  async list(): Promise<BuildView[]> {
    return (await this.builds.find({ relations: { department: true }, order: { createdAt: 'ASC', id: 'ASC' } })).map(view);
  }

  async one(id: string): Promise<BuildView> {
    return view(await this.found(id, this.builds.manager));
  }

  async create({ departmentId, name, type }: NewBuild): Promise<BuildView> {
    const department = await this.departments.named(departmentId);
    return this.keep(departmentId, starterBuild(type, name, department.name), 'Started');
  }

  async copy(id: string, { name, spec }: CopyBuild): Promise<BuildView> {
    const original = await this.one(id);
    return this.keep(original.departmentId, { ...(spec ?? original.spec), name }, `Copied from ${original.spec.name}`);
  }

  /** Puts a new build with its first revision into a department. */
  async keep(departmentId: string, spec: BuildSpec, words: string): Promise<BuildView> {
    return this.builds.manager.transaction(async (manager) => {
      const lastChange = words.slice(0, 200);
      const { id } = await manager.save(Build, { departmentId, spec, lastChange });
      await manager.insert(BuildRevision, { buildId: id, revision: 1, spec, words: lastChange });
      return view(await this.found(id, manager));
    });
  }

  async change(id: string, { name, archived }: BuildChange): Promise<BuildView> {
    if (archived !== undefined) await this.builds.update({ id }, { archived });
    const build = await this.one(id);
    if (name === undefined || name === build.spec.name) return build;
    return this.save(id, { revision: build.revision, words: `Renamed from ${build.spec.name}`.slice(0, 200), spec: { ...build.spec, name } });
  }

  /**
   * Saves a change as the next revision.
   * @throws StaleSave when the change was made on an older revision; nothing is saved then.
   */
  async save(id: string, { revision, words, spec }: SaveBuild): Promise<BuildView> {
    return this.builds.manager.transaction(async (manager) => {
      const next = revision + 1;
      const { affected } = await manager.update(Build, { id, revision }, { spec, revision: next, lastChange: words, savedAt: new Date() });
      const build = await this.found(id, manager);
      if (affected !== 1) throw new StaleSave(build.revision, revision);
      await manager.insert(BuildRevision, { buildId: id, revision: next, spec, words });
      return view(build);
    });
  }

  private async found(id: string, manager: EntityManager): Promise<Build> {
    const build = await manager.findOne(Build, { where: { id }, relations: { department: true } });
    if (!build) throw new NotFoundException(`there is no build ${id}`);
    return build;
  }
}
