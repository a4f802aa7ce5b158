import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureChromium } from './lib/chromium.mjs';
import { largeOf } from './lib/large-build.mjs';
import { freePort, startPostgres } from './lib/postgres.mjs';
import { startServer } from './lib/server.mjs';

const BUILDS = 200;
const REVISIONS = 2000;
const TIMES = 5;

const median = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)].toFixed(0);

/* global document */

/** How long the screens take that have much to show, and of how many nodes they are. */
export async function benchScreens() {
  const { chromium } = await import('@playwright/test');
  const { default: pg } = await import('pg');
  const folder = mkdtempSync(join(tmpdir(), 'baros-bench-'));
  chmodSync(folder, 0o755);
  const database = await startPostgres(folder);
  const server = await startServer(database.url, await freePort());
  const browser = await chromium.launch({ executablePath: ensureChromium() });
  try {
    const ask = async (method, path, body) =>
      (
        await fetch(`${server.url}/${path}`, {
          method,
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(body),
        })
      ).json();
    const { id: departmentId } = await ask('POST', 'departments', {
      name: 'Many',
      district: '',
      kind: 'rural',
    });
    const types = ['pumper', 'aerial', 'brush'];
    const builds = [];
    for (let i = 0; i < BUILDS; i++)
      builds.push(await ask('POST', 'builds', { departmentId, name: `Build ${i}`, type: types[i % 3] }));
    const [long, large] = builds;
    const client = new pg.Client({ connectionString: database.url });
    await client.connect();
    await client.query(
      `INSERT INTO build_revisions (build_id, revision, file, words, figures)
       SELECT build_id, n, file, 'Again', figures FROM build_revisions, generate_series(2, ${REVISIONS}) n
       WHERE build_id = $1 AND revision = 1`,
      [long.id],
    );
    await client.query(`UPDATE builds SET revision = ${REVISIONS} WHERE id = $1`, [long.id]);
    await client.end();
    await ask('PUT', `builds/${large.id}`, { revision: 1, words: 'Large', build: largeOf(large.build) });

    // One browser that comes again: what it has it has.
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      serviceWorkers: 'block',
    });
    const address = server.url.replace('/api', '');
    const measure = async (what, path, shown) => {
      const took = [];
      let nodes = 0;
      for (let i = 0; i < TIMES; i++) {
        const page = await context.newPage();
        const start = performance.now();
        await page.goto(address + path);
        await shown(page).waitFor();
        await page.evaluate(() =>
          Promise.all([...document.images].map((image) => image.decode().catch(() => {}))),
        );
        took.push(performance.now() - start);
        nodes = await page.evaluate(() => document.querySelectorAll('*').length);
        await page.close();
      }
      console.log(
        `${what}: ${took[0].toFixed(0)} ms the first time, ${median(took)} ms (median), ${nodes} nodes`,
      );
    };
    await measure(`the yard of ${BUILDS} builds`, '/', (page) =>
      page.getByRole('link', { name: 'Build 39', exact: true }),
    );
    await measure(`a history of ${REVISIONS} revisions`, `/builds/${long.id}/history`, (page) =>
      page.getByRole('checkbox', { name: `Compare revision ${REVISIONS - 40}` }),
    );
    await measure('the bench of a build as large as can be', `/builds/${large.id}`, (page) =>
      page.getByRole('button', { name: /Gross weight/ }),
    );
  } finally {
    await browser.close();
    await server.kill();
    database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
