/** Where things on the sheet are, as it is read out. */
import type { Point } from '../api/client'
import { reduced } from './geometry'
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
