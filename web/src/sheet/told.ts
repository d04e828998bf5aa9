/** Where things on the sheet are, as it is read out. */
import type { Point } from '../api/client'
import type { Place } from './aids'
import { distanceOf, reduced } from './geometry'
import { t } from '../said/said.svelte'

const tenths = (value: number): number => Math.round(value * 10) / 10

/** A place, from the middle of the sheet. */
export function placeTold({ x, y }: Point): string {
  const [across, up] = [Math.abs(tenths(x)), Math.abs(tenths(y))]
  const side = x < 0 ? 'left' : 'right'
  const level = y < 0 ? 'below' : 'above'
  if (across > 0 && up > 0) return t('sheet.place.both', { across, side, up, level })
  if (across > 0) return t('sheet.place.across', { across, side })
  return up > 0 ? t('sheet.place.up', { up, level }) : t('sheet.place.middle')
}

/** A direction in degrees from level right, anticlockwise; a whole turn is none. */
export const directionTold = (direction: number): number => tenths(reduced(direction)) % 360

/** A point in words is this near to one that has a name, in mm. */
const there = 0.3

/** A place, with what it is where it has a name. */
export function placeNamed(at: Point, places: readonly Place[]): string {
  const name = places.find((place) => place.name && distanceOf(place.at, at) < there)?.name
  return name ? t('sheet.place.named', { at: placeTold(at), name }) : placeTold(at)
}
