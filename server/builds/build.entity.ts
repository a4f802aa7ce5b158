import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn, Unique } from 'typeorm';
import type { Relation } from 'typeorm';
import type { BuildType } from '#core/build';
import type { Standing } from '#core/exchange';
import type { Figures } from '#core/kernel';
import type { StoredFile } from '../catalogue/index.js';
import { Department } from '../departments/index.js';

/** A build as it stands: its spec and the columns that lists need. */
@Entity('builds')
export class Build {
  @PrimaryGeneratedColumn('uuid')
  id!: string;

  @ManyToOne(() => Department, { nullable: false })
  @JoinColumn({ name: 'department_id', foreignKeyConstraintName: 'FK_builds_department' })
  department!: Relation<Department>;

  @Index('builds_by_department')
  @Column({ type: 'uuid', name: 'department_id' })
  departmentId!: string;

  @Column({ type: 'jsonb' })
  file!: StoredFile;

  /** Of the file, by which the yard is searched and sorted. */
  @Column({ type: 'text', default: '' })
  name!: string;

  @Column({ type: 'varchar', length: 20, default: '' })
  type!: BuildType;

  @Column({ type: 'integer', default: 1 })
  revision!: number;

  @Column({ type: 'varchar', length: 200, name: 'last_change' })
  lastChange!: string;

  @Column({ type: 'boolean', default: false })
  archived!: boolean;

  @Column({ type: 'timestamptz', name: 'created_at', default: () => 'now()' })
  createdAt!: Date;

  @Index('builds_by_change')
  @Column({ type: 'timestamptz', name: 'saved_at', default: () => 'now()' })
  savedAt!: Date;
}

/** Every saved change of a build: nothing is overwritten. */
@Entity('build_revisions')
@Unique('one_of_each_revision', ['buildId', 'revision'])
export class BuildRevision {
  @PrimaryGeneratedColumn('identity', { type: 'bigint', generatedIdentity: 'ALWAYS' })
  id!: string;

  @ManyToOne(() => Build, { nullable: false })
  @JoinColumn({ name: 'build_id', foreignKeyConstraintName: 'FK_build_revisions_build' })
  build!: Relation<Build>;

  @Column({ type: 'uuid', name: 'build_id' })
  buildId!: string;

  @Column({ type: 'integer' })
  revision!: number;

  @Column({ type: 'jsonb' })
  file!: StoredFile;

  @Column({ type: 'varchar', length: 200 })
  words!: string;

  @Column({ type: 'varchar', length: 60, default: '' })
  who!: string;

  /** What people call this revision; empty for most. */
  @Column({ type: 'varchar', length: 40, default: '' })
  label!: string;

  /** What it weighs, measures and costs; worked out when first asked for where an older Baros saved it. */
  @Column({ type: 'jsonb', nullable: true })
  figures!: Figures | null;

  /** How each check stood, as far as whoever saved it said so. */
  @Column({ type: 'jsonb', nullable: true })
  standing!: Standing | null;

  @Column({ type: 'timestamptz', name: 'saved_at', default: () => 'now()' })
  savedAt!: Date;
}
