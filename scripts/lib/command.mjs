import { spawn, spawnSync } from 'node:child_process';
import { Plain } from './say.mjs';
import { root } from './places.mjs';

/** Runs a command with its output shown, and waits for it. */
export function shown(command, args, { env, what = command } = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  if (error) throw new Plain(`${what} could not be run: ${error.message}`);
  if (status !== 0) throw new Plain(`${what} failed (exit ${status}); its output is above.`);
}

/** Runs a command with its output shown, beside whatever else goes on. It never outlives who started it. */
export function beside(command, args, { env, what = command } = {}) {
  const child = spawn(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  const end = () => child.kill();
  process.once('exit', end);
  return new Promise((resolve, reject) => {
    child.once('error', (error) => reject(new Plain(`${what} could not be run: ${error.message}`)));
    child.once('exit', (status, signal) =>
      status === 0
        ? resolve()
        : reject(new Plain(`${what} failed (${signal ?? `exit ${status}`}); its output is above.`)),
    );
  }).finally(() => process.off('exit', end));
}

/** Runs a command quietly and gives its status and output. */
export const quiet = (command, args, options = {}) => {
  const { status, stdout, stderr, error } = spawnSync(command, args, {
    encoding: 'utf8',
    cwd: '/',
    ...options,
  });
  return { ok: status === 0, stdout: stdout ?? '', stderr: error ? error.message : (stderr ?? '') };
};

/** Starts a command that goes on; the caller stops it. Its output is shown, and `heard` is told that it is ready. */
export function started(command, args, env, heard = () => {}) {
  const child = spawn(command, args, {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, ...env },
  });
  child.stdout.on('data', (data) => {
    process.stdout.write(data);
    if (String(data).includes('is ready at')) heard();
  });
  return child;
}
