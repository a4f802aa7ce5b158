import { spawn } from 'node:child_process';
import { createWriteStream, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './places.mjs';
import { say } from './say.mjs';

/** Where a lane's output lies while others run. */
const outputs = join(root, 'node_modules', '.cache', 'baros');

/** Lines that a lane which holds shows of all that it said. */
const LAST = 6;

/**
 * A lane of the tests: `work` runs its programs with `program`, one after the other or side by side, and a program
 * that fails makes the lane fail; `hands` is how many processors it keeps busy.
 * @typedef {{ name: string, usually: string, hands: number, work: (lane: Running) => Promise<unknown> }} Lane
 * @typedef {{ program: (what: string, command: string, args: string[], env?: object) => Promise<void>, hands: number }} Running
 */

const seconds = (from) => `${((performance.now() - from) / 1000).toFixed(0)} s`;

/** Runs one lane; its output goes to a file, or as it comes where it runs alone. */
async function runLane({ name, work, hands: most }, alone) {
  const from = performance.now();
  mkdirSync(outputs, { recursive: true });
  const path = join(outputs, `${name}.log`);
  const log = alone ? null : createWriteStream(path);
  const failed = [];
  const program = (what, command, args, env = {}) =>
    new Promise((resolve) => {
      const child = spawn(command, args, {
        cwd: root,
        stdio: ['ignore', log ? 'pipe' : 'inherit', log ? 'pipe' : 'inherit'],
        env: { ...process.env, ...env },
      });
      const end = () => child.kill();
      process.once('exit', end);
      for (const stream of log ? [child.stdout, child.stderr] : [])
        stream.on('data', (data) => log.write(data));
      child.once('error', (error) => {
        failed.push(`${what}: ${error.message}`);
        resolve();
      });
      child.once('close', (status, signal) => {
        process.off('exit', end);
        if (status !== 0) failed.push(`${what} (${signal ?? `exit ${status}`})`);
        resolve();
      });
    });
  try {
    await work({ program, hands: alone ? Math.max(most, 2) : most });
  } catch (error) {
    failed.push(error.message);
  }
  if (log) {
    await new Promise((resolve) => log.end(resolve));
    const said = readFileSync(path, 'utf8').trimEnd();
    process.stdout.write(`${failed.length ? said : said.split('\n').slice(-LAST).join('\n')}\n`);
  }
  say(
    failed.length
      ? `lane ${name} FAILED after ${seconds(from)}: ${failed.join('; ')}`
      : `lane ${name} holds, ${seconds(from)}`,
  );
  return { name, failed, took: seconds(from) };
}

/**
 * Runs lanes, together those that have processors for it; none hides what another finds. Gives those that failed.
 * @param {Lane[]} lanes in the order in which they begin
 */
export async function runLanes(lanes, processors = 2) {
  const from = performance.now();
  const waiting = [...lanes];
  const results = [];
  let free = processors;
  await new Promise((resolve) => {
    const begin = () => {
      if (results.length === lanes.length) resolve();
      for (let next = waiting[0]; next && next.hands <= free; next = waiting[0]) {
        const lane = waiting.shift();
        free -= lane.hands;
        say(`lane ${lane.name} begins (usually ${lane.usually})`);
        void runLane(lane, lanes.length === 1).then((result) => {
          results.push(result);
          free += lane.hands;
          begin();
        });
      }
    };
    begin();
  });
  if (lanes.length > 1)
    say(
      `all lanes, ${seconds(from)}: ${results.map(({ name, failed, took }) => `${name} ${failed.length ? 'FAILED' : 'holds'} (${took})`).join(', ')}`,
    );
  return results.filter(({ failed }) => failed.length > 0);
}
