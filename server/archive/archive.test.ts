import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { house } from '#core/subjects';
import type { BuildView, DepartmentArchive, DepartmentView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment, saveTank } from '../test/people.js';

let server: Awaited<ReturnType<typeof startApp>>;
let department: DepartmentView;
let builds: BuildView[];
let archive: DepartmentArchive;

beforeAll(async () => {
  server = await startApp();
  department = await newDepartment(server, 'Long Valley');
  const engine = await newBuild(server, department.id);
  const saved: BuildView = (await saveTank(server, engine, 600, 'Chief Wren').expect(200)).body;
  builds = [saved, await newBuild(server, department.id, 'brush', 'Grass')];
  await server.http.patch(`/api/builds/${saved.id}/revisions/1`).send({ label: 'as bid' }).expect(200);
  await server.http
    .put(`/api/departments/${department.id}/parts`)
    .send({
      parts: [{ id: 'our-ladder', kind: 'ladder', likeId: 'roof-14', name: 'Our ladder', figures: [] }],
    })
    .expect(200);
  archive = (await server.http.get(`/api/departments/${department.id}/archive`).expect(200)).body;
});
afterAll(() => server.app.close());

const counts = async () => [
  (await server.http.get('/api/departments')).body.length,
  (await server.http.get('/api/builds')).body.length,
];

describe('a department as one archive', () => {
  it('comes in again with its parts, its builds and their history, to the pound', async () => {
    const { body: again } = await server.http.post('/api/departments/archive').send(archive).expect(201);
    expect(again).toMatchObject({ name: 'Long Valley', kind: 'rural', archived: false });
    const read = (await server.http.get('/api/builds')).body.filter(
      (build: BuildView) => build.departmentId === again.id,
    ) as BuildView[];
    expect(read.map(({ build, revision }) => [build.name, revision, house.measure(build)])).toEqual(
      builds.map(({ build, revision }) => [build.name, revision, house.measure(build)]),
    );
    const history = (await server.http.get(`/api/builds/${read[0]!.id}/revisions`)).body;
    expect(history.map((r: { label: string; who: string }) => [r.label, r.who])).toEqual([
      ['', 'Chief Wren'],
      ['as bid', ''],
    ]);
    expect((await server.http.get(`/api/departments/${again.id}/parts`)).body[0].part.name).toBe(
      'Our ladder',
    );
    // What went out of it again is what came in.
    expect((await server.http.get(`/api/departments/${again.id}/archive`)).body).toEqual(archive);
  });

  it.each<[string, (a: DepartmentArchive) => unknown, string]>([
    ['a later version', (a) => ({ ...a, version: 9 }), 'version'],
    ['another format', (a) => ({ ...a, format: 'zip' }), 'format'],
    [
      'a build without revisions',
      (a) => ({ ...a, builds: [{ archived: false, revisions: [] }] }),
      'builds.0.revisions',
    ],
    [
      'a part that is gone within a build',
      (a) => ({
        ...a,
        builds: [
          {
            ...a.builds[0],
            revisions: [
              {
                ...a.builds[0]!.revisions[0],
                build: { ...a.builds[0]!.revisions[0]!.build, pump: { version: 1, partId: 'gone' } },
              },
            ],
          },
        ],
      }),
      'builds.0.revisions.0.build.pump.partId',
    ],
    [
      'revisions out of order',
      (a) => ({ ...a, builds: [{ ...a.builds[0], revisions: [...a.builds[0]!.revisions].reverse() }] }),
      'builds.0.revisions.1.revision',
    ],
    [
      'a part that is like nothing',
      (a) => ({ ...a, parts: [{ ...a.parts[0], likeId: 'none' }] }),
      'parts.0.likeId',
    ],
    ['no archive at all', () => [], ''],
  ])('refuses %s, and nothing of it is kept', async (_, change, field) => {
    const before = await counts();
    const { body } = await server.http
      .post('/api/departments/archive')
      .send(change(archive) as object)
      .expect(400)
      .expect('content-type', /problem\+json/);
    expect(body.problems.map((p: { field: string }) => p.field)).toContain(field);
    expect(await counts()).toEqual(before);
  });
});
