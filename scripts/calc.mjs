import { readFileSync } from 'node:fs';
import { buildServer } from './lib/build.mjs';
import { calculated } from './lib/calculate.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { run } from './lib/say.mjs';

/** Bad input to the command: one line on standard error, exit 2, nothing on standard output. */
await run(async () => {
  await ensurePackages();
  await buildServer();
  const { CALCULATIONS } = await import('../dist/core/exchange/index.js');
  const { readJson } = await import('../dist/core/build/index.js');
  const { result, refused } = calculated(process.argv.slice(2), { CALCULATIONS, readJson }, (file) =>
    readFileSync(file === '-' ? 0 : file, 'utf8'),
  );
  if (refused !== undefined) {
    process.stderr.write(`${refused}\n`);
    process.exit(2);
  }
  process.stdout.write(`${result}\n`);
});
