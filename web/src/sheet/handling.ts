/**
 * Handling an instrument with a pointer, as a small state machine: idle, sliding (grabbed by the body) or turning (grabbed by
 * the rim). It knows nothing of the screen or of what the instrument shows.
 */
import type { Placement, Point } from '../api/client'
import { directionOf, towards } from './geometry'

export type Handling =
  | { state: 'idle' }
  | { state: 'sliding'; grip: Point }
  | { state: 'turning'; from: number; turn: number }
  | { state: 'twoFingers'; from: number; middle: Point; placement: Placement }

export const idle: Handling = { state: 'idle' }

/** The hand takes hold. */
export function grab(placement: Placement, at: Point, by: 'body' | 'rim'): Handling {
  return by === 'body'
    ? { state: 'sliding', grip: { x: at.x - placement.centre.x, y: at.y - placement.centre.y } }
    : { state: 'turning', from: directionOf(placement.centre, at), turn: placement.turn }
}

const middleOf = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })

/** A second finger comes down: the two turn the instrument about the point between them, and carry it along. */
export const grabWithTwo = (placement: Placement, one: Point, other: Point): Handling => ({
  state: 'twoFingers',
  from: directionOf(one, other),
  middle: middleOf(one, other),
  placement,
})

/** The hand moves: where the instrument lies now. */
export function move(handling: Handling, placement: Placement, at: Point, other?: Point): Placement {
  switch (handling.state) {
    case 'sliding':
      return { ...placement, centre: { x: at.x - handling.grip.x, y: at.y - handling.grip.y } }
    case 'turning':
      return { ...placement, turn: handling.turn + directionOf(placement.centre, at) - handling.from }
    case 'twoFingers': {
      if (!other) return placement
      const turn = directionOf(at, other) - handling.from
      const middle = middleOf(at, other)
      const held = handling.placement.centre
      const reach = Math.hypot(held.x - handling.middle.x, held.y - handling.middle.y)
      return {
        ...placement,
        centre: towards(middle, directionOf(handling.middle, held) + turn, reach),
        turn: handling.placement.turn + turn,
      }
    }
    default:
      return placement
  }
}

/** What of a key press matters here. */
export type Pressed = Pick<KeyboardEvent, 'code' | 'shiftKey' | 'ctrlKey'>

/** How far one press goes: by ones; with Control by tens, with Shift by tenths. */
export const stepOf = (key: Omit<Pressed, 'code'>): number => (key.shiftKey ? 0.1 : key.ctrlKey ? 10 : 1)

/** Where an arrow key goes, in mm; null: not an arrow. */
export function arrowOf(key: Pressed): Point | null {
  const step = stepOf(key)
  switch (key.code) {
    case 'ArrowLeft':
      return { x: -step, y: 0 }
    case 'ArrowRight':
      return { x: step, y: 0 }
    case 'ArrowUp':
      return { x: 0, y: step }
    case 'ArrowDown':
      return { x: 0, y: -step }
    default:
      return null
  }
}

/** Arrow keys slide, comma and full stop turn, V turns over. Null: not one of these keys. */
export function nudge(placement: Placement, key: Pressed): Placement | null {
  const slide = arrowOf(key)
  if (slide) {
    const { x, y } = placement.centre
    return { ...placement, centre: { x: x + slide.x, y: y + slide.y } }
  }
  switch (key.code) {
    case 'Comma':
      return { ...placement, turn: placement.turn + stepOf(key) }
    case 'Period':
      return { ...placement, turn: placement.turn - stepOf(key) }
    case 'KeyV':
      return { ...placement, turnedOver: !placement.turnedOver }
    default:
      return null
  }
}
