import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { distFolder } from './places.mjs';

/**
 * Starts the built server on a database and a port, as a process of its own, without the demonstration unless
 * the environment asks for it.
 * Gives its address, a way to end it at once (kill -9), and a promise of its end.
 */
export async function startServer(databaseUrl, port, env = {}) {
  const child = spawn(process.execPath, [join(distFolder, 'server', 'main.js')], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      BAROS_DEMONSTRATION: 'off',
      ...env,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  const ended = new Promise((resolve) => child.once('exit', resolve));
  // It never outlives who started it.
  const end = () => child.kill('SIGKILL');
  process.once('exit', end);
  child.once('exit', () => process.off('exit', end));
  await new Promise((resolve, reject) => {
    const hear = (data) => {
      said += data;
      if (said.includes('is ready at')) resolve();
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    void ended.then(() => reject(new Error(`the server did not start: ${said}`)));
  });
  return {
    url: `http://127.0.0.1:${port}/api`,
    kill: async () => {
      child.kill('SIGKILL');
      await ended;
    },
  };
}
