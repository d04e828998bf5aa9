/** How near the paper is: brought nearer by wheel, by two fingers or by its buttons, and carried by the empty hand. */
import { SvelteMap } from 'svelte/reactivity'
import type { Point } from '../api/client'
import { distanceOf } from '../sheet/geometry'
import { closeUp, fromMiddle, moved, wholeSheet, windowAt, type View } from '../sheet/view'

type Window = Parameters<typeof windowAt>[0]

export class Nearness {
  #view: View = $state.raw(wholeSheet)
  readonly #fingers = new SvelteMap<number, Point>()

  constructor(private readonly whole: Window) {}

  /** The part of the paper that is seen. */
  get window(): Window {
    return windowAt(this.whole, this.#view)
  }

  get isWhole(): boolean {
    return this.#view.zoom <= 1
  }

  bring(factor: number, at?: Point): void {
    const about = at ? fromMiddle(this.window, at) : undefined
    const next = closeUp(this.#view, factor, about)
    this.#view = next.zoom <= 1 ? wholeSheet : next
  }

  hold(event: PointerEvent): void {
    this.#fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  }

  carry(event: PointerEvent, at: Point, mmPerPixel: number): void {
    const from = this.#fingers.get(event.pointerId)
    if (!from) return
    const to = { x: event.clientX, y: event.clientY }
    const other = [...this.#fingers].find(([id]) => id !== event.pointerId)?.[1]
    this.#fingers.set(event.pointerId, to)
    if (other) this.bring(distanceOf(other, to) / Math.max(1, distanceOf(other, from)), at)
    else if (!this.isWhole)
      this.#view = moved(this.#view, (to.x - from.x) * mmPerPixel, (to.y - from.y) * mmPerPixel)
  }

  letGo(event: PointerEvent): void {
    this.#fingers.delete(event.pointerId)
  }
}
