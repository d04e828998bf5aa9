/** Undo and redo without end: the states before and after the present one. A gesture is one step, however many moves it has. */
export interface History<T> {
  readonly past: readonly T[]
  readonly present: T
  readonly future: readonly T[]
  /** The gesture that the last change belonged to, or null when it is over. */
  readonly gesture: string | null
}

export const begin = <T>(present: T): History<T> => ({ past: [], present, future: [], gesture: null })

/** The present changes. Within one gesture only the state before its first move is kept. */
export function change<T>(history: History<T>, present: T, gesture: string | null = null): History<T> {
  const same = gesture !== null && gesture === history.gesture
  return { past: same ? history.past : [...history.past, history.present], present, future: [], gesture }
}

/** The hand lets go: what comes next is another step. */
export const letGo = <T>(history: History<T>): History<T> => ({ ...history, gesture: null })

export function undo<T>(history: History<T>): History<T> {
  const before = history.past.at(-1)
  if (before === undefined) return history
  return {
    past: history.past.slice(0, -1),
    present: before,
    future: [history.present, ...history.future],
    gesture: null,
  }
}

export function redo<T>(history: History<T>): History<T> {
  const [next, ...rest] = history.future
  if (next === undefined) return history
  return { past: [...history.past, history.present], present: next, future: rest, gesture: null }
}
