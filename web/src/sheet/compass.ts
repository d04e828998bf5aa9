/** A compass in the hand: where its needle and its pencil point stand, and how it is carried, opened and turned. In mm and degrees. */
import type { Point } from '../api/client'
import { directionOf, distanceOf, towards } from './geometry'

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

/** The points that the pencil passes while the compass is turned, without the first. */
export function traced(pose: CompassPose, degrees: number): Point[] {
  const steps = Math.max(1, Math.ceil(Math.abs(degrees) / everyDegrees))
  return Array.from({ length: steps }, (_, i) => turned(pose, (degrees * (i + 1)) / steps).pencil)
}
