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
const LOOK_MS = 2500;

const median = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)].toFixed(0);

/* global document, requestAnimationFrame */

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
    const [long] = builds;
    const large = await ask('POST', 'builds', { departmentId, name: 'Large one', type: 'pumper' });
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
    /** From a deed of a person to the moment at which what was asked for stands there and is painted. */
    const measure = async (what, before, deed, shown) => {
      const took = [];
      let nodes = 0;
      for (let i = 0; i < TIMES; i++) {
        const page = await context.newPage();
        await before(page);
        const start = performance.now();
        await deed(page);
        await shown(page).waitFor();
        await page.evaluate(
          () => new Promise((painted) => requestAnimationFrame(() => requestAnimationFrame(painted))),
        );
        took.push(performance.now() - start);
        nodes = await page.evaluate(() => document.querySelectorAll('*').length);
        await page.close();
      }
      console.log(
        `${what}: ${took[0].toFixed(0)} ms the first time, ${median(took)} ms (median), ${nodes} nodes`,
      );
    };
    const scale = (page) => page.getByRole('button', { name: /Gross weight/ });
    const toYard = (page) => page.goto(`${address}/`);
    const toYardWith = (name) => async (page) => {
      await toYard(page);
      await page.getByRole('searchbox').fill(name);
      await page.getByRole('status').getByText('1 build').waitFor();
      // As long as a person looks.
      await page.waitForTimeout(LOOK_MS);
    };
    await measure(
      `the yard of ${BUILDS} builds, with the start of the application`,
      async () => {},
      toYard,
      (page) => page.getByRole('link', { name: 'Build 23', exact: true }),
    );
    await measure(
      'from the yard to the bench, a build as large as can be',
      toYardWith(large.build.name),
      (page) => page.getByRole('link', { name: large.build.name, exact: true }).click(),
      scale,
    );
    await measure(
      `from the bench to a history of ${REVISIONS} revisions`,
      async (page) => {
        await page.goto(`${address}/builds/${long.id}`);
        await scale(page).waitFor();
      },
      (page) => page.getByRole('link', { name: 'History' }).click(),
      (page) => page.getByRole('checkbox', { name: `Compare revision ${REVISIONS - 40}` }),
    );
  } finally {
    await browser.close();
    await server.kill();
    database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
