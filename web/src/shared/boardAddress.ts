/** What is demonstrated, as it stands in the page's address, so that it can be bookmarked and shared. */
import type { HouseRules, Placement, Schema } from '../api/client'
import { t } from '../said/said.svelte'

export interface Wanted {
  /** Key of the demonstration. */
  show: string
  measure: number
  opens: 'right' | 'left'
  /** How far the figure is tilted, in degrees. */
  tilt: number
  startLength: number
  endLength: number
  instrument: string
  /** For drawings: whether the base ray stands on the sheet already. */
  baseGiven: boolean
  /** Where the class does things otherwise than usual. */
  rules: Partial<HouseRules>
  /** For a replay of a student's own answer: how the instrument lay, and what was answered. */
  placement: Placement | null
  answer: number | null
}

export const usual: Wanted = {
  show: 'measure',
  measure: 64,
  opens: 'right',
  tilt: 0,
  startLength: 90,
  endLength: 44,
  instrument: 'desk-half-circle',
  baseGiven: true,
  rules: {},
  placement: null,
  answer: null,
}

/** Longer than anything we write. */
const longest = 6000

export type AddressRead = { wanted: Wanted; fault: null } | { wanted: null; fault: string }

class Fault extends Error {}

function number(query: URLSearchParams, name: string, fallback: number, least: number, most: number): number {
  const text = query.get(name)
  if (text === null) return fallback
  const value = text.trim() === '' ? NaN : Number(text)
  if (Number.isFinite(value) && value >= least && value <= most) return value
  throw new Fault(t('board.address.number', { name, from: least, to: most, own: text.slice(0, 40) }))
}

function oneOf<T extends string>(
  query: URLSearchParams,
  name: string,
  fallback: T,
  allowed: readonly T[],
): T {
  const text = query.get(name)
  if (text === null) return fallback
  const found = allowed.find((word) => word === text)
  if (found) return found
  throw new Fault(t('board.address.one-of', { name, items: allowed.join(', '), own: text.slice(0, 40) }))
}

function name(query: URLSearchParams, key: string, fallback: string): string {
  const text = query.get(key)
  if (text === null) return fallback
  if (/^[\w:-]{1,80}$/.test(text)) return text
  throw new Fault(t('board.address.name', { name: key, own: text.slice(0, 40) }))
}

function rules(query: URLSearchParams): Partial<HouseRules> {
  const text = query.get('rules')
  if (text === null) return {}
  try {
    const value: unknown = JSON.parse(text)
    if (typeof value === 'object' && value !== null && !Array.isArray(value)) return value
  } catch {
    // Told below, as every other fault is.
  }
  throw new Fault(t('board.address.rules'))
}

function placement(query: URLSearchParams): Placement | null {
  const text = query.get('lay')
  if (text === null) return null
  const [x, y, turn, over] = text.split(',').map(Number)
  if ([x, y, turn].every((n) => Number.isFinite(n) && Math.abs(n!) <= 2000)) {
    return { centre: { x: x!, y: y! }, turn: turn!, turnedOver: over === 1 }
  }
  throw new Fault(t('board.address.lay'))
}

/** Reads an address. What is missing is as usual; what makes no sense is told, and nothing is guessed. */
export function readAddress(search: string): AddressRead {
  if (search.length > longest) return { wanted: null, fault: t('board.address.too-long') }
  const query = new URLSearchParams(search)
  try {
    return {
      wanted: {
        show: name(query, 'show', usual.show),
        measure: number(query, 'measure', usual.measure, 0, 360),
        opens: oneOf(query, 'opens', usual.opens, ['right', 'left']),
        tilt: number(query, 'tilt', usual.tilt, -180, 180),
        startLength: number(query, 'start', usual.startLength, 15, 400),
        endLength: number(query, 'end', usual.endLength, 15, 400),
        instrument: name(query, 'instrument', usual.instrument),
        baseGiven: oneOf(query, 'base', 'given', ['given', 'drawn']) === 'given',
        rules: rules(query),
        placement: placement(query),
        answer: query.has('answer') ? number(query, 'answer', 0, 0, 360) : null,
      },
      fault: null,
    }
  } catch (fault) {
    if (fault instanceof Fault) return { wanted: null, fault: fault.message }
    throw fault
  }
}

/** Writes an address that leads back to the same demonstration; what is as usual is left out. */
export function addressOf(wanted: Wanted): string {
  const { centre, turn, turnedOver } = wanted.placement ?? {
    centre: { x: 0, y: 0 },
    turn: 0,
    turnedOver: false,
  }
  const parts: [string, unknown, unknown][] = [
    ['show', wanted.show, usual.show],
    ['measure', wanted.measure, null],
    ['opens', wanted.opens, usual.opens],
    ['tilt', wanted.tilt, usual.tilt],
    ['start', wanted.startLength, usual.startLength],
    ['end', wanted.endLength, usual.endLength],
    ['instrument', wanted.instrument, usual.instrument],
    ['base', wanted.baseGiven ? 'given' : 'drawn', 'given'],
    ['rules', JSON.stringify(wanted.rules), '{}'],
    ['lay', wanted.placement && [centre.x, centre.y, turn, turnedOver ? 1 : 0].join(','), null],
    ['answer', wanted.answer, null],
  ]
  const query = new URLSearchParams()
  for (const [key, value, asUsual] of parts) {
    if (value !== asUsual && value !== null) query.set(key, String(value))
  }
  return `?${query}`
}

/** The place in the Desk that the Board is to lead back to, as it stands behind the # of an address. */
export const cameFrom = (place: string): string => `from=${place}`

/** That place, read from an address, or null. */
export const readFrom = (hash: string): string | null =>
  /[#&]from=([\w-]{1,40}(?:\/[\w-]{1,60}){0,3})(?:&|$)/.exec(hash)?.[1] ?? null

/** The angle that is demonstrated, its vertex in the middle of the sheet. */
export function angleOf(wanted: Wanted): Schema['Angle'] {
  const right = wanted.opens === 'right'
  return {
    vertex: { x: 0, y: 0 },
    start: (right ? 0 : 180) + wanted.tilt,
    measure: wanted.measure,
    opening: right ? 'anticlockwise' : 'clockwise',
    startLength: wanted.startLength,
    endLength: wanted.endLength,
  }
}

/** The request that asks for its script. */
export function requestOf(wanted: Wanted, own: Schema['Protractor'] | null): Schema['DemonstrationRequest'] {
  return {
    demonstration: wanted.show,
    angle: angleOf(wanted),
    ...(own ? { instrument: own } : { instrumentId: wanted.instrument }),
    rules: wanted.rules as HouseRules,
    baseRayGiven: wanted.baseGiven,
    placement: wanted.placement,
    answer: wanted.answer,
  }
}
