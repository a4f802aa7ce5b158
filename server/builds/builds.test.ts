import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { BuildView, DepartmentView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { BuildRevision } from './build.entity.js';
import { DataSource } from 'typeorm';

let server: Awaited<ReturnType<typeof startApp>>;
let department: DepartmentView;

beforeAll(async () => {
  server = await startApp();
  department = (
    await server.http
      .post('/api/departments')
      .send({ name: 'Test district', district: 'Hills', kind: 'rural' })
      .expect(201)
  ).body;
});
afterAll(() => server.app.close());

const create = async (type = 'pumper', name = 'Engine'): Promise<BuildView> =>
  (await server.http.post('/api/builds').send({ departmentId: department.id, name, type }).expect(201)).body;

describe('builds over HTTP', () => {
  it.each(['pumper', 'aerial', 'brush'])('starts a %s that is whole', async (type) => {
    const build = await create(type);
    expect(build).toMatchObject({
      departmentId: department.id,
      revision: 1,
      archived: false,
      lastChange: 'Started',
    });
    expect(build.build).toMatchObject({ type, name: 'Engine', department: { name: 'Test district' } });
  });

  it('saves a change as the next revision and keeps the one before', async () => {
    const build = await create();
    const changed = { ...build.build, tank: { ...build.build.tank, gallons: 500 } };
    const saved = await server.http
      .put(`/api/builds/${build.id}`)
      .send({ revision: 1, words: 'Tank of 500 gal', build: changed })
      .expect(200);
    expect(saved.body).toMatchObject({
      revision: 2,
      lastChange: 'Tank of 500 gal',
      build: { tank: { gallons: 500 } },
    });
    const kept = await server.app
      .get(DataSource)
      .getRepository(BuildRevision)
      .find({ where: { buildId: build.id }, order: { revision: 'ASC' } });
    expect(kept.map((r) => [r.revision, r.file.tank.gallons])).toEqual([
      [1, 1000],
      [2, 500],
    ]);
  });

  it('refuses a stale save and leaves the newer one there', async () => {
    const build = await create();
    const save = (gallons: number) =>
      server.http.put(`/api/builds/${build.id}`).send({
        revision: 1,
        words: 'Tank',
        build: { ...build.build, tank: { ...build.build.tank, gallons } },
      });
    await save(500).expect(200);
    const refused = await save(900)
      .expect(409)
      .expect('content-type', /problem\+json/);
    expect(refused.body).toMatchObject({ status: 409, currentRevision: 2 });
    const now = await server.http.get(`/api/builds/${build.id}`).expect(200);
    expect(now.body).toMatchObject({ revision: 2, build: { tank: { gallons: 500 } } });
  });

  it('lets one of many saves at once through', async () => {
    const build = await create();
    const answers = await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        server.http.put(`/api/builds/${build.id}`).send({
          revision: 1,
          words: `Save ${i}`,
          build: { ...build.build, tank: { ...build.build.tank, gallons: 400 + i } },
        }),
      ),
    );
    expect(answers.filter((answer) => answer.status === 200)).toHaveLength(1);
    expect(answers.filter((answer) => answer.status === 409)).toHaveLength(11);
  });

  it('renames as a revision, archives and brings back', async () => {
    const build = await create();
    const renamed = await server.http.patch(`/api/builds/${build.id}`).send({ name: 'Engine 7' }).expect(200);
    expect(renamed.body).toMatchObject({
      revision: 2,
      lastChange: 'Renamed from Engine',
      build: { name: 'Engine 7' },
    });
    expect(
      (await server.http.patch(`/api/builds/${build.id}`).send({ archived: true }).expect(200)).body.archived,
    ).toBe(true);
    expect(
      (await server.http.patch(`/api/builds/${build.id}`).send({ archived: false }).expect(200)).body
        .archived,
    ).toBe(false);
  });

  it('copies the saved choices, or those that a conflict kept out', async () => {
    const build = await create();
    const plain = await server.http
      .post(`/api/builds/${build.id}/copies`)
      .send({ name: 'Second' })
      .expect(201);
    expect(plain.body).toMatchObject({
      revision: 1,
      lastChange: 'Copied from Engine',
      build: { name: 'Second', tank: { gallons: 1000 } },
    });
    const mine = { ...build.build, tank: { ...build.build.tank, gallons: 640 } };
    const kept = await server.http
      .post(`/api/builds/${build.id}/copies`)
      .send({ name: 'Mine', build: mine })
      .expect(201);
    expect(kept.body.build).toMatchObject({ name: 'Mine', tank: { gallons: 640 } });
  });

  it('shows a department under its newest name', async () => {
    const build = await create();
    await server.http
      .patch(`/api/departments/${department.id}`)
      .send({ name: 'Renamed district' })
      .expect(200);
    expect((await server.http.get(`/api/builds/${build.id}`)).body.build.department.name).toBe(
      'Renamed district',
    );
    await server.http.patch(`/api/departments/${department.id}`).send({ name: 'Test district' }).expect(200);
  });
});

