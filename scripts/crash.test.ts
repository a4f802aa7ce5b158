import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';
import { asker, expectAll, makeBuilds, saveAll } from './test/saves.js';

const BUILDS = 10;
const SAVES_OF_EACH = 18;

let folder: string;
let port: number;
let database: Awaited<ReturnType<typeof startPostgres>>;
let server: Awaited<ReturnType<typeof startServer>>;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'baros-crash-'));
  chmodSync(folder, 0o755);
  port = await freePort();
  database = await startPostgres(folder);
  server = await startServer(database.url, port);
});
afterAll(async () => {
  await server.kill();
  database.stop();
  rmSync(folder, { recursive: true, force: true });
});

const ask = asker(() => server.url);

/** The postmaster ends at once, as in a power cut; its children follow. */
const killPostgres = () =>
  process.kill(Number(readFileSync(join(folder, 'pg', 'postmaster.pid'), 'utf8').split('\n')[0]), 'SIGKILL');

it('every save that was answered is there after server and PostgreSQL were killed in the middle of 180', async () => {
  const builds = await makeBuilds(ask, BUILDS);
  let kills = 0;
  let down: Promise<void> | null = null;

  /** Ends what the saves go to, at a third and at two thirds of them, and starts it again. */
  const crash = async () => {
    kills += 1;
    if (kills === 2) killPostgres();
    await server.kill();
    if (kills === 2) database = await startPostgres(folder);
    server = await startServer(database.url, port);
  };

  const answered = await saveAll(ask, builds, SAVES_OF_EACH, (soFar) => {
    if (!down && kills < 2 && soFar >= ((kills + 1) * BUILDS * SAVES_OF_EACH) / 3)
      down = crash().finally(() => {
        down = null;
      });
    return down;
  });
  expect(kills).toBe(2);
  await expectAll(ask, builds, SAVES_OF_EACH, answered);
});
