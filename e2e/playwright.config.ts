import { defineConfig } from '@playwright/test';
import { CHROMIUM, PORT, serverCommand, serverEnvironment } from './server';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: '../.data/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    trace: 'off',
  },
  webServer: {
    command: serverCommand,
    cwd: '..',
    env: serverEnvironment(PORT),
    url: `http://127.0.0.1:${PORT}/api/health`,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
