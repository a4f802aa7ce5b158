import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { shown } from './command.mjs';
import { distFolder, root, tool } from './places.mjs';
import { say } from './say.mjs';

/** A fingerprint of everything that the build reads. */
function fingerprint(folders) {
  const hash = createHash('sha256');
  const add = (path) => {
    for (const entry of readdirSync(path, { withFileTypes: true }).sort((a, b) =>
      a.name < b.name ? -1 : 1,
    )) {
      const full = join(path, entry.name);
      if (entry.isDirectory()) add(full);
      else hash.update(full.slice(root.length)).update(readFileSync(full));
    }
  };
  for (const folder of folders) add(join(root, folder));
  for (const file of ['package-lock.json', 'tsconfig.base.json', 'tsconfig.json', 'tsconfig.build.json'])
    hash.update(readFileSync(join(root, file)));
  return hash.digest('hex');
}

function buildOnce(name, folders, work) {
  const stamp = join(distFolder, `.${name}`);
  const now = fingerprint(folders);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return;
  say(`building the ${name}`);
  work();
  mkdirSync(distFolder, { recursive: true });
  writeFileSync(stamp, now);
}

/** Compiles core and server, where they changed. */
export const buildServer = () =>
  buildOnce('server', ['core', 'server'], () => {
    for (const folder of ['core', 'server'])
      rmSync(join(distFolder, folder), { recursive: true, force: true });
    shown(tool('tsc'), ['-p', 'tsconfig.build.json'], { what: 'the server build' });
  });

/** Builds the pictures for the papers, where they changed. */
export const buildPictures = () =>
  buildOnce('pictures', ['core', 'web'], () =>
    shown(tool('vite'), ['build', '--config', 'web/pictures/vite.config.ts', '--logLevel', 'warn'], {
      what: 'the build of the pictures',
    }),
  );

/** Builds the screens, where they changed. */
export const buildWeb = () =>
  buildOnce('screens', ['core', 'web'], () =>
    shown(tool('vite'), ['build', '--config', 'web/vite.config.ts', '--logLevel', 'warn'], {
      what: 'the build of the screens',
    }),
  );
