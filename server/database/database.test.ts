import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DataSource } from 'typeorm';
import { startApp } from '../test/app.js';

let one: Awaited<ReturnType<typeof startApp>>;
let other: Awaited<ReturnType<typeof startApp>>;
beforeAll(async () => {
  one = await startApp();
  other = await startApp();
});
afterAll(() => Promise.all([one.app.close(), other.app.close()]));

describe('two servers on one database', () => {
  it('see each other’s work, and the second save of a revision is refused whoever asks', async () => {
    const { body: department } = await one.http
      .post('/api/departments')
      .send({ name: 'Shared', district: '', kind: 'rural' })
      .expect(201);
    const { body: build } = await other.http
      .post('/api/builds')
      .send({ departmentId: department.id, name: 'Engine', type: 'pumper' })
      .expect(201);
    const save = (server: typeof one, gallons: number) =>
      server.http.put(`/api/builds/${build.id}`).send({
        revision: 1,
        words: `Tank of ${gallons}`,
        build: { ...build.build, tank: { ...build.build.tank, gallons } },
      });
    const answers = await Promise.all([save(one, 500), save(other, 600), save(one, 700), save(other, 800)]);
    expect(answers.map((answer) => answer.status).sort()).toEqual([200, 409, 409, 409]);
    const winner = answers.find((answer) => answer.status === 200)!.body;
    for (const server of [one, other])
      expect((await server.http.get(`/api/builds/${build.id}`)).body).toMatchObject({
        revision: 2,
        build: { tank: winner.build.tank },
      });
  });
});

describe('the migrations', () => {
  it('were run once, and go back and forth', async () => {
    const source = one.app.get(DataSource);
    expect(await source.showMigrations()).toBe(false);
    const tables = async () =>
      (
        await source.query(
          "SELECT table_name FROM information_schema.tables WHERE table_schema = 'public' ORDER BY 1",
        )
      ).map((row: { table_name: string }) => row.table_name);
    const before = ['build_revisions', 'builds', 'catalogue_parts', 'departments', 'migrations', 'own_parts'];
    const now = [...before, 'drills', 'photos', 'weekly_checks'].sort();
    expect(await tables()).toEqual(now);
    // Back over what brought photographs, weekly checks and the log of drills.
    await source.undoLastMigration();
    await source.undoLastMigration();
    await source.undoLastMigration();
    expect(await tables()).toEqual(before);
    // Back over what only added columns, to what brought the parts of the catalog.
    await source.undoLastMigration();
    await source.undoLastMigration();
    expect(await tables()).toEqual(before);
    await source.undoLastMigration();
    expect(await tables()).toEqual(before.filter((name) => name !== 'catalogue_parts'));
    // Back over what only renamed columns, to what brought the own parts.
    await source.undoLastMigration();
    expect(await tables()).toEqual(before.filter((name) => name !== 'catalogue_parts'));
    await source.undoLastMigration();
    expect(await tables()).toEqual(['build_revisions', 'builds', 'departments', 'migrations']);
    await source.undoLastMigration();
    expect(await tables()).toEqual(['migrations']);
    await source.runMigrations();
    expect(await tables()).toEqual(now);
  });

  it('keep a revision once, and a build in a department that is there', async () => {
    const source = one.app.get(DataSource);
    await expect(
      source.query(
        `INSERT INTO builds (department_id, file, last_change) VALUES ('7e57ab1e-0000-4000-8000-000000000000', '{}', 'x')`,
      ),
    ).rejects.toThrow(/foreign key/);
    const [{ id: department }] = await source.query(
      `INSERT INTO departments (name, district) VALUES ('D', '') RETURNING id`,
    );
    const [{ id: build }] = await source.query(
      `INSERT INTO builds (department_id, file, last_change) VALUES ($1, '{}', 'x') RETURNING id`,
      [department],
    );
    const revision = () =>
      source.query(
        `INSERT INTO build_revisions (build_id, revision, file, words) VALUES ($1, 1, '{}', 'x')`,
        [build],
      );
    await revision();
    await expect(revision()).rejects.toThrow(/one_of_each_revision/);
    await source.query('TRUNCATE departments CASCADE');
  });
});
