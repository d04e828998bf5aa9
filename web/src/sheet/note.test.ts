import { expect, test } from 'vitest'
import { linesOf, placesOf } from './note'

const window = { left: -100, bottom: -60, width: 200, height: 120 }

test('a note runs in lines of a few words, and loses none', () => {
  const text = 'your number counts from this side, where no arm lies'
  const lines = linesOf(text)
  expect(lines.length).toBe(2)
  expect(lines.join(' ')).toBe(text)
  expect(linesOf('stands here')).toEqual(['stands here'])
})

test('it stands round its place, first line above', () => {
  expect(placesOf(['one', 'two'], { x: 10, y: 20 }, window)).toEqual([
    { x: 10, y: 23 },
    { x: 10, y: 17 },
  ])
})

test('wherever its place is, it stays on the sheet', () => {
  const lines = linesOf('your number counts from this side, where no arm lies')
  for (const x of [-400, -95, 0, 95, 400]) {
    for (const y of [-400, -59, 0, 59, 400]) {
      for (const place of placesOf(lines, { x, y }, window)) {
        expect(Math.abs(place.x)).toBeLessThan(100 - 25)
        expect(Math.abs(place.y)).toBeLessThan(60)
      }
    }
  }
})
