import { afterEach, expect, it, vi } from 'vitest'
import type { SeenView } from './seen'
import { ToldCrossings } from './toldCrossings.svelte'
import { empty } from '../sheet/drawing'

const view = { told: { sentences: [], laid: [], places: [] } } as unknown as SeenView
const drawing = {
  ...empty,
  sweeps: [
    {
      needle: { x: 0, y: 0 },
      points: [
        { x: 30, y: 0 },
        { x: 29, y: 8 },
      ],
    },
  ],
}
const answering = (reply: () => Promise<Response>) => vi.stubGlobal('fetch', reply)

afterEach(() => vi.unstubAllGlobals())

it('says what the last arc crosses, each name once, and goes to every point', async () => {
  const point = (x: number) => ({ at: { x, y: 0 }, name: { id: 'n', text: 'arc 1 crosses KL' } })
  answering(async () => Response.json({ points: [point(30), point(-30)] }))
  const crossings = new ToldCrossings(view)
  await crossings.follow(drawing, true)
  expect(crossings.said).toContain('30')
  expect(crossings.said.match(/arc 1 crosses KL/g)).toHaveLength(1)
  expect(crossings.places.map(({ at }) => at.x)).toEqual([30, -30])
})

it('says nothing without an answer: an arc that crosses nothing is another thing', async () => {
  answering(() => Promise.reject(new TypeError('no connection')))
  const crossings = new ToldCrossings(view)
  await crossings.follow(drawing, true)
  expect(crossings.said).toBe('')
  expect(crossings.places).toEqual([])
})
