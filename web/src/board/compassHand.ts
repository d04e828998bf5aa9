/** What the teacher's hand does with a compass: each a change from one scene to the next. */
import type { Point, Scene, Schema } from '../api/client'
import type { Place } from '../sheet/aids'
import { arcOf, carried, openedBy, openedTo, openingOf } from '../sheet/compass'
import { freeId } from '../sheet/scene'
import { helpedTo } from './hand'

/** Takes the compass out of the tray: it stands beside the angle, for the hand to take. */
export function takeCompass(scene: Scene): Scene {
  const vertex = scene.figures[0]?.angle.vertex ?? { x: 0, y: 0 }
  const needle = { x: vertex.x - 24, y: vertex.y - 20 }
  return { ...scene, compass: { needle, pencil: { x: needle.x + 34, y: needle.y } } }
}

export const standCompass = (scene: Scene, compass: Schema['LaidCompass'] | null): Scene => ({
  ...scene,
  compass,
})

/** Draws an arc with the compass. */
export const drawCompassArc = (scene: Scene, points: readonly Point[], blunt = false): Scene =>
  scene.compass && points.length > 1
    ? {
        ...scene,
        compassArcs: [
          ...scene.compassArcs,
          {
            id: freeId(scene, 'own-compass-arc'),
            ...arcOf(scene.compass.needle, points),
            ink: 'pencil',
            blunt,
          },
        ],
      }
    : scene

/** What a worn hinge gives once, in mm: never so little that a class would not see it. */
export const wornSlip = (): number => (Math.random() < 0.5 ? -1 : 1) * (1.5 + 1.5 * Math.random())

/**
 * The compass put down elsewhere: its needle comes to stand on a point near it; a worn hinge gives a little each time, in mm.
 * @param points where the last millimetre is helped
 */
export function putDownCompass(scene: Scene, points: readonly Place[], slip: number): Scene {
  if (!scene.compass) return scene
  const pose = carried(scene.compass, helpedTo(points, scene.compass.needle))
  return standCompass(scene, slip === 0 ? pose : openedBy(pose, openingOf(pose) + slip))
}

/** Opened to so many mm. */
export const openTo = (scene: Scene, opening: number): Scene =>
  scene.compass ? standCompass(scene, openedBy(scene.compass, opening)) : scene

/** The compass opened: its pencil point comes to stand on a point near it. */
export const openCompass = (scene: Scene, points: readonly Place[]): Scene =>
  scene.compass ? standCompass(scene, openedTo(scene.compass, helpedTo(points, scene.compass.pencil))) : scene
