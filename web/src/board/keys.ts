/** What a key asks of the Board. Keys that a field, a button or a thing on the sheet takes for itself ask nothing. */
import { pressOf, type Press } from '../sheet/player'

export type Wish = Press | Shortcut
export type Shortcut = (typeof shortcuts)[keyof typeof shortcuts] | 'undo' | 'redo'

const shortcuts = {
  KeyB: 'blank',
  // What many clickers send to blank the screen.
  Period: 'blank',
  KeyP: 'pointer',
  KeyL: 'lens',
  KeyF: 'project',
  Escape: 'escape',
  Equal: 'nearer',
  Minus: 'farther',
  Digit0: 'whole',
} as const

/** Where letters are typed. */
const typing = 'textarea, select, [contenteditable], input:not([type="checkbox"], [type="radio"])'
/** What takes the arrow keys, Home and End for itself, and what the space bar. */
const steered = `${typing}, [type="radio"], [role="radio"], [role="listbox"], [role="slider"], [role="tab"]`
const pressed = 'button, summary, [type="checkbox"], [type="radio"], [role="button"], [role="option"]'

/** The keys of every clicker step whatever has the focus. */
const clicker: Record<string, Press> = { PageDown: 'next', PageUp: 'back' }

export function wishOf(event: KeyboardEvent): Wish | null {
  const target = event.target as Element
  const commands = event.ctrlKey || event.metaKey
  if (!commands && !event.altKey && clicker[event.code]) return clicker[event.code]!
  if (target.closest(typing)) return null
  if (commands && event.code === 'KeyZ') return event.shiftKey ? 'redo' : 'undo'
  if (commands || event.altKey) return null
  const press = pressOf(event)
  if (press) return target.closest(event.code === 'Space' ? pressed : steered) ? null : press
  if (target.closest('[role="dialog"]')) return null
  return (shortcuts as Record<string, Shortcut>)[event.code] ?? null
}
