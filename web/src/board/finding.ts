/** Finding a demonstration in the list: by words of its title, of what the class sees, or of its heading. */
import type { Demonstration } from '../api/client'

/** Small letters without accents, so that who types "angulo" finds "ángulo". */
const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase()

/** Those that every typed word is found in, a title that has them before a summary that has them. */
export function found<T extends Pick<Demonstration, 'title' | 'summary'>>(
  all: readonly T[],
  typed: string,
  heading: (one: T) => string,
): T[] {
  const words = plain(typed).split(/\s+/).filter(Boolean)
  const has = (text: string): boolean => words.every((word) => plain(text).includes(word))
  const inTitle = all.filter((one) => has(one.title.text))
  const elsewhere = all.filter(
    (one) => !inTitle.includes(one) && has(`${one.title.text} ${one.summary.text} ${heading(one)}`),
  )
  return [...inTitle, ...elsewhere]
}
