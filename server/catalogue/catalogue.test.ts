import { DataSource } from 'typeorm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { copiesIn } from '#core/build';
import type { Build as BuildFile, PartCopy } from '#core/build';
import type { BuildView, DepartmentView } from '#core/exchange';
import { house } from '#core/subjects';
import { CataloguePart } from './catalogue-part.entity.js';
import { hashOf } from './stored.js';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment, saveTank } from '../test/people.js';

let server: Awaited<ReturnType<typeof startApp>>;
let department: DepartmentView;
beforeAll(async () => {
  server = await startApp();
  department = await newDepartment(server, 'Copies');
});
afterAll(() => server.app.close());

const source = () => server.app.get(DataSource);
const count = () => source().manager.count(CataloguePart);
const stored = async (id: string) =>
  (await source().query('SELECT file FROM builds WHERE id = $1', [id]))[0].file as {
    catalogue: { parts: Record<string, string>[] };
  };
/** The build as a file of an edition that had another pump. */
const ofOldEdition = (build: BuildFile, weightLb: number): BuildFile => ({
  ...build,
  catalogue: {
    parts: copiesIn(build).map((copy): PartCopy =>
      copy.kind === 'pump' ? { ...copy, edition: '2020-01', part: { ...copy.part, weightLb } } : copy,
    ),
  },
});
const read = (build: BuildFile) =>
  server.http.post('/api/builds/import').send({ departmentId: department.id, build });

describe('the parts that builds carry', () => {
  it('are stored once by what they say, and written out in full in a build', async () => {
    const build = await newBuild(server, department.id);
    expect(copiesIn(build.build).length).toBeGreaterThan(5);
    for (const { kind, part } of copiesIn(build.build))
      expect(part).toEqual(JSON.parse(JSON.stringify(house.shelf(kind).shipped.part(part.id))));
    expect((await stored(build.id)).catalogue.parts).toEqual(
      copiesIn(build.build).map(({ kind, edition, part }) => ({ kind, edition, hash: hashOf(part) })),
    );
    const before = await count();
    await newBuild(server, department.id);
    expect((await saveTank(server, build, 600).expect(200)).body.build.catalogue).toEqual(
      build.build.catalogue,
    );
    expect(await count()).toBe(before);
  });

  it('have one hash whatever the order of their fields', () => {
    expect(hashOf({ a: 1, b: { c: [2, { e: 1, d: 2 }] } })).toBe(
      hashOf({ b: { c: [2, { d: 2, e: 1 }] }, a: 1 }),
    );
    expect(hashOf({ a: [1, 2] })).not.toBe(hashOf({ a: [2, 1] }));
  });

  it('keep their figures through a file, saves, the history and a server that starts anew', async () => {
    const start = await newBuild(server, department.id);
    const old = ofOldEdition(start.build, 3_999);
    const view: BuildView = (await read(old).expect(201)).body;
    expect(house.measure(view.build)).toEqual(house.measure(old));
    expect(house.measure(old)['gross']).not.toBeCloseTo(house.measure(start.build)['gross']!, 1);
    const saved: BuildView = (await saveTank(server, view, 600).expect(200)).body;
    const other = await startApp();
    try {
      for (const each of [server, other]) {
        const now: BuildView = (await each.http.get(`/api/builds/${view.id}`).expect(200)).body;
        expect(now.build.catalogue).toEqual(old.catalogue);
        const { body: first } = await each.http.get(`/api/builds/${view.id}/revisions/1`).expect(200);
        expect(first.build.catalogue).toEqual(old.catalogue);
        expect(first.figures).toEqual(house.measure(old));
      }
    } finally {
      await other.app.close();
    }
    expect(saved.build.catalogue).toEqual(old.catalogue);
  });

  it('are completed where a save does not bring them', async () => {
    const build = await newBuild(server, department.id);
    const { catalogue: _, ...without } = build.build;
    const saved = await server.http
      .put(`/api/builds/${build.id}`)
      .send({ revision: 1, words: 'Without', build: without })
      .expect(200);
    expect(saved.body.build.catalogue).toEqual(build.build.catalogue);
  });

  it('are refused by name where they are no part of their kind, and nothing is stored', async () => {
    const { build } = await newBuild(server, department.id);
    const before = await count();
    const refused = await read(ofOldEdition(build, -5)).expect(400);
    expect(refused.body.detail).toMatch(
      /catalogue\.parts\.\d+\.part\.weightLb must be more than 0 \(was -5\)/,
    );
    expect(await count()).toBe(before);
  });

  it('are brought by many at once without one waiting for another for ever', async () => {
    const { build } = await newBuild(server, department.id);
    const answers = await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        read(
          ofOldEdition(
            { ...build, catalogue: { parts: i % 2 ? [...copiesIn(build)] : [...copiesIn(build)].reverse() } },
            4_000 + Math.floor(i / 2),
          ),
        ),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual(answers.map(() => 201));
  });

  it('come back into the files when the tables go back', async () => {
    const view = await newBuild(server, department.id);
    // Back to before the parts stood in a table.
    const inTable = async () =>
      (await source().query("SELECT to_regclass('catalogue_parts') AS name"))[0].name !== null;
    while (await inTable()) await source().undoLastMigration();
    try {
      expect((await stored(view.id)).catalogue.parts.map(({ part }) => part)).toEqual(
        copiesIn(view.build).map(({ part }) => part),
      );
    } finally {
      await source().runMigrations();
    }
    const { body } = await server.http.get(`/api/builds/${view.id}`).expect(200);
    expect(body.build.catalogue).toEqual(view.build.catalogue);
    await source().query('TRUNCATE departments CASCADE');
  });
});
