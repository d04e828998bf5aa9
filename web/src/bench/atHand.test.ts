import { expect, it } from 'vitest'
import type { HouseRules, Instrument } from '../api/client'
import type { Ask, ItemView } from '../shared/response'
import { AtHand } from './atHand.svelte'
import type { SeenView } from './seen'
import { SheetWork } from './sheetWork.svelte'

const ask = (field: string, type: Ask['type'], more: Partial<Ask> = {}): Ask => ({
  field,
  type,
  label: { id: 'units.as-written', text: field },
  ...more,
})
const corner = {
  id: 'angle',
  angle: {
    vertex: { x: 0, y: 0 },
    start: 0,
    measure: 64,
    opening: 'anticlockwise',
    startLength: 60,
    endLength: 60,
  },
}
const seen = (asks: Ask[], more: Partial<ItemView> = {}): SeenView => ({
  kind: 'measure',
  prompt: { id: 'units.as-written', text: '' },
  sheet: { figures: [corner] } as ItemView['sheet'],
  window: { left: -110, bottom: -92, width: 220, height: 184 },
  asks,
  drawing: null,
  inHand: { id: 'desk' } as ItemView['inHand'],
  told: { sentences: [], laid: [], places: [] },
  ...more,
})
const desk = { protractor: { id: 'desk' } } as Instrument
const handOver = (
  view: SeenView,
  { rules = {} as HouseRules, marked = false } = {},
): { hand: AtHand; work: SheetWork } => {
  const work = new SheetWork(view, null, null)
  return { hand: new AtHand(view, work, [desk], rules, () => marked), work }
}

it('has the protractor out where a reading is asked, with the straightedge for an arm too short', () => {
  const { hand } = handOver(seen([ask('reading', 'reading')]))
  expect([hand.inHand, hand.isOut, hand.mayExtend, hand.isDrawing]).toEqual([true, true, true, false])
  expect(hand.places.map(({ at }) => at)).toContainEqual({ x: 0, y: 0 })
})

it('has nothing out while only an estimate is asked, and the instrument of the class alone', () => {
  const { hand } = handOver(seen([ask('estimate', 'degrees')]))
  expect([hand.inHand, hand.isOut, hand.mayExtend]).toEqual([false, false, false])
  expect(handOver(seen([ask('reading', 'reading')], { inHand: null })).hand.inHand).toBe(false)
})

it('puts the protractor aside while the ruler is in the hand', () => {
  const ruler = { length: 150, inset: 5 } as NonNullable<SeenView['ruler']>
  const { hand } = handOver(seen([ask('side', 'length'), ask('reading', 'reading')], { ruler }))
  expect(hand.ruler).toEqual(ruler)
  expect(hand.isOut).toBe(false)
  const marked = handOver(seen([ask('side', 'length')], { ruler }), { marked: true })
  expect(marked.hand.ruler).toBeNull()
})

it('jumps nowhere by key where the class places by hand', () => {
  const { hand } = handOver(seen([ask('reading', 'reading')]), {
    rules: { placingKeys: false } as HouseRules,
  })
  expect([hand.places, hand.rulerPlaces, hand.pencilPlaces]).toEqual([[], [], []])
  // A line still begins exactly at a vertex.
  expect(hand.ends).toContainEqual({ x: 0, y: 0 })
})

it('brings the pencil to the dots of a drawing, too', () => {
  const drawing = {
    baseRay: { vertex: { x: 0, y: 0 }, direction: 0, length: 84 },
    opening: 'anticlockwise',
    names: { start: 'K', vertex: 'L', end: 'M' },
  } as ItemView['drawing']
  const { hand, work } = handOver(seen([ask('strokes', 'drawing')], { drawing, sheet: {} }))
  work.tool = 'dot'
  work.press({ x: 30, y: 40 }, 'mouse', [])
  work.lift({ x: 30, y: 40 })
  expect(hand.isDrawing).toBe(true)
  expect(hand.pencilPlaces.map(({ at }) => at)).toContainEqual({ x: 30, y: 40 })
})
