import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { BuildView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment } from '../test/people.js';

let server: Awaited<ReturnType<typeof startApp>>;
let build: BuildView;
beforeAll(async () => {
  server = await startApp();
  build = await newBuild(server, (await newDepartment(server, 'Long Valley')).id);
});
afterAll(() => server.app.close());

const DRILL = {
  who: 'Firefighter Rush',
  task: 'tank',
  title: 'First line from the tank',
  done: true,
  actions: 9,
  mistakes: [{ id: 'chocks', words: 'The throttle was raised without chocks under the wheels.', at: 8 }],
};
const log = (of = build.id) => server.http.get(`/api/builds/${of}/drills`);
const keep = (drill: object, of = build.id) => server.http.post(`/api/builds/${of}/drills`).send(drill);

describe('the log of drills over HTTP', () => {
  it('keeps each with who did it and what went wrong, the newest first', async () => {
    const first = await keep(DRILL).expect(201);
    expect(first.body).toMatchObject(DRILL);
    await keep({ ...DRILL, who: 'Firefighter Sedge', mistakes: [], done: false }).expect(201);
    const { body } = await log().expect(200);
    expect(body.map(({ who, done, mistakes }: typeof DRILL) => [who, done, mistakes.length])).toEqual([
      ['Firefighter Sedge', false, 0],
      ['Firefighter Rush', true, 1],
    ]);
    expect(new Date(body[0].at).getTime()).toBeGreaterThanOrEqual(new Date(body[1].at).getTime());
  });

  it.each([
    ['nobody', { who: '' }, 'who'],
    ['a task with spaces', { task: 'the tank' }, 'task'],
    ['less than no action', { actions: -1 }, 'actions'],
    ['a mistake that says nothing', { mistakes: [{ ...DRILL.mistakes[0], words: '' }] }, 'mistakes.0.words'],
    ['more mistakes than anybody makes', { mistakes: Array(201).fill(DRILL.mistakes[0]) }, 'mistakes'],
    ['a field of no drill', { score: 10 }, 'score'],
  ])('refuses %s and keeps nothing of it', async (_, wrong, field) => {
    const before = (await log()).body.length;
    const { body } = await keep({ ...DRILL, ...wrong }).expect(400);
    expect(body.problems.map((problem: { field: string }) => problem.field)).toContain(field);
    expect((await log()).body).toHaveLength(before);
  });

  it('of no build is not found', async () => {
    const nobody = '00000000-0000-4000-8000-000000000000';
    await log(nobody).expect(404);
    await keep(DRILL, nobody).expect(404);
  });
});
