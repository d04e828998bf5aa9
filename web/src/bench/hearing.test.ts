import { expect, it } from 'vitest'
import type { Angle, Schema } from '../api/client'
import { described, nearest, numbersTold, toPencil } from './hearing.svelte'
import type { ItemView } from './response'

const angle = (x: number, measure: number): Angle => ({
  vertex: { x, y: -32 },
  start: 180,
  measure,
  opening: 'clockwise',
  startLength: 80,
  endLength: 84,
})
const said = (text: string): Schema['Message'] => ({ id: 'units.as-written', text })
const names = { start: 'K', vertex: 'L', end: 'M' }
const view = (...figures: Schema['Figure'][]): ItemView => ({
  kind: 'measure',
  prompt: said(''),
  sheet: { figures },
  window: { left: -110, bottom: -92, width: 220, height: 184 },
  asks: [],
  drawing: null,
})
const at = (x: number) => ({ centre: { x, y: -30 }, turn: 0, turnedOver: false })

it('tells where an angle stands and how its first ray runs, never how far it opens', () => {
  const told = described(view({ id: 'angle', angle: angle(0, 63), names }))
  expect(told).toContain('vertex L is 0 mm right and 32 mm down')
  expect(told).toContain('Arm LK is 80 mm long, turned 180°')
  expect(told).toContain('opens clockwise')
  expect(told).not.toContain('63')
  expect(told).not.toContain('117')
})

it('tells of the angle whose vertex is nearest to the centre mark', () => {
  const both = view({ id: 'one', angle: angle(-50, 40), names }, { id: 'other', angle: angle(50, 70), names })
  expect(nearest(both, at(-45))?.angle.measure).toBe(40)
  expect(nearest(both, at(60))?.angle.measure).toBe(70)
  expect(nearest(view(), at(0))).toBeNull()
})

it('takes the pencil for the second arm of a drawing, the way it is to open', () => {
  const baseRay = { vertex: { x: 0, y: 0 }, direction: 0, length: 84 }
  const draws = (opening: 'clockwise' | 'anticlockwise'): ItemView => ({
    ...view(),
    drawing: { baseRay, opening, names },
  })
  expect(toPencil(draws('anticlockwise'), { x: 0, y: 50 })?.angle.measure).toBeCloseTo(90)
  expect(toPencil(draws('clockwise'), { x: 0, y: 50 })?.angle.measure).toBeCloseTo(270)
  expect(
    toPencil(
      { ...draws('clockwise'), drawing: { baseRay: null, opening: 'clockwise', names } },
      at(0).centre,
    ),
  ).toBeNull()
})

it('tells the numbers of every scale: which one counts is not told', () => {
  const standing = { start: ['outer 0', 'inner 180'].map(said), end: ['outer 117', 'inner 63'].map(said) }
  const named = { angle: angle(0, 63), start: 'Ray LK', end: 'Ray LM' }
  expect(numbersTold({ standing } as Schema['ReadingsReply'], named)).toBe(
    'Ray LK: outer 0, inner 180. Ray LM: outer 117, inner 63.',
  )
  const off = { standing: { ...standing, end: [] } } as unknown as Schema['ReadingsReply']
  expect(numbersTold(off, named)).toContain('Ray LM: no marks here.')
})
