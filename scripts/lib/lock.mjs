import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { beganAt, realPath } from './processes.mjs';
import { Plain } from './say.mjs';

const lockOf = (folder) => join(folder, 'baros.pid');

/**
 * The process of the Baros that runs on a folder; null where there is none. A lock that came along with a copy
 * of a folder, or that a process left which is gone, is none.
 */
export function running(folder) {
  const lock = lockOf(folder);
  if (!existsSync(lock)) return null;
  const [pid, began, of] = readFileSync(lock, 'utf8').split('\n');
  const same = of === realPath(folder) && began !== '' && began === beganAt(pid);
  return same && Number(pid) !== process.pid ? Number(pid) : null;
}

/** One Baros on one data folder at a time: it would stop the other's database. Gives the way to let go. */
export function lockData(folder, what = 'Baros') {
  mkdirSync(folder, { recursive: true });
  const pid = running(folder);
  if (pid !== null)
    throw new Plain(
      `${what} is running already on ${folder} (process ${pid}); stop it first, or set BAROS_DATA to another folder.`,
    );
  const lock = lockOf(folder);
  writeFileSync(lock, [process.pid, beganAt(process.pid), realPath(folder)].join('\n'));
  return () => rmSync(lock, { force: true });
}
