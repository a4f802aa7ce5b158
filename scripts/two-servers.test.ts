import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import type { Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';
import { asker, expectAll, makeBuilds, saveAll } from './test/saves.js';

const BUILDS = 8;
const SAVES_OF_EACH = 15;

let folder: string;
let database: Awaited<ReturnType<typeof startPostgres>>;
let servers: Awaited<ReturnType<typeof startServer>>[] = [];
let front: Server;
let address: string;
const served = [0, 0];

/** One address before two servers: each connection goes to the next one that answers. */
function inFrontOf(ports: number[]): Server {
  let next = 0;
  return createServer((client) => {
    const reach = (left: number) => {
      const which = next++ % ports.length;
      const server = connect(ports[which]!, '127.0.0.1');
      server.once('connect', () => {
        served[which]! += 1;
        client.pipe(server).pipe(client);
      });
      server.once('error', () => (server.connecting && left > 0 ? reach(left - 1) : client.destroy()));
      server.once('close', () => client.destroy());
      client.once('error', () => server.destroy());
    };
    reach(ports.length - 1);
  });
}

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'baros-two-'));
  chmodSync(folder, 0o755);
  database = await startPostgres(folder);
  const ports = [await freePort(), await freePort()];
  // Both at once on an empty database: one makes the tables, the other finds them.
  servers = await Promise.all(ports.map((port) => startServer(database.url, port)));
  front = inFrontOf(ports);
  const port = await freePort();
  await new Promise<void>((resolve) => front.listen(port, '127.0.0.1', resolve));
  address = `http://127.0.0.1:${port}/api`;
});
afterAll(async () => {
  front.close();
  for (const server of servers) await server.kill();
  database.stop();
  rmSync(folder, { recursive: true, force: true });
});

it('two servers behind one address: one is killed in the middle of saves, and nothing is lost', async () => {
  const ask = asker(() => address);
  const builds = await makeBuilds(ask, BUILDS);
  let killed: Promise<void> | null = null;
  const answered = await saveAll(ask, builds, SAVES_OF_EACH, (soFar) => {
    // Nobody waits for it: the other one serves.
    if (soFar >= (BUILDS * SAVES_OF_EACH) / 2) killed ??= servers[0]!.kill();
    return null;
  });
  await killed;
  expect(Math.min(...served)).toBeGreaterThan(0);
  await expectAll(ask, builds, SAVES_OF_EACH, answered);
});
