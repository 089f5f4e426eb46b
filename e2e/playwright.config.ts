import { defineConfig } from '@playwright/test'

const port = 8610

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  timeout: 40_000,
  expect: { timeout: 8_000 },
  workers: 1,
  reporter: 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `../bin/demo --port=${port} --fresh`,
    url: `http://127.0.0.1:${port}/api/shelf`,
    timeout: 180_000,
    env: { DATABASE_PATH: '/tmp/notagram-e2e.db' },
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5_000 },
  },
})
