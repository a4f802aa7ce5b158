import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Parts whose ids became American with version 3 of the build file. */
const RENAMED = [
  ['aluminium-12', 'aluminum-12'],
  ['aluminium-18', 'aluminum-18'],
  ['aluminium-24', 'aluminum-24'],
  ['brush-aluminium', 'brush-aluminum'],
  ['body-aluminium', 'body-aluminum'],
  ['body-galvanised', 'body-galvanized'],
  ['bed-aluminium', 'bed-aluminum'],
  ['fan-petrol', 'fan-gasoline'],
  ['tyre-kit', 'tire-kit'],
] as const;

/** The figures of a revision by the names that they had and have. */
const FIGURES = [
  ['frontLb', 'front'],
  ['rearLb', 'rear'],
  ['grossLb', 'gross'],
  ['heightIn', 'height'],
  ['lengthIn', 'length'],
  ['priceCents', 'price'],
] as const;

const renamed = async (runner: QueryRunner, from: string, to: string): Promise<void> => {
  await runner.query(
    "UPDATE own_parts SET part_id = $2::text, part = jsonb_set(part, '{id}', to_jsonb($2::text)) WHERE part_id = $1::text",
    [from, to],
  );
  await runner.query(
    "UPDATE own_parts SET part = jsonb_set(part, '{likeId}', to_jsonb($2::text)) WHERE part->>'likeId' = $1::text",
    [from, to],
  );
};
const figure = (runner: QueryRunner, from: string, to: string) =>
  runner.query(
    `UPDATE own_parts SET part = replace(part::text, '"${from}"', '"${to}"')::jsonb WHERE kind = 'pump'`,
  );

/**
 * A build is kept as its file, a revision with its figures by their ids; parts are named as today. Builds
 * themselves are upgraded when they are read.
 */
export class FilesAndFigures1764200000000 implements MigrationInterface {
  name = 'FilesAndFigures1764200000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE builds RENAME spec TO file');
    await runner.query('ALTER TABLE build_revisions RENAME spec TO file');
    await runner.query('ALTER TABLE build_revisions RENAME measure TO figures');
    await runner.query(
      `UPDATE build_revisions SET figures = jsonb_build_object(${FIGURES.map(([from, to]) => `'${to}', figures->'${from}'`).join(', ')}) WHERE figures ? 'frontLb'`,
    );
    for (const [from, to] of RENAMED) await renamed(runner, from, to);
    await figure(runner, 'centreZIn', 'centerZIn');
  }

  async down(runner: QueryRunner): Promise<void> {
    await figure(runner, 'centerZIn', 'centreZIn');
    for (const [from, to] of RENAMED) await renamed(runner, to, from);
    await runner.query(
      `UPDATE build_revisions SET figures = jsonb_build_object(${FIGURES.map(([from, to]) => `'${from}', figures->'${to}'`).join(', ')}) WHERE figures ? 'front'`,
    );
    await runner.query('ALTER TABLE build_revisions RENAME figures TO measure');
    await runner.query('ALTER TABLE build_revisions RENAME file TO spec');
    await runner.query('ALTER TABLE builds RENAME file TO spec');
  }
}
