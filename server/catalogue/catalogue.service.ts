import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, Repository } from 'typeorm';
import { copiesIn } from '#core/build';
import type { Build as BuildFile, PartCopy } from '#core/build';
import { CataloguePart } from './catalogue-part.entity.js';
import { hashOf } from './stored.js';
import type { StoredFile } from './stored.js';

/** What a hash stands for never changes, so it may be remembered; this many at most. */
const MOST_REMEMBERED = 5000;

/** Remembers one thing more, and begins anew when there are too many. */
function remember<K, V>(all: Map<K, V>, key: K, value: V): V {
  if (all.size >= MOST_REMEMBERED) all.clear();
  all.set(key, value);
  return value;
}

/** The parts that builds carry: stored once by content, written out in full in a build. */
@Injectable()
export class CatalogueService {
  /** Parts that the table has, by their hashes. */
  private readonly known = new Map<string, PartCopy['part']>();
  private readonly hashes = new Map<string, string>();

  constructor(@InjectRepository(CataloguePart) private readonly rows: Repository<CataloguePart>) {}

  private hash(part: PartCopy['part']): string {
    const said = JSON.stringify(part);
    return this.hashes.get(said) ?? remember(this.hashes, said, hashOf(part));
  }

  /**
   * Keeps the parts that a build carries, whatever becomes of the build. Gives the build as it is stored.
   */
  async stored(file: BuildFile): Promise<StoredFile> {
    const { catalogue, ...rest } = file;
    if (!catalogue) return rest;
    const copies = copiesIn(file).map((copy) => ({ ...copy, hash: this.hash(copy.part) }));
    const missing = new Map(
      copies.filter(({ hash }) => !this.known.has(hash)).map(({ hash, part }) => [hash, { hash, part }]),
    );
    if (missing.size) {
      // One order for all: two saves that bring the same parts wait for each other and not crosswise.
      const sorted = [...missing.values()].sort((a, b) => (a.hash < b.hash ? -1 : 1));
      await this.rows
        .createQueryBuilder()
        .insert()
        .values(sorted as never)
        .orIgnore()
        .execute();
      for (const { hash, part } of sorted) remember(this.known, hash, part);
    }
    return {
      ...rest,
      catalogue: { parts: copies.map(({ kind, edition, hash }) => ({ kind, edition, hash })) },
    };
  }

  /** Parts by their hashes, in that order; those that the table does not have are left out. */
  async parts(hashes: readonly string[]): Promise<Map<string, PartCopy['part']>> {
    const missing = hashes.filter((hash) => !this.known.has(hash));
    const read = missing.length ? await this.rows.findBy({ hash: In(missing) }) : [];
    const found = new Map(read.map(({ hash, part }) => [hash, part]));
    const all = hashes.flatMap((hash): [string, PartCopy['part']][] => {
      const part = this.known.get(hash) ?? found.get(hash);
      return part ? [[hash, part]] : [];
    });
    for (const [hash, part] of found) remember(this.known, hash, part);
    return new Map(all);
  }

  /** Stored builds with the parts that they carry, in the same order. */
  async whole(files: readonly StoredFile[]): Promise<BuildFile[]> {
    const hashes = new Set(
      files.flatMap(
        ({ catalogue }) => catalogue?.parts.flatMap((copy) => ('hash' in copy ? [copy.hash] : [])) ?? [],
      ),
    );
    const found = await this.parts([...hashes]);
    return files.map(({ catalogue, ...file }): BuildFile => {
      if (!catalogue) return file;
      const parts = catalogue.parts.map(({ kind, edition, ...copy }): PartCopy => {
        const part = 'hash' in copy ? found.get(copy.hash) : copy.part;
        if (!part) throw new Error(`a ${kind} that this build carries is not in the database`);
        return { kind, edition, part };
      });
      return { ...file, catalogue: { parts } };
    });
  }
}
