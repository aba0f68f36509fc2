import { defineConfig } from '@playwright/test';

/** Debian's Chromium against the served build; `scripts/test.mjs` starts it and gives its address. */
export default defineConfig({
  testDir: 'e2e/browser',
  workers: 1,
  timeout: 120_000,
  // A machine that is slow for a minute fails nobody; what still goes wrong runs once more, and `npm test` names it.
  retries: 1,
  expect: { timeout: 20_000 },
  outputDir: 'test-results',
  use: {
    baseURL: process.env.CHIAVE_URL ?? 'http://127.0.0.1:5150',
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
    // Requests are held up and answered by tests here; what it does without a server is tried where there is none.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        // A drawing in space is worked out without one.
        '--enable-unsafe-swiftshader',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync'
      ]
    }
  }
});
