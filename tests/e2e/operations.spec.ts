/* The start command and what keeps a school's data: killed and back, stopped, backed up, restored. */
import { execFile, spawn, type ChildProcess } from 'node:child_process'
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { promisify } from 'node:util'
import { expect, test } from './application'

const root = resolve('..')
const port = 5186
const address = `http://127.0.0.1:${port}`
const folder = mkdtempSync(join(tmpdir(), 'jaunty-operations-'))
const data = join(folder, 'db')
const env = { ...process.env, JAUNTY_DATA: data }
let running: ChildProcess | null = null
let said = ''

const run = async (command: string, ...args: string[]): Promise<string> =>
  (await promisify(execFile)(join(root, command), args, { cwd: root, env, timeout: 60_000 })).stdout

async function ready(): Promise<number> {
  const began = Date.now()
  while (Date.now() - began < 60_000) {
    if (
      await fetch(`${address}/health/ready`).then(
        (r) => r.ok,
        () => false,
      )
    )
      return Date.now() - began
    await new Promise((wait) => setTimeout(wait, 50))
  }
  throw new Error(`it did not become ready: ${said}`)
}

async function start(...args: string[]): Promise<number> {
  said = ''
  running = spawn(join(root, 'start'), ['--port', String(port), ...args], { cwd: root, env })
  for (const stream of [running.stdout, running.stderr])
    stream!.on('data', (text: Buffer) => (said += text.toString()))
  const took = await ready()
  await expect.poll(() => said, { timeout: 30_000 }).toContain('Ctrl-C')
  return took
}

const pidOf = (file: string): number => Number(readFileSync(join(`${data}.run`, file), 'utf8'))
const postmaster = (): number =>
  Number(readFileSync(join(data, 'data', 'postmaster.pid'), 'utf8').split('\n')[0])
const kill = (pid: number): void => {
  try {
    process.kill(pid, 'SIGKILL')
  } catch {
    // It is gone already.
  }
}

/** The first head teacher makes their account; returns what asks in their name. */
async function head(): Promise<(method: string, path: string, body?: unknown) => Promise<Response>> {
  const key = /\/desk#\/welcome\/([\w-]+)/.exec(said)![1]
  let cookies = ''
  const send = async (method: string, path: string, body?: unknown, token = ''): Promise<Response> => {
    const reply = await fetch(`${address}/api/v1/${path}`, {
      method,
      headers: { 'content-type': 'application/json', cookie: cookies, 'X-Jaunty-Token': token },
      body: body === undefined ? null : JSON.stringify(body),
    })
    const fresh = reply.headers.getSetCookie().map((cookie) => cookie.split(';')[0]!)
    cookies = [
      ...cookies.split('; ').filter((c) => c && !fresh.some((f) => f.split('=')[0] === c.split('=')[0])),
      ...fresh,
    ].join('; ')
    return reply
  }
  const tokenOf = async (): Promise<string> =>
    ((await (await send('GET', 'session')).json()) as { antiforgeryToken: string }).antiforgeryToken
  const made = await send(
    'POST',
    'links/invitation',
    { key, userName: 'marsh', displayName: 'R. Marsh', password: 'seven small boats' },
    await tokenOf(),
  )
  expect(made.status).toBe(200)
  return async (method, path, body) => send(method, path, body, await tokenOf())
}

test.beforeAll(() => chmodSync(folder, 0o755))
test.afterAll(async () => {
  await run('stop').catch(() => undefined)
  rmSync(folder, { recursive: true, force: true })
})

test('it comes back by itself, starts after everything was killed, and an older backup is restored whole', async () => {
  test.setTimeout(240_000)
  await start('--empty')
  const ask = await head()
  await ask('POST', 'classes', { name: 'Before' })
  const classes = async (): Promise<string[]> =>
    ((await (await ask('GET', 'classes')).json()) as { name: string }[]).map((c) => c.name).sort()

  // Somebody kills the server, then the database; both come back.
  kill(pidOf('server.pid'))
  console.log(`server back after ${await ready()} ms`)
  kill(postmaster())
  await new Promise((wait) => setTimeout(wait, 300))
  console.log(`database back after ${await ready()} ms`)
  expect(await classes()).toEqual(['Before'])

  // Another start beside it says so, and harms nothing.
  await expect(run('start', '--port', String(port + 1))).rejects.toThrow('it runs already')

  const backup = /made and checked: (\S+)/.exec(await run('scripts/backup', join(folder, 'backups')))![1]!
  await ask('POST', 'classes', { name: 'After' })
  expect(await classes()).toEqual(['After', 'Before'])
  // Something that is no backup changes nothing.
  await expect(run('scripts/restore', join(root, 'README.md'), '--yes')).rejects.toThrow('not a whole backup')
  expect(await run('scripts/restore', backup, '--yes')).toContain('Restored')
  await ready()
  // Whoever was signed in when the backup was made is not any more; the accounts are there.
  expect((await ask('GET', 'classes')).status).toBe(401)
  const again = await ask('POST', 'session', { userName: 'marsh', password: 'seven small boats' })
  expect(again.status).toBe(200)
  await expect.poll(classes).toEqual(['Before'])

  // Everything is killed at once; what is left of lock files does not matter.
  const [server, database] = [pidOf('server.pid'), postmaster()]
  kill(running!.pid!)
  kill(server)
  kill(database)
  console.log(`started after everything was killed within ${await start('--empty')} ms`)
  expect(said).not.toContain('/desk#/welcome/')
  expect(await classes()).toEqual(['Before'])

  expect(await run('stop')).toContain('Nothing runs here any more')
  expect(
    await fetch(address).then(
      () => true,
      () => false,
    ),
  ).toBe(false)
})

test('the database’s user is no superuser, and a leaked backup holds no key that makes a cookie', async () => {
  test.setTimeout(60_000)
  await start('--empty')
  const sql = (query: string): Promise<string> => run('scripts/cluster', 'psql', data, '-tAc', query)
  expect(
    (
      await sql('SELECT rolsuper OR rolcreaterole OR rolcreatedb FROM pg_roles WHERE rolname = current_user')
    ).trim(),
  ).toBe('f')
  const keys = await sql('SELECT xml FROM data_protection_keys')
  expect(keys).toContain('EncryptedXml')
  expect(keys).not.toContain('<masterKey')
  await run('stop')
})
