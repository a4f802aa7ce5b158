import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { BUILD_VERSION } from '#core/build';
import { house } from '#core/subjects';
import type { BuildView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment, saveTank } from '../test/people.js';

const OF_VERSION_2 = JSON.parse(
  readFileSync(new URL('../../core/test/version2/pumper-rural.json', import.meta.url), 'utf8'),
);

let server: Awaited<ReturnType<typeof startApp>>;
let build: BuildView;

beforeAll(async () => {
  server = await startApp();
  const first = await newBuild(server, (await newDepartment(server)).id);
  const second: BuildView = (await saveTank(server, first, 500, 'Chief Wren').expect(200)).body;
  build = (await saveTank(server, second, 800).expect(200)).body;
});
afterAll(() => server.app.close());

const revisions = (path = '') => `/api/builds/${build.id}/revisions${path}`;

describe('the history of a build', () => {
  it('has every saved change with its words, who, when and what it weighs and costs', async () => {
    const { body } = await server.http.get(revisions()).expect(200);
    expect(
      body.map((r: { revision: number; words: string; who: string }) => [r.revision, r.words, r.who]),
    ).toEqual([
      [3, 'Water: {800 gal}', ''],
      [2, 'Water: {500 gal}', 'Chief Wren'],
      [1, 'Started', ''],
    ]);
    expect(body[0].figures).toEqual(house.measure(build.build));
    expect(Date.parse(body[1].savedAt)).toBeLessThanOrEqual(Date.parse(body[0].savedAt));
  });

  it('is read a page at a time, each revision with what the one before it came to', async () => {
    const all = (await server.http.get(revisions()).expect(200)).body;
    const pages = [
      (await server.http.get(revisions('?most=2')).expect(200)).body,
      (await server.http.get(revisions('?most=2&before=2')).expect(200)).body,
    ];
    expect(pages.map((page) => page.length)).toEqual([2, 1]);
    expect(pages.flat()).toEqual(all);
    expect(all.map(({ before }: { before?: object }) => before)).toEqual([
      all[1].figures,
      all[2].figures,
      undefined,
    ]);
    expect(JSON.stringify(all)).not.toContain('partId');
    await server.http.get(revisions('?most=0')).expect(400);
    await server.http.get(revisions('?before=x')).expect(400);
  });

  it('gives each revision with all its choices, and works out what an older Baros did not', async () => {
    await server.app
      .get((await import('typeorm')).DataSource)
      .query('UPDATE build_revisions SET figures = NULL WHERE build_id = $1 AND revision = 2', [build.id]);
    const { body } = await server.http.get(revisions('/2')).expect(200);
    expect(body).toMatchObject({
      revision: 2,
      build: { tank: { gallons: 500 } },
      figures: house.measure(body.build),
    });
  });

  it('names a revision and takes the name away', async () => {
    expect(
      (await server.http.patch(revisions('/2')).send({ label: ' as bid ' }).expect(200)).body,
    ).toMatchObject({ revision: 2, label: 'as bid' });
    expect((await server.http.get(revisions()).expect(200)).body[1].label).toBe('as bid');
    expect((await server.http.patch(revisions('/2')).send({ label: '' }).expect(200)).body.label).toBe('');
  });

  it('a build of an older version reads as one of today', async () => {
    await server.app
      .get((await import('typeorm')).DataSource)
      .query('UPDATE builds SET file = $2 WHERE id = $1', [build.id, JSON.stringify(OF_VERSION_2)]);
    const read = (await server.http.get(`/api/builds/${build.id}`).expect(200)).body as BuildView;
    expect(read.build.version).toBe(BUILD_VERSION);
    expect(house.measure(read.build)).toEqual(house.measure(house.parse(OF_VERSION_2)));
    const { body } = await server.http
      .put(`/api/builds/${build.id}`)
      .send({ revision: 3, words: 'Kept while out of reach', build: OF_VERSION_2 })
      .expect(200);
    expect(body.build.version).toBe(BUILD_VERSION);
  });

  it.each([
    ['a revision that is not there', '/99', 404],
    ['a revision that is none', '/first', 400],
  ])('refuses %s', async (_, path, status) => {
    await server.http
      .get(revisions(path))
      .expect(status)
      .expect('content-type', /problem\+json/);
  });

  it('refuses a name that is too long', async () => {
    const { body } = await server.http
      .patch(revisions('/1'))
      .send({ label: 'x'.repeat(41) })
      .expect(400);
    expect(body.problems[0]).toMatchObject({
      field: 'label',
      message: expect.stringMatching(/0 to 40 characters/),
    });
  });
});
