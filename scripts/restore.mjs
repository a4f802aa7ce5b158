import { resolve } from 'node:path';
import { undump } from './lib/dump.mjs';
import { lockData } from './lib/lock.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { dataFolder } from './lib/places.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { Plain, run, say } from './lib/say.mjs';

/** How many departments and builds a database has; null where it has no tables yet. */
async function holds(url) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    const { rows: tables } = await client.query("SELECT to_regclass('public.departments') AS departments");
    if (tables[0].departments === null) return null;
    const { rows } = await client.query(
      'SELECT (SELECT count(*) FROM departments)::int AS departments, (SELECT count(*) FROM builds)::int AS builds',
    );
    return rows[0];
  } finally {
    await client.end();
  }
}

/** Makes the database anew, with nothing in it. */
async function empty({ urlOf, url }) {
  const { default: pg } = await import('pg');
  const name = new URL(url).pathname.slice(1);
  const client = new pg.Client({ connectionString: urlOf('postgres') });
  await client.connect();
  try {
    await client.query(`DROP DATABASE ${name} WITH (FORCE)`);
    await client.query(`CREATE DATABASE ${name}`);
  } finally {
    await client.end();
  }
}

/** Brings a backup into an empty Baros that does not run: `npm run restore -- FILE`. */
await run(async () => {
  const [given, ...more] = process.argv.slice(2);
  if (!given || more.length) throw new Plain('usage: npm run restore -- FILE');
  const file = resolve(process.env.INIT_CWD ?? '.', given);
  await ensurePackages();
  const letGo = lockData(dataFolder);
  try {
    const database = await startPostgres(dataFolder);
    try {
      const before = await holds(database.url);
      if (before && (before.departments || before.builds))
        throw new Plain(
          `Baros in ${dataFolder} is not empty (${before.departments} departments, ${before.builds} builds); restore into an empty one: set BAROS_DATA to another folder.`,
        );
      if (before) await empty(database);
      undump(database, file);
      const { departments, builds } = (await holds(database.url)) ?? { departments: 0, builds: 0 };
      say(`${departments} departments with ${builds} builds are in ${dataFolder}; start it with npm start.`);
    } finally {
      database.stop();
    }
  } finally {
    letGo();
  }
});
