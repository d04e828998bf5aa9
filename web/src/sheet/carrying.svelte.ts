/**
 * Carrying a thing that lies on the sheet, by pointer, by two fingers or by keys: what a protractor and a straightedge have in
 * common. The moves themselves are those of the state machine in `handling.ts`.
 */
import { SvelteMap } from 'svelte/reactivity'
import type { Placement, Point } from '../api/client'
import { alongNext, nextPlace, type Place } from './aids'
import { grab, grabWithTwo, idle, move, nudge, type Handling } from './handling'
import type { SheetFrame } from './Sheet.svelte'

/** What the carried thing tells of itself, asked at every event. */
export interface Carried {
  readonly placement: Placement
  /** Without it the thing cannot be moved. */
  readonly onmove?: ((placement: Placement) => void) | undefined
  readonly ondrop?: (() => void) | undefined
  /** Where a key may bring it at once; none where that is not wanted. */
  readonly places?: readonly Place[] | undefined
  /** Where the one finger is that holds it, in mm; null once it is lifted. */
  readonly onfinger?: ((at: Point | null) => void) | undefined
}

/** J brings the centre mark to a vertex, L lays the zero line along an arm. */
function aided(placement: Placement, { code }: KeyboardEvent, places: readonly Place[]): Placement | null {
  if (code === 'KeyL') return alongNext(places, placement)
  const centre = code === 'KeyJ' ? nextPlace(places, placement.centre) : null
  return centre && { ...placement, centre }
}

export class Carrying {
  handling: Handling = $state(idle)
  readonly #sheet: SheetFrame
  readonly #thing: () => Carried
  /** Where each finger is, in mm: one slides or turns by what it holds, two turn. */
  readonly #fingers = new SvelteMap<number, Point>()

  constructor(sheet: SheetFrame, thing: () => Carried) {
    this.#sheet = sheet
    this.#thing = thing
  }

  get held(): boolean {
    return this.handling.state !== 'idle'
  }

  down(event: PointerEvent, by: 'body' | 'rim'): void {
    const { placement, onmove } = this.#thing()
    if (!onmove || event.button !== 0) return
    event.stopPropagation()
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    this.#fingers.set(event.pointerId, this.#sheet.toSheet(event))
    const [one, other] = [...this.#fingers.values()]
    this.handling = other ? grabWithTwo(placement, one!, other) : grab(placement, one!, by)
    this.#tellFinger(event)
  }

  #tellFinger(event: PointerEvent): void {
    if (event.pointerType !== 'touch') return
    const [one, other] = [...this.#fingers.values()]
    this.#thing().onfinger?.(one && !other ? one : null)
  }

  drag = (event: PointerEvent): void => {
    if (!this.held || !this.#fingers.has(event.pointerId)) return
    this.#fingers.set(event.pointerId, this.#sheet.toSheet(event))
    const [one, other] = [...this.#fingers.values()]
    const { placement, onmove } = this.#thing()
    onmove?.(move(this.handling, placement, one!, other))
    this.#tellFinger(event)
  }

  up = (event: PointerEvent): void => {
    if (!this.#fingers.delete(event.pointerId)) return
    const { placement, ondrop } = this.#thing()
    const [left] = [...this.#fingers.values()]
    this.handling = left ? grab(placement, left, 'body') : idle
    this.#tellFinger(event)
    if (!left) ondrop?.()
  }

  key = (event: KeyboardEvent): void => {
    const { placement, onmove, ondrop, places = [] } = this.#thing()
    const nudged = onmove ? (nudge(placement, event) ?? aided(placement, event, places)) : null
    if (!nudged) return
    event.preventDefault()
    event.stopPropagation()
    onmove?.(nudged)
    ondrop?.()
  }
}
