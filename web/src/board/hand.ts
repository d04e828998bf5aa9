/** What the teacher's hand does on the sheet: each a change from one scene to the next. Nothing here reads or judges. */
import type { Instrument, Placement, Point, Scene, Schema } from '../api/client'
import type { Place } from '../sheet/aids'
import {
  directionOf,
  distanceOf,
  endDirection,
  reduced,
  signOf,
  towards,
  turnBetween,
} from '../sheet/geometry'
import { changed, freeId } from '../sheet/scene'

const shortestArm = 10
const longestArm = 400

/** Lays or moves an instrument; a count along it would no longer be true, and goes. */
export const place = (scene: Scene, id: string, placement: Placement): Scene => ({
  ...scene,
  instruments: changed(scene.instruments, id, (laid) => ({
    ...laid,
    placement,
    inkedScale: null,
    waiting: false,
  })),
  threads: scene.threads.filter((thread) => thread.id !== id),
  lens: null,
})

/** Takes an instrument out of the tray: it lies a little beside its place, for the hand to take. */
export function take(scene: Scene, instrumentId: string): Scene {
  const vertex = scene.figures[0]?.angle.vertex ?? { x: 0, y: 0 }
  return {
    ...scene,
    threads: [],
    instruments: [
      ...scene.instruments,
      {
        id: freeId(scene, 'own-instrument'),
        instrumentId,
        placement: { centre: { x: vertex.x + 6, y: vertex.y + 14 }, turn: 8, turnedOver: false },
      },
    ],
  }
}

export const putAway = (scene: Scene, id: string): Scene => ({
  ...scene,
  instruments: scene.instruments.filter((laid) => laid.id !== id),
  threads: scene.threads.filter((thread) => thread.id !== id),
})

/** Drags the tip of an arm: the start arm turns the whole figure, the end arm opens it. */
export function dragArm(scene: Scene, id: string, which: 'start' | 'end', to: Point): Scene {
  return {
    ...scene,
    threads: [],
    figures: changed(scene.figures, id, (figure) => {
      const angle = figure.angle
      const direction = directionOf(angle.vertex, to)
      const length = Math.min(longestArm, Math.max(shortestArm, distanceOf(angle.vertex, to)))
      const end = which === 'end' ? direction : endDirection(angle)
      const start = which === 'start' ? direction : angle.start
      const open = which === 'start' ? angle.measure : reduced(signOf(angle.opening) * (end - start))
      return {
        ...figure,
        written: null,
        // Dragged by hand it may look right; a box would say that it is.
        mark: figure.mark === 'box' ? 'arc' : figure.mark,
        startExtendedTo: null,
        endExtendedTo: null,
        angle: {
          ...angle,
          start,
          measure: open,
          startLength: which === 'start' ? length : angle.startLength,
          endLength: which === 'end' ? length : angle.endLength,
        },
      }
    }),
  }
}

/** Puts down another angle in place of what is there. */
export const putAngle = (
  scene: Scene,
  angle: Schema['Angle'],
  names: Schema['AngleNames'],
  mark: Schema['OpeningMark'],
): Scene => ({
  ...scene,
  threads: [],
  lens: null,
  figures: [{ id: 'angle', angle, names, mark, hasEnd: true }],
})

/** Draws a line. One that goes on from the tip of an arm in its direction is an extension of it, exactly along the arm. */
export function drawLine(scene: Scene, from: Point, to: Point, blunt = false): Scene {
  const arm = scene.figures
    .flatMap(({ angle }) => [
      { vertex: angle.vertex, direction: angle.start, length: angle.startLength },
      { vertex: angle.vertex, direction: endDirection(angle), length: angle.endLength },
    ])
    .map((one) => ({ ...one, tip: towards(one.vertex, one.direction, one.length) }))
    .find(
      ({ tip, direction }) =>
        distanceOf(tip, from) <= extensionFrom &&
        Math.abs(turnBetween(direction, directionOf(from, to))) <= extensionWithin,
    )
  const line = arm
    ? { from: arm.tip, to: towards(arm.tip, arm.direction, distanceOf(from, to)), ink: 'extension' as const }
    : { from, to, ink: 'pencil' as const }
  return { ...scene, lines: [...scene.lines, { id: freeId(scene, 'own-line'), ...line, blunt }] }
}
/** How near its tip, in mm, and how nearly along an arm, in degrees, a line has to begin to be its extension. */
const extensionFrom = 6
const extensionWithin = 3

