import { join } from 'node:path';
import { buildPictures, buildServer, buildWeb } from './lib/build.mjs';
import { shown } from './lib/command.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { distFolder } from './lib/places.mjs';
import { run } from './lib/say.mjs';

await run(async () => {
  ensurePackages();
  buildServer();
  buildPictures();
  buildWeb();
  shown(process.execPath, [join(distFolder, 'core', 'bench.js')], { what: 'the benchmark' });
  await (await import('./bench-advice.mjs')).benchAdvice();
  await (await import('./bench-plan.mjs')).benchPlan();
  await (await import('./bench-saves.mjs')).benchSaves();
  await (await import('./bench-screens.mjs')).benchScreens();
});
