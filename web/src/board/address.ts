/** The angle to demonstrate, as it stands in the page's address, so that it can be bookmarked and shared. */
import type { Schema } from '../api/client'

export interface Wanted {
  measure: number
  opens: 'right' | 'left'
  /** How far the figure is tilted, in degrees. */
  tilt: number
  startLength: number
  endLength: number
  instrument: string
  turning: 'instrument' | 'page'
}

export const usual: Wanted = {
  measure: 64,
  opens: 'right',
  tilt: 0,
  startLength: 88,
  endLength: 44,
  instrument: 'desk-half-circle',
  turning: 'instrument',
}

const number = (text: string | null, fallback: number, least: number, most: number): number => {
  const value = text === null || text.trim() === '' ? NaN : Number(text)
  return Number.isFinite(value) && value >= least && value <= most ? value : fallback
}

/** Reads an address; what is missing or makes no sense is as usual. */
export function wantedFrom(search: string): Wanted {
  const query = new URLSearchParams(search)
  return {
    measure: number(query.get('measure'), usual.measure, 0.5, 359.5),
    opens: query.get('opens') === 'left' ? 'left' : 'right',
    tilt: number(query.get('tilt'), usual.tilt, -180, 180),
    startLength: number(query.get('start'), usual.startLength, 15, 200),
    endLength: number(query.get('end'), usual.endLength, 15, 200),
    instrument: query.get('instrument') ?? usual.instrument,
    turning: query.get('turning') === 'page' ? 'page' : 'instrument',
  }
}

/** Writes an address that leads back to the same demonstration. */
export function addressOf(wanted: Wanted): string {
  const query = new URLSearchParams({
    measure: String(wanted.measure),
    opens: wanted.opens,
    tilt: String(wanted.tilt),
    start: String(wanted.startLength),
    end: String(wanted.endLength),
    instrument: wanted.instrument,
    turning: wanted.turning,
  })
  return `?${query}`
}

/** Whether the protractor lies upright all the time, so that the sheet may end just below the figure. */
const upright = (wanted: Wanted): boolean => wanted.measure <= 180 && wanted.tilt === 0

/** The part of the sheet that must be seen, in mm. */
export const windowOf = (wanted: Wanted): { left: number; bottom: number; width: number; height: number } =>
  upright(wanted)
    ? { left: -123, bottom: -70, width: 236, height: 118 }
    : { left: -150, bottom: -88, width: 290, height: 176 }

/** The request that asks for its script. An upright figure stands low on the sheet, to leave room for the protractor. */
export function requestOf(wanted: Wanted): Schema['DemonstrationRequest'] {
  const right = wanted.opens === 'right'
  return {
    angle: {
      vertex: { x: 0, y: upright(wanted) ? -48 : 0 },
      start: (right ? 0 : 180) + wanted.tilt,
      measure: wanted.measure,
      opening: right ? 'anticlockwise' : 'clockwise',
      startLength: wanted.startLength,
      endLength: wanted.endLength,
    },
    instrumentId: wanted.instrument,
    rules: { turning: wanted.turning },
  }
}
