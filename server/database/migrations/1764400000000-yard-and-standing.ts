import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * The yard finds builds by name and type without reading their files, and a revision keeps how its checks
 * stood when it was saved.
 */
export class YardAndStanding1764400000000 implements MigrationInterface {
  name = 'YardAndStanding1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE builds ADD name text NOT NULL DEFAULT ''");
    await runner.query("ALTER TABLE builds ADD type character varying(20) NOT NULL DEFAULT ''");
    await runner.query(
      "UPDATE builds SET name = coalesce(file->>'name', ''), type = coalesce(file->>'type', '')",
    );
    await runner.query('CREATE INDEX builds_by_change ON builds (saved_at)');
    await runner.query('ALTER TABLE build_revisions ADD standing jsonb');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE build_revisions DROP standing');
    await runner.query('DROP INDEX builds_by_change');
    await runner.query('ALTER TABLE builds DROP type');
    await runner.query('ALTER TABLE builds DROP name');
  }
}
