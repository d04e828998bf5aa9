/** Crossings at the Bench: of what a student constructed on what was given, and what the last arc crosses for those who listen. */
import type { Schema } from '../api/client'
import { t } from '../said/said.svelte'
import { Crossings } from '../sheet/crossings.svelte'
import type { Drawing } from '../sheet/drawing'
import { directionOf, distanceOf, reduced } from '../sheet/geometry'
import type { SeenView } from './seen'

export class ToldCrossings {
  /** What the last arc crosses, in words. */
  said = $state('')
  readonly #crossings = new Crossings()

  constructor(private readonly view: SeenView) {}

  get places(): Crossings['places'] {
    return this.#crossings.places
  }

  get points(): Crossings['points'] {
    return this.#crossings.points
  }

  /** Asks anew for what is drawn now. */
  async follow({ sweeps, strokes }: Drawing, tellsArc: boolean): Promise<void> {
    const isAnswered = await this.#crossings.follow({
      rays: raysOf(this.view),
      strokes: strokes.map((points) => ({ points })),
      arcs: sweeps,
    })
    const last = sweeps.at(-1)
    if (!isAnswered || !tellsArc || !last) return
    const names = this.points.map(({ name }) => name).filter((name, i, all) => all.indexOf(name) === i)
    const distance = Math.round(distanceOf(last.needle, last.points[0]!) * 10) / 10
    const number = sweeps.length
    this.said =
      names.length > 0
        ? t('bench.heard.arc', { number, distance, items: names.slice(0, 6).join('; ') })
        : t('bench.heard.arc-alone', { number, distance })
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
