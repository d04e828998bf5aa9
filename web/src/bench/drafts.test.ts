import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { nothingFilled } from './response'
import { Drafts, type Draft } from './drafts'

const draft = (reading: string): Draft => ({
  filled: { ...nothingFilled, values: { reading } },
  placement: { centre: { x: 1, y: 2 }, turn: 3 },
  laid: true,
  part: 0,
})
const told: string[] = []

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  told.length = 0
  vi.stubGlobal('fetch', async (request: Request) => {
    told.push(`${new URL(request.url).pathname.split('/').at(-1)}: ${await request.text()}`)
    return new Response(null, { status: 204 })
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

it('tells the server of every item that was left, not of the last one alone', async () => {
  const drafts = new Drafts('Bo', 'set', [])
  drafts.keep(0, draft('4'))
  drafts.keep(0, draft('47'))
  drafts.keep(1, draft('12'))
  await vi.advanceTimersByTimeAsync(5000)
  expect(told.map((t) => t[0])).toEqual(['0', '1'])
  expect(told[0]).toContain('"47"')
  expect(drafts.of(0)?.filled.values.reading).toBe('47')
})

it('takes the later of what was left here and elsewhere, and forgets what was handed in', async () => {
  vi.setSystemTime(new Date('2026-03-02T10:00:00Z'))
  new Drafts('Bo', 'set', []).keep(0, draft('here'))
  const kept = (savedAt: string) => ({
    itemIndex: 0,
    savedAt,
    draft: {
      values: { reading: 'elsewhere' },
      placements: {},
      strokes: [],
      dots: [],
      arc: null,
      dotPlacement: null,
      placement: { centre: { x: 0, y: 0 }, turn: 0 },
      laid: false,
      part: 0,
    },
  })
  const later = new Drafts('Bo', 'set', [kept('2026-03-02T10:05:00Z')])
  expect(later.of(0)?.filled.values.reading).toBe('elsewhere')
  const earlier = new Drafts('Bo', 'set', [kept('2026-03-02T09:00:00Z')])
  expect(earlier.of(0)?.filled.values.reading).toBe('here')
  earlier.drop(0)
  await vi.advanceTimersByTimeAsync(5000)
  expect(earlier.of(0)).toBeNull()
})
