import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildServer } from './lib/build.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { distFolder, root } from './lib/places.mjs';
import { run, say } from './lib/say.mjs';

await run(async () => {
  await ensurePackages();
  await buildServer();
  const { buildSchema } = await import(join(distFolder, 'server', 'documents', 'index.js'));
  writeFileSync(join(root, 'docs', 'build-file.schema.json'), `${JSON.stringify(buildSchema(), null, 2)}\n`);
  say('wrote docs/build-file.schema.json');
});