export const makeDot = (scene: Scene, at: Point, blunt = false): Scene => ({
  ...scene,
  dots: [...scene.dots, { id: freeId(scene, 'own-dot'), at, ink: 'pencil', blunt }],
})

/** Lays tracing paper over the sheet and traces the angle; its arms may be drawn on there as long as one likes. */
export function trace(scene: Scene): Scene {
  const angle = scene.figures[0]?.angle
  return angle
    ? { ...scene, tracing: { angle: { ...angle, startLength: longTrace, endLength: longTrace } } }
    : scene
}
const longTrace = 100

/** What a hand writes says the same in every language. */
const asWritten = (own: string): Schema['Message'] => ({
  id: 'units.as-written',
  arguments: { own },
  text: own,
})

/** Puts labels at an angle, each to be moved by hand. */
export const writeLabels = (scene: Scene, labels: readonly Schema['PlacedLabel'][]): Scene =>
  labels.reduce(
    (written, { text, at }) => ({
      ...written,
      notes: [...written.notes, { id: freeId(written, 'own-label'), text, at, ink: 'pencil' }],
    }),
    scene,
  )

export const writeName = (scene: Scene, at: Point, text: string): Scene => ({
  ...scene,
  notes: [...scene.notes, { id: freeId(scene, 'own-name'), text: asWritten(text), at, ink: 'pencil' }],
})

const moved = (at: Point, by: Point): Point => ({ x: at.x + by.x, y: at.y + by.y })

/** Moves a line, a dot or a name. */
export const moveThing = (scene: Scene, id: string, by: Point): Scene => ({
  ...scene,
  lines: changed(scene.lines, id, (line) => ({
    ...line,
    from: moved(line.from, by),
    to: moved(line.to, by),
  })),
  dots: changed(scene.dots, id, (dot) => ({ ...dot, at: moved(dot.at, by) })),
  notes: changed(scene.notes, id, (note) => ({ ...note, at: moved(note.at, by) })),
  tracing:
    id === 'tracing' && scene.tracing
      ? { angle: { ...scene.tracing.angle, vertex: moved(scene.tracing.angle.vertex, by) } }
      : scene.tracing,
})

export const rubOut = (scene: Scene, id: string): Scene => ({
  ...scene,
  lines: scene.lines.filter((thing) => thing.id !== id),
  dots: scene.dots.filter((thing) => thing.id !== id),
  notes: scene.notes.filter((thing) => thing.id !== id),
  tracing: id === 'tracing' ? null : scene.tracing,
})

/** Where the end arm leaves a round instrument: what the lens looks at. A place to look, not a reading. */
export function lookAt(
  scene: Scene,
  laid: Scene['instruments'][number] | undefined,
  radius: number,
): Point | null {
  const angle = scene.figures[0]?.angle
  if (!laid || !angle) return null
  const arm = towards({ x: 0, y: 0 }, endDirection(angle), 1)
  const from = { x: angle.vertex.x - laid.placement.centre.x, y: angle.vertex.y - laid.placement.centre.y }
  const along = from.x * arm.x + from.y * arm.y
  const half = radius * radius - (from.x * arm.y - from.y * arm.x) ** 2
  if (half < 0) return null
  const distance = Math.sqrt(half) - along
  return distance < 0 ? null : { x: angle.vertex.x + distance * arm.x, y: angle.vertex.y + distance * arm.y }
}

/** How near is near enough to be helped, in mm and degrees. */
const helpWithin = { slide: 2.5, turn: 2 }

