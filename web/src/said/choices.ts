/** The language that each reader at this device has chosen: by what reads, for instance a student. Nothing but the tag is kept. */
const key = 'jaunty-languages'

function all(): Record<string, string> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '{}')
    return typeof kept === 'object' && kept !== null ? (kept as Record<string, string>) : {}
  } catch {
    return {}
  }
}

/** What a reader has chosen; null where they have not. */
export const chosenBy = (reader: string): string | null => all()[reader] ?? null

/** Remembers what a reader has chosen. */
export function choose(reader: string, tag: string): void {
  try {
    // The latest come last; of more than a school's classes at one device the oldest go.
    const others = Object.entries(all()).filter(([each]) => each !== reader)
    localStorage.setItem(key, JSON.stringify(Object.fromEntries([...others.slice(-99), [reader, tag]])))
  } catch {
    // A full or forbidden storage only costs the convenience.
  }
}
