/**
 * Aids for those who work with keys: one press brings the centre mark, or the pencil, to a vertex, another lays the zero line along an
 * arm. Where a class wants that done by hand, its rules forbid them.
 */
import type { Placement, Point, Scene, Schema } from '../api/client'
import { directionOf, distanceOf, endDirection, reduced, turnBetween } from './geometry'

/** A place that something may be brought to, and the directions of the lines that begin there, in degrees. */
export interface Place {
  at: Point
  arms: number[]
  /** What it is, where the core names it. */
  name?: string
}

/** Nearer than this, in mm and in degrees, is there already. */
const there = 0.05

/** The places of a sheet: vertices of its angles, corners of its figures, the base ray of a drawing. */
export function placesOn(scene: Scene, baseRay?: Schema['BaseRay'] | null): Place[] {
  const places: Place[] = []
  const add = (at: Point, ...arms: number[]): void => {
    const known = places.find((place) => distanceOf(place.at, at) < there)
    if (known) known.arms.push(...arms)
    else places.push({ at, arms })
  }
  for (const { angle, hasEnd } of scene.figures)
    add(angle.vertex, angle.start, ...(hasEnd === false ? [] : [endDirection(angle)]))
  for (const { from, to } of scene.lines) {
    add(from, directionOf(from, to))
    add(to, directionOf(to, from))
  }
  if (baseRay) add(baseRay.vertex, baseRay.direction)
  return places
}

/** The next place to jump to: the nearest, and from there the one after it. */
export function nextPlace(all: readonly Place[], from: Point): Point | null {
  // Where three curves cross in one point, each two of them do: it would come again and again.
  const places = all.filter(({ at }, i) => all.findIndex((other) => distanceOf(other.at, at) < there) === i)
  if (places.length === 0) return null
  const here = places.findIndex((place) => distanceOf(place.at, from) < there)
  if (here >= 0) return places[(here + 1) % places.length]!.at
  return places.reduce((near, place) =>
    distanceOf(place.at, from) < distanceOf(near.at, from) ? place : near,
  ).at
}

/** The placement turned along the next arm of the place it lies at: along each and, after those, the other way round. */
export function alongNext(places: readonly Place[], placement: Placement): Placement | null {
  const at = nextPlace(
    places.filter((place) => place.arms.length > 0),
    // The place it lies at is the nearest to itself.
    { x: placement.centre.x + 2 * there, y: placement.centre.y },
  )
  const arms = places.find((place) => place.at === at)?.arms ?? []
  const ways = [...arms, ...arms.map((arm) => arm + 180)].map(reduced)
  if (ways.length === 0) return null
  const now = ways.findIndex((way) => Math.abs(turnBetween(placement.turn, way)) < there)
  return { ...placement, turn: ways[(now + 1) % ways.length]! }
}
