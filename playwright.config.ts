import { defineConfig } from '@playwright/test';
import { browserOptions } from './scripts/browser-options';

const port = 4310;

export default defineConfig({
  testDir: 'tests/e2e',
  // The machine that this has to pass on has two cores, and a page waits more than it works.
  workers: 2,
  timeout: 120_000,
  // A browser on a busy machine misses a click now and then; what needs a second try is told as flaky.
  retries: 1,
  expect: { timeout: 15_000 },
  forbidOnly: Boolean(process.env.CI),
  reporter: [['list'], ['json', { outputFile: '.cache/reports/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: browserOptions,
  },
  webServer: {
    command: `node_modules/.bin/tsx server/main.ts --port ${port}`,
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
  },
});
