import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DataSource } from 'typeorm';
import { copiedProfile, withOwnProfile } from '#core/subjects/limits';
import { house } from '#core/subjects';
import type { BuildCard, BuildView, DepartmentView, YardPage } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment, saveTank } from '../test/people.js';

let server: Awaited<ReturnType<typeof startApp>>;
let [north, south]: DepartmentView[] = [];
let engine: BuildView;
beforeAll(async () => {
  server = await startApp();
  await server.app.get(DataSource).query('TRUNCATE departments CASCADE');
  north = await newDepartment(server, 'North Fork');
  south = await newDepartment(server, 'South 100% Creek');
  engine = await newBuild(server, north.id, 'pumper', 'Engine 1');
  await newBuild(server, south.id, 'brush', 'Brush 7');
  await newBuild(server, north.id, 'aerial', 'Ladder 2');
  await newBuild(server, south.id, 'pumper', 'Engine_9');
});
afterAll(() => server.app.close());

const page = async (query = ''): Promise<YardPage> =>
  (await server.http.get(`/api/builds${query}`).expect(200)).body;
const names = async (query: string) => (await page(query)).builds.map(({ name }) => name);

describe('the yard', () => {
  it('shows of each build its drawing, its margins and its last change, and no file', async () => {
    const { builds, total, ofDepartments } = await page();
    expect(total).toBe(4);
    expect(ofDepartments).toEqual({ [north.id]: 2, [south.id]: 2 });
    const card = builds[0]!;
    expect(card).toMatchObject({
      id: engine.id,
      department: 'North Fork',
      name: 'Engine 1',
      type: 'pumper',
      revision: 1,
      archived: false,
      lastChange: 'Started',
    });
    expect(card).not.toHaveProperty('build');
    const { findings } = house.evaluate(engine.build);
    const front = findings.find(({ id }) => id === 'frontAxle')!;
    expect(card.glance!.margins[0]).toEqual({
      title: front.title,
      status: front.status,
      marginLb: front.margin,
    });
    expect(card.glance!.checks).toBe(findings.length);
    expect(card.glance!.drawing).toMatch(/^<svg xmlns=.*var\(--ink\).*<\/svg>$/s);
    expect(JSON.stringify(card).length).toBeLessThan(40_000);
  });

  it.each([
    ['?order=department', ['Engine 1', 'Ladder 2', 'Brush 7', 'Engine_9']],
    ['?order=name', ['Brush 7', 'Engine 1', 'Engine_9', 'Ladder 2']],
    ['?order=type', ['Ladder 2', 'Brush 7', 'Engine 1', 'Engine_9']],
    ['?order=changed', ['Engine_9', 'Ladder 2', 'Brush 7', 'Engine 1']],
    ['?text=engine&order=name', ['Engine 1', 'Engine_9']],
    ['?text=e_9', ['Engine_9']],
    ['?text=100%25', ['Brush 7', 'Engine_9']],
    ['?text=nothing', []],
    ['?type=brush', ['Brush 7']],
    ['?most=2', ['Engine 1', 'Ladder 2']],
    ['?most=2&from=2', ['Brush 7', 'Engine_9']],
    ['?most=2&from=4', []],
  ])('%s', async (query, wanted) => {
    expect(await names(query)).toEqual(wanted);
  });

  it('shows what is archived when it is wanted only', async () => {
    await server.http.patch(`/api/builds/${engine.id}`).send({ archived: true }).expect(200);
    await server.http.patch(`/api/departments/${south.id}`).send({ archived: true }).expect(200);
    expect(await names('')).toEqual(['Ladder 2']);
    expect(await names('?archived=true')).toHaveLength(4);
    await server.http.patch(`/api/builds/${engine.id}`).send({ archived: false }).expect(200);
    await server.http.patch(`/api/departments/${south.id}`).send({ archived: false }).expect(200);
  });

  it('shows what was saved last', async () => {
    const before = (await page()).builds[0]!;
    await saveTank(server, engine, 500).expect(200);
    const after = (await page()).builds[0]!;
    expect(after.revision).toBe(before.revision + 1);
    expect(after.glance!.margins[1]!.marginLb).toBeGreaterThan(before.glance!.margins[1]!.marginLb + 1000);
    expect((await names('?order=changed'))[0]).toBe('Engine 1');
  });

  it('keeps its place for all others when one build can’t be shown', async () => {
    const broken = await newBuild(server, north.id, 'pumper', 'Broken');
    const spoil = (file: object) =>
      server.app
        .get(DataSource)
        .query('UPDATE builds SET file = $2 WHERE id = $1', [broken.id, JSON.stringify(file)]);
    for (const file of [
      { ...broken.build, chassis: { version: 1, partId: 'gone' } },
      { ...broken.build, hose: null },
      { name: 'Broken', type: 'pumper' },
    ]) {
      await spoil(file);
      await server.app
        .get(DataSource)
        .query('UPDATE builds SET revision = revision + 1 WHERE id = $1', [broken.id]);
      const { builds } = await page();
      expect(builds.filter(({ glance }) => glance)).toHaveLength(4);
      const card = builds.find(({ id }) => id === broken.id) as BuildCard;
      expect(card.glance).toBeUndefined();
      expect(card.trouble).toMatch(/./);
      await server.http.get(`/api/builds/${broken.id}/revisions`).expect(200);
      await server.http.get(`/api/builds/${broken.id}/file`).expect(200, file);
      expect([200, 422]).toContain((await server.http.get(`/api/builds/${broken.id}`)).status);
    }
    await spoil({ ...broken.build, chassis: { version: 1, partId: 'gone' } });
    await server.app
      .get(DataSource)
      .query(
        'UPDATE build_revisions SET file = (SELECT file FROM builds WHERE id = build_id) WHERE build_id = $1',
        [broken.id],
      );
    const { body } = await server.http.get(`/api/builds/${broken.id}/papers/weights?revision=1`).expect(422);
    expect(body.detail).toMatch(/this build can’t be printed: .*"gone"/);
  });

  it.each([
    '?order=paint',
    '?from=-1',
    '?most=0',
    '?most=1000',
    '?type=car',
    '?text=a%00',
    '?page=2',
    '?most=2&most=3',
  ])('refuses %s', async (query) => {
    await server.http
      .get(`/api/builds${query}`)
      .expect(400)
      .expect('content-type', /problem\+json/);
  });
});

it('the limits of their own that a department’s builds have are told without their files', async () => {
  const build = await newBuild(server, south.id, 'pumper', 'With limits');
  const own = copiedProfile(house.limits, build.build, 'our-limits', 'Our limits');
  await server.http
    .put(`/api/builds/${build.id}`)
    .send({ revision: 1, words: 'Limits', build: withOwnProfile(build.build, own) })
    .expect(200);
  const { body } = await server.http.get(`/api/departments/${south.id}/limits`).expect(200);
  expect(body).toEqual([{ id: build.id, name: 'With limits', limits: own }]);
  expect((await server.http.get(`/api/departments/${north.id}/limits`).expect(200)).body).toEqual([]);
});
