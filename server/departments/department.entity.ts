import type { DistrictKind } from '#core/demonstration';
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

  @Column({ type: 'timestamptz', name: 'created_at', default: () => 'now()' })
  createdAt!: Date;
}
