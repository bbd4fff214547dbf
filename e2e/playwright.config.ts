import { defineConfig } from '@playwright/test';

/** Debian's Chromium, as root too; two tests at a time on two cores, each with a world of its own. */
export default defineConfig({
  testDir: './specs',
  workers: 2,
  fullyParallel: false,
  // A busy machine is slow, not wrong.
  timeout: 240_000,
  expect: { timeout: 20_000 },
  outputDir: '../test-results',
  use: {
    actionTimeout: 20_000,
    trace: 'off',
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
