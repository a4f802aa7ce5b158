import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { buildPictures, buildServer, buildWeb } from './lib/build.mjs';
import { started } from './lib/command.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { distFolder, dataFolder } from './lib/places.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { Plain, run, say } from './lib/say.mjs';

const host = process.env.HOST ?? '127.0.0.1';

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

/** Whether that process is a Baros: after a crash its number may be another program's. */
const isBaros = (pid) => {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start.mjs');
  } catch {
    return false;
  }
};

/** One Baros on one data folder at a time: it would stop the other's database. */
function lockData() {
  const lock = join(dataFolder, 'baros.pid');
  mkdirSync(dataFolder, { recursive: true });
  if (existsSync(lock)) {
    const pid = Number(readFileSync(lock, 'utf8'));
    if (pid && pid !== process.pid && isBaros(pid))
      throw new Plain(
        `Baros is running already on ${dataFolder} (process ${pid}); stop it first, or set BAROS_DATA to another folder.`,
      );
  }
  writeFileSync(lock, String(process.pid));
  return () => rmSync(lock, { force: true });
}

await run(async () => {
  const port = wantedPort();
  await checkPort(port);
  ensurePackages();
  buildServer();
  buildPictures();
  buildWeb();

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

  try {
    let url = process.env.DATABASE_URL;
    if (!url) {
      undo.push(lockData());
      const database = await startPostgres(dataFolder);
      undo.push(database.stop);
      url = database.url;
    }
    if (asked) return;
    server = started(process.execPath, [join(distFolder, 'server', 'main.js')], {
      DATABASE_URL: url,
      PORT: String(port),
      HOST: host,
      NODE_ENV: 'production',
    });
    const code = await new Promise((resolve) => server.once('exit', resolve));
    if (!asked) throw new Plain(`the server stopped by itself (exit ${code}); its message is above.`);
    say('stopped; the data is kept.');
  } finally {
    stopAll();
  }
});
