/**
 * Drawing helpers: where things go on the sheet. Millimetres, y up, directions in degrees anticlockwise from +x, as
 * everywhere. Nothing here reads, judges or decides.
 */
import type { Angle, Placement, Point, Schema } from '../api/client'

const RADIANS = Math.PI / 180

/** The point some mm away in a direction. */
export function towards(from: Point, direction: number, distance: number): Point {
  return {
    x: from.x + distance * Math.cos(direction * RADIANS),
    y: from.y + distance * Math.sin(direction * RADIANS),
  }
}

/** The direction from one point to another, in degrees. */
export const directionOf = (from: Point, to: Point): number =>
  Math.atan2(to.y - from.y, to.x - from.x) / RADIANS

export const distanceOf = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y)

/** The sign of a turn that opens this way: anticlockwise positive. */
export const signOf = (opening: Angle['opening']): 1 | -1 => (opening === 'anticlockwise' ? 1 : -1)

/** Direction of an angle's end arm. */
export const endDirection = (angle: Angle): number => angle.start + signOf(angle.opening) * angle.measure

/** Where the arms of an angle end. */
export const tipsOf = (angle: Angle): Point[] => [
  towards(angle.vertex, angle.start, angle.startLength),
  towards(angle.vertex, endDirection(angle), angle.endLength),
]

/** The same direction as a number of degrees from 0 to under 360. */
export const reduced = (degrees: number): number => ((degrees % 360) + 360) % 360

/** How far to turn from one direction to another, the short way round: -180 to under 180 degrees. */
export const turnBetween = (from: number, to: number): number => reduced(to - from + 180) - 180

/** The equal direction that is nearest to another, so that a turn runs the short way round. */
export const nearestTurn = (target: number, current: number): number => current + turnBetween(current, target)

/** An arc as an SVG path, in a frame with y up. */
export function arcPath(centre: Point, radius: number, from: number, sweep: number): string {
  const parts = Math.max(1, Math.ceil(Math.abs(sweep) / 170))
  const begin = towards(centre, from, radius)
  let path = `M${begin.x} ${begin.y}`
  for (let i = 1; i <= parts; i++) {
    const to = towards(centre, from + (sweep * i) / parts, radius)
    path += `A${radius} ${radius} 0 0 ${sweep > 0 ? 1 : 0} ${to.x} ${to.y}`
  }
  return path
}

/** A number of mm or degrees as it is read out. */
export const spoken = (number: number): string => String(Math.round(number * 10) / 10)

/** Where an instrument lies, as a transform of its own frame. */
export const transformOf = (placement: Placement): string =>
  `translate(${placement.centre.x} ${placement.centre.y}) rotate(${placement.turn})${placement.turnedOver ? ' scale(-1 1)' : ''}`

/**
 * Where the lens stands: beside what it looks at, away from the middle of the instrument, and whole within the window. Where
 * that does not go it moves round, to either side in turn.
 */
export function lensPlace(
  target: Point,
  middle: Point,
  apart: number,
  radius: number,
  window: Schema['SheetWindow'],
): Point {
  const away = distanceOf(middle, target) < 1 ? 60 : directionOf(middle, target)
  const inside = (at: Point): boolean =>
    at.x - radius >= window.left &&
    at.x + radius <= window.left + window.width &&
    at.y - radius >= window.bottom &&
    at.y + radius <= window.bottom + window.height
  for (let turn = 0; turn <= 180; turn += 15) {
    for (const side of middle.x <= target.x ? [-1, 1] : [1, -1]) {
      const at = towards(target, away + side * turn, apart)
      if (inside(at)) return at
    }
  }
  return towards(target, away, apart)
}
