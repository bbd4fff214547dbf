import { defineConfig } from '@playwright/test';

/** Debian's Chromium, as root too; two tests at a time on two cores, each with a world of its own. */
export default defineConfig({
  testDir: './specs',
  globalSetup: './template.ts',
  workers: 2,
  // Tests of one file need not wait for one another: each has a client of its own.
  fullyParallel: true,
  // A busy machine is slow, not wrong: seen five times slower for minutes. These end only what hangs.
  timeout: 480_000,
  expect: { timeout: 90_000 },
  outputDir: '../test-results',
  use: {
    actionTimeout: 90_000,
    trace: 'off',
    // Answers that a service worker kept would hide what a test does to the line; where it matters, it is allowed.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A camera for those who are allowed one: a picture that moves, made by the browser itself.
        '--use-fake-device-for-media-stream',
        '--use-fake-ui-for-media-stream',
      ],
    },
  },
});
