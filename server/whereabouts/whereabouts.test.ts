import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { meadowPumper } from '#core/demonstration';
import type { BuildView, WhereView } from '#core/exchange';
import { startApp } from '../test/app.js';
import { newBuild, newDepartment } from '../test/people.js';

let server: Awaited<ReturnType<typeof startApp>>;
let [meadow, other]: BuildView[] = [];
beforeAll(async () => {
  server = await startApp();
  const { id } = await newDepartment(server, 'Where valley');
  meadow = (
    await server.http.post('/api/builds/import').send({ departmentId: id, build: meadowPumper }).expect(201)
  ).body;
  other = await newBuild(server, id, 'pumper', 'The other');
});
afterAll(() => server.app.close());

const find = async (text: string): Promise<WhereView[]> =>
  (await server.http.get(`/api/whereabouts?text=${encodeURIComponent(text)}`).expect(200)).body.found.filter(
    ({ department }: WhereView) => department === 'Where valley',
  );

describe('where is it, over HTTP', () => {
  it('names the truck, the place and the number, whatever the order and case of the words', async () => {
    for (const text of ['trauma bag', 'BAG trauma'])
      expect((await find(text)).filter(({ buildId }) => buildId === meadow!.id)).toEqual([
        expect.objectContaining({
          build: 'Meadow pumper',
          place: expect.stringMatching(/^R\d, /),
          number: expect.any(Number),
        }),
      ]);
    expect(new Set((await find('irons')).map(({ buildId }) => buildId))).toEqual(
      new Set([meadow!.id, other!.id]),
    );
    expect(await find('elephant')).toEqual([]);
  });

  it('follows a change of the truck, and leaves out one that is archived', async () => {
    const { equipment } = meadow!.build;
    const lines = equipment.lines.filter(({ partId }) => partId !== 'trauma-bag');
    await server.http
      .put(`/api/builds/${meadow!.id}`)
      .send({
        revision: 1,
        words: 'Without',
        build: { ...meadow!.build, equipment: { ...equipment, lines } },
      })
      .expect(200);
    expect((await find('trauma')).filter(({ buildId }) => buildId === meadow!.id)).toEqual([]);
    await server.http.patch(`/api/builds/${other!.id}`).send({ archived: true }).expect(200);
    expect((await find('irons')).map(({ buildId }) => buildId)).not.toContain(other!.id);
  });

  it('refuses what is too short to look for', async () => {
    const { body } = await server.http.get('/api/whereabouts?text=a').expect(400);
    expect(body.problems[0].field).toBe('text');
  });
});
