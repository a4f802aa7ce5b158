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

/** What is kept from one run to the next, so that only what changed is looked at again. */
const CACHE = 'node_modules/.cache/baros';
const PROJECTS = ['tsconfig.json', 'web/tsconfig.json', 'e2e/tsconfig.json'];

const types = ({ program }) =>
  Promise.all(
    PROJECTS.map((project, i) =>
      program(`types of ${project}`, tool('tsc'), [
        ...['-p', project, '--noEmit', '--incremental'],
        ...['--tsBuildInfoFile', `${CACHE}/types-${i}.tsbuildinfo`],
      ]),
    ),
  );
const lint = async ({ program }) => {
  await program('the format; npm run format mends it', tool('prettier'), [
    ...['--check', '--log-level', 'warn', '--cache', '--cache-location', `${CACHE}/prettier`, '.'],
  ]);
  await program('eslint', tool('eslint'), ['--cache', '--cache-location', `${CACHE}/eslint`, '.']);
  await program('the check of the rooms', tool('depcruise'), [
    ...['--config', '.dependency-cruiser.cjs', 'core', 'server', 'web'],
  ]);
};
const unitTests =
  (...projects) =>
  ({ program, hands }) =>
    program(`the tests of ${projects.join(' and ')}`, tool('vitest'), [
      'run',
      ...projects.flatMap((project) => ['--project', project]),
      `--maxWorkers=${hands}`,
    ]);

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
  {
    name: 'static',
    usually: 'a minute',
    hands: 1,
    work: (lane) => Promise.all([types(lane), lint(lane)]),
  },
  { name: 'core', usually: 'four minutes', hands: 1, work: unitTests('core', 'web') },
  { name: 'server', usually: 'five minutes', hands: 1, builds: true, work: unitTests('server', 'scripts') },
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
