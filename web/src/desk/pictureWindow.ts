import type { Schema } from '../api/client'

type Window = Schema['SheetWindow']

/** Round what stands on the sheet, in mm. */
const margin = 5
/** No nearer than this, in mm across: lengths of different items can still be compared. */
const narrowest = 110

/**
 * The part of a sheet that a small picture shows: all that stands there, as near as it allows, and never more than the sheet itself.
 * @param box where it stands, in mm: x right, y up
 */
export function closeTo(box: { x: number; y: number; width: number; height: number }, sheet: Window): Window {
  const least = Math.min(1, narrowest / sheet.width)
  const share = Math.min(
    1,
    Math.max(least, (box.width + 2 * margin) / sheet.width, (box.height + 2 * margin) / sheet.height),
  )
  const [width, height] = [sheet.width * share, sheet.height * share]
  const within = (middle: number, length: number, from: number, whole: number): number =>
    Math.min(Math.max(middle - length / 2, from), from + whole - length)
  return {
    left: within(box.x + box.width / 2, width, sheet.left, sheet.width),
    bottom: within(box.y + box.height / 2, height, sheet.bottom, sheet.height),
    width,
    height,
  }
}
