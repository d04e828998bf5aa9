/**
 * The sheet for those who listen: where things lie, how the instrument lies on them, and which numbers of its scales stand on the
 * arms or under the pencil. All of them are told, as all are seen: which one counts is for the student to say.
 */
import type { Angle, Instrument, Placement, Point, Schema } from '../api/client'
import { directionOf, signOf } from '../sheet/geometry'
import { directionTold, placeTold } from '../sheet/told'
import { LiveReadings } from '../sheet/readings.svelte'
import type { ItemView } from './response'
import { t } from '../said/said.svelte'

/** So long, in ms, nothing moves before it is told. */
const rest = 500

/** What stands on the sheet, without how far an angle opens. */
export function described(view: ItemView): string {
  if (view.drawing?.baseRay) {
    const { vertex, direction, length } = view.drawing.baseRay
    const { names, opening } = view.drawing
    return t('bench.heard.base', {
      vertex: names.vertex,
      at: placeTold(vertex),
      startRay: names.vertex + names.start,
      distance: length,
      turned: directionTold(direction),
      opening,
    })
  }
  return (view.sheet.figures ?? [])
    .map(({ angle, names }) => {
      const at = placeTold(angle.vertex)
      if (!names) return t('bench.heard.vertex', { at })
      return t('bench.heard.angle', {
        vertex: names.vertex,
        at,
        startRay: names.vertex + names.start,
        distance: angle.startLength,
        turned: directionTold(angle.start),
        endRay: names.vertex + names.end,
        secondLength: angle.endLength,
        opening: angle.opening,
      })
    })
    .join(' ')
}

type Named = { angle: Angle; start: string; end: string }

/** The angle that an instrument is meant for: the one whose vertex is nearest to its centre mark. */
export function nearest(view: ItemView, placement: Placement): Named | null {
  const away = ({ vertex }: Angle): number =>
    Math.hypot(vertex.x - placement.centre.x, vertex.y - placement.centre.y)
  const figure = (view.sheet.figures ?? []).toSorted((a, b) => away(a.angle) - away(b.angle))[0]
  if (!figure) return null
  const { angle, names } = figure
  return {
    angle,
    start: names ? armTold(names.vertex + names.start) : t('bench.heard.one-arm'),
    end: names ? armTold(names.vertex + names.end) : t('bench.heard.other-arm'),
  }
}

/** The base ray and the pencil as an angle, so that what stands under the pencil can be asked for. */
export function toPencil(view: ItemView, pencil: Point): Named | null {
  const base = view.drawing?.baseRay
  if (!base || !view.drawing) return null
  const { opening, names } = view.drawing
  const turn = signOf(opening) * (directionOf(base.vertex, pencil) - base.direction)
  return {
    angle: {
      vertex: base.vertex,
      start: base.direction,
      measure: ((turn % 360) + 360) % 360,
      opening,
      startLength: base.length,
      endLength: Math.max(1, Math.hypot(pencil.x - base.vertex.x, pencil.y - base.vertex.y)),
    },
    start: armTold(names.vertex + names.start),
    end: t('bench.heard.pencil'),
  }
}

const armTold = (ray: string): string => t('bench.heard.arm', { ray })

/** The numbers that stand on both sides, as the core tells them. */
export function numbersTold({ standing }: Schema['ReadingsReply'], { start, end }: Named): string {
  const on = (name: string, numbers: Schema['Message'][]): string =>
    numbers.length > 0
      ? t('bench.heard.numbers', { name, items: numbers.map((n) => n.text).join(', ') })
      : t('bench.heard.no-marks', { name })
  return `${on(start, standing.start)} ${on(end, standing.end)}`
}

export class Hearing {
  #live = new LiveReadings()
  #named: Named | null = $state.raw(null)
  #later: ReturnType<typeof setTimeout> | undefined

  /** What is read out. */
  get said(): string {
    const { reply } = this.#live
    return reply && this.#named
      ? t('bench.heard.lying', { lying: reply.lying.text, sentence: numbersTold(reply, this.#named) })
      : ''
  }

  /** Tells it once nothing has moved for a while; what was to be told before is not. */
  follow(named: Named | null, placement: Placement, instrument: Instrument): void {
    clearTimeout(this.#later)
    if (!named) return
    this.#later = setTimeout(() => {
      this.#live.clear()
      this.#named = named
      void this.#live.follow(named.angle, placement, instrument.protractor, true)
    }, rest)
  }
}
