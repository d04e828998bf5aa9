/**
 * The sheet for those who listen: which numbers of the instrument's scales stand on the arms or under the pencil while it is laid on.
 * All of them are told, as all are seen: which one counts is for the student to say. What stands on the sheet, the core puts into words.
 */
import { api, ask, type Angle, type Instrument, type Placement, type Point, type Schema } from '../api/client'
import { directionOf, distanceOf, reduced } from '../sheet/geometry'
import { Latest } from '../shared/latest'
import type { SeenView } from './seen'
import { t } from '../said/said.svelte'

/** So long, in ms, nothing moves before it is told. */
const rest = 500

type Place = Schema['ToldPlace']

/** The place that an instrument is meant for: the one that is nearest to its centre mark. */
export function nearest({ told }: SeenView, { centre }: Placement): Place | null {
  const [first, ...others] = told.places
  if (!first) return null
  return others.reduce((near, place) => {
    return distanceOf(place.at, centre) < distanceOf(near.at, centre) ? place : near
  }, first)
}

/** The base ray of a drawing, and the pencil as where a second ray would end. */
export function toPencil(base: Place | null, pencil: Point): Place | null {
  if (!base || distanceOf(base.at, pencil) < 1) return base
  const name = { id: 'bench.heard.pencil', text: t('bench.heard.pencil') }
  return { at: base.at, rays: [base.rays[0]!, { name, tip: pencil }] }
}

/** A place with the lines that were drawn from it, in the order of drawing. */
export function withLines(place: Place, strokes: readonly (readonly Point[])[]): Place {
  const name = (number: number): Place['rays'][number]['name'] =>
    strokes.length === 1
      ? { id: 'bench.heard.line', text: t('bench.heard.line') }
      : { id: 'bench.heard.line-number', text: t('bench.heard.line-number', { number }) }
  const rays = strokes.map((points, i) => ({
    name: name(i + 1),
    tip: [points[0]!, points.at(-1)!].reduce((far, end) =>
      distanceOf(end, place.at) > distanceOf(far, place.at) ? end : far,
    ),
  }))
  return { ...place, rays: [...place.rays, ...rays] }
}

/** The rays of a place two by two, the first with each other one: an angle is what readings are asked for. */
export function anglesAt({ at, rays }: Place): Angle[] {
  const start = directionOf(at, rays[0]!.tip)
  const others = rays.slice(1)
  return (others.length > 0 ? others : [rays[0]!]).map(({ tip }) => ({
    vertex: at,
    start: reduced(start),
    measure: reduced(directionOf(at, tip) - start),
    opening: 'anticlockwise',
    startLength: distanceOf(at, rays[0]!.tip),
    endLength: distanceOf(at, tip),
  }))
}

/** How the instrument lies, and the numbers that stand on each ray, as the core tells them. */
export function numbersTold(replies: readonly Schema['ReadingsReply'][], { rays }: Place): string {
  const on = (name: string, numbers: readonly Schema['Message'][]): string =>
    numbers.length > 0
      ? t('bench.heard.numbers', { name, items: numbers.map((n) => n.text).join(', ') })
      : t('bench.heard.no-marks', { name })
  const stands = rays.map(({ name }, i) =>
    on(name.text, i === 0 ? replies[0]!.standing.start : replies[i - 1]!.standing.end),
  )
  return t('bench.heard.lying', { lying: replies[0]!.lying.text, sentence: stands.join(' ') })
}

/** The points of a sheet at which something begins or ends, by their letters. */
export const namedPoints = ({ told }: SeenView): Schema['NamedPoint'][] =>
  told.places.flatMap(({ at, name }) => (name ? [{ name: name.text, at }] : []))

export class Hearing {
  /** What is read out. */
  said = $state('')
  readonly #latest = new Latest()
  #later: ReturnType<typeof setTimeout> | undefined

  /** Tells it once nothing has moved for a while; what was to be told before is not. */
  follow(place: Place | null, placement: Placement, { protractor }: Instrument): void {
    clearTimeout(this.#later)
    if (!place) return
    this.#later = setTimeout(() => void this.#tell(place, placement, protractor), rest)
  }

  /** The same of a ruler: what stands on it at the points of the sheet. */
  followRuler(ruler: Schema['Ruler'], placement: Placement, points: readonly Schema['NamedPoint'][]): void {
    clearTimeout(this.#later)
    this.#later = setTimeout(() => void this.#tellRuler({ ruler, placement, points: [...points] }), rest)
  }

  async #tellRuler(body: Schema['RulerRequest']): Promise<void> {
    try {
      const reply = await this.#latest.of(ask(api.POST('/api/v1/rulers/readings', { body })))
      if (reply) this.said = reply.standing.map(({ text }) => text).join(' ') || t('bench.heard.no-point')
    } catch {
      this.said = ''
    }
  }

  async #tell(
    place: Place,
    placement: Placement,
    instrument: Schema['ReadingsRequest']['instrument'],
  ): Promise<void> {
    try {
      const asked = anglesAt(place).map((angle) =>
        ask(api.POST('/api/v1/readings', { body: { angle, placement, instrument } })),
      )
      const replies = await this.#latest.of(Promise.all(asked))
      if (replies) this.said = numbersTold(replies, place)
    } catch {
      // Without an answer nothing is told; the next move asks again.
      this.said = ''
    }
  }
}
