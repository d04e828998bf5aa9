/* Another browser's engine: one pass through each room in Debian's Firefox. */
import { execFile } from 'node:child_process'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { expect, test } from './application'

test('each room is walked through in Firefox', async ({ baseURL }) => {
  test.setTimeout(180_000)
  // The client speaks over a web socket, which this version of Node.js has behind a flag.
  const walk = promisify(execFile)(
    process.execPath,
    ['--experimental-websocket', join(__dirname, 'firefox.mjs'), baseURL!],
    { timeout: 170_000 },
  )
  expect((await walk.catch((error: { stderr: string }) => ({ stdout: error.stderr }))).stdout).toBe(
    'each room was walked through\n',
  )
})
