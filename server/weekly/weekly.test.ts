import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshId } from '#core/build';
import type { BuildView, NewWeeklyCheck } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment } from '../test/people.js';

let server: Awaited<ReturnType<typeof startApp>>;
let build: BuildView;
let other: BuildView;
beforeAll(async () => {
  server = await startApp();
  const department = await newDepartment(server, 'Long Valley');
  build = await newBuild(server, department.id);
  other = await newBuild(server, department.id, 'pumper', 'The other');
});
afterAll(() => server.app.close());

const LINE = {
  lineId: 'e1',
  name: 'Irons, set',
  place: 'R1, tray',
  count: 2,
  found: 'here',
  short: 0,
  note: '',
};
const check = (change: object = {}): NewWeeklyCheck =>
  ({
    id: freshId(),
    who: 'Firefighter Rush',
    at: '2026-11-20T08:30:00.000Z',
    revision: 1,
    lines: [
      LINE,
      { ...LINE, lineId: 'e2', name: 'Sledge', found: 'missing', short: 1, note: 'left at the barn' },
    ],
    ...change,
  }) as NewWeeklyCheck;
const log = (of = build.id) => server.http.get(`/api/builds/${of}/weekly-checks`);
const keep = (what: object, of = build.id) => server.http.post(`/api/builds/${of}/weekly-checks`).send(what);

describe('weekly checks over HTTP', () => {
  it('keeps what was found, signed, the newest first; what is sent again is kept once', async () => {
    const [first, later] = [check(), check({ at: '2026-11-27T08:30:00.000Z', who: 'Captain Reed' })];
    const { body } = await keep(first).expect(201);
    expect(body).toMatchObject(first);
    await keep(later).expect(201);
    expect((await keep({ ...first, who: 'Somebody else' }).expect(201)).body).toEqual(body);
    const { body: all } = await log().expect(200);
    expect(all.map(({ id }: NewWeeklyCheck) => id)).toEqual([later.id, first.id]);
    expect((await log(other.id)).body).toEqual([]);
  });

  it('refuses an id that is another truck’s', async () => {
    const mine = check();
    await keep(mine).expect(201);
    expect((await keep(mine, other.id).expect(409)).body.detail).toContain('another truck');
    expect((await log(other.id)).body).toEqual([]);
  });

  it.each([
    ['nobody', { who: '' }, 'who'],
    ['no id', { id: 'my own' }, 'id'],
    ['a day that there is not', { at: '2026-02-30T08:30:00.000Z' }, 'at'],
    ['nothing looked at', { lines: [] }, 'lines'],
    ['a line found nowhere', { lines: [{ ...LINE, found: 'lost' }] }, 'lines.0.found'],
    ['less than nothing short', { lines: [{ ...LINE, short: -1 }] }, 'lines.0.short'],
    ['a note too long', { lines: [{ ...LINE, note: 'x'.repeat(201) }] }, 'lines.0.note'],
  ])('refuses %s and keeps nothing of it', async (_, wrong, field) => {
    const before = (await log()).body.length;
    const { body } = await keep(check(wrong)).expect(400);
    expect(body.problems.map((problem: { field: string }) => problem.field)).toContain(field);
    expect((await log()).body).toHaveLength(before);
  });

  it('of no truck is not found', async () => {
    const nobody = '00000000-0000-4000-8000-000000000000';
    await log(nobody).expect(404);
    await keep(check(), nobody).expect(404);
  });
});
