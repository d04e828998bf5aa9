// Students hand in while the application and the database are killed again and again (kill -9): what was acknowledged must be there,
// once, under the right student; what was made must arrive once the way is free.
// Wanted: lost, doubled, misfiled, undelivered: 0; service back within 1 s of the database.
// usage: node bench/attack/kills.mjs [KILLS-OF-EACH]
import { readFileSync } from 'node:fs'
import { alone, cluster } from '../application.mjs'
import { pause } from '../classroom.mjs'
import { handingIn } from './handing-in.mjs'

export async function kills({ address, data }, times) {
  const work = await handingIn(address, 24)
  const until = async (there) => {
    const begin = performance.now()
    while (!(await there())) {
      if (performance.now() - begin > 60_000) throw new Error('it did not come back')
      await pause(20)
    }
    return performance.now()
  }
  const ready = () => fetch(`${address}/health/ready`).then((r) => r.ok, () => false)
  const databaseAnswers = async () => cluster(data, 'psql', '-tAc', 'SELECT 1').then((said) => said.trim() === '1', () => false)
  const kill = (file) => {
    process.kill(Number(readFileSync(file, 'utf8').split('\n')[0]), 'SIGKILL')
    return performance.now()
  }
  const away = { 'application away': [], 'database away': [], 'application after the database': [] }
  for (let i = 0; i < times; i++) {
    await pause(300 + Math.random() * 700)
    const application = kill(`${data}.run/server.pid`)
    await until(async () => !(await ready()))
    away['application away'].push((await until(ready)) - application)
    await pause(300 + Math.random() * 700)
    const database = kill(`${data}/data/postmaster.pid`)
    await pause(100)
    const back = await until(databaseAnswers)
    away['database away'].push(back - database)
    away['application after the database'].push((await until(ready)) - back)
  }
  const { text, whole } = await work.result(data)
  console.log(`${times} kills of each: ${text}`)
  for (const [what, list] of Object.entries(away)) {
    list.sort((a, b) => a - b)
    console.log(`${what}: median ${(list[list.length >> 1] / 1000).toFixed(2)} s, the longest ${(list.at(-1) / 1000).toFixed(2)} s`)
  }
  return whole
}

await alone(import.meta, (application) => kills(application, Number(process.argv[2] ?? 50)))
