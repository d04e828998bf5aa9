import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Schema } from '../../api/client'
import { nothingFilled } from '../../shared/response'
import { Drafts, type Draft } from './drafts'
import { Shelf } from './shelf'

const draft = (reading: string): Draft => ({
  filled: { ...nothingFilled, values: { reading } },
  placement: { centre: { x: 1, y: 2 }, turn: 3 },
  laid: true,
  part: 0,
  compass: null,
  ruler: null,
})
const told: string[] = []
const open = (elsewhere: Parameters<typeof Drafts.open>[2] = [], student = 'bo'): Promise<Drafts> =>
  Drafts.open(student, 'set', elsewhere, new Shelf())

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'] })
  globalThis.indexedDB = new IDBFactory()
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
  const drafts = await open()
  drafts.keep(0, draft('4'))
  drafts.keep(0, draft('47'))
  drafts.keep(1, draft('12'))
  await vi.advanceTimersByTimeAsync(5000)
  expect(told.map((t) => t[0])).toEqual(['0', '1'])
  expect(told[0]).toContain('"47"')
  expect(drafts.of(0)?.filled.values.reading).toBe('47')
})

it('takes a construction to another device, with its arcs and how the compass stands', async () => {
  const sweeps = [
    {
      needle: { x: 0, y: 0 },
      points: [
        { x: 30, y: 0 },
        { x: 29, y: 8 },
      ],
    },
  ]
  const compass = { needle: { x: 30, y: 0 }, pencil: { x: 51, y: 21 } }
  const drafts = await open()
  const made = draft('')
  drafts.keep(0, {
    ...made,
    compass,
    filled: { ...made.filled, drawing: { ...made.filled.drawing, sweeps } },
  })
  await vi.advanceTimersByTimeAsync(5000)
  const sent = JSON.parse(told[0]!.slice(3)) as Schema['BenchDraft']
  globalThis.indexedDB = new IDBFactory()
  const elsewhere = await open([{ itemIndex: 0, savedAt: '2026-03-02T10:05:00Z', draft: sent }])
  expect(elsewhere.of(0)?.filled.drawing.sweeps).toEqual(sweeps)
  expect(elsewhere.of(0)?.compass).toEqual(compass)
})

it('takes the later of what was left here and elsewhere, and offers nothing that was handed in', async () => {
  vi.setSystemTime(new Date('2026-03-02T10:00:00Z'))
  ;(await open()).keep(0, draft('here'))
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
  const later = await open([kept('2026-03-02T10:05:00Z')])
  expect(later.of(0)?.filled.values.reading).toBe('elsewhere')
  const earlier = await open([kept('2026-03-02T09:00:00Z')])
  expect(earlier.of(0)?.filled.values.reading).toBe('here')
  earlier.handedIn(0)
  await vi.advanceTimersByTimeAsync(5000)
  expect(earlier.of(0)).toBeNull()
  // Until the server has the answer, the device keeps what it was made of.
  expect((await open()).of(0)?.filled.values.reading).toBe('here')
})

it('keeps the drafts of two students on one tablet apart, whatever their names are', async () => {
  ;(await open([], 'wren-of-heron')).keep(0, draft('1'))
  await vi.advanceTimersByTimeAsync(10)
  expect((await open([], 'wren-of-tern')).of(0)).toBeNull()
  expect((await open([], 'wren-of-heron')).of(0)?.filled.values.reading).toBe('1')
})

it('drops what is too old to be anybody’s work', async () => {
  vi.setSystemTime(new Date('2026-03-02T10:00:00Z'))
  ;(await open()).keep(0, draft('1'))
  await vi.advanceTimersByTimeAsync(10)
  await new Shelf().purge(new Date('2026-04-20T10:00:00Z'))
  expect((await open()).of(0)).not.toBeNull()
  await new Shelf().purge(new Date('2026-05-20T10:00:00Z'))
  expect((await open()).of(0)).toBeNull()
})
