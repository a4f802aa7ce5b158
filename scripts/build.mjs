import { buildPictures, buildServer, buildWeb } from './lib/build.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { run } from './lib/say.mjs';

await run(() => {
  ensurePackages();
  buildServer();
  buildPictures();
  buildWeb();
});
