/*
 * One afternoon in one room: the server on one host, a tablet on another, each in a network of its own. Only root can make such
 * hosts; without that there is nothing to try.
 */
import { execFileSync, spawn, type ChildProcess } from 'node:child_process'
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { chromium } from '@playwright/test'
import { expect, test } from './application'

const root = resolve('..')
const [server, tablet] = ['jaunty-server', 'jaunty-tablet']
const [serverAddress, tabletAddress] = ['10.77.0.1', '10.77.0.2']
const folder = mkdtempSync(join(tmpdir(), 'jaunty-room-'))
const env = { ...process.env, JAUNTY_DATA: join(folder, 'db') }
let application: ChildProcess | null = null
let said = ''

const ip = (...args: string[]): string =>
  execFileSync('ip', args, { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] })
const on = (host: string, command: string, ...args: string[]): string =>
  execFileSync('ip', ['netns', 'exec', host, command, ...args], { encoding: 'utf8', timeout: 20_000 })
function clear(): void {
  for (const host of [server, tablet])
    try {
      ip('netns', 'del', host)
    } catch {
      // There was none.
    }
}

test.beforeAll(() => {
  chmodSync(folder, 0o755)
  clear()
  for (const host of [server, tablet]) ip('netns', 'add', host)
  ip('link', 'add', 'jaunty-a', 'netns', server, 'type', 'veth', 'peer', 'name', 'jaunty-b', 'netns', tablet)
  for (const [host, device, address] of [
    [server, 'jaunty-a', serverAddress],
    [tablet, 'jaunty-b', tabletAddress],
  ] as const) {
    ip('-n', host, 'addr', 'add', `${address}/24`, 'dev', device)
    for (const name of [device, 'lo']) ip('-n', host, 'link', 'set', name, 'up')
  }
})
test.afterAll(async () => {
  if (application && application.exitCode === null) {
    application.kill('SIGTERM')
    await new Promise((done) => application!.on('exit', done))
  }
  clear()
  rmSync(folder, { recursive: true, force: true })
})

test('a tablet on the room’s network joins over TLS, and a demonstration is not served to it', async () => {
  test.setTimeout(150_000)
  const begin = (...args: string[]): ChildProcess => {
    said = ''
    const child = spawn('ip', ['netns', 'exec', server, join(root, 'start'), '--port', '5187', ...args], {
      cwd: root,
      env,
    })
    for (const stream of [child.stdout, child.stderr])
      stream!.on('data', (text: Buffer) => (said += text.toString()))
    return child
  }
  // A database with the demonstration is refused.
  application = begin()
  await expect.poll(() => said, { timeout: 60_000 }).toContain('Ctrl-C')
  application.kill('SIGTERM')
  await new Promise((done) => application!.on('exit', done))
  application = begin('--host', serverAddress)
  await new Promise((done) => application!.on('exit', done))
  expect(said).toContain('this database holds the demonstration')

  application = begin('--reset', '--yes', '--empty', '--host', serverAddress)
  await expect.poll(() => said, { timeout: 60_000 }).toContain('Ctrl-C')
  expect(said).toContain(`https://${serverAddress}:8443`)
  expect(said).toContain('What this is not good for')
  const welcome = new RegExp(`https://${serverAddress}:8443(/desk#/welcome/[\\w-]+)`).exec(said)![1]!

  // How a tablet comes to trust it; without that it does not.
  const certificate = on(
    tablet,
    'curl',
    '-sf',
    '--retry',
    '10',
    '--retry-connrefused',
    `http://${serverAddress}:8444/trust.crt`,
  )
  const file = join(folder, 'trust.crt')
  writeFileSync(file, certificate)
  const school = `https://${serverAddress}:8443/api/v1/school`
  expect(on(tablet, 'curl', '-sf', '--cacert', file, school)).toContain('"isDemo":false')
  expect(() => on(tablet, 'curl', '-sf', school)).toThrow()

  const wrapper = join(folder, 'browser')
  writeFileSync(wrapper, `#!/bin/sh\nexec ip netns exec ${tablet} /usr/bin/chromium-headless-shell "$@"\n`, {
    mode: 0o755,
  })
  // The chain was checked above; a browser of the tests has no settings in which a certificate could be installed.
  const browser = await chromium.launchPersistentContext(join(folder, 'profile'), {
    executablePath: wrapper,
    ignoreHTTPSErrors: true,
    baseURL: `https://${serverAddress}:8443`,
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic'],
  })
  const page = await browser.newPage()
  await page.goto(welcome)
  await page.getByLabel('User name').fill('marsh')
  await page.getByLabel('Name that others see').fill('R. Marsh')
  await page.getByLabel('Password', { exact: true }).fill('seven small boats')
  await page.getByRole('button', { name: 'Make the account' }).click()
  await page.getByRole('link', { name: 'Classes' }).click()
  await page.getByLabel('New class').fill('5 Tern')
  await page.getByRole('button', { name: 'Add the class' }).click()
  await page.getByLabel('First name of a new student').fill('Wren')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const pin = (
    await page
      .getByText(/PIN \d{4}/)
      .first()
      .innerText()
  ).replace('PIN ', '')
  const code = await page.locator('.code').innerText()
  await page.goto('/bench')
  await page.getByLabel('Class code').fill(code)
  await page.getByLabel('Your first name').fill('Wren')
  await page.getByLabel('PIN').fill(pin)
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Your work' })).toBeVisible()
  const cookies = await page.context().cookies()
  expect(cookies.length).toBeGreaterThanOrEqual(3)
  for (const cookie of cookies) expect(cookie.secure, cookie.name).toBe(true)
  await expect(page.getByText('This is a demonstration.')).toBeHidden()
  await browser.close()
  // Nothing but the web server in front is to be reached from the network.
  expect(() => on(tablet, 'curl', '-s', '--max-time', '2', `http://${serverAddress}:5187/health`)).toThrow()
})