describe('what builds refuse', () => {
  const cases: [string, (build: BuildView['build']) => object, string, RegExp][] = [
    [
      'a zero wheelbase',
      (s) => ({ ...s, chassis: { ...s.chassis, wheelbaseIn: 0 } }),
      'build.chassis.wheelbaseIn',
      /at least 60 \(was 0\)/,
    ],
    [
      'a wheelbase that the chassis does not have',
      (s) => ({ ...s, chassis: { ...s.chassis, wheelbaseIn: 300 } }),
      'build.chassis.wheelbaseIn',
      /from 160 to 210 in/,
    ],
    [
      'a part that no longer exists',
      (s) => ({ ...s, pump: { ...s.pump, partId: 'pump-of-old' } }),
      'build.pump.partId',
      /must be a pump of the catalog \(was "pump-of-old"/,
    ],
    [
      'a negative length of hose',
      (s) => ({
        ...s,
        hose: { loads: [{ id: 'h1', bedId: 'main-left', partId: 'supply-5', lengthFt: -50 }] },
      }),
      'build.hose.loads.0.lengthFt',
      /at least 0 \(was -50\)/,
    ],
    ['a field that does not belong', (s) => ({ ...s, paint: 'red' }), 'build.paint', /not a field/],
    [
      'words for a number',
      (s) => ({ ...s, tank: { ...s.tank, gallons: 'many' } }),
      'build.tank.gallons',
      /number.*was "many"/,
    ],
    [
      'limits that are not the ones it names',
      (s) => ({ ...s, limits: { ...s.limits, own: { id: 'ours', name: 'Ours', limits: [] } } }),
      'build.limits.own.id',
      /must be the profileId "us-pumper"/,
    ],
    [
      'a limit beyond belief',
      (s) => ({
        ...s,
        limits: {
          ...s.limits,
          profileId: 'ours',
          own: { id: 'ours', name: 'Ours', limits: [{ id: 'tiltDeg', value: 90, basis: 'House rule' }] },
        },
      }),
      'build.limits.own.limits.0.value',
      /from 5 to 60 deg for tiltDeg \(was 90\)/,
    ],
    [
      'a device on a pumper',
      (s) => ({ ...s, device: { ...s.device, partId: 'ladder-75-rear', outriggersId: 'one-pair' } }),
      'build.device',
      /aerial only/,
    ],
  ];

  it.each(cases)('%s', async (_, change, field, message) => {
    const build = await create();
    const answer = await server.http
      .put(`/api/builds/${build.id}`)
      .send({ revision: 1, words: 'Bad', build: change(build.build) })
      .expect(400);
    expect(answer.headers['content-type']).toMatch(/problem\+json/);
    const problem = answer.body.problems.find((p: { field: string }) => p.field === field);
    expect(problem?.message).toMatch(message);
    expect((await server.http.get(`/api/builds/${build.id}`)).body).toMatchObject({
      revision: 1,
      build: build.build,
    });
  });

  it('a build of no department, a build that is not there, an id that is none', async () => {
    await server.http
      .post('/api/builds')
      .send({ departmentId: '7e57ab1e-0000-4000-8000-000000000000', name: 'Lost', type: 'brush' })
      .expect(404);
    await server.http
      .get('/api/builds/7e57ab1e-0000-4000-8000-000000000000')
      .expect(404)
      .expect('content-type', /problem\+json/);
    await server.http.get('/api/builds/first').expect(400);
  });

  it('a body that is too large, one that is no JSON, a department without a name', async () => {
    await server.http
      .post('/api/departments')
      .send({ name: 'x'.repeat(2_000_000), district: '', kind: 'rural' })
      .expect(413)
      .expect('content-type', /problem\+json/);
    await server.http
      .post('/api/departments')
      .set('content-type', 'application/json')
      .send('{"name":')
      .expect(400)
      .expect('content-type', /problem\+json/);
    const { body } = await server.http
      .post('/api/departments')
      .send({ name: '', district: '', kind: 'rural' })
      .expect(400);
    expect(body.problems[0]).toMatchObject({
      field: 'name',
      message: expect.stringMatching(/must have 1 to 80 characters/),
    });
  });
});
