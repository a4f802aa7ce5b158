import { afterAll, beforeAll, expect, it } from 'vitest';
import { DEMONSTRATION } from '#core/demonstration';
import { startApp } from '../test/app.js';

let server: Awaited<ReturnType<typeof startApp>>;
beforeAll(async () => {
  server = await startApp({ mostRequests: 60 });
});
afterAll(() => server.app.close());

/** Of which little is wrong: forty of it come sooner than a queue of them is done, and none takes long. */
const build = DEMONSTRATION.flatMap(({ builds }) => builds).find(({ name }) => name === 'Grass truck')!;
const evaluate = (address: string) =>
  server.http.post('/api/calc/evaluate').set('x-forwarded-for', address).send(build);

it('forty calculations of one address at once: some are told to come again, and others are served meanwhile', async () => {
  const flood = Array.from({ length: 40 }, () =>
    evaluate('192.0.2.1').then(({ status, headers }) => [status, headers['retry-after']]),
  );
  const other = await evaluate('192.0.2.2').expect(200);
  expect(other.body.findings.length).toBeGreaterThan(10);
  const answers = await Promise.all(flood);
  const busy = answers.filter(([status]) => status === 429);
  expect(busy.length).toBeGreaterThan(10);
  expect(busy.every(([, after]) => Number(after) > 0)).toBe(true);
  expect(answers.filter(([status]) => status === 200).length).toBe(40 - busy.length);
});

it('an address that asks beyond all measure is told so; others are not', async () => {
  const ask = (address: string) => server.http.get('/api/departments').set('x-forwarded-for', address);
  const answers = await Promise.all(Array.from({ length: 80 }, () => ask('192.0.2.3')));
  const refused = answers.filter(({ status }) => status === 429);
  expect(refused).toHaveLength(20);
  expect(refused[0]!.body.detail).toMatch(/^busy: this address asks too much at once/);
  expect(Number(refused[0]!.headers['retry-after'])).toBeGreaterThan(0);
  await ask('192.0.2.4').expect(200);
  await server.http
    .get('/api/health')
    .set('x-forwarded-for', '192.0.2.3')
    .expect(200, { live: true, ready: true });
});
