import { expect, it } from 'vitest'
import { named, type Thing } from './things'

const thing = (kind: Thing['kind']): Thing =>
  ({ kind, id: 'x', classId: 'y', name: 'x', archived: false }) as Thing

it('names what goes with a thing as one would say it', () => {
  expect(named(thing('class'), { students: 24, assignments: 2, answers: 176 })).toBe(
    '24 students, 2 sets that were given and 176 answers',
  )
  expect(named(thing('set'), { students: 0, assignments: 1, answers: 1 })).toBe(
    '1 set that was given and 1 answer',
  )
  expect(named(thing('student'), { students: 1, assignments: 0, answers: 8 })).toBe('8 answers')
  expect(named(thing('assignment'), { students: 0, assignments: 1, answers: 0 })).toBe('')
})
