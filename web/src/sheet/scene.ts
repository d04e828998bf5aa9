/**
 * What lies on a sheet, and how one state of it becomes another. Things with the same id are the same thing, moved; between
 * two states they are somewhere on the way.
 */
import type { Angle, Placement, Point, Scene, SheetState } from '../api/client'
import { nearestTurn } from './geometry'

export const emptyScene: Scene = {
  figures: [],
  lines: [],
  arcs: [],
  compassArcs: [],
  dots: [],
  notes: [],
  instruments: [],
  threads: [],
  straightedge: null,
  compass: null,
  tracing: null,
  lens: null,
}

/** A state with nothing left out. */
export const sceneOf = (state: SheetState): Scene => ({ ...emptyScene, ...state })

const along = (from: number, to: number, share: number): number => from + (to - from) * share
const turning = (from: number, to: number, share: number): number =>
  from + (nearestTurn(to, from) - from) * share
const between = (from: Point, to: Point, share: number): Point => ({
  x: along(from.x, to.x, share),
  y: along(from.y, to.y, share),
})

export const movingPlacement = (from: Placement, to: Placement, share: number): Placement => ({
  ...to,
  centre: between(from.centre, to.centre, share),
  turn: turning(from.turn, to.turn, share),
})

function movingAngle(from: Angle, to: Angle, share: number): Angle {
  if (from.opening !== to.opening) return to
  return {
    ...to,
    vertex: between(from.vertex, to.vertex, share),
    start: turning(from.start, to.start, share),
    measure: along(from.measure, to.measure, share),
    startLength: along(from.startLength, to.startLength, share),
    endLength: along(from.endLength, to.endLength, share),
  }
}

/** The scene some share of the way from one to another; what is new is there at once, what is gone is gone. */
export function mix(from: Scene, to: Scene, share: number): Scene {
  if (share >= 1) return to
  return {
    ...to,
    figures: to.figures.map((figure) => {
      const before = from.figures.find((f) => f.id === figure.id)
      return before ? { ...figure, angle: movingAngle(before.angle, figure.angle, share) } : figure
    }),
    compass:
      from.compass && to.compass
        ? {
            needle: between(from.compass.needle, to.compass.needle, share),
            pencil: between(from.compass.pencil, to.compass.pencil, share),
          }
        : to.compass,
    instruments: to.instruments.map((laid) => {
      const before = from.instruments.find((i) => i.id === laid.id && i.instrumentId === laid.instrumentId)
      if (!before) return laid
      return {
        ...laid,
        placement: movingPlacement(before.placement, laid.placement, share),
        armBearing:
          laid.armBearing != null && before.armBearing != null
            ? along(before.armBearing, laid.armBearing, share)
            : laid.armBearing,
      }
    }),
  }
}

/** A copy of a list with one thing changed. */
export const changed = <T extends { id: string }>(list: T[], id: string, change: (thing: T) => T): T[] =>
  list.map((thing) => (thing.id === id ? change(thing) : thing))

/** An id that nothing in the scene has yet. */
export function freeId(scene: Scene, stem: string): string {
  const taken = new Set(
    [scene.figures, scene.lines, scene.arcs, scene.compassArcs, scene.dots, scene.notes, scene.instruments]
      .flat()
      .map((thing) => thing.id),
  )
  for (let i = 1; ; i++) if (!taken.has(`${stem}-${i}`)) return `${stem}-${i}`
}
