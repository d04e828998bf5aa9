// Eight attackers send the dearest open requests as fast as they can, while a class of thirty is at work: how long the class waits.
// Wanted: 99% of the class's answers within 200 ms. Everything comes from one address, as it would behind a school's router; the
// attackers share the two processors with what they attack.
// usage: node bench/attack/attack.mjs [SECONDS]
import { randomUUID } from 'node:crypto'
import { alone, Client, percent, percentile, stolenDuring } from '../application.mjs'
import { answerTo, classroom, pause } from '../classroom.mjs'

const students = 30
const attackers = 8

export async function attack({ address }, seconds) {
  const { teacher, group, crowd, give } = await classroom(address, students)
  const given = await give(9)
  const kinds = await teacher.send('GET', '/exercise-kinds')
  const instruments = (await teacher.send('GET', '/instruments')).map((i) => i.protractor)
  const half = instruments.find((p) => p.id === 'desk-half-circle')
  const own = Array.from({ length: 12 }, (_, i) => ({ ...half, id: `own-${i}`, name: `Own ${i}`, edgeRadius: half.edgeRadius - i / 4 }))
  const { items } = await teacher.send('POST', '/sets/generate', {
    specification: { kinds: kinds.slice(0, 15).map((k) => ({ kind: k.key, count: 4 })) },
    seed: 1,
  })
  const dear = [
    // Everything there is, with instruments that nothing is known of, forty times over.
    () => ['/sets/generate', {
      specification: {
        kinds: kinds.map((k) => ({ kind: k.key, count: 3 })), forms: 40, tolerance: 1.5 + Math.random() / 10, to: 359,
        instrument: own[0].id, moreInstruments: own.slice(1).map((p) => p.id), ownInstruments: own,
      },
      seed: Math.floor(Math.random() * 1e6),
    }],
    () => ['/sets/generate', {
      specification: { kinds: [{ kind: 'measure', count: 60 }], forms: 40, to: 359 },
      seed: Math.floor(Math.random() * 1e6),
    }],
    () => ['/next-item', { items: items.map((i) => i.item), answers: [], tolerance: Math.random() }],
    () => ['/instruments/described', { instrument: own[Math.floor(Math.random() * 12)] }],
    () => ['/bench/session', { classCode: group.code, givenName: `S${Math.floor(Math.random() * 30)}`, pin: '12' + Math.floor(10 + Math.random() * 89) }],
  ]

  const counts = new Map()
  let under = true
  const sending = async () => {
    // With a token of their own, as any browser gets one; else signing in would be refused before anything is verified.
    const browser = new Client(address)
    await browser.send('GET', '/bench/session')
    while (under) {
      const [path, body] = dear[Math.floor(Math.random() * dear.length)]()
      const begin = performance.now()
      const status = await browser.send('POST', path, body).then(
        () => 200,
        (error) => Number(/: (\d{3}) /.exec(error.message)?.[1] ?? 0),
      )
      const key = `${path} ${status}`
      const known = counts.get(key) ?? { count: 0, longest: 0 }
      counts.set(key, { count: known.count + 1, longest: Math.max(known.longest, performance.now() - begin) })
    }
  }
  const times = []
  let refused = 0
  const work = async ({ student }) => {
    for (let i = 0; under; i++) {
      await pause(700 + Math.random() * 1400)
      const body = { id: randomUUID(), itemIndex: i % 20, response: answerTo(i % 20, i) }
      const sent = performance.now()
      const reply = await student.send('POST', `/bench/assignments/${given.id}/answers`, body).catch((error) => error)
      // That no tries are left is no fault of anyone's.
      if (reply instanceof Error && !/: 409 /.test(reply.message)) {
        refused++
        console.log('a student was refused:', reply.message.slice(0, 200))
      }
      times.push(performance.now() - sent)
    }
  }
  for (const [name, attacking] of [['without attackers', 0], [`with ${attackers} attackers`, attackers]]) {
    times.length = 0
    under = true
    const { stolen } = await stolenDuring(async () => {
      const all = [...crowd.map(work), ...Array.from({ length: attacking }, sending)]
      await pause(seconds * 1000)
      under = false
      await Promise.all(all)
    })
    times.sort((a, b) => a - b)
    console.log(
      `${students} students ${name}: ${times.length} answers, median ${percentile(times, 0.5).toFixed(1)} ms, ` +
        `99% within ${percentile(times, 0.99).toFixed(1)} ms, the longest ${times.at(-1).toFixed(1)} ms; ${percent(stolen)} of the processors taken by others`,
    )
  }
  for (const [what, { count, longest }] of [...counts].sort()) console.log(`  ${what}: ${count}, the longest ${longest.toFixed(0)} ms`)
  return refused === 0 && [...counts.keys()].every((key) => !/ (0|5\d\d)$/.test(key))
}

await alone(import.meta, (application) => attack(application, Number(process.argv[2] ?? 20)))
