import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { SelectQueryBuilder } from 'typeorm';
import { house } from '#core/subjects';
import { USUAL_PAGE } from '#core/exchange';
import type { BuildCard, Glance, OwnLimitsOf, YardOrder, YardPage, YardQuery } from '#core/exchange';
import type { Build as BuildFile } from '#core/build';
import { CatalogueService } from '../catalogue/index.js';
import { WorkService } from '../work/index.js';
import { Build } from './build.entity.js';

/** Of so many builds the yard remembers what it shows; each is some twenty thousand letters. */
const MOST_GLANCES = 1000;

const ORDERS: Record<YardOrder, Record<string, 'ASC' | 'DESC'>> = {
  department: { 'department.createdAt': 'ASC', 'department.name': 'ASC', 'build.createdAt': 'ASC' },
  changed: { 'build.savedAt': 'DESC' },
  name: { 'build.name': 'ASC' },
  type: { 'build.type': 'ASC', 'build.name': 'ASC' },
};

/** Letters that SQL's LIKE takes for something else. */
const asIs = (text: string): string => text.replace(/[\\%_]/g, '\\$&');

type Shown = { glance: Glance } | { trouble: string };

/** What the yard shows, page by page: never a whole file. */
@Injectable()
export class YardService {
  private readonly glances = new Map<string, Shown>();

  constructor(
    @InjectRepository(Build) private readonly builds: Repository<Build>,
    private readonly catalogue: CatalogueService,
    private readonly work: WorkService,
  ) {}

  /** A page of builds; one that can't be shown says why, and takes nothing from the others. */
  async page({ order = 'department', from = 0, most = USUAL_PAGE, ...query }: YardQuery): Promise<YardPage> {
    const ofDepartments = await this.counted(query);
    const asked = this.asked(query);
    for (const [by, way] of Object.entries(ORDERS[order])) asked.addOrderBy(by, way);
    const rows = await asked.addOrderBy('build.id').skip(from).take(most).getMany();
    const shown = await this.shownOf(rows);
    return {
      total: Object.values(ofDepartments).reduce((sum, count) => sum + count, 0),
      ofDepartments,
      builds: rows.map(
        (
          { id, departmentId, department, name, type, revision, archived, savedAt, lastChange },
          i,
        ): BuildCard => ({
          id,
          departmentId,
          department: department.name,
          name,
          type,
          revision,
          archived,
          savedAt: savedAt.toISOString(),
          lastChange,
          ...shown[i]!,
        }),
      ),
    };
  }

  /** The limits of their own that builds of a department have. */
  async limitsOf(departmentId: string): Promise<OwnLimitsOf[]> {
    const rows = await this.builds
      .createQueryBuilder('build')
      .where('build.departmentId = :departmentId', { departmentId })
      .andWhere("(build.file->'limits' ? 'own' OR build.file ? 'ownProfile')")
      .orderBy('build.createdAt')
      .getMany();
    return rows.flatMap(({ id, name, file }) => {
      const { own } = (house.upgrade(file) as BuildFile).limits;
      return own ? [{ id, name, limits: own }] : [];
    });
  }

  /** How many builds there are of each department. */
  private async counted(query: YardQuery): Promise<Record<string, number>> {
    const counts = await this.asked(query)
      .select('build.department_id', 'id')
      .addSelect('count(*)::int', 'count')
      .groupBy('build.department_id')
      .getRawMany<{ id: string; count: number }>();
    return Object.fromEntries(counts.map(({ id, count }) => [id, count]));
  }

  private asked({ text, type, departmentId, archived }: YardQuery): SelectQueryBuilder<Build> {
    const asked = this.builds
      .createQueryBuilder('build')
      .innerJoin('build.department', 'department')
      .select([
        'build.id',
        'build.departmentId',
        'build.name',
        'build.type',
        'build.revision',
        'build.archived',
        'build.savedAt',
        'build.createdAt',
        'build.lastChange',
        'department.id',
        'department.name',
        'department.createdAt',
      ]);
    if (archived !== 'true') asked.andWhere('NOT build.archived AND NOT department.archived');
    if (type) asked.andWhere('build.type = :type', { type });
    if (departmentId) asked.andWhere('build.departmentId = :departmentId', { departmentId });
    if (text?.trim())
      asked.andWhere('(build.name ILIKE :text OR department.name ILIKE :text)', {
        text: `%${asIs(text.trim())}%`,
      });
    return asked;
  }

  /** What is shown of builds: worked out aside where their revision was not seen yet. */
  private async shownOf(rows: Build[]): Promise<Shown[]> {
    const keyOf = ({ id, revision }: Build) => `${id} ${revision}`;
    const unseen = rows.filter((row) => !this.glances.has(keyOf(row)));
    const seen = new Map<string, Shown>();
    await Promise.all(
      unseen.map(async (row) => {
        const shown = await this.look(row.id);
        seen.set(keyOf(row), shown);
        if (this.glances.size >= MOST_GLANCES) this.glances.clear();
        if ('glance' in shown) this.glances.set(keyOf(row), shown);
      }),
    );
    return rows.map((row) => seen.get(keyOf(row)) ?? this.glances.get(keyOf(row))!);
  }

  private async look(id: string): Promise<Shown> {
    try {
      const { file } = await this.builds.findOneOrFail({ where: { id }, select: { id: true, file: true } });
      const [whole] = await this.catalogue.whole([file]);
      return { glance: (await this.work.aside({ kind: 'glance', file: whole })) as Glance };
    } catch (error) {
      return { trouble: (error as Error).message };
    }
  }
}
