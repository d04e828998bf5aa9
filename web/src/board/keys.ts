/** What a key asks of the Board. Keys that a field, a button or a thing on the sheet takes for itself ask nothing. */
import { pressOf, type Press } from './player'

export type Wish = Press | Shortcut
export type Shortcut = (typeof shortcuts)[keyof typeof shortcuts] | 'undo' | 'redo'

const shortcuts = {
  KeyB: 'blank',
  KeyP: 'pointer',
  KeyL: 'lens',
  KeyF: 'project',
  Escape: 'escape',
  Equal: 'nearer',
  Minus: 'farther',
  Digit0: 'whole',
} as const

export function wishOf(event: KeyboardEvent): Wish | null {
  const target = event.target as Element
  if (target.closest('input, select, textarea, [role="dialog"]')) return null
  if ((event.ctrlKey || event.metaKey) && event.code === 'KeyZ') return event.shiftKey ? 'redo' : 'undo'
  if (event.ctrlKey || event.metaKey || event.altKey) return null
  // A button keeps the space bar to itself; everywhere else it means "next", as on a clicker.
  if (event.code === 'Space' && target.closest('button')) return null
  return pressOf(event) ?? (shortcuts as Record<string, Shortcut>)[event.code] ?? null
}
