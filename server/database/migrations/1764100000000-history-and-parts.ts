import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Who changed a build and what came of it; names of revisions; kinds of district; departments' own parts. */
export class HistoryAndParts1764100000000 implements MigrationInterface {
  name = 'HistoryAndParts1764100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE departments ADD kind varchar(20) NOT NULL DEFAULT 'rural'");
    await runner.query(
      "ALTER TABLE build_revisions ADD who varchar(60) NOT NULL DEFAULT '', ADD label varchar(40) NOT NULL DEFAULT '', ADD measure jsonb",
    );
    await runner.query(`
      CREATE TABLE own_parts (
        id uuid NOT NULL DEFAULT gen_random_uuid(),
        department_id uuid NOT NULL,
        kind varchar(20) NOT NULL,
        part_id varchar(64) NOT NULL,
        part jsonb NOT NULL,
        created_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT "PK_own_parts" PRIMARY KEY (id),
        CONSTRAINT one_of_each_part UNIQUE (department_id, kind, part_id),
        CONSTRAINT "FK_own_parts_department" FOREIGN KEY (department_id) REFERENCES departments (id)
      )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE own_parts');
    await runner.query('ALTER TABLE build_revisions DROP measure, DROP label, DROP who');
    await runner.query('ALTER TABLE departments DROP kind');
  }
}
