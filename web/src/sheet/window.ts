/** The part of the sheet that an item uses, in mm, and where the protractor waits until it is taken. */
import type { Placement } from '../api/client'

export const sheetWindow = { left: -110, bottom: -92, width: 220, height: 184 }
export const restPlace: Placement = { centre: { x: 22, y: 2 }, turn: 9, turnedOver: false }
