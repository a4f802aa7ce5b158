import { Injectable, NotFoundException, UnprocessableEntityException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { EntityManager } from 'typeorm';
import { standingIn } from '#core/compare';
import { house } from '#core/subjects';

import type { BuildChange, BuildView, CopyBuild, ImportBuild, NewBuild, SaveBuild } from '#core/exchange';
import type { Build as BuildFile } from '#core/build';
import type { OwnPart } from '#core/kernel';
import { startBuild } from '#core/demonstration';
import { cutText } from '#core/units';
import { CatalogueService } from '../catalogue/index.js';
import { DepartmentsService } from '../departments/index.js';
import { StaleSave } from '../problems/index.js';
import { Build, BuildRevision } from './build.entity.js';
import { SAVE } from './save.js';
import type { SavedRow } from './save.js';

const MOST_WORDS = 200;

/** A build under the name that its department has now. */
const under = (build: BuildFile, name: string): BuildFile => ({
  ...build,
  department: { ...build.department, name },
});

/**
 * A stored file as one of today.
 * @throws UnprocessableEntityException where something in it is not what any Baros wrote.
 */
function readable(file: BuildFile): BuildFile {
  try {
    return house.upgrade(file) as BuildFile;
  } catch (error) {
    throw new UnprocessableEntityException(
      `this build can’t be read: ${(error as Error).message}; its file can be taken away as it is`,
    );
  }
}

@Injectable()
export class BuildsService {
  constructor(
    @InjectRepository(Build) private readonly builds: Repository<Build>,
    private readonly catalogue: CatalogueService,
    private readonly departments: DepartmentsService,
  ) {}

  /** A build as it stands. */
  async one(id: string): Promise<BuildView> {
    return this.view(id, this.builds.manager);
  }

  /** The file of a build as it is kept, with the parts that it carries where they are there. */
  async file(id: string): Promise<object> {
    const { file } = await this.row(id, this.builds.manager);
    const [whole] = await this.catalogue.whole([file]).catch(() => [file]);
    return whole!;
  }

  /** A new build: a sensible whole truck for the department's kind of district under its brief, all of it assumed. */
  async create({ departmentId, name, type, who }: NewBuild): Promise<BuildView> {
    const department = await this.departments.named(departmentId);
    const { brief } = await this.departments.brief(departmentId);
    const build = startBuild(type, department.kind, name, department.name, brief);
    return this.keep(departmentId, build, 'Started', who);
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

  /**
   * Puts a new build with its first revision into a department.
   * @throws BadInput when it does not come to figures.
   */
  async keep(departmentId: string, build: BuildFile, words: string, who = ''): Promise<BuildView> {
    const file = house.carrying(build);
    const figures = house.measured(file);
    const standing = standingIn(house.evaluate(file));
    const lastChange = cutText(words, MOST_WORDS);
    const stored = await this.catalogue.stored(file);
    return this.builds.manager.transaction(async (manager) => {
      const { name, type } = file;
      const { id } = await manager.save(Build, { departmentId, file: stored, name, type, lastChange });
      await manager.insert(BuildRevision, {
        buildId: id,
        revision: 1,
        file: stored,
        words: lastChange,
        who,
        figures,
        standing,
      });
      return this.view(id, manager);
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
   * @throws BadInput when the build does not come to figures.
   */
  async save(id: string, { revision, words, build, who = '', standing }: SaveBuild): Promise<BuildView> {
    const file = house.carrying(build);
    const figures = house.measured(file);
    const stored = await this.catalogue.stored(file);
    const json = (value: unknown) => (value === undefined ? null : JSON.stringify(value));
    const [saved] = await this.builds.query<SavedRow[]>(SAVE, [
      id,
      revision,
      json(stored),
      words,
      who,
      json(figures),
      json(standing),
    ]);
    if (!saved) throw new StaleSave((await this.row(id, this.builds.manager)).revision, revision);
    return {
      id,
      departmentId: saved.department_id,
      revision: saved.revision,
      archived: saved.archived,
      savedAt: saved.saved_at.toISOString(),
      lastChange: words,
      build: under(file, saved.department),
      asSaved: { figures, ...(standing ? { standing } : {}) },
    };
  }

  /** The own parts that builds of a department carry. */
  async ownPartsOf(departmentId: string): Promise<{ id: string; name: string; own: OwnPart[] }[]> {
    const builds = await this.builds.find({
      where: { departmentId },
      order: { createdAt: 'ASC', id: 'ASC' },
    });
    return builds.map(({ id, name, file }) => ({
      id,
      name,
      own: (house.upgrade(file) as BuildFile).parts.own,
    }));
  }

  private async view(id: string, manager: EntityManager): Promise<BuildView> {
    const row = await this.row(id, manager);
    const { departmentId, department, revision, archived, savedAt, lastChange } = row;
    const [file] = await this.catalogue.whole([row.file]);
    const saved = await manager.findOne(BuildRevision, {
      where: { buildId: id, revision },
      select: { figures: true, standing: true },
    });
    return {
      id,
      departmentId,
      revision,
      archived,
      savedAt: savedAt.toISOString(),
      lastChange,
      // The department may have been renamed since, and an older Baros may have saved it.
      build: under(readable(file!), department.name),
      ...(saved?.figures
        ? { asSaved: { figures: saved.figures, ...(saved.standing ? { standing: saved.standing } : {}) } }
        : {}),
    };
  }

  private async row(id: string, manager: EntityManager): Promise<Build> {
    const build = await manager.findOne(Build, { where: { id }, relations: { department: true } });
    if (!build) throw new NotFoundException(`there is no build ${id}`);
    return build;
  }
}
