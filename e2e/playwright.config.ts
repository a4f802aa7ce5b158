import { defineConfig } from '@playwright/test';

const port = process.env['BAROS_TEST_PORT'] ?? '8399';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 2,
  fullyParallel: true,
  retries: 0,
  timeout: 90_000,
  expect: { timeout: 15_000 },
  reporter: [['list']],
  use: {
    actionTimeout: 15_000,
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: '/usr/bin/chromium' },
    trace: 'off',
  },
  webServer: {
    command: 'node ../build/server/main.js',
    url: `http://localhost:${port}/api/departments`,
    env: { DATABASE_URL: process.env['BAROS_TEST_DATABASE'] ?? '', PORT: port },
    stdout: 'ignore',
  },
});
