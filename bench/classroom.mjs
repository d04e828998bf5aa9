// A class at work, for trials and benchmarks.
import { randomUUID } from 'node:crypto'
import { Client } from './application.mjs'

/** Fifteen readings and five drawings. */
export const specification = { kinds: [{ kind: 'measure', count: 15 }, { kind: 'draw', count: 5 }] }

/** A teacher with a class and a set for it, and its students, each signed in at a browser of their own. */
export async function classroom(address, students) {
  const teacher = new Client(address)
  await teacher.send('GET', '/session')
  await teacher.send('POST', '/teachers', { userName: `t${randomUUID().slice(0, 8)}`, displayName: 'Bench', password: 'a few words in a row' })
  const group = await teacher.send('POST', '/classes', { name: 'Load' })
  const set = await teacher.send('POST', '/sets', { title: 'Load', specification, seed: 7 })
  const crowd = []
  for (let i = 0; i < students; i++) {
    const { pin, studentId } = await teacher.send('POST', `/classes/${group.id}/students`, { givenName: `S${i}` })
    const student = new Client(address)
    await student.send('GET', '/bench/session')
    await student.send('POST', '/bench/session', { classCode: group.code, givenName: `S${i}`, pin })
    crowd.push({ student, studentId })
  }
  return {
    teacher,
    group,
    crowd,
    /** Gives the set to the class once more; returns the assignment. */
    give: (tries) => teacher.send('POST', '/assignments', { setId: set.id, classId: group.id, tries }),
  }
}

/** Some answer to an item of that set, right or wrong. */
export const answerTo = (itemIndex, n) =>
  itemIndex < 15 ? { kind: 'measure', reading: (n * 37) % 180 } : { kind: 'draw', strokes: [], dots: [], arc: null }

export const pause = (milliseconds) => new Promise((wait) => setTimeout(wait, milliseconds))
