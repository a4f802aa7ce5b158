import { defineConfig } from 'vitest/config';

const resolve = { conditions: ['source'] };
const ssr = { resolve: { conditions: ['source'] } };

/** What hangs ends by itself in the end; no test decides by its time, however busy the machine. */
const HANGS_MS = 20 * 60_000;

/** Tests of a room. What a file leaves behind in its thread is of no meaning to the next. */
const room = (name: string, more: object = {}) => ({
  resolve,
  ssr,
  test: {
    name,
    include: [`${name}/**/*.test.{ts,tsx}`],
    isolate: false,
    testTimeout: HANGS_MS,
    hookTimeout: HANGS_MS,
    ...more,
  },
});

export default defineConfig({
  test: {
    projects: [
      room('core', { setupFiles: 'core/test/seed.ts' }),
      room('web'),
      // A process takes the memory and the signals of its tests with it.
      room('scripts', { isolate: true }),
      room('server', {
        globalSetup: 'server/test/database.ts',
        setupFiles: ['server/test/setup.ts', 'core/test/seed.ts'],
        fileParallelism: false,
      }),
    ],
  },
});
