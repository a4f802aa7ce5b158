import { spawn } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { mutationsOf, withMutation } from './lib/mutations.mjs';
import { ensureAllPackages } from './lib/node-modules.mjs';
import { root } from './lib/places.mjs';
import { run, say } from './lib/say.mjs';

/**
 * Would a test notice? Of four parts of the core a seeded sample of small changes is made, one at a time,
 * and the core's quick tests are run on each. `npm run mutants -- SEED A_PART` (1 and 100 unless said).
 */

/** Parts of the core: which of its changes belong to each. The first that takes a change has it. */
const CHECKS = /checks?\.ts$/;
const PLACES =
  /^core\/truck\/|\/(place|work|compartments)\.ts$|\/(cab|ladders|fittings|foam|items)\/index\.ts$/;
const WEIGHTS = /^core\/subjects\/(weights|frame|angles)\//;
const NOT_COMPUTED = ['choices', 'questions', 'sentence', 'line', 'changes', 'mends'];
const inKernel = ({ file }) => file.startsWith('core/kernel/');
const PARTS = {
  checks: ({ file, within }) =>
    CHECKS.test(file) || within.some((name) => name === 'checks' || name === 'limits'),
  placement: ({ file }) => PLACES.test(file),
  weights: ({ file }) => WEIGHTS.test(file),
  kernel: inKernel,
};
const partOf = (change) =>
  inKernel(change) ? 'kernel' : Object.keys(PARTS).find((part) => PARTS[part](change));

/** Tests that take long, or that look at other rooms; leaving them out makes the score lower, never higher. */
const LEFT_OUT = [
  'advice',
  'compare',
  'demonstration',
  'exchange',
  'units',
  'subjects/choices.test.ts',
  'test/fuzz.test.ts',
];
/** A change that makes a loop endless has been noticed, s. */
const PATIENCE_S = 120;

/** Numbers from 0 to 1 that are the same for the same seed (mulberry32). */
function random(seed) {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** The changes that are tried: as many of each part as asked for. */
function sample(seed, aPart) {
  const next = random(seed);
  const files = readdirSync(join(root, 'core'), { recursive: true })
    .map((name) => `core/${name}`)
    .filter(
      (name) => /^core\/(kernel|truck|subjects)\/.*\.ts$/.test(name) && !/(\.test|\/parts)\.ts$/.test(name),
    )
    .sort();
  const all = files
    .flatMap((file) => mutationsOf(join(root, file)).map((change) => ({ ...change, file })))
    .filter(({ within }) => !within.some((name) => NOT_COMPUTED.includes(name)))
    .map((change) => ({ ...change, part: partOf(change) }));
  return Object.keys(PARTS).flatMap((part) =>
    all
      .filter((change) => change.part === part)
      .map((change) => ({ change, order: next() }))
      .sort((a, b) => a.order - b.order)
      .slice(0, aPart)
      .map(({ change }) => change),
  );
}

/** A copy of what the core's tests need, in which one change at a time is made. */
function lane() {
  const folder = mkdtempSync(join(tmpdir(), 'baros-mutants-'));
  for (const name of [
    'core',
    'docs',
    'package.json',
    'vitest.config.ts',
    'tsconfig.json',
    'tsconfig.base.json',
  ])
    cpSync(join(root, name), join(folder, name), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
  return folder;
}

/** Whether the core's tests hold in a lane, and what failed first. */
function tested(folder) {
  const left = LEFT_OUT.flatMap((name) => ['--exclude', `core/${name}`]);
  const vitest = join(root, 'node_modules', 'vitest', 'vitest.mjs');
  const args = [
    vitest,
    'run',
    '--project',
    'core',
    '--bail',
    '1',
    '--pool',
    'threads',
    '--no-file-parallelism',
    ...left,
  ];
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, {
      cwd: folder,
      env: { ...process.env, NO_COLOR: '1' },
      stdio: ['ignore', 'pipe', 'pipe'],
      timeout: PATIENCE_S * 1000,
      killSignal: 'SIGKILL',
    });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (output += text));
    child.on('close', (status) => resolve({ holds: status === 0, output }));
  });
}

/** Tries the changes one after the other in one lane, until none is left. */
async function work(folder, left, tried) {
  for (let change = left.shift(); change; change = left.shift()) {
    const path = join(folder, change.file);
    const text = readFileSync(path, 'utf8');
    writeFileSync(path, withMutation(text, change));
    const { holds } = await tested(folder);
    writeFileSync(path, text);
    tried.push({ ...change, survived: holds });
    if (holds)
      console.log(`survived  ${change.part}  ${change.file}:${change.line}  ${change.was} → ${change.to}`);
    if (tried.length % 20 === 0) say(`${tried.length} tried, ${left.length} left`);
  }
}

await run(async () => {
  await ensureAllPackages();
  const [seed = 1, aPart = 100] = process.argv.slice(2).map(Number);
  const left = sample(seed, aPart);
  const all = left.length;
  const lanes = Array.from({ length: Math.min(availableParallelism(), 8) }, lane);
  const tried = [];
  try {
    const { holds, output } = await tested(lanes[0]);
    if (!holds) throw new Error(`the tests fail without any change:\n${output}`);
    say(`${all} small changes, seed ${seed}, ${lanes.length} at a time`);
    await Promise.all(lanes.map((folder) => work(folder, left, tried)));
  } finally {
    for (const folder of lanes) rmSync(folder, { recursive: true, force: true });
  }
  for (const part of Object.keys(PARTS)) {
    const of = tried.filter((change) => change.part === part);
    const killed = of.filter(({ survived }) => !survived).length;
    console.log(`${part}: ${killed} of ${of.length} noticed (${Math.round((100 * killed) / of.length)} %)`);
  }
});
