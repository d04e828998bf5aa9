/** How much of the sheet is seen: zoomed and carried, the millimetres kept. */
import type { Schema } from '../api/client'

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

export const closeUp = (view: View, factor: number): View => ({
  ...view,
  zoom: Math.min(nearest, Math.max(farthest, view.zoom * factor)),
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
