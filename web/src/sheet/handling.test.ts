import { describe, expect, it } from 'vitest'
import { nearestTurn } from './geometry'
import { rayStart } from './drawing'
import { grab, grabWithTwo, idle, move, nudge } from './handling'

const placement = { centre: { x: 10, y: 5 }, turn: 30, turnedOver: false }

describe('handling an instrument', () => {
  it('slides without a jump, wherever the body is grabbed', () => {
    const held = grab(placement, { x: 22, y: 9 }, 'body')
    expect(move(held, placement, { x: 22, y: 9 })).toEqual(placement)
    expect(move(held, placement, { x: 25, y: 7 }).centre).toEqual({ x: 13, y: 3 })
  })

  it('turns about the centre mark by as much as the hand goes round it', () => {
    const held = grab(placement, { x: 20, y: 5 }, 'rim')
    const turned = move(held, placement, { x: 10, y: 25 })
    expect(turned.turn).toBeCloseTo(120)
    expect(turned.centre).toEqual(placement.centre)
  })

  it('turns about the point between two fingers, and is carried along by them', () => {
    const held = grabWithTwo(placement, { x: 0, y: 0 }, { x: 20, y: 0 })
    const turned = move(held, placement, { x: 10, y: -10 }, { x: 10, y: 10 })
    expect(turned.turn).toBeCloseTo(120)
    expect(turned.centre.x).toBeCloseTo(5)
    expect(turned.centre.y).toBeCloseTo(0)
    const carried = move(held, placement, { x: 3, y: 4 }, { x: 23, y: 4 })
    expect(carried).toMatchObject({ turn: 30, centre: { x: 13, y: 9 } })
  })

  it('does nothing while idle', () => expect(move(idle, placement, { x: 0, y: 0 })).toBe(placement))

  it('moves by keys, and knows which keys are not its own', () => {
    expect(nudge(placement, { code: 'ArrowUp', shiftKey: true, ctrlKey: false })!.centre.y).toBeCloseTo(5.1)
    expect(nudge(placement, { code: 'ArrowLeft', shiftKey: false, ctrlKey: true })!.centre.x).toBeCloseTo(
      placement.centre.x - 10,
    )
    expect(nudge(placement, { code: 'Period', shiftKey: false, ctrlKey: false })!.turn).toBe(29)
    expect(nudge(placement, { code: 'KeyV', shiftKey: false, ctrlKey: false })!.turnedOver).toBe(true)
    expect(nudge(placement, { code: 'Space', shiftKey: false, ctrlKey: false })).toBeNull()
  })

  it('turns the short way round', () => {
    expect(nearestTurn(350, 10)).toBe(-10)
    expect(nearestTurn(10, 350)).toBe(370)
  })

  it('helps a finger to the vertex, but not a mouse', () => {
    const vertex = { x: 0, y: 0 }
    expect(rayStart({ x: 2, y: 1 }, [vertex], 'touch')).toBe(vertex)
    expect(rayStart({ x: 2, y: 1 }, [vertex], 'mouse')).toEqual({ x: 2, y: 1 })
    expect(rayStart({ x: 4, y: 1 }, [vertex], 'touch')).toEqual({ x: 4, y: 1 })
  })
})
