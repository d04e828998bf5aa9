import { expect, it } from 'vitest'
import type { Point, Schema } from '../api/client'
import { anglesAt, nearest, numbersTold, toPencil } from './hearing.svelte'
import type { SeenView } from './seen'

const said = (text: string): Schema['Message'] => ({ id: 'units.as-written', text })
const place = (at: Point, ...rays: [string, Point][]): Schema['ToldPlace'] => ({
  at,
  rays: rays.map(([name, tip]) => ({ name: said(name), tip })),
})
const view = (...places: Schema['ToldPlace'][]): SeenView =>
  ({ told: { sentences: [], laid: [], places } }) as unknown as SeenView
const at = (x: number) => ({ centre: { x, y: -30 }, turn: 0, turnedOver: false })

it('tells of the place that is nearest to the centre mark', () => {
  const [left, right] = [place({ x: -50, y: -32 }), place({ x: 50, y: -32 })]
  expect(nearest(view(left, right), at(-45))).toBe(left)
  expect(nearest(view(left, right), at(60))).toBe(right)
  expect(nearest(view(), at(0))).toBeNull()
})

it('takes the pencil for the end of a second ray, and nothing at the vertex for none', () => {
  const base = place({ x: 0, y: 0 }, ['Ray KL', { x: 84, y: 0 }])
  const up = toPencil(base, { x: 0, y: 50 })!
  expect(anglesAt(up)[0]!.measure).toBeCloseTo(90)
  expect(up.rays).toHaveLength(2)
  expect(toPencil(base, { x: 0.1, y: 0 })).toBe(base)
  expect(toPencil(null, { x: 0, y: 50 })).toBeNull()
})

it('asks for every ray, and for the only one of a drawing before there is another', () => {
  const rays: [string, Point][] = [
    ['Ray AB', { x: 80, y: 0 }],
    ['Ray AC', { x: 0, y: 80 }],
    ['Ray AN', { x: -80, y: 0 }],
  ]
  const measures = anglesAt(place({ x: 0, y: 0 }, ...rays)).map((angle) => angle.measure)
  expect(measures).toEqual([90, 180])
  expect(anglesAt(place({ x: 0, y: 0 }, rays[0]!)).map((angle) => angle.measure)).toEqual([0])
})

it('tells the numbers of every scale on every ray: which one counts is not told', () => {
  const reply = (end: string[]): Schema['ReadingsReply'] =>
    ({
      lying: said('centre mark on the vertex'),
      standing: { start: ['outer 0', 'inner 180'].map(said), end: end.map(said) },
    }) as unknown as Schema['ReadingsReply']
  const [one, other] = [
    { x: 80, y: 0 },
    { x: 0, y: 80 },
  ]
  const angle = place({ x: 0, y: 0 }, ['Ray LK', one], ['Ray LM', other])
  expect(numbersTold([reply(['outer 117', 'inner 63'])], angle)).toBe(
    'centre mark on the vertex. Ray LK: outer 0, inner 180. Ray LM: outer 117, inner 63.',
  )
  expect(numbersTold([reply([])], angle)).toContain('Ray LM: no marks here.')
  const three = place({ x: 0, y: 0 }, ['AB', one], ['AC', other], ['AN', other])
  expect(numbersTold([reply(['outer 40']), reply(['outer 70'])], three)).toContain(
    'AC: outer 40. AN: outer 70.',
  )
})
