import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A log of drills on a build, by person. */
export class Drills1764600000000 implements MigrationInterface {
  name = 'Drills1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE drills (
        id uuid NOT NULL DEFAULT gen_random_uuid(),
        build_id uuid NOT NULL,
        who character varying(60) NOT NULL,
        task character varying(64) NOT NULL,
        title character varying(80) NOT NULL,
        done boolean NOT NULL,
        actions integer NOT NULL,
        mistakes jsonb NOT NULL,
        at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT "PK_drills" PRIMARY KEY (id),
        CONSTRAINT "FK_drills_build" FOREIGN KEY (build_id) REFERENCES builds (id)
      )`);
    await runner.query('CREATE INDEX drills_by_build ON drills (build_id)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE drills');
  }
}
