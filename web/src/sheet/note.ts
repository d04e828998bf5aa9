/** A note in the marking ink: a few words in short lines, kept on the sheet. */
import type { Point, Schema } from '../api/client'

/** Size of its letters, in mm, where the screen does not ask for larger ones. */
export const letterSize = 5
/** Shares of that size. */
const lineHeight = 1.2
const letterWidth = 0.5

/** The words in lines of about thirty letters, or of as many as fit. */
export function linesOf(text: string, widest = 30): string[] {
  const lines: string[] = []
  for (const word of text.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + word.length < widest) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines
}

/** How many letters of a size, in mm, a window is wide. */
export const lettersIn = (window: Schema['SheetWindow'], size: number): number =>
  Math.floor(window.width / (letterWidth * size))

/** Where the middle of each line stands: round a place, but nowhere beyond the edge of the window. */
export function placesOf(
  lines: readonly string[],
  at: Point,
  window: Schema['SheetWindow'],
  size = letterSize,
): Point[] {
  const wide = (Math.max(0, ...lines.map((line) => line.length)) * letterWidth * size) / 2
  const high = (lines.length * lineHeight * size) / 2
  const within = (value: number, from: number, size: number, half: number): number =>
    Math.max(from + half, Math.min(value, from + size - half))
  const x = within(at.x, window.left, window.width, wide)
  const y = within(at.y, window.bottom, window.height, high)
  return lines.map((_, i) => ({ x, y: y + ((lines.length - 1) / 2 - i) * lineHeight * size }))
}
