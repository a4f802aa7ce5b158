import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn } from 'typeorm';
import type { Relation } from 'typeorm';
import type { PhotoType } from '#core/exchange';
import { Build } from '../builds/index.js';

/** A photograph of the present truck, pinned beside a compartment. */
@Entity('photos')
export class Photo {
  @PrimaryGeneratedColumn('uuid')
  id!: string;

  @ManyToOne(() => Build, { nullable: false })
  @JoinColumn({ name: 'build_id', foreignKeyConstraintName: 'FK_photos_build' })
  build!: Relation<Build>;

  @Index('photos_by_build')
  @Column({ type: 'uuid', name: 'build_id' })
  buildId!: string;

  @Column({ type: 'varchar', length: 64, name: 'compartment_id' })
  compartmentId!: string;

  @Column({ type: 'varchar', length: 120 })
  name!: string;

  @Column({ type: 'varchar', length: 20 })
  type!: PhotoType;

  /** Read only where it is shown. */
  @Column({ type: 'bytea', select: false })
  image!: Buffer;

  @Column({ type: 'timestamptz', default: () => 'now()' })
  at!: Date;
}
