import { quiet } from './lib/command.mjs';
import { runLanes } from './lib/lanes.mjs';
import { ensureAllPackages } from './lib/node-modules.mjs';
import { root } from './lib/places.mjs';
import { Plain, run, say } from './lib/say.mjs';
import { STATIC, unitTests } from './lib/static.mjs';

/** The folder of a changed file whose tests are its own: a subject's, or a room's. */
const FOLDER = /^(?:core\/subjects\/[^/]+|core\/[^/]+|web\/subjects\/[^/]+|web\/[^/]+)\//;

/** The folders in which something differs from what is committed last. */
function changed() {
  const { ok, stdout, stderr } = quiet('git', ['status', '--porcelain', '--untracked-files=all'], {
    cwd: root,
  });
  if (!ok) throw new Plain(`git does not say what changed: ${stderr.trim()}`);
  const files = stdout.split('\n').map((line) => line.slice(3).split(' -> ').at(-1));
  return [...new Set(files.flatMap((file) => FOLDER.exec(file)?.[0] ?? []))];
}

/** For the working hour: static, and the tests of what changed since the last commit. */
await run(async () => {
  await ensureAllPackages();
  const where = changed();
  say(where.length ? `changed: ${where.join(', ')}` : 'nothing of core or screens changed');
  const units = { name: 'changed', usually: 'seconds', hands: 1, work: unitTests(['core', 'web'], where) };
  const failed = await runLanes(where.length ? [STATIC, units] : [STATIC]);
  if (failed.length > 0) throw new Plain(`failed: ${failed.map(({ name }) => name).join(', ')}`);
  say('everything holds.');
});
