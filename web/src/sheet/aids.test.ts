import { describe, expect, it } from 'vitest'
import type { Placement } from '../api/client'
import { alongNext, nextPlace, placesOn } from './aids'
import { emptyScene } from './scene'

const angle = {
  vertex: { x: 10, y: 20 },
  start: 15,
  measure: 64,
  opening: 'anticlockwise' as const,
  startLength: 80,
  endLength: 80,
}
const places = placesOn({
  ...emptyScene,
  figures: [{ id: 'angle', angle }],
  lines: [{ id: 'side', from: { x: -30, y: 0 }, to: { x: -30, y: 40 } }],
})

describe('the aids of who works with keys', () => {
  it('jump to the nearest vertex first, and then from one to the next', () => {
    const first = nextPlace(places, { x: 12, y: 14 })!
    expect(first).toEqual({ x: 10, y: 20 })
    const around = [first]
    for (let i = 0; i < 3; i++) around.push(nextPlace(places, around.at(-1)!)!)
    expect(new Set(around.map(({ x, y }) => `${x} ${y}`)).size).toBe(3)
    expect(around[3]).toEqual(first)
    expect(nextPlace([], first)).toBeNull()
  })

  it('do not come back to a point that has several names before all others were reached', () => {
    const crossings = [0, 20, 0, 40].map((x) => ({ at: { x, y: 0 }, arms: [] }))
    let at = { x: 0, y: 0 }
    const reached = crossings.slice(1).map(() => (at = nextPlace(crossings, at)!).x)
    expect(reached).toEqual([20, 40, 0])
  })

  it('lie along each arm of the vertex, and the other way round', () => {
    let lies: Placement = { centre: { x: 10, y: 20 }, turn: 3, turnedOver: false }
    const turns: number[] = []
    for (let i = 0; i < 5; i++) {
      lies = alongNext(places, lies)!
      turns.push(lies.turn)
    }
    expect(turns).toEqual([15, 79, 195, 259, 15])
    // At a corner of a figure along its sides.
    expect(alongNext(places, { ...lies, centre: { x: -30, y: 0 } })!.turn).toBe(90)
  })

  it('have nothing to do where there is no arm', () => {
    const lies = { centre: { x: 0, y: 0 }, turn: 0, turnedOver: false }
    expect(alongNext([{ at: { x: 0, y: 0 }, arms: [] }], lies)).toBeNull()
  })
})
