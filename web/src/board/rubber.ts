/** The rubber: takes out what lies under it, the smallest thing first. */
import type { Point, Scene } from '../api/client'
import { distanceOf, endDirection, signOf, towards } from '../sheet/geometry'
import { changed } from '../sheet/scene'
import { distanceToCompassArc } from '../sheet/compass'
import { distanceToLine, isOnArc, openingOf } from './openings'

/** How far the rubber reaches, in mm: from the middle of a text, from a dot, from a line. */
const reach = { text: 6, dot: 3, line: 2.5 }
/** Where AngleFigure draws the arc and writes the measure, in mm from the vertex. */
const arcRadius = 13
const writtenAt = 24

/** The sheet without what lies at a point; the same sheet when nothing does. */
export function rubAt(scene: Scene, at: Point): Scene {
  const note = scene.notes.find((one) => distanceOf(one.at, at) <= reach.text)
  if (note) return { ...scene, notes: scene.notes.filter((one) => one !== note) }
  const dot = scene.dots.find((one) => distanceOf(one.at, at) <= reach.dot)
  if (dot) return { ...scene, dots: scene.dots.filter((one) => one !== dot) }
  const drawn = scene.compassArcs.find((one) => distanceToCompassArc(one, at) <= reach.line)
  if (drawn) return { ...scene, compassArcs: scene.compassArcs.filter((one) => one !== drawn) }
  const arc = scene.arcs.find((one) => isOnArc(one, at, arcRadius, reach.line + 1))
  if (arc) return { ...scene, arcs: scene.arcs.filter((one) => one !== arc) }
  const line = scene.lines.find((one) => distanceToLine(one.from, one.to, at) <= reach.line)
  if (line) return { ...scene, lines: scene.lines.filter((one) => one !== line) }
  for (const figure of scene.figures) {
    const { angle } = figure
    const less = (change: Partial<typeof figure>): Scene => ({
      ...scene,
      figures: changed(scene.figures, figure.id, (f) => ({ ...f, ...change })),
    })
    const middle = angle.start + (signOf(angle.opening) * angle.measure) / 2
    if (figure.written && distanceOf(towards(angle.vertex, middle, writtenAt), at) <= reach.text)
      return less({ written: null })
    if (figure.mark !== 'none' && isOnArc(openingOf(angle), at, arcRadius - 2, reach.line + 2))
      return less({ mark: 'none' })
    const arms = [
      [angle.start, angle.startLength, figure.startExtendedTo, 'startExtendedTo'],
      [endDirection(angle), angle.endLength, figure.endExtendedTo, 'endExtendedTo'],
    ] as const
    for (const [direction, length, extendedTo, key] of arms) {
      const tip = towards(angle.vertex, direction, length)
      if (
        extendedTo != null &&
        distanceToLine(tip, towards(angle.vertex, direction, extendedTo), at) <= reach.line
      )
        return less({ [key]: null })
      if (distanceToLine(angle.vertex, tip, at) <= reach.line)
        return { ...scene, figures: scene.figures.filter((f) => f !== figure) }
    }
  }
  const traced = scene.tracing?.angle
  if (
    traced &&
    [traced.start, endDirection(traced)].some(
      (direction) =>
        distanceToLine(traced.vertex, towards(traced.vertex, direction, traced.startLength), at) <=
        reach.line,
    )
  )
    return { ...scene, tracing: null }
  return scene
}
