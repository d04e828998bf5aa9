import { expect, it } from 'vitest'
import { closeTo } from './pictureWindow'

const sheet = { left: -110, bottom: -92, width: 220, height: 184 }
const holds = (window: typeof sheet, x: number, y: number): boolean =>
  x >= window.left &&
  x <= window.left + window.width &&
  y >= window.bottom &&
  y <= window.bottom + window.height

it('comes close to what stands there, and keeps the shape of the sheet', () => {
  const window = closeTo({ x: -30, y: 20, width: 120, height: 40 }, sheet)
  expect(window.width).toBeLessThan(140)
  expect(window.width / window.height).toBeCloseTo(220 / 184)
  for (const [x, y] of [
    [-30, 20],
    [90, 60],
  ])
    expect(holds(window, x!, y!)).toBe(true)
})

it('comes no nearer than half a sheet', () => {
  expect(closeTo({ x: 0, y: 0, width: 4, height: 3 }, sheet)).toEqual({
    left: -53,
    bottom: expect.closeTo(-44.5) as number,
    width: 110,
    height: 92,
  })
})

it('stays on the sheet, and shows no more than it', () => {
  const corner = closeTo({ x: 80, y: 70, width: 28, height: 20 }, sheet)
  expect([corner.left + corner.width, corner.bottom + corner.height]).toEqual([110, 92])
  expect(closeTo({ x: -200, y: -200, width: 500, height: 400 }, sheet)).toEqual(sheet)
})
