import { afterAll, beforeAll, expect, it } from 'vitest';
import { DataSource } from 'typeorm';
import { startApp } from '../test/app.js';
import { loadDemonstration } from './demonstration.js';

let server: Awaited<ReturnType<typeof startApp>>;
beforeAll(async () => {
  server = await startApp();
  await server.app.get(DataSource).query('TRUNCATE departments CASCADE');
});
afterAll(() => server.app.close());

it('loads three departments into an empty database, and only once', async () => {
  expect(await loadDemonstration(server.app)).toBe(true);
  expect(await loadDemonstration(server.app)).toBe(false);
  const { body: departments } = await server.http.get('/api/departments');
  const { body: page } = await server.http.get('/api/builds');
  expect(departments.map((d: { name: string }) => d.name)).toEqual([
    'Osier Reach Fire District',
    'Carder Mills Fire Department',
    'Saltgrass Flats Rural Fire District',
  ]);
  expect(page.builds.map(({ type }: { type: string }) => type)).toEqual([
    'pumper',
    'pumper',
    'aerial',
    'brush',
  ]);
});
