/** The Board's address for teaching again what a nameless answer showed, in the way of its class. */
import type { Schema } from '../api/client'
import { addressOf, cameFrom, usual } from '../shared/boardAddress'
import { unusual } from '../shared/houseRules'
import { turnBetween } from '../sheet/geometry'

/**
 * @param from Where in the Desk the Board is to lead back to.
 */
export function teachAgain(
  example: Schema['CauseExample'],
  rules: Schema['ResultsReply']['rules'],
  from: string,
): string {
  const angle = example.angle
  const level = angle.opening === 'anticlockwise' ? 0 : 180
  const tilt = turnBetween(level, angle.start)
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
      startLength: angle.startLength,
      endLength: angle.endLength,
      instrument: example.instrumentId,
      rules: unusual(rules),
      // On the Board the vertex is the middle of the sheet.
      placement: lay
        ? { ...lay, centre: { x: lay.centre.x - angle.vertex.x, y: lay.centre.y - angle.vertex.y } }
        : null,
      answer: replay ? (example.answered ?? null) : null,
    }) +
    `#${cameFrom(from)}`
  )
}
