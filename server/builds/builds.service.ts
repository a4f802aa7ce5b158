import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { EntityManager } from 'typeorm';
import { house } from '#core/subjects';

import type { BuildChange, BuildView, CopyBuild, ImportBuild, NewBuild, SaveBuild } from '#core/exchange';
import type { Build as BuildFile } from '#core/build';
import { startBuild } from '#core/demonstration';
import { cutText } from '#core/units';
import { CatalogueService } from '../catalogue/index.js';
import { DepartmentsService } from '../departments/index.js';
import { StaleSave } from '../problems/index.js';
import { Build, BuildRevision } from './build.entity.js';

const MOST_WORDS = 200;

const view = (
  { id, departmentId, department, revision, archived, savedAt, lastChange }: Build,
  file: BuildFile,
): BuildView => ({
  id,
  departmentId,
  revision,
  archived,
  savedAt: savedAt.toISOString(),
  lastChange,
  // The department may have been renamed since, and an older Baros may have saved it.
  build: { ...(house.upgrade(file) as BuildFile), department: { ...file.department, name: department.name } },
});

@Injectable()
export class BuildsService {
  constructor(
    @InjectRepository(Build) private readonly builds: Repository<Build>,
    private readonly catalogue: CatalogueService,
    private readonly departments: DepartmentsService,
  ) {}

  list(): Promise<BuildView[]> {
    return this.found({});
  }

  ofDepartment(departmentId: string): Promise<BuildView[]> {
    return this.found({ departmentId });
  }

  async one(id: string): Promise<BuildView> {
    return this.seen(await this.build(id, this.builds.manager), this.builds.manager);
  }

  /** A new build: a sensible whole truck for the department's kind of district, all of it assumed. */
  async create({ departmentId, name, type, who }: NewBuild): Promise<BuildView> {
    const department = await this.departments.named(departmentId);
    return this.keep(departmentId, startBuild(type, department.kind, name, department.name), 'Started', who);
  }

  async copy(id: string, { name, build, departmentId, who }: CopyBuild): Promise<BuildView> {
    const original = await this.one(id);
    if (departmentId) await this.departments.named(departmentId);
    return this.keep(
      departmentId ?? original.departmentId,
      { ...(build ?? original.build), name },
      `Copied from ${original.build.name}`,
      who,
    );
  }

  /** A build file as a new build of a department. */
  async import({ departmentId, build, who }: ImportBuild): Promise<BuildView> {
    await this.departments.named(departmentId);
    return this.keep(departmentId, build, `Read from a file of ${build.department.name}`, who);
  }

  /** Puts a new build with its first revision into a department. */
  async keep(departmentId: string, build: BuildFile, words: string, who = ''): Promise<BuildView> {
    const file = house.carrying(build);
    return this.builds.manager.transaction(async (manager) => {
      const lastChange = cutText(words, MOST_WORDS);
      const stored = await this.catalogue.stored(file, manager);
      const { id } = await manager.save(Build, { departmentId, file: stored, lastChange });
      await manager.insert(BuildRevision, {
        buildId: id,
        revision: 1,
        file: stored,
        words: lastChange,
        who,
        figures: house.measure(file),
      });
      return this.seen(await this.build(id, manager), manager);
    });
  }

  async change(id: string, { name, archived, who }: BuildChange): Promise<BuildView> {
    if (archived !== undefined) await this.builds.update({ id }, { archived });
    const view = await this.one(id);
    if (name === undefined || name === view.build.name) return view;
    return this.save(id, {
      revision: view.revision,
      words: cutText(`Renamed from ${view.build.name}`, MOST_WORDS),
      build: { ...view.build, name },
      ...(who === undefined ? {} : { who }),
    });
  }

  /**
   * Saves a change as the next revision.
   * @throws StaleSave when the change was made on an older revision; nothing is saved then.
   */
  async save(id: string, { revision, words, build: sent, who = '' }: SaveBuild): Promise<BuildView> {
    const file = house.carrying(sent);
    return this.builds.manager.transaction(async (manager) => {
      const next = revision + 1;
      const stored = await this.catalogue.stored(file, manager);
      const { affected } = await manager.update(
        Build,
        { id, revision },
        { file: stored, revision: next, lastChange: words, savedAt: new Date() },
      );
      const build = await this.build(id, manager);
      if (affected !== 1) throw new StaleSave(build.revision, revision);
      await manager.insert(BuildRevision, {
        buildId: id,
        revision: next,
        file: stored,
        words,
        who,
        figures: house.measure(file),
      });
      return this.seen(build, manager);
    });
  }

  private async found(where: { departmentId?: string }): Promise<BuildView[]> {
    const rows = await this.builds.find({
      where,
      relations: { department: true },
      order: { createdAt: 'ASC', id: 'ASC' },
    });
    const files = await this.catalogue.whole(
      rows.map(({ file }) => file),
      this.builds.manager,
    );
    return rows.map((row, i) => view(row, files[i]!));
  }

  private async seen(row: Build, manager: EntityManager): Promise<BuildView> {
    const [file] = await this.catalogue.whole([row.file], manager);
    return view(row, file!);
  }

  private async build(id: string, manager: EntityManager): Promise<Build> {
    const build = await manager.findOne(Build, { where: { id }, relations: { department: true } });
    if (!build) throw new NotFoundException(`there is no build ${id}`);
    return build;
  }
}
