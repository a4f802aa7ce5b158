import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join, sep } from 'node:path';
import { root } from './places.mjs';

/** Whether a file is of the tests alone: nothing that is built reads it. */
export const isTest = (path) => /\.test\.tsx?$/.test(path) || path.split(sep).includes('test');

/** How everything is built, whatever it is. */
const HOW = [
  'package-lock.json',
  'package.json',
  'tsconfig.base.json',
  'tsconfig.json',
  'scripts/lib/build.mjs',
  'scripts/lib/compile.mjs',
  'scripts/lib/compress.mjs',
];

const known = new Map();

/** What a folder's files say, tests aside. */
function sumOf(folder) {
  if (!known.has(folder)) {
    const hash = createHash('sha256');
    const files = readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map(({ parentPath, name }) => join(parentPath, name))
      .filter((path) => !isTest(path.slice(root.length)))
      .sort();
    for (const path of files) hash.update(path.slice(root.length)).update(readFileSync(path));
    known.set(folder, hash.digest('hex'));
  }
  return known.get(folder);
}

/** A fingerprint of all that a build of these folders reads. */
export function fingerprint(folders) {
  const hash = createHash('sha256');
  for (const folder of folders) hash.update(sumOf(folder));
  for (const file of HOW) hash.update(readFileSync(join(root, file)));
  return hash.digest('hex');
}
