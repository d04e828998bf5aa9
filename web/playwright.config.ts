import { defineConfig } from '@playwright/test'

/** The real application, started by its own script with a database of its own, in Debian's headless Chromium. */
const port = Number(process.env.JAUNTY_E2E_PORT ?? 5181)

export default defineConfig({
  testDir: '../tests/e2e',
  testMatch: process.env.JAUNTY_PICTURES ? '**/*.pictures.ts' : '**/*.spec.ts',
  outputDir: 'test-results',
  workers: 1,
  retries: 0,
  timeout: 40_000,
  reporter: 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
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
      ],
    },
  },
  webServer: {
    command: `node ../tests/e2e/serve.mjs ${port}`,
    url: `http://127.0.0.1:${port}/health`,
    timeout: 120_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 15_000 },
    stdout: 'ignore',
  },
})
