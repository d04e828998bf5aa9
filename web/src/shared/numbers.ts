/** Numbers as people write them, and as a page shows them in a box. */
import { decimalSign } from '../said/said.svelte'

/** A number as it is written: a comma, a degree sign and blanks do no harm. Not a number: NaN. */
export function numberOf(text: string): number {
  const bare = text.replace(',', '.').replace('°', '').trim()
  return bare === '' ? NaN : Number(bare)
}

/** A number as the language writes it; nothing for none. */
export const written = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(value).replace('.', decimalSign())
