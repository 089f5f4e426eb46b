import { defineConfig } from '@playwright/test'
import { CHROMIUM, FLAGS } from './browser.mjs'
import { addressOf } from './story'

const WORKERS = 2
const databaseOf = (worker: number) => `/tmp/notagram-e2e-${worker}.db`

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  timeout: 120_000,
  expect: { timeout: 15_000 },
  // A machine that others use at the same time may stall a story. It is told again once, and named as flaky: look into each that is.
  retries: 1,
  workers: WORKERS,
  reporter: 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: CHROMIUM,
      args: FLAGS,
    },
  },
  webServer: Array.from({ length: WORKERS }, (_, worker) => ({
    command: `rm -rf ${databaseOf(worker)}*; ../bin/demo --port=${new URL(addressOf(worker)).port}`,
    url: `${addressOf(worker)}/api/shelf`,
    timeout: 180_000,
    env: { DATABASE_PATH: databaseOf(worker) },
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5_000 },
  })),
})
