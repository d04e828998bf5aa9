/**
 * Where angles open on the sheet: between the arms of figures and the lines that a hand has drawn. A place to write an arc or a label
 * to, not a reading.
 */
import type { DrawnArc, Point, Scene, Schema } from '../api/client'
import { directionOf, distanceOf, endDirection, reduced, signOf } from '../sheet/geometry'
import { changed, freeId } from '../sheet/scene'

/** An opening at a vertex: anticlockwise from one ray by the sweep, in degrees. */
export interface Opening {
  vertex: Point
  start: number
  sweep: number
}

/** How far a line may end from a vertex and still start there, in mm. */
const atVertex = 2.5
/** Farther from a vertex than this, in mm, nothing is meant by it. */
const farthest = 90
/** Two rays nearer to each other than this, in degrees, are one. */
const sameRay = 0.5

/** How far a point lies along a line and beside it, in mm. */
function besideLine(from: Point, to: Point, at: Point): { along: number; beside: number; length: number } {
  const length = distanceOf(from, to)
  const [x, y] = [(to.x - from.x) / length, (to.y - from.y) / length]
  const [dx, dy] = [at.x - from.x, at.y - from.y]
  return { along: dx * x + dy * y, beside: Math.abs(dy * x - dx * y), length }
}

/** How far a point lies from a line that ends at both its ends, in mm. */
export function distanceToLine(from: Point, to: Point, at: Point): number {
  const { along, beside, length } = besideLine(from, to, at)
  return along < 0 ? distanceOf(from, at) : along > length ? distanceOf(to, at) : beside
}

/** Where two lines cross, or null. */
function crossing(a: Schema['DrawnLine'], b: Schema['DrawnLine']): Point | null {
  const [ux, uy] = [a.to.x - a.from.x, a.to.y - a.from.y]
  const [vx, vy] = [b.to.x - b.from.x, b.to.y - b.from.y]
  const area = ux * vy - uy * vx
  if (Math.abs(area) < 1e-6) return null
  const s = ((b.from.x - a.from.x) * vy - (b.from.y - a.from.y) * vx) / area
  const at = { x: a.from.x + s * ux, y: a.from.y + s * uy }
  return distanceToLine(a.from, a.to, at) <= atVertex && distanceToLine(b.from, b.to, at) <= atVertex
    ? at
    : null
}

function raysAt(scene: Scene, vertex: Point): number[] {
  const rays = scene.figures
    .filter((figure) => distanceOf(figure.angle.vertex, vertex) <= atVertex)
    .flatMap(({ angle, hasEnd }) => [angle.start, ...(hasEnd === false ? [] : [endDirection(angle)])])
  for (const { from, to } of scene.lines) {
    if (distanceToLine(from, to, vertex) > atVertex) continue
    const { along, length } = besideLine(from, to, vertex)
    if (along < length - atVertex) rays.push(directionOf(along > atVertex ? vertex : from, to))
    if (along > atVertex) rays.push(directionOf(along < length - atVertex ? vertex : to, from))
  }
  const sorted = rays.map(reduced).sort((a, b) => a - b)
  return sorted.filter((ray, i) => i === 0 || ray - sorted[i - 1]! > sameRay)
}

/** The opening that a point of the sheet lies in: at the nearest vertex, between the rays to either side. */
export function openingAt(scene: Scene, at: Point): Opening | null {
  const vertices = [
    ...scene.figures.map((figure) => figure.angle.vertex),
    ...scene.lines.flatMap((line, i) => [
      line.from,
      line.to,
      ...scene.lines.slice(i + 1).flatMap((other) => crossing(line, other) ?? []),
    ]),
  ]
  const near = vertices
    .map((vertex) => ({ vertex, distance: distanceOf(vertex, at) }))
    .filter(({ distance }) => distance > 1 && distance <= farthest)
    .sort((a, b) => a.distance - b.distance)
  for (const { vertex } of near) {
    const rays = raysAt(scene, vertex)
    if (rays.length < 2) continue
    const pointed = reduced(directionOf(vertex, at))
    const i = rays.findLastIndex((ray) => ray <= pointed)
    const start = rays.at(i < 0 ? -1 : i)!
    return { vertex, start, sweep: reduced(rays[(i + 1) % rays.length]! - start) || 360 }
  }
  return null
}

const same = (one: Opening, other: Opening): boolean =>
  distanceOf(one.vertex, other.vertex) <= atVertex &&
  Math.abs(reduced(one.start - other.start + 180) - 180) <= sameRay &&
  Math.abs(one.sweep - other.sweep) <= 2 * sameRay

/** The opening that a figure itself means. */
export function openingOf({ vertex, start, measure, opening }: Schema['Angle']): Opening {
  return { vertex, start: reduced(signOf(opening) > 0 ? start : start - measure), sweep: measure }
}

/** The figure whose opening this is, if it is one's. */
export const figureOf = (scene: Scene, opening: Opening): Schema['Figure'] | undefined =>
  scene.figures.find((figure) => same(openingOf(figure.angle), opening))

/** Draws an arc into an opening; where one stands already it becomes a box, and a box an arc. */
export function drawArc(scene: Scene, at: Point): Scene {
  const opening = openingAt(scene, at)
  if (!opening) return scene
  const figure = figureOf(scene, opening)
  if (figure) {
    const mark = figure.mark === 'none' || figure.mark === 'box' ? 'arc' : 'box'
    return { ...scene, figures: changed(scene.figures, figure.id, (f) => ({ ...f, mark })) }
  }
  const drawn = scene.arcs.find((arc) => same(arc, opening))
  return drawn
    ? { ...scene, arcs: changed(scene.arcs, drawn.id, (arc) => ({ ...arc, box: !arc.box })) }
    : { ...scene, arcs: [...scene.arcs, { id: freeId(scene, 'own-arc'), ...opening, box: false }] }
}

/** Half the length of an arc's radius is near enough to hold it by. */
export const isOnArc = (
  arc: Pick<DrawnArc, keyof Opening>,
  at: Point,
  radius: number,
  reach: number,
): boolean =>
  Math.abs(distanceOf(arc.vertex, at) - radius) <= reach &&
  reduced(directionOf(arc.vertex, at) - arc.start) <= arc.sweep

/** The angle of an opening, to be labelled: its arms as long as is usual. */
export const angleOf = (opening: Opening): Schema['Angle'] => ({
  vertex: opening.vertex,
  start: opening.start,
  measure: Math.round(opening.sweep * 10) / 10,
  opening: 'anticlockwise',
  startLength: 60,
  endLength: 60,
})
