import { buildPapers } from './lib/build.mjs';
import { shown } from './lib/command.mjs';
import { ensureAllPackages } from './lib/node-modules.mjs';
import { tool } from './lib/places.mjs';
import { run, say } from './lib/say.mjs';

const USUAL = 20_000;
/** The tests that draw by chance: of odd values, and of builds that chance makes. */
const TESTS = ['fuzz', 'core/test/room', 'core/test/remedies', 'core/subjects/choices'];
const MOST_SEED = 2 ** 31;

/** Odd values at every place of what comes from outside: `npm run fuzz -- [how many] [seed]`. */
await run(async () => {
  const [count = USUAL, seed = Math.floor(Math.random() * MOST_SEED)] = process.argv.slice(2).map(Number);
  await ensureAllPackages();
  await buildPapers();
  say(`${count} odd inputs; to repeat these: npm run fuzz -- ${count} ${seed}`);
  shown(tool('vitest'), ['run', '--project', 'core', '--project', 'server', ...TESTS], {
    what: 'the fuzz',
    env: { BAROS_FUZZ: String(count), BAROS_SEED: String(seed) },
  });
});
