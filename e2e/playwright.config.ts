import { defineConfig } from '@playwright/test'

const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

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
    launchOptions: { executablePath: '/usr/bin/chromium', args: ARGS },
    trace: 'retain-on-failure',
  },
})
