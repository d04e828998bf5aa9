// Thirty students hand in at once: how long an answer takes to be marked and stored, and how the rows per second compare
// with what pgbench inserts into the same cluster in the same run.
// Wanted: median under 10 ms, 99th percentile under 40 ms.
import { randomUUID } from 'node:crypto'
import { insertedByPgbench, percent, percentile, stolenDuring, withApplication } from '../application.mjs'
import { classroom } from '../classroom.mjs'

const students = 30
const answersEach = 60
const warmUp = 10
// A student reads and writes for a while between two answers; thirty who never pause are far more than a class.
const pauses = [200, 0]

await withApplication(async ({ address, data }) => {
  const { crowd, give } = await classroom(address, students)
  const placement = { centre: { x: 0.3, y: -31.8 }, turn: 0.4, turnedOver: false }
  const stroke = Array.from({ length: 60 }, (_, i) => ({ x: i * 0.9, y: -32 + i * 1.1 }))

  async function round(answers, pause) {
    const given = await give(9)
    const times = []
    const begin = performance.now()
    await Promise.all(
      crowd.map(async ({ student }) => {
        await new Promise((wait) => setTimeout(wait, Math.random() * pause))
        for (let i = 0; i < answers; i++) {
          const itemIndex = i % 20
          const response =
            itemIndex < 15
              ? { kind: 'measure', reading: (i * 37) % 180, kindSaid: 'acute', placement }
              : { kind: 'draw', strokes: [{ points: stroke }], dots: [stroke[50]], arc: { x: 12, y: -28 }, placement }
          const sent = performance.now()
          await student.send('POST', `/bench/assignments/${given.id}/answers`, { id: randomUUID(), itemIndex, response })
          times.push(performance.now() - sent)
          if (pause) await new Promise((wait) => setTimeout(wait, pause * (0.5 + Math.random())))
        }
      }),
    )
    return { times: times.sort((a, b) => a - b), seconds: (performance.now() - begin) / 1000 }
  }

  await round(warmUp, 0)
  let rows = 0
  for (const pause of pauses) {
    const { result: { times, seconds }, stolen } = await stolenDuring(() => round(answersEach, pause))
    rows = (2 * times.length) / seconds
    console.log(
      `${students} students, ${pause ? `a pause of about ${pause} ms` : 'no pause'}: ${times.length} answers, ` +
        `median ${percentile(times, 0.5).toFixed(1)} ms, 99th percentile ${percentile(times, 0.99).toFixed(1)} ms, ` +
        `${rows.toFixed(0)} rows/s; ${percent(stolen)} of the processors taken by others`,
    )
  }

  const inserted = await insertedByPgbench(data, students)
  console.log(`pgbench, ${students} clients: ${inserted.toFixed(0)} rows/s inserted; the application stores ${((100 * rows) / inserted).toFixed(0)}% of that`)
})
