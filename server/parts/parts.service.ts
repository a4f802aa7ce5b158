import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { EntityManager } from 'typeorm';
import { Repository } from 'typeorm';
import { BadInput } from '#core/build';
import type { OwnPartsKept, OwnPartView } from '#core/exchange';
import type { OwnPart } from '#core/kernel';
import { house } from '#core/subjects';
import { BuildsService } from '../builds/index.js';
import { onceMore } from '../reach/index.js';
import { DepartmentsService } from '../departments/index.js';
import { OwnPartRow } from './own-part.entity.js';

@Injectable()
export class PartsService {
  constructor(
    @InjectRepository(OwnPartRow) private readonly rows: Repository<OwnPartRow>,
    private readonly departments: DepartmentsService,
    private readonly builds: BuildsService,
  ) {}

  /** A department's own parts in the order in which they came, each with the builds that name it. */
  async list(departmentId: string): Promise<OwnPartView[]> {
    await this.departments.named(departmentId);
    const rows = await this.rows.find({ where: { departmentId }, order: { createdAt: 'ASC', id: 'ASC' } });
    const builds = await this.builds.ownPartsOf(departmentId);
    // A build carries the own parts that it names and no others.
    return rows.map(({ part }) => ({
      part,
      usedIn: builds
        .filter(({ own }) => own.some(({ kind, id }) => kind === part.kind && id === part.id))
        .map(({ id, name }) => ({ id, name })),
    }));
  }

  /**
   * Keeps own parts, in place of those of the same kind and id: all of them or none.
   * @throws BadInput naming each field that is wrong.
   */
  async keep(departmentId: string, parts: OwnPart[]): Promise<OwnPartsKept> {
    await this.departments.named(departmentId);
    const problems = parts.flatMap((part, i) => house.ownPartProblems(part, `parts.${i}.`));
    if (problems.length) throw new BadInput(problems);
    return onceMore(() =>
      this.rows.manager.transaction(async (manager) => {
        await this.store(departmentId, parts, manager);
        return { kept: await manager.countBy(OwnPartRow, { departmentId }) };
      }),
    );
  }

  /** Writes parts that are judged already, within a transaction. */
  async store(departmentId: string, parts: OwnPart[], manager: EntityManager): Promise<void> {
    // One order for all: two who keep the same parts wait for each other and not crosswise.
    const sorted = [...parts].sort((a, b) => (`${a.kind} ${a.id}` < `${b.kind} ${b.id}` ? -1 : 1));
    for (const part of sorted)
      await manager.upsert(
        OwnPartRow,
        { departmentId, kind: part.kind, partId: part.id, part },
        { conflictPaths: ['departmentId', 'kind', 'partId'] },
      );
  }

  /** Takes a part off the department's list. Builds that name it carry their own copy and stay whole. */
  async remove(departmentId: string, kind: string, partId: string): Promise<OwnPartsKept> {
    const { affected } = await this.rows.delete({ departmentId, kind, partId });
    if (!affected) throw new NotFoundException(`this department has no ${kind} "${partId}" of its own`);
    return { kept: await this.rows.countBy({ departmentId }) };
  }
}
