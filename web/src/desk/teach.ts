/** The Board's address for teaching again what a nameless answer showed, in the way of its class. */
import type { Item, Schema } from '../api/client'
import { addressOf, usual } from '../board/address'
import { unusual } from '../shared/houseRules'

export function teachAgain(
  item: Item,
  example: Schema['CauseExample'],
  rules: Schema['ResultsReply']['rules'],
): string {
  const angle =
    item.kind === 'measure'
      ? item.angle
      : {
          vertex: item.baseRay.vertex,
          start: item.baseRay.direction,
          measure: item.measure,
          opening: item.opening,
        }
  const level = angle.opening === 'anticlockwise' ? 0 : 180
  const tilt = ((((angle.start - level) % 360) + 540) % 360) - 180
  const replay = example.demonstration.startsWith('wrong-')
  const lay = replay ? example.placement : null
  return (
    '/board' +
    addressOf({
      ...usual,
      show: example.demonstration,
      measure: angle.measure,
      tilt,
      opens: angle.opening === 'anticlockwise' ? 'right' : 'left',
      startLength: item.kind === 'measure' ? item.angle.startLength : usual.startLength,
      endLength: item.kind === 'measure' ? item.angle.endLength : usual.endLength,
      instrument: item.instrument.id,
      rules: unusual(rules),
      // On the Board the vertex is the middle of the sheet.
      placement: lay
        ? { ...lay, centre: { x: lay.centre.x - angle.vertex.x, y: lay.centre.y - angle.vertex.y } }
        : null,
      answer: replay ? example.answered : null,
    })
  )
}
