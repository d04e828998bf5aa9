/**
 * Items as they come to a student's device: of an angle the lines are told and no degrees. Here they become what the sheet draws
 * from. Nothing is read off: a line on the screen says as much.
 */
import type { Schema, Script } from '../api/client'
import { directionOf, distanceOf, reduced, signOf } from '../sheet/geometry'
import type { ItemView } from '../shared/response'

/** An item as it lies before the student, with its sheet in words. */
export type SeenView = ItemView & { told: Schema['ToldSheet'] }

type Figure = NonNullable<Schema['SheetState']['figures']>[number]

function figureOf(seen: Schema['SeenFigure']): Figure {
  const { vertex, startTip, endTip, opening, wholeTurn } = seen
  const start = directionOf(vertex, startTip)
  const turn = signOf(opening) * (directionOf(vertex, endTip) - start)
  return {
    id: seen.id,
    angle: {
      vertex,
      start,
      measure: wholeTurn ? 360 : reduced(turn),
      opening,
      startLength: distanceOf(vertex, startTip),
      endLength: distanceOf(vertex, endTip),
    },
    names: seen.names,
    mark: seen.mark,
    written: seen.written,
    startExtendedTo: seen.startExtendedTo,
    endExtendedTo: seen.endExtendedTo,
    hasEnd: seen.hasEnd,
    hasArms: seen.hasArms,
    spotlight: seen.spotlight,
    vertexSpotlight: seen.vertexSpotlight,
  } as Figure
}

/** An item with its angles on the sheet. */
export const viewOf = ({ view, figures, told }: Schema['SeenItem']): SeenView => ({
  ...view,
  // Work that was fetched by an earlier version has no words for its sheets.
  told: (told as Schema['ToldSheet'] | undefined) ?? { sentences: [], laid: [], places: [] },
  sheet: { ...view.sheet, figures: figures.map(figureOf) },
})

/** A demonstration with its angles on the sheets. */
export const scriptOf = ({ script, figures }: Schema['SeenScript']): Script => ({
  ...script,
  steps: script.steps.map((step, i) => ({
    ...step,
    state: { ...step.state, figures: figures[i]!.map(figureOf) },
  })),
})
