import { describe, expect, it } from 'vitest'
import type { Scene } from '../api/client'
import { emptyScene, mix } from '../sheet/scene'
import {
  dragArm,
  drawLine,
  helpedTo,
  layStraightedge,
  makeDot,
  moveThing,
  onEdge,
  place,
  rubOut,
  snap,
  snapStraightedge,
  take,
  takeStraightedge,
} from './hand'
import { openingOf } from '../sheet/compass'
import { drawCompassArc, openCompass, putDownCompass, takeCompass } from './compassHand'
import { rubAt } from './rubber'
import { begin, change, letGo, redo, undo } from '../sheet/history'
import { closeUp, fromMiddle, moved, wholeSheet, windowAt } from '../sheet/view'

const scene: Scene = {
  ...emptyScene,
  figures: [
    {
      id: 'angle',
      angle: {
        vertex: { x: 0, y: 0 },
        start: 0,
        measure: 64,
        opening: 'anticlockwise',
        startLength: 90,
        endLength: 90,
      },
    },
  ],
}

describe('the compass', () => {
  const out = takeCompass(scene)

  it('draws arcs that can be rubbed out, wide ones with a blunt lead', () => {
    const { needle, pencil } = out.compass!
    const way = [pencil, { x: needle.x, y: needle.y + 34 }]
    const drawn = drawCompassArc(drawCompassArc(out, way), way, true)
    expect(drawn.compassArcs.map((arc) => [arc.radius, arc.sweep, arc.blunt])).toEqual([
      [34, 90, false],
      [34, 90, true],
    ])
    expect(rubAt(drawn, { x: needle.x + 24, y: needle.y + 24 }).compassArcs).toHaveLength(1)
    expect(drawCompassArc(scene, way)).toBe(scene)
  })

  it('keeps its opening when it is put down, unless its hinge is worn; near a point it stands on it', () => {
    const moved = { ...out, compass: { needle: { x: 1, y: 1 }, pencil: { x: 31, y: 1 } } }
    const origin = [{ at: { x: 0, y: 0 }, arms: [] }]
    const firm = putDownCompass(moved, origin, 0).compass!
    expect(firm.needle).toEqual({ x: 0, y: 0 })
    expect(openingOf(firm)).toBeCloseTo(30)
    expect(openingOf(putDownCompass(moved, [], 2).compass!)).toBeCloseTo(32)
    expect(putDownCompass(moved, [], 0).compass!.needle).toEqual({ x: 1, y: 1 })
    // Opened by its leg, its pencil point comes to stand on a point near it.
    expect(openCompass(moved, [{ at: { x: 31, y: 3 }, arms: [] }]).compass).toMatchObject({
      needle: { x: 1, y: 1 },
      pencil: { x: expect.closeTo(31), y: expect.closeTo(3) },
    })
  })
})

describe('undo and redo', () => {
  it('go back and forth without end, a gesture at a time', () => {
    let history = begin(0)
    for (let i = 1; i <= 500; i++) history = change(history, i)
    history = letGo(change(change(change(history, 501, 'drag'), 502, 'drag'), 503, 'drag'))
    expect(undo(history).present).toBe(500)
    expect(redo(undo(history)).present).toBe(503)
    let back = history
    for (let i = 0; i < 600; i++) back = undo(back)
    expect(back.present).toBe(0)
    expect(redo(back).present).toBe(1)
  })

  it('forget the undone future at the next change', () => {
    const history = change(undo(change(begin('a'), 'b')), 'c')
    expect(redo(history)).toBe(history)
    expect(undo(history).present).toBe('a')
  })

  it('begin a new step when the hand takes hold again', () => {
    const twice = change(letGo(change(begin(0), 1, 'drag')), 2, 'drag')
    expect(undo(twice).present).toBe(1)
  })
})

