import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildAll } from './lib/build.mjs';
import { ensureChromium } from './lib/chromium.mjs';
import { shown } from './lib/command.mjs';
import { ensureAllPackages } from './lib/node-modules.mjs';
import { tool } from './lib/places.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { run, say } from './lib/say.mjs';

/** The browser tests have a database and a port of their own: a running Baros is never touched. */
async function browserTests() {
  ensureChromium();
  const folder = mkdtempSync(join(tmpdir(), 'baros-e2e-'));
  chmodSync(folder, 0o755);
  const database = await startPostgres(folder);
  try {
    shown(tool('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
      what: 'the browser tests',
      env: { BAROS_TEST_DATABASE: database.url, BAROS_TEST_PORT: String(await freePort()) },
    });
  } finally {
    database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

await run(async () => {
  await ensureAllPackages();
  say('format');
  shown(tool('prettier'), ['--check', '--log-level', 'warn', '.'], {
    what: 'the format; npm run format mends it',
  });
  say('lint');
  shown(tool('eslint'), ['.'], { what: 'eslint' });
  shown(tool('depcruise'), ['--config', '.dependency-cruiser.cjs', 'core', 'server', 'web'], {
    what: 'the check of the rooms',
  });
  say('types');
  for (const project of ['tsconfig.json', 'web/tsconfig.json', 'e2e/tsconfig.json'])
    shown(tool('tsc'), ['-p', project, '--noEmit'], { what: `types of ${project}` });
  await buildAll();
  say('core and server tests');
  shown(tool('vitest'), ['run'], { what: 'the core and server tests' });
  say('browser tests');
  await browserTests();
});
