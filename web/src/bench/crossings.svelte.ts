/**
 * Where what was constructed crosses, as the core finds it: places for keys and fingers, and what an arc crosses for those who listen.
 */
import { api, ask, type Schema } from '../api/client'
import { Latest } from '../shared/latest'
import { t } from '../said/said.svelte'
import type { Place } from '../sheet/aids'
import type { Drawing } from '../sheet/drawing'
import { directionOf, distanceOf, reduced } from '../sheet/geometry'
import type { SeenView } from './seen'

export class Crossings {
  /** The crossings that can be seen. */
  places: Place[] = $state.raw([])
  /** The same with their names. */
  points: Schema['NamedPoint'][] = $state.raw([])
  /** What the last arc crosses, in words. */
  said = $state('')
  readonly #latest = new Latest()

  constructor(private readonly view: SeenView) {}

  /** Asks anew for what is drawn now. */
  async follow(drawing: Drawing, tellsArc: boolean): Promise<void> {
    const arcs = drawing.sweeps
    const strokes = drawing.strokes.map((points) => ({ points }))
    const rays = raysOf(this.view)
    try {
      const reply = await this.#latest.of(
        ask(api.POST('/api/v1/constructions/crossings', { body: { rays, strokes, arcs } })),
      )
      if (!reply) return
      this.places = reply.points.map(({ at, name }) => ({ at, arms: [], name: name.text }))
      this.points = reply.points.map(({ at, name }) => ({ at, name: name.text }))
      const last = arcs.at(-1)
      if (!tellsArc || !last) return
      const names = reply.points
        .map(({ name }) => name.text)
        .filter((name, i, all) => all.indexOf(name) === i)
      const distance = Math.round(distanceOf(last.needle, last.points[0]!) * 10) / 10
      const number = arcs.length
      this.said =
        names.length > 0
          ? t('bench.heard.arc', { number, distance, items: names.slice(0, 6).join('; ') })
          : t('bench.heard.arc-alone', { number, distance })
    } catch {
      // Without an answer nothing is told, and keys go to what the item gave.
      this.places = []
      this.points = []
    }
  }
}

/** The rays that are given, as the sheet tells them. */
function raysOf({ told }: SeenView): Schema['GivenRay'][] {
  return told.places.flatMap(({ at, rays }) =>
    rays.map(({ name, tip }) => ({
      name: name.text,
      ray: {
        vertex: at,
        direction: reduced(directionOf(at, tip)),
        length: Math.max(1, distanceOf(at, tip)),
      },
    })),
  )
}
