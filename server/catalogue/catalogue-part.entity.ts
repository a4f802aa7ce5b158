import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { PartCopy } from '#core/build';

/** A part as some build carries it: kept once, under the hash of what it says. */
@Entity('catalogue_parts')
export class CataloguePart {
  @PrimaryColumn({ type: 'char', length: 64, primaryKeyConstraintName: 'PK_catalogue_parts' })
  hash!: string;

  @Column({ type: 'jsonb' })
  part!: PartCopy['part'];
}
