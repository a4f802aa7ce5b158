import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { dump } from './lib/dump.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { backupsFolder, dataFolder } from './lib/places.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { Plain, run, say } from './lib/say.mjs';

/** Such as baros-2026-11-26-0830.dump. */
const nameOf = (now) => `baros-${now.toISOString().slice(0, 16).replace('T', '-').replace(':', '')}.dump`;

/** Writes everything of a Baros into one file, also while it runs: `npm run backup -- [FILE]`. */
await run(async () => {
  const [given, ...more] = process.argv.slice(2);
  if (more.length) throw new Plain('usage: npm run backup -- [FILE]');
  const file = resolve(process.env.INIT_CWD ?? '.', given ?? join(backupsFolder, nameOf(new Date())));
  if (!existsSync(join(dataFolder, 'pg')))
    throw new Plain(`there is no Baros in ${dataFolder}; set BAROS_DATA to its folder.`);
  await ensurePackages();
  const database = await startPostgres(dataFolder);
  try {
    const size = dump(database, file);
    say(`everything is in ${file} (${(size / 1e6).toFixed(1)} MB), and was read again to its end.`);
  } finally {
    if (!database.joined) database.stop();
  }
});
