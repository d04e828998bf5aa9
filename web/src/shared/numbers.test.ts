import { expect, it } from 'vitest'
import { numberOf, written } from './numbers'

it.each(['22.5', '22,5', ' 22,5° ', '22.50'])('reads %s as a number', (text) => {
  expect(numberOf(text)).toBe(22.5)
})

it.each(['', ' ', 'x', '1,2,3', '2 2'])('does not take “%s” for one', (text) => {
  expect(numberOf(text)).toBeNaN()
})

it('shows none as nothing, and reads what it shows', () => {
  expect(written(null)).toBe('')
  expect(numberOf(written(22.5))).toBe(22.5)
})