describe('the hand', () => {
  it('opens an angle by its end arm and turns it by its start arm', () => {
    const opened = dragArm(scene, 'angle', 'end', { x: 0, y: 50 }).figures[0]!.angle
    expect(opened.measure).toBeCloseTo(90)
    expect(opened.endLength).toBeCloseTo(50)
    const turned = dragArm(scene, 'angle', 'start', { x: 0, y: 50 }).figures[0]!.angle
    expect(turned.start).toBeCloseTo(90)
    expect(turned.measure).toBeCloseTo(64)
  })

  it('is helped with the last millimetre and the last degree, and no farther', () => {
    const laid = take(scene, 'desk-half-circle')
    const id = laid.instruments[0]!.id
    const near = place(laid, id, { centre: { x: 1.2, y: -0.9 }, turn: 1.4, turnedOver: false })
    expect(snap(near, id).instruments[0]!.placement).toMatchObject({ centre: { x: 0, y: 0 }, turn: 0 })
    const far = place(laid, id, { centre: { x: 9, y: 0 }, turn: 1.4, turnedOver: false })
    expect(snap(far, id)).toBe(far)
    const turned = place(laid, id, { centre: { x: 0.5, y: 0 }, turn: 65.1, turnedOver: false })
    expect(snap(turned, id).instruments[0]!.placement.turn).toBeCloseTo(64)
  })

  it('draws, moves and rubs out its own things', () => {
    let own = makeDot(drawLine(scene, { x: 0, y: 0 }, { x: 40, y: 0 }), { x: 5, y: 6 })
    own = makeDot(own, { x: 7, y: 8 })
    expect(own.dots.map((dot) => dot.id)).toEqual(['own-dot-1', 'own-dot-2'])
    own = moveThing(own, 'own-line-1', { x: 1, y: 2 })
    expect(own.lines[0]).toMatchObject({ from: { x: 1, y: 2 }, to: { x: 41, y: 2 } })
    expect(rubOut(own, 'own-dot-1').dots).toHaveLength(1)
  })

  it('helps the last millimetre of a point to the nearest of all that are near', () => {
    const points = [0, 2, 40].map((x) => ({ at: { x, y: 0 }, arms: [] }))
    expect(helpedTo(points, { x: 1.4, y: 1 })).toEqual({ x: 2, y: 0 })
    expect(helpedTo(points, { x: 9, y: 1 })).toEqual({ x: 9, y: 1 })
  })
})

describe('the straightedge', () => {
  it('is taken out, helped onto a vertex and along an arm, and put away', () => {
    const taken = takeStraightedge(scene)
    expect(snapStraightedge(taken)).toBe(taken)
    const near = layStraightedge(scene, { from: { x: 1, y: -1 }, direction: 242.6, length: 160 })
    const helped = snapStraightedge(near).straightedge!
    expect(helped).toMatchObject({ from: { x: 0, y: 0 }, length: 160 })
    expect(helped.direction).toBeCloseTo(244)
    expect(layStraightedge(near, null).straightedge).toBeNull()
  })

  it('guides a pencil that is held to its edge, from its zero to its end', () => {
    const laid = { from: { x: 10, y: 0 }, direction: 90, length: 100 }
    expect(onEdge(laid, { x: 12, y: 40 })).toMatchObject({ x: expect.closeTo(10), y: expect.closeTo(40) })
    expect(onEdge(laid, { x: 12, y: -30 })!.y).toBeCloseTo(0)
    expect(onEdge(laid, { x: 9, y: 300 })!.y).toBeCloseTo(100)
    expect(onEdge(laid, { x: 20, y: 40 })).toBeNull()
    expect(onEdge(laid, { x: 60, y: 40 }, Infinity)!.x).toBeCloseTo(10)
  })
})

describe('between two states', () => {
  it('the same things are on the way, the short way round', () => {
    const from = take(scene, 'desk-half-circle')
    const id = from.instruments[0]!.id
    const to = place(from, id, { centre: { x: 10, y: 0 }, turn: 358, turnedOver: false })
    const half = mix(place(from, id, { centre: { x: 0, y: 0 }, turn: 2, turnedOver: false }), to, 0.5)
    expect(half.instruments[0]!.placement.centre.x).toBe(5)
    expect(half.instruments[0]!.placement.turn).toBeCloseTo(0)
    expect(mix(from, to, 1)).toBe(to)
  })
})

describe('the view', () => {
  const base = { left: -100, bottom: -50, width: 200, height: 100 }

  it('keeps the millimetres while it zooms and carries', () => {
    expect(windowAt(base, closeUp(wholeSheet, 2))).toEqual({ left: -50, bottom: -25, width: 100, height: 50 })
    expect(windowAt(base, moved(wholeSheet, 10, 0)).left).toBe(-110)
    expect(closeUp(wholeSheet, 1e9).zoom).toBeLessThan(20)
  })

  it.each([
    { x: 70, y: -31 },
    { x: -12.5, y: 3 },
    { x: 0, y: 49 },
  ])('keeps what lies under the fingers where it is seen: %o', (at) => {
    let view = moved(closeUp(wholeSheet, 1.3), 17, -9)
    const seen = (): { x: number; y: number } => {
      const window = windowAt(base, view)
      return { x: (at.x - window.left) / window.width, y: (at.y - window.bottom) / window.height }
    }
    const before = seen()
    for (const factor of [1.5, 0.4, 2, 1e6, 1e-9]) {
      view = closeUp(view, factor, fromMiddle(windowAt(base, view), at))
      expect(seen().x).toBeCloseTo(before.x, 9)
      expect(seen().y).toBeCloseTo(before.y, 9)
    }
  })
})
