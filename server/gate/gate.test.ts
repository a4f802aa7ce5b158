import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { house } from '#core/subjects';
import type { BuildView, DepartmentView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment } from '../test/people.js';
import { isLoopback, namesOf } from './hosts.js';

let server: Awaited<ReturnType<typeof startApp>>;
let department: DepartmentView;
let build: BuildView;
beforeAll(async () => {
  server = await startApp({ names: 'baros.station.example, engine' });
  department = await newDepartment(server);
  build = await newBuild(server, department.id);
});
afterAll(() => server.app.close());

const sentAs = (text: string) =>
  server.http.post('/api/departments').set('content-type', 'application/json').send(text);
const wellTold = /problem\+json/;

describe('whose name is used', () => {
  it.each([
    ['127.0.0.1:8300', 200],
    ['localhost', 200],
    ['[::1]:8300', 200],
    ['ENGINE:80', 200],
    ['baros.station.example', 200],
    ['rebound.example', 421],
    ['localhost.rebound.example', 421],
    ['', 421],
  ])('%s: %i', async (host, status) => {
    await server.http.get('/api/departments').set('host', host).expect(status);
  });

  it('says how another name is made known', async () => {
    const { body } = await server.http
      .get('/')
      .set('host', 'station')
      .expect(421)
      .expect('content-type', wellTold);
    expect(body.detail).toBe('Baros does not answer as "station"; start it with that name in BAROS_NAMES');
  });

  it('knows the names of the machine where it listens for all', () => {
    expect(namesOf('127.0.0.2').has('127.0.0.2')).toBe(true);
    expect(namesOf('::1').has('[::1]')).toBe(true);
    expect(namesOf('127.0.0.1').has('10.0.0.5')).toBe(false);
    expect([...namesOf('0.0.0.0')].length).toBeGreaterThan(namesOf('127.0.0.1').size);
    expect(['127.0.0.1', '127.0.0.2', '::1', 'localhost', '0.0.0.0', '192.0.2.7'].map(isLoopback)).toEqual([
      true,
      true,
      true,
      true,
      false,
      false,
    ]);
  });
});

describe('whose page changes something', () => {
  const NEW = { name: 'From a page', district: '', kind: 'rural' };
  it.each([
    [{ origin: 'http://127.0.0.1:8300' }, 201],
    [{ 'sec-fetch-site': 'same-origin' }, 201],
    [{ origin: 'http://elsewhere.example' }, 403],
    [{ origin: 'null' }, 403],
    [{ origin: 'http://127.0.0.1:9999' }, 403],
    [{ 'sec-fetch-site': 'cross-site' }, 403],
    [{ 'sec-fetch-site': 'same-site' }, 403],
  ])('%o: %i', async (headers, status) => {
    await server.http
      .post('/api/departments')
      .set('host', '127.0.0.1:8300')
      .set(headers)
      .send(NEW)
      .expect(status);
  });

  it('may be read by a link from elsewhere', async () => {
    await server.http.get('/api/departments').set('sec-fetch-site', 'cross-site').expect(200);
  });
});

it('answers with a tight policy, and lets nothing be kept', async () => {
  const { headers } = await server.http.get('/api/departments').expect(200);
  expect(headers['content-security-policy']).not.toMatch(/https?:/);
  expect(headers['content-security-policy']).toMatch(
    /default-src 'none'.*script-src 'self' 'wasm-unsafe-eval';/,
  );
  expect(headers['permissions-policy']).toMatch(/camera=\(\), microphone=\(\)/);
  expect(headers['cache-control']).toBe('no-store');
  expect(headers['etag']).toBeUndefined();
});

