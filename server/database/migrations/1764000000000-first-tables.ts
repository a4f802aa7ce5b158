import type { MigrationInterface, QueryRunner } from 'typeorm';

export class FirstTables1764000000000 implements MigrationInterface {
  name = 'FirstTables1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE departments (
        id uuid NOT NULL DEFAULT gen_random_uuid(),
        name varchar(80) NOT NULL,
        district varchar(400) NOT NULL,
        archived boolean NOT NULL DEFAULT false,
        created_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT "PK_departments" PRIMARY KEY (id)
      )`);
    await runner.query(`
      CREATE TABLE builds (
        id uuid NOT NULL DEFAULT gen_random_uuid(),
        department_id uuid NOT NULL,
        spec jsonb NOT NULL,
        revision integer NOT NULL DEFAULT 1,
        last_change varchar(200) NOT NULL,
        archived boolean NOT NULL DEFAULT false,
        created_at timestamptz NOT NULL DEFAULT now(),
        saved_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT "PK_builds" PRIMARY KEY (id),
        CONSTRAINT "FK_builds_department" FOREIGN KEY (department_id) REFERENCES departments (id)
      )`);
    await runner.query('CREATE INDEX builds_by_department ON builds (department_id)');
    await runner.query(`
      CREATE TABLE build_revisions (
        id bigint GENERATED ALWAYS AS IDENTITY NOT NULL,
        build_id uuid NOT NULL,
        revision integer NOT NULL,
        spec jsonb NOT NULL,
        words varchar(200) NOT NULL,
        saved_at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT "PK_build_revisions" PRIMARY KEY (id),
        CONSTRAINT one_of_each_revision UNIQUE (build_id, revision),
        CONSTRAINT "FK_build_revisions_build" FOREIGN KEY (build_id) REFERENCES builds (id)
      )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE build_revisions');
    await runner.query('DROP TABLE builds');
    await runner.query('DROP TABLE departments');
  }
}
