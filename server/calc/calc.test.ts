import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DEMONSTRATION } from '#core/demonstration';
import { report } from '#core/exchange';
import { startApp } from '../test/app.js';

let server: Awaited<ReturnType<typeof startApp>>;
beforeAll(async () => {
  server = await startApp();
});
afterAll(() => server.app.close());

const example = (calc: string) =>
  JSON.parse(readFileSync(new URL(`../../core/test/examples/${calc}.json`, import.meta.url), 'utf8'))[0];

describe('the outside contract over HTTP', () => {
  it('weighs and fills the worked examples', async () => {
    const weights = await server.http.post('/api/calc/weights').send(example('weights').input).expect(200);
    expect(weights.body.totalLb).toBe(40475);
    expect(weights.body.front.loadLb).toBeCloseTo(16111.4479, 3);
    const tank = await server.http.post('/api/calc/tank').send(example('tank').input).expect(200);
    expect(tank.body.freeSurfaceRiseIn).toBeCloseTo(3.6008, 3);
    const angles = await server.http.post('/api/calc/angles').send(example('angles').input).expect(200);
    expect(angles.body.departureDeg).toBeCloseTo(10.1247, 3);
  });

  it('evaluates a build exactly as the core does', async () => {
    const build = DEMONSTRATION[0]!.builds[0]!;
    const { body } = await server.http.post('/api/calc/evaluate').send(build).expect(200);
    expect(body).toEqual(JSON.parse(JSON.stringify(report(build))));
  });

  it.each([
    ['weights', { chassis: {}, items: [] }, 'chassis.wheelbaseIn'],
    ['tank', { ...example('tank').input, gallons: 5000 }, 'gallons'],
    ['angles', { ...example('angles').input, front: { overhangIn: -1, heightIn: 17 } }, 'front.overhangIn'],
    ['evaluate', { ...DEMONSTRATION[0]!.builds[0], version: 99 }, 'version'],
    ['evaluate', [], ''],
  ])('refuses bad input to %s and names the field', async (calc, input, field) => {
    const { body } = await server.http
      .post(`/api/calc/${calc}`)
      .send(input)
      .expect(400)
      .expect('content-type', /problem\+json/);
    expect(body.problems.map((p: { field: string }) => p.field)).toContain(field);
  });
});
