import { join } from 'node:path';
import { buildServer } from './lib/build.mjs';
import { shown } from './lib/command.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { distFolder } from './lib/places.mjs';
import { run } from './lib/say.mjs';

await run(async () => {
  ensurePackages();
  buildServer();
  shown(process.execPath, [join(distFolder, 'core', 'bench.js')], { what: 'the benchmark' });
  await (await import('./bench-advice.mjs')).benchAdvice();
  await (await import('./bench-saves.mjs')).benchSaves();
});
