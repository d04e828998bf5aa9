import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Placement } from '../api/client'
import type { Ask, ItemView } from '../shared/response'
import { SheetWork } from './sheetWork.svelte'

const ask = (field: string, type: Ask['type'], more: Partial<Ask> = {}): Ask => ({
  field,
  type,
  label: { id: 'units.as-written', text: field },
  ...more,
})
const view = (kind: string, asks: Ask[], drawing: ItemView['drawing'] = null): ItemView => ({
  kind,
  prompt: { id: 'units.as-written', text: '' },
  sheet: {},
  window: { left: -110, bottom: -92, width: 220, height: 184 },
  asks,
  drawing,
})
const measuring = view('measure', [
  ask('estimate', 'degrees'),
  ask('reading', 'reading', { placementField: 'placement', afterwards: true }),
])
const ray = {
  baseRay: { vertex: { x: 0, y: 0 }, direction: 0, length: 84 },
  opening: 'anticlockwise' as const,
  names: { start: 'K', vertex: 'L', end: 'M' },
}
const drawing = view('draw', [ask('strokes', 'drawing')], ray)
const at = (turn: number): Placement => ({ centre: { x: 0, y: 0 }, turn, turnedOver: false })

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

it('keeps the estimate before the reading is asked, and hands in both', () => {
  const work = new SheetWork(measuring, null, null)
  expect(work.asked.map((a) => a.field)).toEqual(['estimate'])
  expect(work.submit()).toBeNull()
  expect(work.complaints.estimate).toMatch(/Write a number/)
  work.fill(work.now[0]!, '60')
  expect(work.submit()).toBeNull()
  expect(work.isLast).toBe(true)
  work.layOn(at(12))
  work.fill(work.now[0]!, '64,5°')
  expect(work.submit()).toEqual({
    kind: 'measure',
    estimate: 60,
    reading: 64.5,
    placement: at(12),
  })
})

it('hands a single reading in with the instrument as it lies then, not as it lay when the number was written', () => {
  const work = new SheetWork(
    view('measure', [ask('reading', 'reading', { placementField: 'placement' })]),
    null,
    null,
  )
  work.layOn(at(5))
  work.fill(work.now[0]!, '64')
  work.layOn(at(9))
  expect(work.submit()).toMatchObject({ placement: at(9) })
})

it('tells where the instrument rested before the dot, and not where it only passed', () => {
  const work = new SheetWork(drawing, null, null)
  work.layOn(at(1))
  work.layOn(at(2))
  vi.advanceTimersByTime(400)
  work.layOn(at(7))
  work.pick('dot')
  work.press({ x: 40, y: 60 }, 'mouse', [])
  work.pick('ray')
  work.press({ x: 1, y: 1 }, 'touch', [{ x: 0, y: 0 }])
  work.lift({ x: 42, y: 63 })
  expect(work.submit()).toMatchObject({
    rested: [at(2)],
    placement: at(7),
    dots: [{ x: 40, y: 60 }],
    strokes: [
      {
        points: [
          { x: 0, y: 0 },
          { x: 42, y: 63 },
        ],
      },
    ],
  })
})

it('undoes one thing after the other, and a tap is no ray', () => {
  const work = new SheetWork(drawing, null, null)
  work.pick('ray')
  work.press({ x: 0, y: 0 }, 'mouse', [])
  work.lift({ x: 0.4, y: 0.4 })
  expect(work.canUndo).toBe(false)
  work.press({ x: 0, y: 0 }, 'mouse', [])
  work.lift({ x: 30, y: 40 })
  work.pick('arc')
  work.press({ x: 10, y: 5 }, 'mouse', [])
  expect([work.drawing.strokes.length, work.drawing.arc]).toEqual([1, { x: 10, y: 5 }])
  work.undo()
  expect(work.drawing.arc).toBeNull()
  work.undo()
  expect(work.drawing.strokes).toEqual([])
  expect(work.canUndo).toBe(false)
})

it('shows a marked answer as it was handed in, and goes on where a draft was left', () => {
  const handedIn = { kind: 'measure', reading: 64, estimate: 60, placement: at(3) } as never
  const seen = new SheetWork(measuring, handedIn, null)
  expect(seen.filled.values).toMatchObject({ reading: '64', estimate: '60' })
  expect([seen.placement, seen.laid, seen.part]).toEqual([at(3), true, 0])
  const left = new SheetWork(measuring, null, null)
  left.fill(left.now[0]!, '70')
  left.submit()
  left.layOn(at(8))
  const again = new SheetWork(measuring, null, left.asDraft)
  expect([again.part, again.placement, again.laid]).toEqual([1, at(8), true])
  expect(again.filled.values.estimate).toBe('70')
})

it('leaves a ruler as it lay', () => {
  const compared = { ...measuring, ruler: { length: 120, inset: 4 } }
  const left = new SheetWork(compared, null, null)
  left.ruler = at(40)
  expect(new SheetWork(compared, null, left.asDraft).ruler).toEqual(at(40))
  // Where there is no ruler none is kept.
  expect(new SheetWork(measuring, null, left.asDraft).asDraft.ruler).toBeNull()
})

it('takes the straightedge first where the base ray is the student’s, too', () => {
  expect(
    new SheetWork(view('draw', [ask('strokes', 'drawing')], { ...ray, baseRay: null }), null, null).tool,
  ).toBe('ray')
  expect(new SheetWork(drawing, null, null).tool).toBe('protractor')
  expect(
    new SheetWork(view('draw', [ask('strokes', 'drawing', { byEye: true })], ray), null, null).tool,
  ).toBe('ray')
})
