import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { distFolder, root } from './places.mjs';
import { isTest } from './sources.mjs';

const FOLDERS = ['core', 'server'];

/** As TypeScript itself would: decorators say the types of what they stand at, which Nest and class-validator read. */
const OPTIONS = {
  lang: 'ts',
  sourcemap: false,
  tsconfig: false,
  target: 'es2022',
  decorator: { legacy: true, emitDecoratorMetadata: true },
  assumptions: { setPublicClassFields: true },
  typescript: { removeClassFieldsWithoutInitializer: true },
};

/** Compiles core and server, each file by itself; types are what the tests check. */
export async function compile() {
  const { transformWithOxc } = await import('vite');
  const files = FOLDERS.flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
      .map((name) => join(folder, name))
      .filter((name) => name.endsWith('.ts') && !name.endsWith('.d.ts') && !isTest(name)),
  );
  for (const folder of FOLDERS) await rm(join(distFolder, folder), { recursive: true, force: true });
  await Promise.all(
    files.map(async (file) => {
      const { code } = await transformWithOxc(await readFile(join(root, file), 'utf8'), file, OPTIONS);
      const built = join(distFolder, file.replace(/\.ts$/, '.js'));
      await mkdir(dirname(built), { recursive: true });
      await writeFile(built, code);
    }),
  );
}
