import { defineConfig } from '@playwright/test'
import { CHROMIUM } from '../tools/launch/chromium.mjs'

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  globalSetup: './startApplication.ts',
  workers: 2,
  // Screens are many and short: they fill up both workers to the end.
  fullyParallel: true,
  // Limits end what hangs; how quick something is they do not judge: a busy machine is as right as a quiet one.
  timeout: 15 * 60_000,
  expect: { timeout: 2 * 60_000 },
  forbidOnly: true,
  // For a browser that stops drawing: `tools/launch/browserReport.mjs` counts every other test that failed as failed.
  retries: 1,
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // Only what is about it needs the program kept in the browser; to all others it would fetch all of it each time.
    serviceWorkers: 'block',
    launchOptions: CHROMIUM,
    actionTimeout: 2 * 60_000,
    // Recording every step of every test takes a third of the time: only when somebody looks for a fault.
    trace: process.env['LOCHMOOR_TRACE'] ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
  },
})
