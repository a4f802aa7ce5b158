import type { Brief, DistrictKind } from '#core/subjects/brief';
import { Column, Entity, PrimaryGeneratedColumn } from 'typeorm';

@Entity('departments')
export class Department {
  @PrimaryGeneratedColumn('uuid')
  id!: string;

  @Column({ type: 'varchar', length: 80 })
  name!: string;

  @Column({ type: 'varchar', length: 400 })
  district!: string;

  @Column({ type: 'varchar', length: 20, default: 'rural' })
  kind!: DistrictKind;

  @Column({ type: 'boolean', default: false })
  archived!: boolean;

  /** What it says of its district; nothing until somebody changed the usual one. */
  @Column({ type: 'jsonb', nullable: true, select: false })
  brief!: Brief | null;

  @Column({ type: 'integer', name: 'brief_revision', default: 0 })
  briefRevision!: number;

  @Column({ type: 'timestamptz', name: 'created_at', default: () => 'now()' })
  createdAt!: Date;
}
