import { defineConfig } from '@playwright/test';

/**
 * Debian's Chromium, told to keep to itself. The server is started by the test run, which passes its
 * address.
 */
export default defineConfig({
  testDir: './tests',
  fullyParallel: false,
  workers: 1,
  timeout: 90_000,
  expect: { timeout: 10_000 },
  outputDir: '../test-results',
  reporter: [['list'], ['json', { outputFile: process.env.E2E_RESULT ?? '../test-results/e2e.json' }]],
  use: {
    baseURL: process.env.LOTUS_URL ?? 'http://127.0.0.1:4310',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
