// A class that hands in through thick and thin, and what the database holds of it afterwards. Everyone sends as an outbox does: the
// same id again until the server has the answer.
import { randomUUID } from 'node:crypto'
import { cluster } from '../application.mjs'
import { answerTo, classroom, pause } from '../classroom.mjs'

const items = 20
const tries = 9

export async function handingIn(address, students) {
  const { crowd, group, give } = await classroom(address, students)
  const rounds = []
  for (let i = 0; i < 40; i++) rounds.push((await give(tries)).id)
  const made = new Map()
  const acknowledged = new Set()
  const refusals = new Map()
  let under = true

  const deliver = async (student, assignment, body) => {
    // A minute and more; what has not arrived by then counts as not delivered.
    for (let sent = 0; sent < 900; sent++) {
      try {
        const reply = await student.send('POST', `/bench/assignments/${assignment}/answers`, body)
        if (reply.id === body.id) acknowledged.add(body.id)
        return
      } catch (error) {
        const status = /: (\d{3}) /.exec(error.message)?.[1] ?? 'no reply'
        refusals.set(status, (refusals.get(status) ?? 0) + 1)
        await pause(100)
      }
    }
  }
  const work = async ({ student, studentId }) => {
    for (let n = 0; under && n < rounds.length * items * tries; n++) {
      const body = { id: randomUUID(), itemIndex: n % items, studentId, response: answerTo(n % items, n) }
      made.set(body.id, studentId)
      await deliver(student, rounds[Math.floor(n / (items * tries))], body)
      await pause(20)
    }
  }
  const running = crowd.map(work)

  return {
    acknowledged: () => acknowledged.size,
    /** How often each status was the reply so far, and none at all. */
    refusals,
    /** Lets everyone end the answer they are at, and counts. */
    async result(data) {
      under = false
      await Promise.all(running)
      const rows = (await cluster(
        data, 'psql', '-tAc',
        `SELECT a.id, a.student_id, (SELECT count(*) FROM marks m WHERE m.answer_id = a.id) FROM answers a JOIN students s ON s.id = a.student_id WHERE s.class_id = '${group.id}'`,
      )).trim().split('\n').filter(Boolean).map((line) => line.split('|'))
      const stored = new Map(rows.map(([id, student, marks]) => [id, { student, marks: Number(marks) }]))
      const count = (ids, wrong) => [...ids].filter(wrong).length
      const faults = {
        lost: count(acknowledged, (id) => !stored.has(id)),
        doubled: rows.length - stored.size,
        misfiled: count(stored.keys(), (id) => made.get(id) !== stored.get(id).student),
        'without their mark': count(stored.keys(), (id) => stored.get(id).marks !== 1),
        'made and not delivered': count(made.keys(), (id) => !acknowledged.has(id)),
      }
      return {
        text: `${acknowledged.size} acknowledged; ${Object.entries(faults).map(([what, n]) => `${what} ${n}`).join(', ')}`,
        whole: acknowledged.size > 0 && Object.values(faults).every((n) => n === 0),
      }
    },
  }
}
