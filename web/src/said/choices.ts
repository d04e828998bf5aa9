/** The language that each reader at this device has chosen: by what reads, for instance a student. Nothing but the tag is kept. */
import { keepHere, readKept } from '../shared/kept'

const key = 'jaunty-languages'

function all(): Record<string, string> {
  const kept = readKept(key)
  return typeof kept === 'object' && kept !== null ? (kept as Record<string, string>) : {}
}

/** What a reader has chosen; null where they have not. */
export const chosenBy = (reader: string): string | null => all()[reader] ?? null

/** Remembers what a reader has chosen. */
export function choose(reader: string, tag: string): void {
  // The latest come last; of more than a school's classes at one device the oldest go.
  const others = Object.entries(all()).filter(([each]) => each !== reader)
  keepHere(key, Object.fromEntries([...others.slice(-99), [reader, tag]]))
}
