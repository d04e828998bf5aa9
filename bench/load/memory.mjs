// Resident memory of the server process: idle after its start, and at 75 requests a second.
// Wanted: under 200 MB and under 350 MB. usage: node bench/load/memory.mjs [MINUTES]
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { Client, percentile, withApplication } from '../application.mjs'

const minutes = Number(process.argv[2] ?? 15)
const students = 60
const aSecond = 75

await withApplication(async (address, data) => {
  const pid = Number(readFileSync(`${data}.run/server.pid`, 'utf8'))
  const resident = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024
  await new Promise((wait) => setTimeout(wait, 15_000))
  console.log(`idle: ${resident().toFixed(0)} MB`)
  const teacher = new Client(address)
  await teacher.send('GET', '/session')
  await teacher.send('POST', '/teachers', { userName: 'bench', displayName: 'Bench', password: 'a few words in a row' })
  const group = await teacher.send('POST', '/classes', { name: 'Load' })
  const specification = { kinds: [{ kind: 'measure', count: 15 }, { kind: 'draw', count: 5 }] }
  const set = await teacher.send('POST', '/sets', { title: 'Load', specification, seed: 7 })
  const crowd = []
  for (let i = 0; i < students; i++) {
    const { pin } = await teacher.send('POST', `/classes/${group.id}/students`, { givenName: `S${i}` })
    const student = new Client(address)
    await student.send('GET', '/bench/session')
    await student.send('POST', '/bench/session', { classCode: group.code, givenName: `S${i}`, pin })
    crowd.push(student)
  }
  let given
  let most = 0
  const times = []
  const ask = async (n) => {
    const student = crowd[n % students]
    const begin = performance.now()
    const item = Math.floor(n / students) % 20
    // Mostly answers, now and then a list, a set, results and a generated set, as in a school at work.
    if (n % 25 === 0) await student.send('GET', `/bench/assignments/${given.id}`)
    else if (n % 40 === 1) await student.send('GET', '/bench/assignments')
    else if (n % 400 === 2) await teacher.send('GET', `/assignments/${given.id}/results`)
    else if (n % 400 === 3) await teacher.send('POST', '/sets/generate', { specification: { ...specification, forms: 30 }, seed: n })
    else {
      const response = item < 15 ? { kind: 'measure', reading: n % 180 } : { kind: 'draw', strokes: [], dots: [], arc: null }
      await student.send('POST', `/bench/assignments/${given.id}/answers`, { id: randomUUID(), itemIndex: item, response }).catch((error) => {
        if (!/ 4(09|00) /.test(error.message)) throw error
      })
    }
    times.push(performance.now() - begin)
  }
  const begin = performance.now()
  for (let n = 0; performance.now() - begin < minutes * 60_000; n++) {
    if (n % (students * 60) === 0) given = await teacher.send('POST', '/assignments', { setId: set.id, classId: group.id, tries: 3 })
    void ask(n).catch((error) => console.log(error.message))
    const late = begin + ((n + 1) * 1000) / aSecond - performance.now()
    if (late > 0) await new Promise((wait) => setTimeout(wait, late))
    if (n % aSecond === 0) most = Math.max(most, resident())
    if (n % (aSecond * 60) === 0) console.log(`${((performance.now() - begin) / 60_000).toFixed(0)} min: ${resident().toFixed(0)} MB`)
  }
  times.sort((a, b) => a - b)
  console.log(`${minutes} min at ${aSecond} requests a second: at most ${most.toFixed(0)} MB; 99% within ${percentile(times, 0.99).toFixed(0)} ms`)
})
