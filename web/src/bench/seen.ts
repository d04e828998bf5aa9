/**
 * Items as they come to a student's device: of an angle the lines are told and no degrees. Here they become what the sheet draws
 * from. Nothing is read off: a line on the screen says as much.
 */
import type { Schema } from '../api/client'
import { directionOf, distanceOf, signOf } from '../sheet/geometry'
import type { ItemView } from './response'

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
      measure: wholeTurn ? 360 : ((turn % 360) + 360) % 360,
      opening,
      startLength: distanceOf(vertex, startTip),
      endLength: distanceOf(vertex, endTip),
    },
    names: seen.names,
    mark: seen.mark,
    written: seen.written,
    startExtendedTo: seen.startExtendedTo,
    endExtendedTo: seen.endExtendedTo,
    hasEnd: true,
    spotlight: null,
    vertexSpotlight: false,
  } as Figure
}

/** An item with its angles on the sheet. */
export const viewOf = ({ view, figures }: Schema['SeenItem']): ItemView => ({
  ...view,
  sheet: { ...view.sheet, figures: figures.map(figureOf) },
})
