/** A compass in the hand: where its needle and its pencil point stand, and how it is carried, opened and turned. In mm and degrees. */
import type { Point, Schema } from '../api/client'
import { directionOf, distanceOf, reduced, towards, turnBetween } from './geometry'

export interface CompassPose {
  needle: Point
  pencil: Point
}

/** The least and the most a compass opens, in mm. */
export const leastOpening = 3
export const mostOpening = 130

/** Between two points of an arc the pencil turns no farther than this, in degrees. */
const everyDegrees = 2

export const openingOf = ({ needle, pencil }: CompassPose): number => distanceOf(needle, pencil)

const within = (opening: number): number => Math.min(mostOpening, Math.max(leastOpening, opening))

/** Carried so that its needle stands elsewhere; the opening stays. */
export const carried = ({ needle, pencil }: CompassPose, to: Point): CompassPose => ({
  needle: to,
  pencil: { x: to.x + pencil.x - needle.x, y: to.y + pencil.y - needle.y },
})

/** Opened or closed so that its pencil point comes as near as it can to a place. */
export const openedTo = ({ needle }: CompassPose, to: Point): CompassPose => ({
  needle,
  pencil: towards(needle, directionOf(needle, to), within(distanceOf(needle, to))),
})

/** Opened to so many mm. */
export const openedBy = (pose: CompassPose, opening: number): CompassPose => ({
  needle: pose.needle,
  pencil: towards(pose.needle, directionOf(pose.needle, pose.pencil), within(opening)),
})

/** Turned about its needle, anticlockwise positive. */
export const turned = (pose: CompassPose, degrees: number): CompassPose => ({
  needle: pose.needle,
  pencil: towards(pose.needle, directionOf(pose.needle, pose.pencil) + degrees, openingOf(pose)),
})

/** An arc from the points that the pencil passed. */
export function arcOf(
  needle: Point,
  points: readonly Point[],
): Pick<Schema['CompassArc'], 'centre' | 'radius' | 'from' | 'sweep'> {
  const directions = points.map((point) => directionOf(needle, point))
  const sweep = directions.slice(1).reduce((sum, to, i) => sum + turnBetween(directions[i]!, to), 0)
  return {
    centre: needle,
    radius: distanceOf(needle, points[0]!),
    from: reduced(directions[0]!),
    // Round and round is once round.
    sweep: Math.max(-fullTurn, Math.min(fullTurn, sweep)),
  }
}
/** A circle that ends where it begins has no beginning to draw from. */
const fullTurn = 359.9

/** How far a point lies from an arc, in mm; beyond its ends from the nearer one. */
export function distanceToCompassArc(arc: Schema['CompassArc'], at: Point): number {
  const way = directionOf(arc.centre, at)
  const into = arc.sweep >= 0 ? reduced(way - arc.from) : reduced(arc.from - way)
  if (into <= Math.abs(arc.sweep)) return Math.abs(distanceOf(arc.centre, at) - arc.radius)
  return Math.min(
    ...[arc.from, arc.from + arc.sweep].map((end) => distanceOf(towards(arc.centre, end, arc.radius), at)),
  )
}

/** The points that the pencil passes while the compass is turned, without the first. */
export function traced(pose: CompassPose, degrees: number): Point[] {
  const steps = Math.max(1, Math.ceil(Math.abs(degrees) / everyDegrees))
  return Array.from({ length: steps }, (_, i) => turned(pose, (degrees * (i + 1)) / steps).pencil)
}

/** Points along an arc, from its beginning to its end. */
export function pointsOf({ centre, radius, from, sweep }: Schema['CompassArc']): Point[] {
  const pencil = towards(centre, from, radius)
  return [pencil, ...traced({ needle: centre, pencil }, sweep)]
}
