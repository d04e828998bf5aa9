// Three hundred simulated students answer at once: how long an answer takes to be marked and stored, and how the rows per second
// compare with what pgbench inserts into the same cluster in the same run. Students, application and database share the processors.
// Wanted: 99th percentile under 60 ms with pauses; without any, not under 48% of what pgbench inserts.
// usage: node bench/load/crowd.mjs [STUDENTS]; registering three hundred takes a minute or two.
import { execFile, execFileSync } from 'node:child_process'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { Client, insertedByPgbench, percent, root, stolenDuring, withApplication } from '../application.mjs'

const students = Number(process.argv[2] ?? 300)
const program = join(root, 'src/JauntyCompass.SimulatedClass/bin/Release/net10.0/JauntyCompass.SimulatedClass.dll')
// Faster than students by so much; the last rounds are without any pause, the first four of them to warm up.
const rounds = process.argv[3]?.split(',') ?? [10, 20, 40, 0, 0, 0, 0, 0, 0, 0, 0]

execFileSync('dotnet', ['build', join(root, 'src/JauntyCompass.SimulatedClass'), '-c', 'Release', '--nologo', '-v', 'quiet'], { stdio: 'inherit' })
await withApplication(async ({ address, data }) => {
  const teacher = new Client(address)
  await teacher.send('GET', '/session')
  await teacher.send('POST', '/teachers', { userName: 'bench', displayName: 'Bench', password: 'a few words in a row' })
  const { result, stolen } = await stolenDuring(() =>
    promisify(execFile)('dotnet', [
      program,
      ...['--url', address, '--user', 'bench', '--password', 'a few words in a row'],
      ...['--students', String(students), '--hurry', rounds.join(','), '--seed', '1'],
    ]),
  )
  console.log(result.stdout)
  const paces = [...result.stdout.matchAll(/, (\d+) a second/g)].map(([, answers]) => Number(answers)).slice(-4)
  const rows = (2 * paces.reduce((sum, pace) => sum + pace, 0)) / paces.length

  const inserted = await insertedByPgbench(data, 30)
  console.log(
    `pgbench, 30 clients: ${inserted.toFixed(0)} rows/s inserted; the application stores ${rows.toFixed(0)} in the last four rounds, ` +
      `${percent(rows / inserted)} of that; ${percent(stolen)} of the processors taken by others`,
  )
})
