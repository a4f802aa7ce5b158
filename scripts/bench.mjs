import { join } from 'node:path';
import { buildAll } from './lib/build.mjs';
import { shown } from './lib/command.mjs';
import { ensureAllPackages } from './lib/node-modules.mjs';
import { distFolder } from './lib/places.mjs';
import { run } from './lib/say.mjs';

await run(async () => {
  await ensureAllPackages();
  await buildAll();
  shown(process.execPath, [join(distFolder, 'core', 'bench.js')], { what: 'the benchmark' });
  await (await import('./bench-advice.mjs')).benchAdvice();
  await (await import('./bench-plan.mjs')).benchPlan();
  await (await import('./bench-saves.mjs')).benchSaves();
  await (await import('./bench-screens.mjs')).benchScreens();
});
