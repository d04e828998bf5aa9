// Starts the application with a throwaway data folder for a benchmark, and stops it again.
import { execFile, execFileSync, spawn } from 'node:child_process'
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { promisify } from 'node:util'

export const root = resolve(import.meta.dirname, '..')

/**
 * Starts the application and gives it to the work: its address and the folder of its database.
 * With megabytes, that folder lies on a disk of its own of so many, made in memory; only root can make one.
 */
export async function withApplication(work, { megabytes } = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'jaunty-bench-'))
  if (megabytes) execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m`, 'jaunty-bench', folder])
  chmodSync(folder, 0o755)
  const data = join(folder, 'db')
  const port = 5190
  const app = spawn(join(root, 'start'), ['--port', String(port)], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, JAUNTY_DATA: data },
  })
  const gone = new Promise((done) => app.on('exit', done))
  const address = `http://127.0.0.1:${port}`
  try {
    for (let i = 0; ; i++) {
      if (await fetch(`${address}/api/v1/session`).then((r) => r.ok, () => false)) break
      if (i > 800 || app.exitCode !== null) throw new Error('the application did not start')
      await new Promise((wait) => setTimeout(wait, 250))
    }
    // The start command still has its own last word to say.
    await new Promise((wait) => setTimeout(wait, 500))
    return await work({ address, data })
  } finally {
    app.kill('SIGTERM')
    await gone
    if (megabytes) execFileSync('umount', [folder])
    rmSync(folder, { recursive: true, force: true })
  }
}

/** Runs a trial when its file is what was started; ends with an error when what must hold did not. */
export async function alone(meta, trial, options) {
  if (meta.filename === process.argv[1] && (await withApplication(trial, options)) === false) process.exitCode = 1
}

/** Runs a PostgreSQL client program on the application's cluster and returns what it prints. */
export const cluster = async (data, program, ...args) =>
  (await promisify(execFile)(join(root, 'scripts/cluster'), [program, data, ...args], { maxBuffer: 1 << 28 })).stdout

/** Rows per second that pgbench inserts into the application's cluster, one in a transaction, from so many clients. */
export async function insertedByPgbench(data, clients) {
  const script = join(tmpdir(), `jaunty-insert-${process.pid}.sql`)
  writeFileSync(script, "INSERT INTO load_rows VALUES (gen_random_uuid(), gen_random_uuid(), 1, repeat('x', 700));\n")
  await cluster(data, 'psql', '-qc', 'CREATE TABLE load_rows (id uuid PRIMARY KEY, student uuid, item int, body text)')
  const printed = await cluster(data, 'pgbench', '-n', '-c', String(clients), '-j', '2', '-T', '5', '-f', script)
  rmSync(script)
  return Number(/tps = ([\d.]+)/.exec(printed)[1])
}

/** A client with cookies and anti-forgery token. */
export class Client {
  #cookies = new Map()
  #tokens = {}

  constructor(address) {
    this.address = address
  }

  async send(method, path, body) {
    const room = path.startsWith('/bench') ? 'bench' : 'desk'
    const reply = await fetch(`${this.address}/api/v1${path}`, {
      method,
      headers: {
        'content-type': 'application/json',
        cookie: [...this.#cookies].map(([name, value]) => `${name}=${value}`).join('; '),
        ...(this.#tokens[room] && { 'X-Jaunty-Token': this.#tokens[room] }),
      },
      body: body && JSON.stringify(body),
    })
    for (const cookie of reply.headers.getSetCookie()) {
      const [pair] = cookie.split(';')
      this.#cookies.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1))
    }
    const text = await reply.text()
    const data = text ? JSON.parse(text) : null
    if (data?.antiforgeryToken) this.#tokens[room] = data.antiforgeryToken
    if (!reply.ok) throw new Error(`${method} ${path}: ${reply.status} ${text}`)
    return data
  }
}

export function percentile(sorted, share) {
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]
}

/**
 * Measures while work runs which share of the processors' time other machines on the same host took away (Linux: "steal" in
 * /proc/stat). Where it is more than a few per cent, latencies tell more about the host than about the application.
 */
export async function stolenDuring(work) {
  const before = processorTimes()
  const result = await work()
  const after = processorTimes()
  return { result, stolen: (after.steal - before.steal) / Math.max(1, after.all - before.all) }
}

function processorTimes() {
  const [line] = readFileSync('/proc/stat', 'utf8').split('\n')
  const times = line.trim().split(/\s+/).slice(1, 9).map(Number)
  return { steal: times[7], all: times.reduce((sum, time) => sum + time, 0) }
}

export const percent = (share) => `${(100 * share).toFixed(0)}%`
