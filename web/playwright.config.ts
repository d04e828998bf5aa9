import { defineConfig } from '@playwright/test'

/** The real application, started by its own script with a database of its own for each worker, in Debian's headless Chromium. */
const firstPort = Number(process.env.JAUNTY_E2E_PORT ?? 5181)
// One more than the processors of a usual machine: each waits for its page now and then.
const workers = process.env.JAUNTY_PICTURES ? 1 : 3

export default defineConfig({
  testDir: '../tests/e2e',
  testMatch: process.env.JAUNTY_PICTURES ? '**/*.pictures.ts' : '**/*.spec.ts',
  outputDir: 'test-results',
  workers,
  metadata: { firstPort },
  // A browser without a graphics processor stops drawing now and then, and whoever waits for its next frame waits for ever.
  retries: process.env.JAUNTY_PICTURES ? 0 : 1,
  // Wide, for a machine whose disk or processor stands still for a while: how quick anything is, is measured in bench/.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    trace: 'off',
    actionTimeout: 30_000,
    navigationTimeout: 30_000,
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
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
  webServer: Array.from({ length: workers }, (_, worker) => ({
    command: `node ../tests/e2e/serve.mjs ${firstPort + worker}`,
    url: `http://127.0.0.1:${firstPort + worker}/health`,
    timeout: 300_000,
    gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 15_000 },
    stdout: 'ignore' as const,
  })),
})
