/**
 * What the Board keeps over a reload, for this tab alone: two tabs each have their own. It is checked when it is read, since
 * an older version may have written it.
 */
import type { Scene } from '../api/client'

export interface Kept {
  address: string
  at: number
  hand: Scene | null
  tally: Record<string, (number | null)[]>
}

const key = 'jaunty-board-1'
/** More than this is no sheet of ours, in characters. */
const longest = 2_000_000

export function keep(kept: Kept): void {
  try {
    sessionStorage.setItem(key, JSON.stringify(kept))
  } catch {
    // A full or forbidden storage only costs the convenience.
  }
}

export function kept(address: string): Kept | null {
  try {
    const text = sessionStorage.getItem(key)
    if (!text || text.length > longest) return null
    const value = JSON.parse(text) as Kept
    const whole = value.address === address && Number.isInteger(value.at) && typeof value.tally === 'object'
    return whole && isScene(value.hand) ? value : null
  } catch {
    return null
  }
}

const isScene = (value: unknown): boolean =>
  value === null ||
  (typeof value === 'object' &&
    ['figures', 'lines', 'dots', 'notes', 'instruments', 'threads'].every((part) =>
      Array.isArray((value as Record<string, unknown>)[part]),
    ))
