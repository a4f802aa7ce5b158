import { createServer } from 'node:net';
import { join } from 'node:path';
import { buildAll } from './lib/build.mjs';
import { started } from './lib/command.mjs';
import { keeper } from './lib/keeper.mjs';
import { lockData } from './lib/lock.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { distFolder, dataFolder } from './lib/places.mjs';
import { ensurePrograms, startPostgres } from './lib/postgres.mjs';
import { Plain, run, say } from './lib/say.mjs';

const host = process.env.HOST ?? '127.0.0.1';
const LOOK_MS = 1000;

function wantedPort() {
  const given = process.env.PORT ?? '8300';
  const port = Number(given);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Plain(`PORT must be a whole number from 1 to 65535 (was "${given}").`);
  return port;
}

/** Refuses a port that something listens on already. */
const checkPort = (port) =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error) =>
      reject(
        new Plain(
          error.code === 'EADDRINUSE'
            ? `port ${port} is in use; stop what uses it, or choose another: PORT=${port + 1} npm start`
            : `port ${port} on ${host} cannot be used: ${error.message}`,
        ),
      ),
    );
    probe.listen(port, host, () => probe.close(resolve));
  });

/** Looks after a database: where it stops by itself it is started again. Gives the way to let it be, and its failure. */
function watch(database) {
  const kept = keeper('the database');
  let timer;
  const failed = new Promise((_, reject) => {
    const look = async () => {
      try {
        if (!database.runs()) {
          kept.again();
          await database.restart();
        }
        timer = setTimeout(look, LOOK_MS);
      } catch (error) {
        reject(error);
      }
    };
    timer = setTimeout(look, LOOK_MS);
  });
  return { failed, letBe: () => clearTimeout(timer) };
}

await run(async () => {
  const port = wantedPort();
  await checkPort(port);
  const own = process.env.DATABASE_URL === undefined;
  // What Debian may have to install comes beside what npm does.
  const packages = ensurePackages();
  packages.catch(() => undefined);
  if (own) ensurePrograms(dataFolder);
  await packages;
  const built = buildAll();
  // A failure is told when all that was begun can be ended.
  built.catch(() => undefined);

  const undo = [];
  const stopAll = () => {
    while (undo.length) undo.pop()();
  };
  let server;
  let asked = false;
  const ask = () => {
    asked = true;
    server?.kill('SIGTERM');
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, ask);

  /** Serves until somebody asks for its end; a server that ends by itself is started again. */
  async function serve(url) {
    const kept = keeper('the server');
    for (;;) {
      let ready = false;
      server = started(
        process.execPath,
        [join(distFolder, 'server', 'main.js')],
        { DATABASE_URL: url, PORT: String(port), HOST: host, NODE_ENV: 'production' },
        () => (ready = true),
      );
      const code = await new Promise((resolve) => server.once('exit', resolve));
      if (asked) return;
      // One that never got ready says why, and another try would say the same.
      if (!ready) throw new Plain(`the server stopped by itself (exit ${code}); its message is above.`);
      kept.again();
    }
  }

  try {
    let url = process.env.DATABASE_URL;
    let failed = new Promise(() => {});
    if (own) {
      undo.push(lockData(dataFolder));
      const database = await startPostgres(dataFolder);
      undo.push(database.stop);
      const watched = watch(database);
      undo.push(watched.letBe);
      failed = watched.failed;
      url = database.url;
    }
    await built;
    if (asked) return;
    say('starting the server (usually 3 s, with the demonstration’s first load 6 s)');
    await Promise.race([serve(url), failed]);
    say('stopped; the data is kept.');
  } finally {
    server?.kill('SIGTERM');
    stopAll();
  }
});
