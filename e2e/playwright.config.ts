import { defineConfig } from '@playwright/test';
import { CHROMIUM } from '../scripts/lib/chromium.mjs';

/**
 * Each worker has a server and a hall of its own; the test run passes the database.
 */
export default defineConfig({
  testDir: './journeys',
  fullyParallel: false,
  workers: 2,
  // A machine that tests run on may be busy: what is waited for long enough says the same.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  outputDir: '../test-results',
  reporter: [['list'], ['json', { outputFile: process.env.E2E_RESULT ?? '../test-results/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    screenshot: 'only-on-failure',
    launchOptions: CHROMIUM,
  },
});
