import { readdirSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const COMPRESSED = /\.(js|css|html|svg|json)$/;
/** Less than fits into one packet gains nothing. */
const SMALL_BYTES = 1400;
/** The best takes twice as long, for less than two hundredths. */
const BROTLI = 10;

/** Lays beside each file that travels what it is compressed to, on all processors: the server need not do it. */
export async function compressAll(folder) {
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => COMPRESSED.test(name))
    .map((name) => join(folder, name));
  await Promise.all(
    files.map(async (path) => {
      const content = await readFile(path);
      if (content.length < SMALL_BYTES) return;
      const [br, gz] = await Promise.all([
        promisify(brotliCompress)(content, { params: { [constants.BROTLI_PARAM_QUALITY]: BROTLI } }),
        promisify(gzip)(content, { level: constants.Z_BEST_COMPRESSION }),
      ]);
      await Promise.all([writeFile(`${path}.br`, br), writeFile(`${path}.gz`, gz)]);
    }),
  );
}
