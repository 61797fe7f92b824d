import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: '.',
  testMatch: '**/*.spec.ts',
  outputDir: '../test-results',
  globalSetup: './build.ts',
  workers: 2,
  timeout: 90_000,
  // A journey that fails twice is a fault; one that then passes is told as flaky.
  retries: 1,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    video: 'off',
    trace: 'off',
    launchOptions: { executablePath: '/usr/bin/chromium' },
  },
})
