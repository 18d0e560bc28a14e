import { defineConfig } from '@playwright/test'
import { CHROMIUM } from '../tools/launch/chromium.mjs'

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  globalSetup: './startApplication.ts',
  workers: 2,
  fullyParallel: false,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  forbidOnly: true,
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: CHROMIUM,
    trace: 'retain-on-failure',
  },
})
