import { expect, test } from 'vitest'
import { Latest } from './latest'

test('only what was asked last is still wanted, whichever answer comes first', () => {
  const latest = new Latest()
  const first = latest.ask()
  expect(first()).toBe(true)
  const second = latest.ask()
  expect(first()).toBe(false)
  expect(second()).toBe(true)
  expect(new Latest().ask()()).toBe(true)
})
