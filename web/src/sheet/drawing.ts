/** A drawing in the making: strokes, dots and an arc, each change undone by going back to what was before. */
import type { Placement, Point, Schema } from '../api/client'
import { directionOf, distanceOf } from './geometry'

export type Tool = 'protractor' | 'dot' | 'ray' | 'freehand' | 'arc' | 'compass'

/** An arc of the compass, as the pencil point went. */
export interface Sweep {
  points: Point[]
  needle: Point
}

export interface Drawing {
  strokes: Point[][]
  dots: Point[]
  /** Arcs of the compass. */
  sweeps: Sweep[]
  arc: Point | null
  /** How the protractor lay when the last dot was made. */
  placement: Placement | null
  /** Where it had come to rest before that. */
  rested: Placement[]
}

export const empty: Drawing = { strokes: [], dots: [], sweeps: [], arc: null, placement: null, rested: [] }

/** What a response carries of a drawing or a construction, whatever kind it answers. */
type Drawn = Pick<Schema['ResponseDrawResponse'], 'strokes'> &
  Partial<Pick<Schema['ResponseDrawResponse'], 'dots' | 'arc' | 'placement' | 'rested'>> &
  Partial<Pick<Schema['ResponseBisectResponse'], 'arcs'>>

/** What was handed in, as a drawing again. */
export const drawingOf = (response: Drawn): Drawing => ({
  strokes: response.strokes.map((stroke) => stroke.points),
  dots: response.dots ?? [],
  sweeps: response.arcs ?? [],
  arc: response.arc ?? null,
  placement: response.placement ?? null,
  rested: response.rested ?? [],
})

/** No pencil is finer than a hundredth of a millimetre; more digits would only be carried about. */
const sharp = (at: Point): Point => ({ x: Math.round(at.x * 100) / 100, y: Math.round(at.y * 100) / 100 })

export const withDot = (
  drawing: Drawing,
  at: Point,
  placement: Placement | null,
  rested: Placement[] = [],
): Drawing => ({
  ...drawing,
  dots: [...drawing.dots, sharp(at)],
  placement,
  rested,
})

export const withRay = (drawing: Drawing, from: Point, to: Point): Drawing => withStroke(drawing, [from, to])

export const withStroke = (drawing: Drawing, points: Point[]): Drawing => ({
  ...drawing,
  strokes: [...drawing.strokes, points.map(sharp)],
})

export const withSweep = (drawing: Drawing, { needle, points }: Sweep): Drawing => ({
  ...drawing,
  sweeps: [...drawing.sweeps, { needle: sharp(needle), points: points.map(sharp) }],
})

export const withArc = (drawing: Drawing, at: Point): Drawing => ({ ...drawing, arc: sharp(at) })

/** A finger is broad: a ray begun this near to the vertex is meant to begin there. In mm. */
const fingerReach = 3

/** Where a ray begins: as the pencil says, but a finger is helped to an end of a line that is there. */
export function rayStart(at: Point, ends: Point[], pointerType: string): Point {
  const near = ends.find((end) => distanceOf(at, end) <= fingerReach)
  return pointerType === 'touch' && near ? near : at
}

/** The ends of lines at which another may begin. */
export const endsOf = (drawing: Drawing, task: Schema['DrawingTask']): Point[] =>
  task.baseRay ? [task.baseRay.vertex] : drawing.strokes.flatMap((stroke) => [stroke[0]!, stroke.at(-1)!])

/** No hand draws a stroke of more points than this on one sheet; farther ones are thinned out. */
const mostPoints = 1500

/** Adds a point to a stroke in the making. Points on top of each other say nothing. */
export function longer(stroke: Point[], at: Point): Point[] {
  const last = stroke.at(-1)
  if (last && distanceOf(last, at) < 0.2) return stroke
  return stroke.length < mostPoints ? [...stroke, at] : [...stroke.filter((_, i) => i % 2 === 0), at]
}

interface Arms {
  vertex: Point
  start: number
  end: number
}

/** Where the arms of a drawing run, for its arc to be drawn between them; null while there are not two. */
export function armsOf(task: Schema['DrawingTask'], drawing: Drawing): Arms | null {
  const [long, second] = drawing.strokes
    .map((stroke): [Point, Point] => [stroke[0]!, stroke.at(-1)!])
    .toSorted((a, b) => distanceOf(...b) - distanceOf(...a))
  if (!long) return null
  const away = (vertex: Point, [a, b]: [Point, Point]): number =>
    directionOf(vertex, distanceOf(vertex, a) > distanceOf(vertex, b) ? a : b)
  if (task.baseRay) {
    const { vertex, direction } = task.baseRay
    return { vertex, start: direction, end: away(vertex, long) }
  }
  if (!second) return null
  const nearest = (end: Point): number => Math.min(...second.map((other) => distanceOf(end, other)))
  const vertex = nearest(long[0]) <= nearest(long[1]) ? long[0] : long[1]
  return { vertex, start: away(vertex, long), end: away(vertex, second) }
}
