/** How much of the sheet is seen: zoomed and carried, the millimetres kept. */
import type { Point, Schema } from '../api/client'

export interface View {
  /** 1: the whole of what a demonstration needs. */
  zoom: number
  /** How far the paper was carried, in mm to the right and up. */
  x: number
  y: number
}

export const wholeSheet: View = { zoom: 1, x: 0, y: 0 }

const nearest = 8
const farthest = 0.3

/** Whether something is a view that can be shown. */
export function isView(value: unknown): value is View {
  const { zoom, x, y } = (value ?? {}) as Partial<Record<keyof View, unknown>>
  const numbers = [zoom, x, y].every((n) => typeof n === 'number' && Number.isFinite(n))
  return numbers && (zoom as number) >= farthest && (zoom as number) <= nearest
}

/** Nearer or farther; what lies at `about`, in mm from the middle of the window, stays where it is seen. */
export function closeUp(view: View, factor: number, about: Point = { x: 0, y: 0 }): View {
  const zoom = Math.min(nearest, Math.max(farthest, view.zoom * factor))
  const share = 1 - view.zoom / zoom
  return { zoom, x: view.x - about.x * share, y: view.y - about.y * share }
}

/** Where a point lies from the middle of a window, in mm. */
export const fromMiddle = (window: Schema['SheetWindow'], at: Point): Point => ({
  x: at.x - window.left - window.width / 2,
  y: at.y - window.bottom - window.height / 2,
})

export const moved = (view: View, right: number, down: number): View => ({
  ...view,
  x: view.x + right,
  y: view.y - down,
})

/** The part of the sheet that must be seen, in mm. */
export function windowAt(base: Schema['SheetWindow'], view: View): Schema['SheetWindow'] {
  const [width, height] = [base.width / view.zoom, base.height / view.zoom]
  return {
    left: base.left + (base.width - width) / 2 - view.x,
    bottom: base.bottom + (base.height - height) / 2 - view.y,
    width,
    height,
  }
}
