import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { quiet } from './lib/command.mjs';
import { root } from './lib/places.mjs';
import { freePort } from './lib/postgres.mjs';
import { Plain, run, say } from './lib/say.mjs';

/** What a line on the terminal begins, in the words of the table. */
const STEPS = [
  [/installing the npm packages that serving needs/, 'packages that serving needs'],
  [/building /, 'server, pictures and screens; beside them the database'],
  [/starting the server/, 'server, with the demonstration’s first load'],
  [/is ready at/, null],
  [/installing the npm packages of the tests/, 'packages of the tests'],
];
const LANE = /lane (\w+) (?:holds,|FAILED after) (\d+) s/;

const seconds = (from) => (performance.now() - from) / 1000;

/** Runs a command until it ends or says something, and tells each line with the time it came. */
function told(args, cwd, env, hear) {
  const child = spawn(process.execPath, args, {
    cwd,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let rest = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (data) => {
      const lines = (rest + data).split('\n');
      rest = lines.pop();
      for (const line of lines) hear(line, child);
    });
  return new Promise((resolve) => child.once('close', resolve));
}

/** What each step of a first start takes, in the order in which they come: `[name, s]`. */
async function timesOfStart(folder) {
  const from = performance.now();
  const times = [];
  let now;
  await told(['scripts/start.mjs'], folder, { PORT: String(await freePort()) }, (line, child) => {
    const step = STEPS.find(([words]) => words.test(line));
    if (!step) return;
    if (now) times.push([now.name, seconds(now.from)]);
    now = { name: step[1], from: performance.now() };
    if (step[1] !== null) return;
    times.push(['**from an empty clone to ready**', seconds(from)]);
    child.kill('SIGINT');
  });
  return times;
}

/** What each lane of the tests takes, and all of them together. */
async function timesOfTests(folder) {
  const from = performance.now();
  const times = [];
  const code = await told(['scripts/test.mjs'], folder, {}, (line) => {
    const lane = LANE.exec(line);
    if (lane) times.push([`lane ${lane[1]}`, Number(lane[2])]);
  });
  times.push(['**all tests, with their packages**', seconds(from)]);
  if (code !== 0) say('the tests failed; the table says how long they took all the same.');
  return times;
}

const megabytes = (folder) => Number(quiet('du', ['-sm', folder]).stdout.split('\t')[0]);
const countOf = (folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) =>
    /(^|node_modules\/)(@[^/]+\/)?[^/.@][^/]*\/package\.json$/.test(name),
  ).length;

/** Prints, as a table for the README, what each step takes from a fresh clone: `npm run bench:steps`. */
await run(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'baros-steps-'));
  chmodSync(folder, 0o755);
  try {
    const { status } = spawnSync('git', ['clone', '--quiet', root, folder], { stdio: 'inherit' });
    if (status !== 0) throw new Plain('the repository could not be cloned.');
    const rows = await timesOfStart(folder);
    const modules = join(folder, 'node_modules');
    const served = `${countOf(modules)} packages, ${megabytes(modules)} MB`;
    rows.push(...(await timesOfTests(folder)));
    console.log('| step | s |\n| --- | ---: |');
    for (const [name, took] of rows) console.log(`| ${name} | ${took.toFixed(0)} |`);
    console.log(
      `\nFor serving ${served}; with the tests ${countOf(modules)} packages, ${megabytes(modules)} MB.`,
    );
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
