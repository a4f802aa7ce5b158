import { defineConfig } from '@playwright/test';

const port = process.env['BAROS_TEST_PORT'] ?? '8399';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 2,
  fullyParallel: true,
  retries: 0,
  // What hangs ends by itself in the end; no test decides by its time, however busy the machine.
  timeout: 1_200_000,
  expect: { timeout: 90_000 },
  reporter: [['list']],
  use: {
    actionTimeout: 90_000,
    // The test of keeping allows them: elsewhere every page would fetch all screens anew.
    serviceWorkers: 'block',
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: '/usr/bin/chromium' },
    trace: 'off',
  },
  webServer: {
    command: 'node ../dist/server/main.js',
    url: `http://localhost:${port}/api/departments`,
    env: { DATABASE_URL: process.env['BAROS_TEST_DATABASE'] ?? '', PORT: port },
    stdout: 'ignore',
  },
});
