/** Where rays, lines and arcs cross, as the core finds it: points for a needle, a pencil and a finger. */
import { api, ask, type Scene, type Schema } from '../api/client'
import { t } from '../said/said.svelte'
import { Latest } from '../shared/latest'
import type { Place } from './aids'
import { pointsOf } from './compass'
import { endDirection } from './geometry'

export type Drawn = Schema['DrawnConstruction']

export class Crossings {
  /** Those that can be seen, those of the last arc first. */
  places: Place[] = $state.raw([])
  readonly #latest = new Latest()

  /**
   * Asks anew for what is drawn now. Without an answer there are none, and keys go to what was given.
   * @returns whether there is an answer, and it is the one that was asked for last
   */
  async follow(drawn: Drawn): Promise<boolean> {
    try {
      const reply = await this.#latest.of(ask(api.POST('/api/v1/constructions/crossings', { body: drawn })))
      if (!reply) return false
      this.places = reply.points.map(({ at, name }) => ({ at, arms: [], name: name.text }))
      return true
    } catch {
      this.places = []
      return false
    }
  }

  /** The same with their names. */
  get points(): Schema['NamedPoint'][] {
    return this.places.map(({ at, name }) => ({ at, name: name! }))
  }

  forget(): void {
    this.#latest.forget()
    this.places = []
  }
}

/** As many as are looked at at once; the last that were drawn are what a hand works with. */
const most = { rays: 8, lines: 50, arcs: 30 }

/** What is drawn in a scene: the arms of its angles, its lines and its arcs. */
export function drawnIn({
  figures,
  lines,
  compassArcs,
}: Pick<Scene, 'figures' | 'lines' | 'compassArcs'>): Drawn {
  const rays = figures.flatMap(({ angle, names, hasEnd }) => {
    const { vertex } = angle
    const start = { vertex, direction: angle.start, length: angle.startLength }
    const end = { vertex, direction: endDirection(angle), length: angle.endLength }
    return [
      { name: names ? names.vertex + names.start : t('sheet.arm.which', { which: 'start' }), ray: start },
      ...(hasEnd === false
        ? []
        : [{ name: names ? names.vertex + names.end : t('sheet.arm.which', { which: 'end' }), ray: end }]),
    ]
  })
  return {
    rays: rays.slice(0, most.rays),
    strokes: lines.slice(-most.lines).map(({ from, to }) => ({ points: [from, to] })),
    arcs: compassArcs.slice(-most.arcs).map((arc) => ({ needle: arc.centre, points: pointsOf(arc) })),
  }
}
