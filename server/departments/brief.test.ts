import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startBrief } from '#core/subjects/brief';
import { startApp } from '../test/app.js';

let server: Awaited<ReturnType<typeof startApp>>;
beforeAll(async () => {
  server = await startApp();
});
afterAll(() => server.app.close());

const newDepartment = async (kind = 'rural'): Promise<string> =>
  (await server.http.post('/api/departments').send({ name: 'Hill Company', district: '', kind }).expect(201))
    .body.id;
const of = (id: string) => `/api/departments/${id}/brief`;
const BRIEF = {
  crew: [{ id: 'c', wish: 'must', known: 'told', seats: 5, who: 'The chief', why: 'Five ride.' }],
  bridges: [{ id: 'b', wish: 'like', known: 'measured', name: 'Old bridge', grossLb: 40_000 }],
};

describe('a department’s brief over HTTP', () => {
  it('is the usual one of its kind of district until somebody changes it', async () => {
    const id = await newDepartment('city');
    const { body } = await server.http.get(of(id)).expect(200);
    expect(body).toEqual({ revision: 0, brief: startBrief('city') });
    const kept = await server.http.put(of(id)).send({ revision: 0, brief: BRIEF }).expect(200);
    expect(kept.body).toEqual({ revision: 1, brief: BRIEF });
    expect((await server.http.get(of(id))).body).toEqual(kept.body);
  });

  it('is kept by one of two who change it at once; the other is told, and loses nothing', async () => {
    const id = await newDepartment();
    const both = await Promise.all([
      server.http.put(of(id)).send({ revision: 0, brief: BRIEF }),
      server.http.put(of(id)).send({ revision: 0, brief: {} }),
    ]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
    const late = both.find(({ status }) => status === 409)!;
    expect(late.body).toMatchObject({ currentRevision: 1, detail: expect.stringContaining('must be 1') });
    expect((await server.http.get(of(id))).body.revision).toBe(1);
  });

  it.each([
    ['an unknown field', { crew: [{ ...BRIEF.crew[0], roof: 1 }] }, 'brief.crew.0.roof'],
    ['too many seats', { crew: [{ ...BRIEF.crew[0], seats: 90 }] }, 'brief.crew.0.seats'],
    ['a wish that is none', { crew: [{ ...BRIEF.crew[0], wish: 'maybe' }] }, 'brief.crew.0.wish'],
    ['two lines where one stands alone', { crew: [BRIEF.crew[0], BRIEF.crew[0]] }, 'brief.crew'],
    [
      'a line without its name',
      { bridges: [{ ...BRIEF.bridges[0], name: undefined }] },
      'brief.bridges.0.name',
    ],
    ['no list', { bridges: 'all' }, 'brief.bridges'],
  ])('is refused with %s, and stays as it was', async (_, brief, field) => {
    const id = await newDepartment();
    const { body } = await server.http.put(of(id)).send({ revision: 0, brief }).expect(400);
    expect(body.problems.map((problem: { field: string }) => problem.field)).toContain(field);
    expect((await server.http.get(of(id))).body.revision).toBe(0);
  });

  it('of nobody is not found', async () => {
    await server.http.get(of('7e57ab1e-0000-4000-8000-000000000000')).expect(404);
    await server.http
      .put(of('7e57ab1e-0000-4000-8000-000000000000'))
      .send({ revision: 0, brief: {} })
      .expect(404);
  });

  it('travels with every new build, and with the department’s archive', async () => {
    const id = await newDepartment();
    await server.http.put(of(id)).send({ revision: 0, brief: BRIEF }).expect(200);
    const made = await server.http
      .post('/api/builds')
      .send({ departmentId: id, name: 'New', type: 'pumper' })
      .expect(201);
    expect(made.body.build.brief).toEqual({ version: 1, ...BRIEF });
    const { body: text } = await server.http
      .get(`/api/departments/${id}/archive`)
      .buffer(true)
      .parse((response, done) => {
        let all = '';
        response.on('data', (part) => (all += part));
        response.on('end', () => done(null, all));
      })
      .expect(200);
    const read = await server.http
      .post('/api/departments/archive')
      .set('content-type', 'application/x-ndjson')
      .send(text as string);
    expect(read.status).toBe(201);
    expect((await server.http.get(of(read.body.id))).body.brief).toEqual(BRIEF);
  });
});
