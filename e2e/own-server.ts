import { test as base } from '@playwright/test';
import type { BrowserContext } from '@playwright/test';
import pg from 'pg';
import { freePort } from '../scripts/lib/postgres.mjs';
import { startServer } from '../scripts/lib/server.mjs';

const url = process.env['BAROS_TEST_DATABASE']!;

/** An empty Baros with a database of its own, that can be killed and started again at the same address. */
async function emptyBaros(name: string) {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
  await client.query(`CREATE DATABASE ${name}`);
  await client.end();
  const own = new URL(url);
  own.pathname = `/${name}`;
  const port = await freePort();
  let server = await startServer(own.href, port);
  return {
    database: own.href,
    /** `localhost`: a secure context, in which the browser keeps the screens. */
    address: `http://localhost:${port}`,
    kill: () => server.kill(),
    start: async () => {
      server = await startServer(own.href, port);
    },
  };
}

/** A test with a Baros of its own, empty, and a browser that is there. */
export const test = base.extend<{ baros: Awaited<ReturnType<typeof emptyBaros>>; there: BrowserContext }>({
  baros: async ({ browserName: _ }, use, { testId }) => {
    const baros = await emptyBaros(`own_${testId.replace(/\W/g, '_')}`);
    await use(baros);
    await baros.kill();
  },
  there: async ({ browser, baros, serviceWorkers }, use) => {
    const there = await browser.newContext({ baseURL: baros.address, serviceWorkers });
    await use(there);
    await there.close();
  },
});
