/** The application under test: each of the workers has one to itself, so that what they do cannot meet. */
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { test as base } from '@playwright/test'

export { expect } from '@playwright/test'

/** Starts an application of its own, and returns how to stop it. */
async function begin(port: number): Promise<() => Promise<void>> {
  const application = spawn('node', [join(__dirname, 'serve.mjs'), String(port)], { stdio: 'ignore' })
  const ended = new Promise<void>((done) => application.on('exit', () => done()))
  const ready = (): Promise<boolean> =>
    fetch(`http://127.0.0.1:${port}/health`).then(
      (reply) => reply.ok,
      () => false,
    )
  for (let tries = 0; !(await ready()); tries++) {
    if (tries > 300 || application.exitCode !== null) throw new Error('The application did not start.')
    await new Promise((wait) => setTimeout(wait, 200))
  }
  return async () => {
    application.kill('SIGTERM')
    await ended
  }
}

export const test = base.extend({
  // eslint-disable-next-line no-empty-pattern -- the runner wants the pattern
  baseURL: async ({}, use, { config, parallelIndex, workerIndex, retry }) => {
    const firstPort = Number(config.metadata.firstPort)
    if (retry === 0) return use(`http://127.0.0.1:${firstPort + parallelIndex}`)
    // What a test left behind that was broken off must not be in the way of its second try.
    const port = firstPort + 10 + workerIndex
    const stop = await begin(port)
    await use(`http://127.0.0.1:${port}`)
    await stop()
  },
})
