/** Where things on the sheet are, as it is read out. */
import type { Point } from '../api/client'
import { t } from '../said/said.svelte'

const tenths = (value: number): number => Math.round(value * 10) / 10

/** A place, from the middle of the sheet. */
export const placeTold = ({ x, y }: Point): string =>
  t('sheet.place', {
    across: Math.abs(tenths(x)),
    side: x < 0 ? 'left' : 'right',
    up: Math.abs(tenths(y)),
    level: y < 0 ? 'below' : 'above',
  })

/** A direction in degrees from level right, anticlockwise; a whole turn is none. */
export const directionTold = (direction: number): number => tenths(((direction % 360) + 360) % 360) % 360
