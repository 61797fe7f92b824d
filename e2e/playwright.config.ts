import { defineConfig } from '@playwright/test'

// Devices may be told things; none is really reached from here.
process.env['SPUDDER_PUSH_CONTACT'] = 'mailto:estate@alder.example'

export default defineConfig({
  testDir: '.',
  testMatch: '**/*.spec.ts',
  outputDir: '../test-results',
  globalSetup: './build.ts',
  workers: 2,
  // Only what hangs runs into these: a busy machine is slow, not wrong.
  timeout: 400_000,
  // A journey that fails twice is a fault; one that then passes is told as flaky.
  retries: 1,
  expect: { timeout: 60_000 },
  // What passed is a dot where nobody watches, so that a log that is cut still shows what failed.
  reporter: process.stdout.isTTY ? 'list' : 'dot',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Code that is kept answers before a journey's own stand-ins could; those that need it say so.
    serviceWorkers: 'block',
    video: 'off',
    trace: 'off',
    launchOptions: { executablePath: '/usr/bin/chromium' },
  },
})
