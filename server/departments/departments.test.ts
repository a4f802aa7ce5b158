import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startApp } from '../test/app.js';

let server: Awaited<ReturnType<typeof startApp>>;
beforeAll(async () => {
  server = await startApp();
});
afterAll(() => server.app.close());

const create = async (name: string) =>
  (await server.http.post('/api/departments').send({ name, district: 'Hills', kind: 'rural' }).expect(201))
    .body;

describe('departments over HTTP', () => {
  it('are created, listed in order, renamed and archived', async () => {
    const first = await create('First Company');
    const second = await create('Second Company');
    const names = async () =>
      (await server.http.get('/api/departments').expect(200)).body.map((d: { name: string }) => d.name);
    expect((await names()).slice(-2)).toEqual(['First Company', 'Second Company']);
    await server.http
      .patch(`/api/departments/${first.id}`)
      .send({ name: 'Engine Company 1', district: 'Valley', kind: 'rural' })
      .expect(200);
    const archived = await server.http
      .patch(`/api/departments/${second.id}`)
      .send({ archived: true })
      .expect(200);
    expect(archived.body).toEqual({
      id: second.id,
      name: 'Second Company',
      district: 'Hills',
      kind: 'rural',
      archived: true,
    });
    expect((await names()).slice(-2)).toEqual(['Engine Company 1', 'Second Company']);
  });

  it('take any letters that a name may have', async () => {
    const name = 'Grünau–Überfurt “Süd” №3 消防';
    expect((await create(name)).name).toBe(name);
  });

  it.each<[string, object, string, RegExp]>([
    ['no name', { district: '', kind: 'rural' }, 'name', /^name must/],
    [
      'an empty name',
      { name: '', district: '', kind: 'rural' },
      'name',
      /^name must have 1 to 80 characters \(was ""\)/,
    ],
    [
      'a name that is too long',
      { name: 'x'.repeat(81), district: '', kind: 'rural' },
      'name',
      /1 to 80 characters/,
    ],
    [
      'a district that is too long',
      { name: 'x', district: 'y'.repeat(401) },
      'district',
      /0 to 400 characters/,
    ],
    ['a number for a name', { name: 7, district: '', kind: 'rural' }, 'name', /must be text \(was 7\)/],
    ['a zero in the name', { name: 'a\0b', district: '', kind: 'rural' }, 'name', /readable text/],
    ['half a letter in the name', { name: 'a\ud800', district: '', kind: 'rural' }, 'name', /readable text/],
    [
      'a field that JavaScript keeps for itself',
      { name: 'x', district: '', constructor: { prototype: { a: 1 } } },
      'constructor',
      /not a field/,
    ],
    ['a field of its own', { name: 'x', district: '', id: 'mine' }, 'id', /not a field of this input/],
  ])('refuse %s, and make nothing of it', async (_, body, field, message) => {
    const count = async () => (await server.http.get('/api/departments')).body.length;
    const before = await count();
    const answer = await server.http
      .post('/api/departments')
      .send(body)
      .expect(400)
      .expect('content-type', /problem\+json/);
    expect(answer.body).toMatchObject({ title: 'Bad Request', status: 400 });
    expect(answer.body.problems.find((p: { field: string }) => p.field === field)?.message).toMatch(message);
    expect(await count()).toBe(before);
  });

  it('refuse a change of nobody, an id that is none, and null for a name', async () => {
    await server.http
      .patch('/api/departments/7e57ab1e-0000-4000-8000-000000000000')
      .send({ name: 'x' })
      .expect(404)
      .expect('content-type', /problem\+json/);
    await server.http.patch('/api/departments/one').send({ name: 'x' }).expect(400);
    const { id } = await create('Kept');
    await server.http.patch(`/api/departments/${id}`).send({ name: null }).expect(400);
    expect(
      (await server.http.get('/api/departments')).body.find((d: { id: string }) => d.id === id).name,
    ).toBe('Kept');
  });

  it('refuse what is nested without end', async () => {
    const deep = `{"name":${'['.repeat(50_000)}${']'.repeat(50_000)},"district":""}`;
    const { body } = await server.http
      .post('/api/departments')
      .set('content-type', 'application/json')
      .send(deep)
      .expect(400);
    expect(body.detail).toMatch(/nested more than 20 levels/);
  });

  it('answer an address that is none with a problem, and say nothing of the inside', async () => {
    const { body } = await server.http
      .get('/api/nothing')
      .expect(404)
      .expect('content-type', /problem\+json/);
    expect(body).toMatchObject({ type: 'about:blank', title: 'Not Found', status: 404 });
    expect(JSON.stringify(body)).not.toMatch(/node_modules|stack/);
  });
});
