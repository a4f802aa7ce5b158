import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { beside, quiet } from './command.mjs';
import { compile } from './compile.mjs';
import { compressAll } from './compress.mjs';
import { distFolder, root, tool } from './places.mjs';
import { Plain, say } from './say.mjs';
import { fingerprint } from './sources.mjs';

/** Prints the hashes of what the screens write into their page, as a policy names them. */
const HASHES = `
  import { createHash } from 'node:crypto';
  import { inlineStyles } from '#pictures';
  const hash = (text) => "'sha256-" + createHash('sha256').update(text).digest('base64') + "'";
  console.log(JSON.stringify(inlineStyles().map(hash)));`;

/** Whoever asks, and be it a test: what is built is what people get. */
const env = { NODE_ENV: 'production' };
const vite = (config, what) =>
  beside(tool('vite'), ['build', '--config', config, '--logLevel', 'warn'], { env, what });

/** What is built: of which folders, how, and how long it usually takes. */
const SERVER = {
  name: 'server',
  folders: ['core', 'server'],
  usually: '1 s',
  work: compile,
};
const PICTURES = {
  name: 'pictures',
  folders: ['core', 'web'],
  usually: '2 s',
  work: async (server) => {
    await vite('web/pictures/vite.config.ts', 'the build of the pictures');
    await server;
    const { ok, stdout, stderr } = quiet(process.execPath, ['--input-type=module', '-e', HASHES], {
      cwd: root,
    });
    if (!ok)
      throw new Plain(`the hashes of the styles could not be made: ${stderr.trim().split('\n').pop()}`);
    writeFileSync(join(distFolder, 'pictures', 'style-hashes.json'), stdout);
  },
};
const SCREENS = {
  name: 'screens',
  folders: ['core', 'web'],
  usually: '10 s',
  work: async () => {
    await vite('web/vite.config.ts', 'the build of the screens');
    await compressAll(join(distFolder, 'web'));
  },
};

const stampOf = ({ name }) => join(distFolder, `.${name}`);

/** Builds one of these where what it is made of has changed; a build that fails is none. */
async function buildOnce(of, now, before) {
  rmSync(stampOf(of), { force: true });
  await of.work(before);
  writeFileSync(stampOf(of), now);
}

/** Builds what has changed of these, side by side. */
async function buildChanged(all) {
  const changed = all
    .map((of) => ({ of, now: fingerprint(of.folders) }))
    .filter(({ of, now }) => !existsSync(stampOf(of)) || readFileSync(stampOf(of), 'utf8') !== now);
  if (changed.length === 0) return;
  say(`building ${changed.map(({ of }) => `the ${of.name} (usually ${of.usually})`).join(', ')}`);
  mkdirSync(distFolder, { recursive: true });
  let server = Promise.resolve();
  const works = changed.map(({ of, now }) => {
    const work = buildOnce(of, now, server);
    if (of === SERVER) server = work;
    return work;
  });
  await Promise.all(works);
}

/** Compiles core and server, where they changed: all that a command needs. */
export const buildServer = () => buildChanged([SERVER]);

/** Builds the server and the pictures of its papers, where they changed. */
export const buildPapers = () => buildChanged([SERVER, PICTURES]);

/** Builds all that serving needs, where it changed. */
export const buildAll = () => buildChanged([SERVER, PICTURES, SCREENS]);
