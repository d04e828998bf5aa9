/** How many CSS pixels a millimetre of this screen has, as the teacher found it by holding something to the screen. */
import { keepHere, readKept } from '../shared/kept'

const key = 'jaunty-pixels-per-millimetre'

/** What CSS takes a millimetre to be, before anybody has looked: 96 pixels an inch. */
export const assumed = 96 / 25.4

/** Screens coarser or finer than this are not made. */
export const range = { least: 1.2, most: 16 }

export function pixelsPerMillimetre(): number {
  const kept = Number(readKept(key))
  return kept >= range.least && kept <= range.most ? kept : assumed
}

export function calibrate(scale: number): void {
  keepHere(key, scale)
}

/** What to hold to the screen: a bank card's width is fixed by ISO/IEC 7810 (ID-1), a ruler by itself. */
export const standards = [
  { key: 'card', label: 'desk.calibration.card', millimetres: 85.6 },
  { key: 'ruler', label: 'desk.calibration.ruler', millimetres: 100 },
] as const
