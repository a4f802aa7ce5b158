import pg from 'pg';
import { freePort } from '../scripts/lib/postgres.mjs';
import { startServer } from '../scripts/lib/server.mjs';

const url = process.env['BAROS_TEST_DATABASE']!;

/**
 * An empty Baros of a test's own, with a database of its own, that can be killed and started again at the
 * same address.
 */
export async function emptyBaros(name: string) {
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
