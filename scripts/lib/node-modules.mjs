import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { shown } from './command.mjs';
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

/** Installs the npm packages of package-lock.json where they are missing or older than it. */
export function ensurePackages() {
  checkNode();
  const stamp = join(root, 'node_modules', '.baros-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  say('installing npm packages (once; a minute or two)');
  // The output goes to standard error, so that a command's own result stays alone on standard output.
  shown('npm', ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error', '--silent'], {
    what: 'npm ci',
  });
  writeFileSync(stamp, lock);
}
