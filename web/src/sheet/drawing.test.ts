import { describe, expect, it } from 'vitest'
import type { Point, Schema } from '../api/client'
import { armsOf, empty, endsOf, longer, withArc, withDot, withRay } from './drawing'

const names = { start: 'K', vertex: 'L', end: 'M' }
const own: Schema['DrawingTask'] = { baseRay: null, opening: 'anticlockwise', names }
const given: Schema['DrawingTask'] = {
  ...own,
  baseRay: { vertex: { x: 5, y: 5 }, direction: 30, length: 80 },
}
const at = (x: number, y: number): Point => ({ x, y })

describe('a drawing in the making', () => {
  it('knows its arms by where the lines meet, whichever way they were drawn', () => {
    const first = withRay(empty, at(80, 0), at(0, 0))
    expect(armsOf(own, first)).toBeNull()
    const both = withRay(first, at(0, 0.5), at(0, 60))
    expect(armsOf(own, both)).toEqual({ vertex: at(0, 0), start: 0, end: 90 })
  })

  it('starts from the given base ray where there is one', () => {
    expect(armsOf(given, empty)).toBeNull()
    const arms = armsOf(given, withRay(empty, at(5, 90), at(5, 5)))
    expect(arms).toEqual({ vertex: at(5, 5), start: 30, end: 90 })
  })

  it('lets a finger begin at the given vertex, or at any end of what was drawn', () => {
    expect(endsOf(empty, given)).toEqual([at(5, 5)])
    expect(endsOf(withRay(empty, at(1, 2), at(3, 4)), own)).toEqual([at(1, 2), at(3, 4)])
  })

  it('keeps what the pencil made to a hundredth of a millimetre', () => {
    const ray = withRay(empty, at(1.23456, -2.98765), at(40.00001, 0))
    expect(ray.strokes).toEqual([[at(1.23, -2.99), at(40, 0)]])
    const marked = withArc(withDot(ray, at(7.7777, 3), null), at(0.0049, 5.555))
    expect(marked.dots).toEqual([at(7.78, 3)])
    expect(marked.arc).toEqual(at(0, 5.56))
  })

  it('keeps a long stroke whole with fewer points', () => {
    let stroke: Point[] = [at(0, 0)]
    stroke = longer(stroke, at(0.1, 0))
    expect(stroke).toHaveLength(1)
    for (let i = 1; i <= 4000; i++) stroke = longer(stroke, at(i, 0))
    expect(stroke.length).toBeLessThanOrEqual(1501)
    expect(stroke.at(-1)).toEqual(at(4000, 0))
    expect(stroke[0]).toEqual(at(0, 0))
  })
})
