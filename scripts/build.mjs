import { buildAll } from './lib/build.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { run } from './lib/say.mjs';

await run(async () => {
  await ensurePackages();
  await buildAll();
});
