/** A drawing in the making: strokes, dots and an arc, each change undone by going back to what was before. */
import type { Placement, Point, Schema } from '../api/client'

export type Tool = 'protractor' | 'dot' | 'ray' | 'arc'

export interface Drawing {
  strokes: Point[][]
  dots: Point[]
  arc: Point | null
  /** How the protractor lay when the last dot was made. */
  placement: Placement | null
}

export const empty: Drawing = { strokes: [], dots: [], arc: null, placement: null }

/** What was handed in, as a drawing again. */
export const drawingOf = (response: Schema['ResponseDrawResponse']): Drawing => ({
  strokes: response.strokes.map((stroke) => stroke.points),
  dots: response.dots,
  arc: response.arc ?? null,
  placement: response.placement ?? null,
})

export const withDot = (drawing: Drawing, at: Point, placement: Placement | null): Drawing => ({
  ...drawing,
  dots: [...drawing.dots, at],
  placement,
})

export const withRay = (drawing: Drawing, from: Point, to: Point): Drawing => ({
  ...drawing,
  strokes: [...drawing.strokes, [from, to]],
})

export const withArc = (drawing: Drawing, at: Point): Drawing => ({ ...drawing, arc: at })

/** A finger is broad: a ray begun this near to the vertex is meant to begin there. In mm. */
const fingerReach = 3

/** Where a ray begins: as the pencil says, but a finger is helped to the vertex. */
export function rayStart(at: Point, vertex: Point, pointerType: string): Point {
  const near = Math.hypot(at.x - vertex.x, at.y - vertex.y) <= fingerReach
  return pointerType === 'touch' && near ? vertex : at
}
