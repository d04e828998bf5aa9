/** The Board's address for teaching an item again: its angle, without any student's name. */
import type { Item } from '../api/client'
import { addressOf, usual } from '../board/address'

export function teachAgain(item: Item): string {
  const [start, measure, opening] =
    item.kind === 'measure'
      ? [item.angle.start, item.angle.measure, item.angle.opening]
      : [item.baseRay.direction, item.measure, item.opening]
  const level = opening === 'anticlockwise' ? 0 : 180
  const tilt = ((((start - level) % 360) + 540) % 360) - 180
  return (
    '/board' +
    addressOf({
      ...usual,
      show: item.kind,
      measure,
      tilt,
      opens: opening === 'anticlockwise' ? 'right' : 'left',
      instrument: item.instrument.id,
    })
  )
}
