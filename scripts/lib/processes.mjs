import { readFileSync, realpathSync } from 'node:fs';

/** The real path of a folder that may be gone. */
export function realPath(folder) {
  try {
    return realpathSync(folder);
  } catch {
    return folder;
  }
}

const proc = (pid, file) => {
  try {
    return readFileSync(`/proc/${pid}/${file}`, 'utf8');
  } catch {
    return '';
  }
};

/** With what words a process was started; none where there is no such process. */
export const commandOf = (pid) => proc(pid, 'cmdline').split('\0').filter(Boolean);

const START_TIME = 19;

/** When a process began, as the system counts it: with its number it names a process for ever. */
export const beganAt = (pid) =>
  // What stands in brackets is its name, which may hold anything.
  proc(pid, 'stat').split(') ').at(-1).split(' ')[START_TIME] ?? '';
