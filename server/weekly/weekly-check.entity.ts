import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import type { Relation } from 'typeorm';
import type { FoundLine } from '#core/exchange';
import { Build } from '../builds/index.js';

/** What one person found in a weekly check of a truck. */
@Entity('weekly_checks')
export class WeeklyCheck {
  /** As the tablet gave it, so that what is sent twice is kept once. */
  @PrimaryColumn({ type: 'varchar', length: 64 })
  id!: string;

  @ManyToOne(() => Build, { nullable: false })
  @JoinColumn({ name: 'build_id', foreignKeyConstraintName: 'FK_weekly_checks_build' })
  build!: Relation<Build>;

  @Index('weekly_checks_by_build')
  @Column({ type: 'uuid', name: 'build_id' })
  buildId!: string;

  @Column({ type: 'varchar', length: 60 })
  who!: string;

  @Column({ type: 'timestamptz' })
  at!: Date;

  @Column({ type: 'integer' })
  revision!: number;

  @Column({ type: 'jsonb' })
  lines!: FoundLine[];

  @Column({ type: 'timestamptz', name: 'kept_at', default: () => 'now()' })
  keptAt!: Date;
}
