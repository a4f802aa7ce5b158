import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A department says of its district what every build is checked against. */
export class Briefs1764500000000 implements MigrationInterface {
  name = 'Briefs1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE departments ADD brief jsonb');
    await runner.query('ALTER TABLE departments ADD brief_revision integer NOT NULL DEFAULT 0');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE departments DROP brief_revision');
    await runner.query('ALTER TABLE departments DROP brief');
  }
}