describe('a body', () => {
  it.each([
    ['compressed', gzipSync('{"name":"a"}'), 'gzip', 415],
    ['of another encoding', Buffer.from('x'), 'br', 415],
  ])('%s is refused', async (_, bytes, encoding, status) => {
    await server.http
      .post('/api/departments')
      .set('content-type', 'application/json')
      .set('content-encoding', encoding)
      .send(bytes)
      .expect(status)
      .expect('content-type', wellTold);
  });

  it.each([
    ['nested deeper than any of ours', '['.repeat(100_000), 400, /nested more than 20 levels/],
    ['cut off', '{"name":', 400, /must be JSON/],
    ['beyond a megabyte', JSON.stringify({ name: 'x'.repeat(1_100_000) }), 413, /too large/],
  ])('%s is refused', async (_, text, status, words) => {
    const { body } = await sentAs(text).expect(status).expect('content-type', wellTold);
    expect(body.detail).toMatch(words);
  });

  it('of a great many small things is refused at once, with the first of its problems', async () => {
    const lines = Array(250_000)
      .fill(0)
      .map(() => ({}));
    const { body } = await server.http
      .put(`/api/builds/${build.id}`)
      .send({ revision: 1, words: 'x', build: { ...build.build, equipment: { version: 1, lines } } })
      .expect(400);
    expect(body.problems).toHaveLength(1);
    expect(body.problems[0].message).toMatch(
      /equipment\.lines must have at most \d+ entries \(was a list of 250000\)/,
    );
  });

  it('that is large is judged aside, by the same rules', async () => {
    const weighed = Array.from({ length: 400 }, (_, i) => ({
      id: `equipment.e${i}`,
      name: 'A piece of equipment with a long name '.repeat(5),
      weightLb: 10 + i,
      basis: 'weighed',
      partId: 'irons',
    }));
    const items = Array.from({ length: 200 }, (_, i) => ({
      id: `i${i}`,
      name: 'A thing of their own, of a name as long as can be: '.padEnd(80, 'x'),
      weightLb: 1,
      basis: 'estimated',
      xIn: 100,
      yIn: 0,
      zIn: 50,
      priceCents: 0,
    }));
    const large = {
      ...build.build,
      weights: { ...build.build.weights, weighed },
      items: { version: 1, lines: items },
    };
    const save = (of: object) =>
      server.http
        .put(`/api/builds/${build.id}`)
        .send({ revision: build.revision, words: 'Large', build: of });
    const { body } = await save({ ...large, tank: { ...large.tank, gallons: -1 } }).expect(400);
    expect(body.problems).toEqual([
      { field: 'build.tank.gallons', message: expect.stringMatching(/at least 0 \(was -1\)/) },
    ]);
    const saved: BuildView = (await save(large).expect(200)).body;
    expect(saved.build.items.lines).toHaveLength(200);
    expect(house.measure(saved.build)).toEqual(house.measure(large as never));
  });
});

describe('what has ended in an error of the server before', () => {
  const ZERO = '%00';
  it.each<[string, () => string, number]>([
    ['a revision beyond the last', () => `builds/${build.id}/revisions/2147483648`, 400],
    ['a revision of a billion digits', () => `builds/${build.id}/revisions/1e309`, 400],
    ['the last revision', () => `builds/${build.id}/revisions/2147483647`, 404],
    [
      'a paper of a revision beyond the last',
      () => `builds/${build.id}/papers/weights?revision=2147483648`,
      400,
    ],
    ['a paper twice', () => `builds/${build.id}/papers/weights?revision=1&revision=2`, 400],
    ['a zero for a build', () => `builds/${ZERO}`, 400],
    ['a zero for a paper', () => `builds/${build.id}/papers/${ZERO}`, 400],
    ['half a sign', () => `builds/%E0%A4%A`, 400],
  ])('%s: refused', async (_, path, status) => {
    await server.http.get(`/api/${path()}`).expect(status).expect('content-type', wellTold);
  });

  it.each([
    [`ladder/${ZERO}`, /id must be an id .*\(was "\\u0000"\)/],
    [`${ZERO}/our-ladder`, /id must be an id/],
  ])('a part %s: refused', async (path, words) => {
    const { body } = await server.http.delete(`/api/departments/${department.id}/parts/${path}`).expect(400);
    expect(body.detail).toMatch(words);
  });
});
