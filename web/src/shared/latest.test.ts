import { expect, test } from 'vitest'
import { Latest } from './latest'

const later = (ms: number, fails = false): Promise<{ ms: number }> =>
  new Promise((done, fail) => setTimeout(() => (fails ? fail(new Error(`${ms}`)) : done({ ms })), ms))

test('only what was asked last is still wanted, whichever answer comes first', async () => {
  const latest = new Latest()
  const first = latest.of(later(20))
  const second = latest.of(later(5))
  expect(await second).toEqual({ ms: 5 })
  expect(await first).toBeNull()
})

test('what fails is told only while it is wanted', async () => {
  const latest = new Latest()
  const first = latest.of(later(20, true))
  await expect(latest.of(later(5, true))).rejects.toThrow('5')
  expect(await first).toBeNull()
})

test('what is forgotten is not wanted', async () => {
  const latest = new Latest()
  const first = latest.of(later(5))
  latest.forget()
  expect(await first).toBeNull()
  expect(await latest.of(later(5))).toEqual({ ms: 5 })
})
