import { Injectable } from '@nestjs/common';
import { In } from 'typeorm';
import type { EntityManager } from 'typeorm';
import { copiesIn } from '#core/build';
import type { Build as BuildFile, PartCopy } from '#core/build';
import { CataloguePart } from './catalogue-part.entity.js';
import { hashOf } from './stored.js';
import type { StoredFile } from './stored.js';

/** What a hash stands for never changes, so it may be remembered; this many at most. */
const MOST_REMEMBERED = 5000;

/** The parts that builds carry: stored once by content, written out in full in a build. */
@Injectable()
export class CatalogueService {
  private readonly remembered = new Map<string, PartCopy['part']>();

  /** Keeps the parts that a build carries. Gives the build as it is stored. */
  async stored(file: BuildFile, manager: EntityManager): Promise<StoredFile> {
    const { catalogue, ...rest } = file;
    if (!catalogue) return rest;
    const copies = copiesIn(file).map((copy) => ({ ...copy, hash: hashOf(copy.part) }));
    const rows = new Map(copies.map(({ hash, part }) => [hash, { hash, part }]));
    // One order for all: two saves that bring the same parts wait for each other and not crosswise.
    const sorted = [...rows.values()].sort((a, b) => (a.hash < b.hash ? -1 : 1));
    if (sorted.length)
      await manager
        .createQueryBuilder()
        .insert()
        .into(CataloguePart)
        .values(sorted as never)
        .orIgnore()
        .execute();
    return {
      ...rest,
      catalogue: { parts: copies.map(({ kind, edition, hash }) => ({ kind, edition, hash })) },
    };
  }

  /** Stored builds with the parts that they carry, in the same order. */
  async whole(files: readonly StoredFile[], manager: EntityManager): Promise<BuildFile[]> {
    const hashes = new Set(
      files.flatMap(
        ({ catalogue }) => catalogue?.parts.flatMap((copy) => ('hash' in copy ? [copy.hash] : [])) ?? [],
      ),
    );
    const known = new Map<string, PartCopy['part']>();
    for (const hash of hashes) {
      const part = this.remembered.get(hash);
      if (part) known.set(hash, part);
    }
    const missing = [...hashes].filter((hash) => !known.has(hash));
    if (missing.length) {
      if (this.remembered.size + missing.length > MOST_REMEMBERED) this.remembered.clear();
      for (const { hash, part } of await manager.findBy(CataloguePart, { hash: In(missing) })) {
        known.set(hash, part);
        this.remembered.set(hash, part);
      }
    }
    return files.map(({ catalogue, ...file }): BuildFile => {
      if (!catalogue) return file;
      const parts = catalogue.parts.flatMap(({ kind, edition, ...copy }): PartCopy[] => {
        const part = 'hash' in copy ? known.get(copy.hash) : copy.part;
        return part ? [{ kind, edition, part }] : [];
      });
      return { ...file, catalogue: { parts } };
    });
  }
}
