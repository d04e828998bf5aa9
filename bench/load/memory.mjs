// Resident memory of the server process: idle after its start, and at 75 requests a second.
// Wanted: under 200 MB and under 350 MB. usage: node bench/load/memory.mjs [MINUTES]
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { alone, percentile } from '../application.mjs'
import { answerTo, classroom, pause, specification } from '../classroom.mjs'

const students = 60
const aSecond = 75
const most = { idle: 200, atWork: 350 }

export async function memory({ address, data }, minutes) {
  const pid = Number(readFileSync(`${data}.run/server.pid`, 'utf8'))
  const resident = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024
  await pause(10_000)
  const idle = resident()
  console.log(`idle: ${idle.toFixed(0)} MB`)
  const { teacher, crowd, give } = await classroom(address, students)
  let given
  let highest = 0
  const times = []
  const ask = async (n) => {
    const { student } = crowd[n % students]
    const begin = performance.now()
    const item = Math.floor(n / students) % 20
    // Mostly answers, now and then a list, a set, results and a generated set, as in a school at work.
    if (n % 25 === 0) await student.send('GET', `/bench/assignments/${given.id}`)
    else if (n % 40 === 1) await student.send('GET', '/bench/assignments')
    else if (n % 400 === 2) await teacher.send('GET', `/assignments/${given.id}/results`)
    else if (n % 400 === 3) await teacher.send('POST', '/sets/generate', { specification: { ...specification, forms: 30 }, seed: n })
    else {
      await student.send('POST', `/bench/assignments/${given.id}/answers`, { id: randomUUID(), itemIndex: item, response: answerTo(item, n) }).catch((error) => {
        if (!/ 4(09|00) /.test(error.message)) throw error
      })
    }
    times.push(performance.now() - begin)
  }
  const begin = performance.now()
  for (let n = 0; performance.now() - begin < minutes * 60_000; n++) {
    if (n % (students * 60) === 0) given = await give(3)
    void ask(n).catch((error) => console.log(error.message))
    const late = begin + ((n + 1) * 1000) / aSecond - performance.now()
    if (late > 0) await pause(late)
    if (n % aSecond === 0) highest = Math.max(highest, resident())
    if (n % (aSecond * 60) === 0) console.log(`${((performance.now() - begin) / 60_000).toFixed(0)} min: ${resident().toFixed(0)} MB`)
  }
  times.sort((a, b) => a - b)
  console.log(`${minutes} min at ${aSecond} requests a second: at most ${highest.toFixed(0)} MB; 99% within ${percentile(times, 0.99).toFixed(0)} ms`)
  return idle < most.idle && highest < most.atWork
}

await alone(import.meta, (application) => memory(application, Number(process.argv[2] ?? 15)))
