import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildAll } from './lib/build.mjs';
import { ensureChromium } from './lib/chromium.mjs';
import { runLanes } from './lib/lanes.mjs';
import { ensureAllPackages } from './lib/node-modules.mjs';
import { tool } from './lib/places.mjs';
import { ensurePrograms, freePort, startPostgres } from './lib/postgres.mjs';
import { Plain, run, say } from './lib/say.mjs';
import { STATIC, unitTests } from './lib/static.mjs';

/** The browser tests have a database and a port of their own: a running Baros is never touched. */
async function browserTests({ program }) {
  const folder = mkdtempSync(join(tmpdir(), 'baros-e2e-'));
  chmodSync(folder, 0o755);
  const database = await startPostgres(folder);
  try {
    await program('the browser tests', tool('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
      BAROS_TEST_DATABASE: database.url,
      BAROS_TEST_PORT: String(await freePort()),
    });
  } finally {
    database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** What they share a machine of two processors by: the order in which they begin, and how many each keeps busy. */
const LANES = [
  STATIC,
  { name: 'core', usually: 'four minutes', hands: 1, work: unitTests(['core', 'web']) },
  { name: 'server', usually: 'five minutes', hands: 1, builds: true, work: unitTests(['server', 'scripts']) },
  { name: 'browser', usually: 'ten minutes', hands: 2, builds: true, work: browserTests },
];

/** Runs every lane, or those that are named: `npm test -- core server`. */
await run(async () => {
  const asked = process.argv.slice(2);
  const unknown = asked.find((name) => !LANES.some((lane) => lane.name === name));
  if (unknown !== undefined)
    throw new Plain(`there is no lane ${unknown}; there are ${LANES.map(({ name }) => name).join(', ')}.`);
  const lanes = LANES.filter(({ name }) => asked.length === 0 || asked.includes(name));
  await ensureAllPackages();
  if (lanes.some(({ name }) => name === 'browser')) ensureChromium();
  if (lanes.some(({ builds }) => builds)) {
    ensurePrograms();
    await buildAll();
  }
  const failed = await runLanes(lanes);
  if (failed.length > 0) throw new Plain(`failed: ${failed.map(({ name }) => name).join(', ')}`);
  say('everything holds.');
});
