import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Builds carry the parts that they name: each part is kept once, under the hash of what it says. Going back
 * writes them out in full in every build, where they are also read from when the table is there again.
 */
export class CatalogueParts1764300000000 implements MigrationInterface {
  name = 'CatalogueParts1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE catalogue_parts (hash char(64) NOT NULL, part jsonb NOT NULL, CONSTRAINT "PK_catalogue_parts" PRIMARY KEY (hash))',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    const copies =
      "(SELECT jsonb_agg(jsonb_build_object('kind', c->'kind', 'edition', c->'edition', 'part', coalesce(c->'part', p.part)) ORDER BY n) FROM jsonb_array_elements(file->'catalogue'->'parts') WITH ORDINALITY AS e(c, n) LEFT JOIN catalogue_parts p ON p.hash = c->>'hash')";
    for (const table of ['builds', 'build_revisions'])
      await runner.query(
        `UPDATE ${table} SET file = jsonb_set(file, '{catalogue,parts}', coalesce(${copies}, '[]'::jsonb)) WHERE file ? 'catalogue'`,
      );
    await runner.query('DROP TABLE catalogue_parts');
  }
}
