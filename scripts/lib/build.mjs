import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { quiet, shown } from './command.mjs';
import { distFolder, root, tool } from './places.mjs';
import { Plain, say } from './say.mjs';

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
  for (const file of [
    'package-lock.json',
    'tsconfig.base.json',
    'tsconfig.json',
    'tsconfig.build.json',
    'scripts/lib/build.mjs',
  ])
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

/** Prints the hashes of what the screens write into their page, as a policy names them. */
const HASHES = `
  import { createHash } from 'node:crypto';
  import { inlineStyles } from '#pictures';
  const hash = (text) => "'sha256-" + createHash('sha256').update(text).digest('base64') + "'";
  console.log(JSON.stringify(inlineStyles().map(hash)));`;

/** Whoever asks, and be it a test: what is built is what people get. */
const env = { NODE_ENV: 'production' };

/** Builds the pictures for the papers and the yard, where they changed. */
export const buildPictures = () =>
  buildOnce('pictures', ['core', 'web'], () => {
    shown(tool('vite'), ['build', '--config', 'web/pictures/vite.config.ts', '--logLevel', 'warn'], {
      env,
      what: 'the build of the pictures',
    });
    const { ok, stdout, stderr } = quiet(process.execPath, ['--input-type=module', '-e', HASHES], {
      cwd: root,
    });
    if (!ok)
      throw new Plain(`the hashes of the styles could not be made: ${stderr.trim().split('\n').pop()}`);
    writeFileSync(join(distFolder, 'pictures', 'style-hashes.json'), stdout);
  });

const COMPRESSED = /\.(js|css|html|svg|json)$/;
/** Less than fits into one packet gains nothing. */
const SMALL_BYTES = 1400;

/** Lays beside each file that travels what it is compressed to, as well as can be: the server need not do it. */
function compressAll(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) compressAll(path);
    else if (COMPRESSED.test(entry.name)) {
      const content = readFileSync(path);
      if (content.length < SMALL_BYTES) continue;
      writeFileSync(`${path}.br`, brotliCompressSync(content));
      writeFileSync(`${path}.gz`, gzipSync(content, { level: constants.Z_BEST_COMPRESSION }));
    }
  }
}

/** Builds the screens, where they changed. */
export const buildWeb = () =>
  buildOnce('screens', ['core', 'web'], () => {
    shown(tool('vite'), ['build', '--config', 'web/vite.config.ts', '--logLevel', 'warn'], {
      env,
      what: 'the build of the screens',
    });
    compressAll(join(distFolder, 'web'));
  });
