import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { DepartmentChange, DepartmentView, NewDepartment } from '#core/exchange';
import { Department } from './department.entity.js';

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
