import { defineConfig } from '@playwright/test';

const address = process.env.TROPAEUM_E2E_URL ?? 'http://127.0.0.1:4180';

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.test.ts',
  // How fast anything is, is the benchmarks' to say: a crowded machine must not fail a test.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  workers: 1,
  reporter: process.env.TROPAEUM_E2E_REPORT
    ? [['list'], ['json', { outputFile: process.env.TROPAEUM_E2E_REPORT }]]
    : [['list']],
  use: {
    baseURL: address,
    // The tour has been seen: one test looks at it.
    storageState: {
      cookies: [],
      origins: [{ origin: address, localStorage: [{ name: 'tropaeum-tour', value: 'seen' }] }],
    },
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    launchOptions: { executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium' },
  },
});
