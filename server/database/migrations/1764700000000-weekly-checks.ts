import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What was found on a truck week by week. */
export class WeeklyChecks1764700000000 implements MigrationInterface {
  name = 'WeeklyChecks1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE weekly_checks (
        id character varying(64) NOT NULL,
        build_id uuid NOT NULL,
        who character varying(60) NOT NULL,
        at timestamptz NOT NULL,
        revision integer NOT NULL,
        lines jsonb NOT NULL,
        kept_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT "PK_weekly_checks" PRIMARY KEY (id),
        CONSTRAINT "FK_weekly_checks_build" FOREIGN KEY (build_id) REFERENCES builds (id)
      )`);
    await runner.query('CREATE INDEX weekly_checks_by_build ON weekly_checks (build_id)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE weekly_checks');
  }
}
