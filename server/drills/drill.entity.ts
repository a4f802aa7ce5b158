import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn } from 'typeorm';
import type { Relation } from 'typeorm';
import type { DrillMistake } from '#core/exchange';
import { Build } from '../builds/index.js';

/** What one person did in one drill on a build. */
@Entity('drills')
export class Drill {
  @PrimaryGeneratedColumn('uuid')
  id!: string;

  @ManyToOne(() => Build, { nullable: false })
  @JoinColumn({ name: 'build_id', foreignKeyConstraintName: 'FK_drills_build' })
  build!: Relation<Build>;

  @Index('drills_by_build')
  @Column({ type: 'uuid', name: 'build_id' })
  buildId!: string;

  @Column({ type: 'varchar', length: 60 })
  who!: string;

  @Column({ type: 'varchar', length: 64 })
  task!: string;

  @Column({ type: 'varchar', length: 80 })
  title!: string;

  @Column({ type: 'boolean' })
  done!: boolean;

  @Column({ type: 'integer' })
  actions!: number;

  @Column({ type: 'jsonb' })
  mistakes!: DrillMistake[];

  @Column({ type: 'timestamptz', default: () => 'now()' })
  at!: Date;
}
