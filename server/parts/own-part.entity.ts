import { Column, Entity, JoinColumn, ManyToOne, PrimaryGeneratedColumn, Unique } from 'typeorm';
import type { Relation } from 'typeorm';
import type { OwnPart } from '#core/kernel';

import { Department } from '../departments/index.js';

/** A part that a department added or corrected. Builds carry their own copy of it. */
@Entity('own_parts')
@Unique('one_of_each_part', ['departmentId', 'kind', 'partId'])
export class OwnPartRow {
  @PrimaryGeneratedColumn('uuid')
  id!: string;

  @ManyToOne(() => Department, { nullable: false })
  @JoinColumn({ name: 'department_id', foreignKeyConstraintName: 'FK_own_parts_department' })
  department!: Relation<Department>;

  @Column({ type: 'uuid', name: 'department_id' })
  departmentId!: string;

  @Column({ type: 'varchar', length: 20 })
  kind!: string;

  @Column({ type: 'varchar', length: 64, name: 'part_id' })
  partId!: string;

  @Column({ type: 'jsonb' })
  part!: OwnPart;

  @Column({ type: 'timestamptz', name: 'created_at', default: () => 'now()' })
  createdAt!: Date;
}
