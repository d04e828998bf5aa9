// Students hand in while the application and the database are killed again and again (kill -9): what was acknowledged must be there,
// once, under the right student; what was made must arrive once the way is free. Everyone sends as an outbox does: the same id
// again until the server has it.
// Wanted: lost, doubled, misfiled, undelivered: 0. usage: node bench/attack/kills.mjs [KILLS-OF-EACH]
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { Client, cluster, withApplication } from '../application.mjs'

const kills = Number(process.argv[2] ?? 50)
const students = 24

await withApplication(async (address, data) => {
  const teacher = new Client(address)
  await teacher.send('GET', '/session')
  await teacher.send('POST', '/teachers', { userName: 'bench', displayName: 'Bench', password: 'a few words in a row' })
  const group = await teacher.send('POST', '/classes', { name: 'Load' })
  const set = await teacher.send('POST', '/sets', { title: 'Load', specification: { kinds: [{ kind: 'measure', count: 20 }] }, seed: 7 })
  const rounds = []
  for (let i = 0; i < 40; i++) rounds.push((await teacher.send('POST', '/assignments', { setId: set.id, classId: group.id, tries: 9 })).id)
  const crowd = []
  for (let i = 0; i < students; i++) {
    const { pin, studentId } = await teacher.send('POST', `/classes/${group.id}/students`, { givenName: `S${i}` })
    const student = new Client(address)
    await student.send('GET', '/bench/session')
    await student.send('POST', '/bench/session', { classCode: group.code, givenName: `S${i}`, pin })
    crowd.push({ student, studentId })
  }

  const made = new Map()
  const acknowledged = new Set()
  let under = true
  const work = async ({ student, studentId }) => {
    for (let n = 0; under; n++) {
      const assignment = rounds[Math.floor(n / 180) % rounds.length]
      const id = randomUUID()
      const body = { id, itemIndex: n % 20, studentId, response: { kind: 'measure', reading: n % 180 } }
      made.set(id, studentId)
      for (let tries = 0; tries < 400; tries++) {
        try {
          const reply = await student.send('POST', `/bench/assignments/${assignment}/answers`, body)
          if (reply.id === id) {
            acknowledged.add(id)
            break
          }
        } catch (error) {
          // Refused for good counts as settled: no tries are left.
          if (/ 409 .*No tries/.test(error.message)) {
            made.delete(id)
            break
          }
          await new Promise((wait) => setTimeout(wait, 100))
        }
      }
      await new Promise((wait) => setTimeout(wait, 20))
    }
  }
  const running = crowd.map(work)
  const ready = async () => {
    const begin = performance.now()
    while (!(await fetch(`${address}/health/ready`).then((r) => r.ok, () => false))) {
      if (performance.now() - begin > 60_000) throw new Error('it did not come back')
      await new Promise((wait) => setTimeout(wait, 25))
    }
    return performance.now() - begin
  }
  const away = { application: [], database: [] }
  for (let i = 0; i < kills; i++) {
    for (const [what, file] of [['application', `${data}.run/server.pid`], ['database', `${data}/data/postmaster.pid`]]) {
      await new Promise((wait) => setTimeout(wait, 300 + Math.random() * 700))
      try {
        process.kill(Number(readFileSync(file, 'utf8').split('\n')[0]), 'SIGKILL')
      } catch {
        // It is on its way back already.
      }
      await new Promise((wait) => setTimeout(wait, 150))
      away[what].push(await ready())
    }
  }
  under = false
  await Promise.all(running)
  await ready()

  const rows = cluster(data, 'psql', '-tAc', `SELECT a.id, a.student_id, (SELECT count(*) FROM marks m WHERE m.answer_id = a.id) FROM answers a JOIN students s ON s.id = a.student_id WHERE s.class_id = '${group.id}'`)
    .trim().split('\n').filter(Boolean).map((line) => line.split('|'))
  const stored = new Map(rows.map(([id, student, marks]) => [id, { student, marks: Number(marks) }]))
  const count = (ids, wrong) => [...ids].filter(wrong).length
  console.log(
    `${kills} kills of each: ${acknowledged.size} acknowledged; lost ${count(acknowledged, (id) => !stored.has(id))}, ` +
      `doubled ${rows.length - stored.size}, misfiled ${count(stored.keys(), (id) => made.has(id) && made.get(id) !== stored.get(id).student)}, ` +
      `without their mark ${count(stored.keys(), (id) => stored.get(id).marks !== 1)}, made and not delivered ${count(made.keys(), (id) => !stored.has(id))}`,
  )
  for (const [what, times] of Object.entries(away)) {
    times.sort((a, b) => a - b)
    console.log(`${what} away: median ${(times[times.length >> 1] / 1000).toFixed(1)} s, the longest ${(times.at(-1) / 1000).toFixed(1)} s`)
  }
})
