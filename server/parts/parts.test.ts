import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { house } from '#core/subjects';
import { withBlock } from '#core/build';
import { withPump } from '#core/subjects/pump';
import type { BuildView, DepartmentView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment } from '../test/people.js';

let server: Awaited<ReturnType<typeof startApp>>;
let department: DepartmentView;
beforeAll(async () => {
  server = await startApp();
  department = await newDepartment(server);
});
afterAll(() => server.app.close());

const PUMP = {
  id: 'mill-pump',
  kind: 'pump',
  likeId: 'midship-1500-side',
  name: 'Our builder’s midship',
  figures: [{ field: 'weightLb', value: 3_610, source: 'scale' }],
};
const parts = () => `/api/departments/${department.id}/parts`;

describe('a department’s own parts', () => {
  it('are kept, corrected under the same id, and say where they are used', async () => {
    expect(
      (
        await server.http
          .put(parts())
          .send({ parts: [PUMP] })
          .expect(200)
      ).body,
    ).toEqual({ kept: 1 });
    const build = await newBuild(server, department.id);
    const own = withPump(withBlock(build.build, 'parts', { own: [PUMP as never] }), 'mill-pump');
    await server.http
      .put(`/api/builds/${build.id}`)
      .send({ revision: 1, words: 'Pump', build: own })
      .expect(200);
    await server.http
      .put(parts())
      .send({ parts: [{ ...PUMP, name: 'Midship as weighed' }] })
      .expect(200);
    const { body } = await server.http.get(parts()).expect(200);
    expect(body).toEqual([
      { part: { ...PUMP, name: 'Midship as weighed' }, usedIn: [{ id: build.id, name: 'Engine' }] },
    ]);
  });

  it('taken off the list, stay whole in the builds that name them', async () => {
    const [{ usedIn }] = (await server.http.get(parts())).body;
    const before: BuildView = (await server.http.get(`/api/builds/${usedIn[0].id}`)).body;
    expect((await server.http.delete(`${parts()}/pump/mill-pump`).expect(200)).body).toEqual({ kept: 0 });
    const after: BuildView = (await server.http.get(`/api/builds/${usedIn[0].id}`).expect(200)).body;
    expect(house.measure(after.build)).toEqual(house.measure(before.build));
    await server.http
      .put(`/api/builds/${after.id}`)
      .send({ revision: after.revision, words: 'Renamed', build: { ...after.build, name: 'Still whole' } })
      .expect(200);
    await server.http.delete(`${parts()}/pump/mill-pump`).expect(404);
  });

  it.each([
    ['a kind that can’t be own', { ...PUMP, kind: 'profile' }, 'parts.0.kind'],
    [
      'a figure that its kind does not have',
      { ...PUMP, figures: [{ field: 'paint', value: 1, source: 'plate' }] },
      'parts.0.figures.0.field',
    ],
    [
      'a figure beyond belief',
      { ...PUMP, figures: [{ field: 'weightLb', value: 90_000, source: 'plate' }] },
      'parts.0.figures.0.value',
    ],
    [
      'a source that is none',
      { ...PUMP, figures: [{ field: 'weightLb', value: 3_000, source: 'hearsay' }] },
      'parts.0.figures.0.source',
    ],
    ['one that is like nothing', { ...PUMP, likeId: 'moon-pump' }, 'parts.0.likeId'],
    ['the id of another shipped part', { ...PUMP, id: 'pto-1000' }, 'parts.0.id'],
  ])('refuses %s, and keeps nothing of the rest', async (_, bad, field) => {
    const before = (await server.http.get(parts())).body;
    const { body } = await server.http
      .put(parts())
      .send({ parts: [bad, { ...PUMP, id: 'another' }] })
      .expect(400);
    expect(body.problems.map((p: { field: string }) => p.field)).toContain(field);
    expect((await server.http.get(parts())).body).toEqual(before);
  });

  it('are kept by two at once in opposite orders, and neither waits for ever', async () => {
    const many = Array.from({ length: 60 }, (_, i) => ({ ...PUMP, id: `crosswise-${i}` }));
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        server.http.put(parts()).send({ parts: i % 2 ? many : [...many].reverse() }),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual(answers.map(() => 200));
  });

  it('are those of a department that is there', async () => {
    await server.http.get('/api/departments/7e57ab1e-0000-4000-8000-000000000000/parts').expect(404);
  });
});
