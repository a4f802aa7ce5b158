import { readFileSync } from 'node:fs';
import { buildServer } from './lib/build.mjs';
import { ensurePackages } from './lib/node-modules.mjs';
import { run } from './lib/say.mjs';

/** Bad input to the command: one line on standard error, exit 2, nothing on standard output. */
function refuse(message) {
  process.stderr.write(`${message.replaceAll('\n', ' ')}\n`);
  process.exit(2);
}

await run(async () => {
  await ensurePackages();
  await buildServer();
  const { CALCULATIONS } = await import('../dist/core/exchange/index.js');
  const { readJson } = await import('../dist/core/build/index.js');
  const [name, file, ...more] = process.argv.slice(2);
  const names = Object.keys(CALCULATIONS).join(', ');
  if (!name || !file || more.length)
    refuse(
      `usage: npm run -s calc -- NAME FILE, with NAME one of ${names}, and FILE a path or - for standard input`,
    );
  const calculate = Object.hasOwn(CALCULATIONS, name) ? CALCULATIONS[name] : undefined;
  if (!calculate) refuse(`NAME must be one of ${names} (was "${name}")`);

  let text;
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    refuse(`FILE cannot be read: ${error.message}`);
  }
  let input;
  try {
    input = readJson(text);
  } catch (error) {
    refuse(`FILE must hold one JSON object: ${error.message}`);
  }
  let result;
  try {
    result = calculate(input);
  } catch (error) {
    if (error.name !== 'BadInput') throw error;
    refuse(error.message);
  }
  process.stdout.write(`${JSON.stringify(result)}\n`);
});
