/**
 * What a device keeps from one visit to the next. A full or forbidden storage only costs the convenience; what was written by an older
 * version, or by somebody else, is for the reader to check.
 */
type Where = 'local' | 'session'

const storage = (where: Where): Storage => (where === 'local' ? localStorage : sessionStorage)

/** More than this is nothing of ours, in characters. */
const longest = 2_000_000

/** What is kept under a name; null where nothing is, or nothing that can be read. */
export function readKept(name: string, where: Where = 'local'): unknown {
  try {
    const text = storage(where).getItem(name)
    return text && text.length <= longest ? (JSON.parse(text) as unknown) : null
  } catch {
    return null
  }
}

/** Keeps something under a name. */
export function keepHere(name: string, value: unknown, where: Where = 'local'): void {
  try {
    storage(where).setItem(name, JSON.stringify(value))
  } catch {
    // Told above: nothing depends on it.
  }
}
