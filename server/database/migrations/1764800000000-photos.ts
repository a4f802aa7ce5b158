import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Photographs of a department's present truck, pinned beside the compartments of a build. */
export class Photos1764800000000 implements MigrationInterface {
  name = 'Photos1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE photos (
        id uuid NOT NULL DEFAULT gen_random_uuid(),
        build_id uuid NOT NULL,
        compartment_id character varying(64) NOT NULL,
        name character varying(120) NOT NULL,
        type character varying(20) NOT NULL,
        image bytea NOT NULL,
        at timestamptz NOT NULL DEFAULT now(),
        CONSTRAINT "PK_photos" PRIMARY KEY (id),
        CONSTRAINT "FK_photos_build" FOREIGN KEY (build_id) REFERENCES builds (id)
      )`);
    await runner.query('CREATE INDEX photos_by_build ON photos (build_id)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE photos');
  }
}