/** A placement helped in its last millimetre: the centre onto a vertex near it, and the line through it along an arm. */
function helpedPlacement(scene: Scene, placement: Placement): Placement {
  for (const { angle } of scene.figures) {
    if (distanceOf(placement.centre, angle.vertex) > helpWithin.slide) continue
    let turn = placement.turn
    for (const arm of [angle.start, endDirection(angle)]) {
      for (const end of [arm, arm + 180]) {
        const off = turnBetween(turn, end)
        if (Math.abs(off) <= helpWithin.turn) turn = end
      }
    }
    return { ...placement, centre: angle.vertex, turn }
  }
  return placement
}

/** The last millimetre: a centre mark let go near a vertex comes to lie on it, a zero line near an arm along it. */
export function snap(scene: Scene, id: string): Scene {
  const laid = scene.instruments.find((i) => i.id === id)
  if (!laid) return scene
  const helped = helpedPlacement(scene, laid.placement)
  return helped === laid.placement ? scene : place(scene, id, helped)
}

/** Lengths of a straightedge along a line, and of one that the hand carries about the sheet, in mm. */
const usualLength = 160
const inHand = 110

/** Lays or moves the straightedge. */
export const layStraightedge = (scene: Scene, straightedge: Schema['LaidStraightedge'] | null): Scene => ({
  ...scene,
  straightedge,
})

/** Takes the straightedge out of the tray: it lies a little below the angle, for the hand to take. */
export function takeStraightedge(scene: Scene): Scene {
  const vertex = scene.figures[0]?.angle.vertex ?? { x: 0, y: 0 }
  return layStraightedge(scene, {
    from: { x: vertex.x - 50, y: vertex.y - 16 },
    direction: 3,
    length: inHand,
  })
}

/** The last millimetre of the straightedge: its zero let go near a vertex comes to lie on it, its edge near an arm along it. */
export function snapStraightedge(scene: Scene): Scene {
  const laid = scene.straightedge
  if (!laid) return scene
  const asLaid = { centre: laid.from, turn: laid.direction, turnedOver: false }
  const helped = helpedPlacement(scene, asLaid)
  return helped === asLaid
    ? scene
    : layStraightedge(scene, { ...laid, from: helped.centre, direction: helped.turn })
}

/** The last millimetre of a point: one that is let go near one of these comes to lie on the nearest. */
export const helpedTo = (points: readonly Place[], at: Point): Point =>
  points.reduce(
    (near, point) =>
      distanceOf(point.at, at) < near.away ? { at: point.at, away: distanceOf(point.at, at) } : near,
    { at, away: helpWithin.slide },
  ).at

/** How far from the edge a pencil still runs along it, in mm. */
const alongEdge = 4

/** Where a pencil that is held to the edge of the straightedge runs; null when it is not near the edge. */
export function onEdge(laid: Schema['LaidStraightedge'], at: Point, reach = alongEdge): Point | null {
  const along = towards({ x: 0, y: 0 }, laid.direction, 1)
  const [x, y] = [at.x - laid.from.x, at.y - laid.from.y]
  const far = x * along.x + y * along.y
  if (Math.abs(y * along.x - x * along.y) > reach) return null
  const length = laid.length ?? usualLength
  return towards(laid.from, laid.direction, Math.min(length, Math.max(0, far)))
}
/** What a pencil may run along: the straightedge, and the flat edges of the half circles that lie there. */
export function edgesOf(scene: Scene, instruments: readonly Instrument[]): Schema['LaidStraightedge'][] {
  const flat = scene.instruments.flatMap(({ instrumentId, placement }) => {
    const p = instruments.find((i) => i.protractor.id === instrumentId)?.protractor
    if (p?.shape !== 'halfCircle') return []
    const below = towards(placement.centre, placement.turn - 90, p.inset)
    return [
      {
        from: towards(below, placement.turn + 180, p.halfLength),
        direction: placement.turn,
        length: 2 * p.halfLength,
      },
    ]
  })
  return scene.straightedge ? [scene.straightedge, ...flat] : flat
}

/** A straightedge along a line that is being drawn. */
export const ruled = (from: Point, to: Point): Schema['LaidStraightedge'] => ({
  from,
  direction: directionOf(from, to),
  length: Math.max(usualLength, distanceOf(from, to) + 10),
})
