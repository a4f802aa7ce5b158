import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { createApp } from './app.js';
import { alone } from './database/index.js';
import { loadDemonstration } from './demonstration/index.js';
import { isLoopback, nameOf } from './gate/index.js';
import { WorkService } from './work/index.js';

const LONGEST_REQUEST_MS = 60 * 60_000;

const required = (name: string): string => {
  const value = process.env[name];
  if (!value) throw new Error(`${name} must be set`);
  return value;
};

try {
  const port = Number(required('PORT'));
  const host = process.env['HOST'] ?? '127.0.0.1';
  const databaseUrl = required('DATABASE_URL');
  const names = process.env['BAROS_NAMES'];
  const app = await alone(databaseUrl, async () => {
    const made = await createApp(databaseUrl, {
      webFolder: fileURLToPath(new URL('../web', import.meta.url)),
      styleHashes: JSON.parse(
        readFileSync(new URL('../pictures/style-hashes.json', import.meta.url), 'utf8'),
      ),
      host,
      ...(names === undefined ? {} : { names }),
    });
    if (process.env['BAROS_DEMONSTRATION'] !== 'off' && (await loadDemonstration(made)))
      console.log('Loaded the demonstration departments.');
    return made;
  });
  // An archive of any size may take its time; the heads of requests may not.
  app.getHttpServer().requestTimeout = LONGEST_REQUEST_MS;
  await app.listen(port, host);
  // Whoever asks first begins it otherwise.
  void app
    .get(WorkService)
    .warm()
    .catch(() => undefined);
  if (!isLoopback(host))
    console.log(
      `Baros listens on ${host}, for others on this network too. It has no accounts yet: whoever reaches it can read and change everything. Do so only where the network is trusted.`,
    );
  const asked = isLoopback(host) && host !== '127.0.0.1' ? nameOf(host) : 'localhost';
  console.log(`Baros is ready at http://${asked}:${port}`);
} catch (error) {
  console.error(`Baros could not start: ${(error as Error).message}`);
  process.exit(1);
}
