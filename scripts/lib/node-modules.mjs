import { createHash } from 'node:crypto';
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { beside } from './command.mjs';
import { root } from './places.mjs';
import { Plain, say } from './say.mjs';

const LEAST_NODE = [20, 19];

/** Refuses a Node that is too old to build with. */
function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < LEAST_NODE[0] || (major === LEAST_NODE[0] && minor < LEAST_NODE[1])) {
    throw new Plain(`Node ${LEAST_NODE.join('.')} or newer is needed (this is ${process.versions.node}).`);
  }
}

/** What is installed: what building and serving need, or what tests and tools need as well. */
const SERVING = 'serving';
const ALL = 'all';

/** Installs the npm packages of package-lock.json where they are missing or older than it. */
async function ensure(wanted) {
  checkNode();
  const stamp = join(root, 'node_modules', '.baros-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const [known, has] = existsSync(stamp) ? readFileSync(stamp, 'utf8').split(' ') : [];
  if (known === lock && (has === ALL || has === wanted)) return;
  // To what is there already only the rest is added.
  const more = known === lock;
  const which = wanted === ALL ? '--include=dev' : '--omit=dev';
  say(
    `installing the npm packages ${wanted === ALL ? (more ? 'of the tests' : 'with those of the tests') : 'that serving needs'} (once; usually half a minute)`,
  );
  rmSync(stamp, { force: true });
  // The output goes to standard error, so that a command's own result stays alone on standard output.
  await beside(
    'npm',
    [
      ...(more ? ['install', '--no-save'] : ['ci']),
      which,
      '--no-audit',
      '--no-fund',
      '--loglevel=error',
      '--silent',
    ],
    { what: more ? 'npm install' : 'npm ci' },
  );
  writeFileSync(stamp, `${lock} ${wanted}`);
}

/** Installs what building and serving need. */
export const ensurePackages = () => ensure(SERVING);

/** Installs what tests, benchmarks and tools need as well. */
export const ensureAllPackages = () => ensure(ALL);
