import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './server';

/** Each worker has a server and a database of its own: see `house` in desk.ts. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 2,
  fullyParallel: true,
  // A machine may be slow; a fault is told by what is wrong, not by when.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: [['list'], ['json', { outputFile: '../.data/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    contextOptions: { reducedMotion: 'reduce' },
    trace: 'off',
    // Each test is a first visit, which would fetch the whole application to keep it; offline.spec lets it.
    serviceWorkers: 'block',
  },
});
