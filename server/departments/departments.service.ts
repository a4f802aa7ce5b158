import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { BriefChange, BriefView, DepartmentChange, DepartmentView, NewDepartment } from '#core/exchange';
import { startBrief } from '#core/subjects/brief';
import { StaleSave } from '../problems/index.js';
import { Department } from './department.entity.js';

/** A department with its brief, which lists do without. */
const WHOLE = {
  id: true,
  name: true,
  district: true,
  kind: true,
  archived: true,
  brief: true,
  briefRevision: true,
} as const;

const view = ({ id, name, district, kind, archived }: Department): DepartmentView => ({
  id,
  name,
  district,
  kind,
  archived,
});

@Injectable()
export class DepartmentsService {
  constructor(@InjectRepository(Department) private readonly departments: Repository<Department>) {}

  async list(): Promise<DepartmentView[]> {
    return (await this.departments.find({ order: { createdAt: 'ASC', name: 'ASC' } })).map(view);
  }

  async create(department: NewDepartment): Promise<DepartmentView> {
    return view(await this.departments.save(this.departments.create(department)));
  }

  async change(id: string, change: DepartmentChange): Promise<DepartmentView> {
    const department = await this.named(id);
    return view(await this.departments.save({ ...department, ...change }));
  }

  /** What a department says of its district; the usual of its kind until somebody changed that. */
  async brief(id: string): Promise<BriefView> {
    const { kind, brief, briefRevision } = await this.whole(id);
    return { revision: briefRevision, brief: brief ?? startBrief(kind) };
  }

  /** @throws StaleSave when somebody changed it since that revision; nothing is kept then. */
  async keepBrief(id: string, { revision, brief }: BriefChange): Promise<BriefView> {
    const { affected } = await this.departments.update(
      { id, briefRevision: revision },
      { brief: brief as never, briefRevision: revision + 1 },
    );
    const now = await this.brief(id);
    if (!affected) throw new StaleSave(now.revision, revision);
    return now;
  }

  /**
   * A department with its brief.
   * @throws NotFoundException when there is no such department.
   */
  async whole(id: string): Promise<Department> {
    const [department] = await this.departments.find({ where: { id }, select: WHOLE });
    return department ?? this.named(id);
  }

  async one(id: string): Promise<DepartmentView> {
    return view(await this.named(id));
  }

  /** @throws NotFoundException when there is no such department. */
  async named(id: string): Promise<Department> {
    const department = await this.departments.findOneBy({ id });
    if (!department) throw new NotFoundException(`there is no department ${id}`);
    return department;
  }
}
