import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'vite';
import type { Plugin, ResolvedConfig } from 'vite';

/** What the screens are made of; what is compressed beside it is the same again. */
const KEPT = /\.(js|css|html|woff2|svg|wasm)$/;
const NAME = 'sw.js';

/** A file of the screens, and what it says, where its name does not tell. */
const entryOf = (folder: string, url: string) => ({
  url,
  revision: url.startsWith('assets/')
    ? null
    : createHash('sha256')
        .update(readFileSync(join(folder, url)))
        .digest('hex'),
});

/** Builds the service worker, once the screens are there: it keeps them in the browser, to open without the server. */
export function offline(): Plugin {
  let config: ResolvedConfig;
  return {
    name: 'offline',
    apply: 'build',
    configResolved: (resolved) => {
      config = resolved;
    },
    closeBundle: async () => {
      const { outDir } = config.build;
      const folder = join(config.root, outDir);
      const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter(
        (url) => KEPT.test(url) && url !== NAME,
      );
      await build({
        root: config.root,
        configFile: false,
        logLevel: 'warn',
        publicDir: false,
        define: {
          FILES: JSON.stringify(files.sort().map((url) => entryOf(folder, url))),
          'process.env.NODE_ENV': '"production"',
        },
        build: {
          outDir,
          emptyOutDir: false,
          lib: {
            entry: join(import.meta.dirname, 'service-worker.ts'),
            formats: ['iife'],
            name: 'offline',
            fileName: () => NAME,
          },
        },
      });
    },
  };
}
