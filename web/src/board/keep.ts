/**
 * What the Board keeps over a reload, for this tab alone: two tabs each have their own. It is checked when it is read, since
 * an older version may have written it.
 */
import type { Scene } from '../api/client'
import { isView, wholeSheet, type View } from '../sheet/view'
import { keepHere, readKept } from '../shared/kept'
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
export const keep = (kept: Kept): void => keepHere(key, kept, 'session')

/** What was kept; place and sheet only when the same demonstration is opened again, shows of hands always. */
export function kept(address: string): Kept | null {
  const value = readKept(key, 'session') as Kept | null
  const whole =
    Number.isInteger(value?.at) && typeof value?.tallies === 'object' && (value.tallies as unknown) !== null
  if (!value || !whole || !isScene(value.hand) || !isView(value.view)) return null
  return value.address === address ? value : { ...value, at: 0, hand: null, view: wholeSheet }
}

const isScene = (value: unknown): boolean =>
  value === null ||
  (typeof value === 'object' &&
    ['figures', 'lines', 'arcs', 'dots', 'notes', 'instruments', 'threads'].every((part) =>
      Array.isArray((value as Record<string, unknown>)[part]),
    ))
