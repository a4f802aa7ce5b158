import { defineConfig } from 'vitest/config';

const resolve = { conditions: ['source'] };
const ssr = { resolve: { conditions: ['source'] } };

export default defineConfig({
  test: {
    projects: [
      {
        resolve,
        ssr,
        test: { name: 'core', include: ['core/**/*.test.ts'], isolate: false, testTimeout: 30_000 },
      },
      { resolve, ssr, test: { name: 'web', include: ['web/**/*.test.ts'] } },
      {
        resolve,
        ssr,
        test: {
          name: 'scripts',
          include: ['scripts/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 120_000,
        },
      },
      {
        resolve,
        ssr,
        test: {
          name: 'server',
          include: ['server/**/*.test.ts'],
          globalSetup: 'server/test/database.ts',
          setupFiles: ['server/test/setup.ts'],
          fileParallelism: false,
          testTimeout: 30_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
