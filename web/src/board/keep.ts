/**
 * What the Board keeps over a reload, for this tab alone: two tabs each have their own. It is checked when it is read, since
 * an older version may have written it.
 */
import type { Scene } from '../api/client'
import { isView, wholeSheet, type View } from '../sheet/view'
import type { Tallies } from './order'

export interface Kept {
  address: string
  at: number
  hand: Scene | null
  /** How much of the sheet was seen. */
  view: View
  /** Shows of hands, by demonstration and step. */
  tallies: Tallies
}

const key = 'jaunty-board-4'
/** More than this is no sheet of ours, in characters. */
const longest = 2_000_000

export function keep(kept: Kept): void {
  try {
    sessionStorage.setItem(key, JSON.stringify(kept))
  } catch {
    // A full or forbidden storage only costs the convenience.
  }
}

/** What was kept; place and sheet only when the same demonstration is opened again, shows of hands always. */
export function kept(address: string): Kept | null {
  try {
    const text = sessionStorage.getItem(key)
    if (!text || text.length > longest) return null
    const value = JSON.parse(text) as Kept
    const whole = Number.isInteger(value.at) && typeof value.tallies === 'object' && value.tallies !== null
    if (!whole || !isScene(value.hand) || !isView(value.view)) return null
    return value.address === address ? value : { ...value, at: 0, hand: null, view: wholeSheet }
  } catch {
    return null
  }
}

const isScene = (value: unknown): boolean =>
  value === null ||
  (typeof value === 'object' &&
    ['figures', 'lines', 'arcs', 'dots', 'notes', 'instruments', 'threads'].every((part) =>
      Array.isArray((value as Record<string, unknown>)[part]),
    ))
