/**
 * A lesson's running order: named demonstrations in a row. Without signing in it lives in the page's address, behind the #;
 * as a file it is JSON with a format name and a version.
 */
import { cameFrom } from '../shared/boardAddress'
import { t } from '../said/said.svelte'

export interface OrderItem {
  title: string
  /** The address of the demonstration, from its question mark on. */
  query: string
  /** Shows of hands at its questions, where there were any. */
  hands?: { step: string; counts: Counts }[] | null
}

/** Hands for each choice of a question; null where none was counted. */
export type Counts = (number | null)[]
/** Shows of hands by demonstration and step. */
export type Tallies = Record<string, Record<string, Counts>>

export interface RunningOrder {
  name: string
  items: OrderItem[]
}

export const emptyOrder: RunningOrder = { name: '', items: [] }
export const mostItems = 40
const format = 'jaunty-running-order'
const version = 1
const longestName = 120
const longestQuery = 6000
const longestFile = 300_000
const mostQuestions = 60
const mostChoices = 12
export const mostHands = 999

const isText = (value: unknown, longest: number): value is string =>
  typeof value === 'string' && value.length > 0 && value.length <= longest

const isHands = (value: unknown): boolean =>
  value == null ||
  (Array.isArray(value) &&
    value.length <= mostQuestions &&
    value.every((shown: unknown) => {
      const { step, counts } = (shown ?? {}) as { step?: unknown; counts?: unknown }
      return (
        isText(step, longestStep) &&
        Array.isArray(counts) &&
        counts.length <= mostChoices &&
        counts.every((n) => n === null || (Number.isInteger(n) && n >= 0 && n <= mostHands))
      )
    }))
const longestStep = 60

/** What was counted in the demonstrations of a running order. */
export const handsOf = (order: RunningOrder): Tallies =>
  Object.fromEntries(
    order.items
      .filter((item) => item.hands?.length)
      .map((item) => [item.query, Object.fromEntries(item.hands!.map(({ step, counts }) => [step, counts]))]),
  )

/** The running order with what was counted in its demonstrations. */
export const withHands = (order: RunningOrder, tallies: Tallies): RunningOrder => ({
  ...order,
  items: order.items.map(({ title, query }) => {
    const hands = Object.entries(tallies[query] ?? {})
      .filter(([, counts]) => counts.some((n) => n !== null))
      .map(([step, counts]) => ({ step, counts }))
    return hands.length > 0 ? { title, query, hands } : { title, query }
  }),
})

/** Reads a running order from text; a fault says what is wrong with it, and where. */
export function parseOrder(text: string): { order: RunningOrder; fault: string | null } {
  const refuse = (fault: string): { order: RunningOrder; fault: string } => ({ order: emptyOrder, fault })
  if (text.length > longestFile) return refuse(t('board.order.fault.too-long'))
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch (error) {
    return refuse(t('board.order.fault.broken', { count: lineOf(text, error) }))
  }
  if (typeof value !== 'object' || value === null || (value as { format?: unknown }).format !== format) {
    return refuse(t('board.order.fault.format', { name: format }))
  }
  const { version: made, name, items } = value as { version?: unknown; name?: unknown; items?: unknown }
  if (made !== version) {
    return refuse(t('board.order.fault.version', { own: String(made).slice(0, 20), count: version }))
  }
  if (typeof name !== 'string' || name.length > longestName) return refuse(t('board.order.fault.name'))
  if (!Array.isArray(items) || items.length > mostItems) {
    return refuse(t('board.order.fault.items', { most: mostItems }))
  }
  for (const [i, item] of items.entries()) {
    const { title, query, hands } = (item ?? {}) as Record<keyof OrderItem, unknown>
    if (!isHands(hands)) return refuse(t('board.order.fault.hands', { place: i + 1 }))
    if (!isText(title, longestName) || !isText(query, longestQuery) || !query.startsWith('?')) {
      return refuse(t('board.order.fault.item', { place: i + 1 }))
    }
  }
  return { order: { name, items: items as OrderItem[] }, fault: null }
}

/** Where JSON broke off, as a person counts lines. */
function lineOf(text: string, error: unknown): number {
  const position = /position (\d+)/.exec(String(error))?.[1]
  return text.slice(0, position === undefined ? text.length : Number(position)).split('\n').length
}

export const writeOrder = (order: RunningOrder): string =>
  JSON.stringify({ format, version, name: order.name, items: order.items }, null, 2) + '\n'

/** The part of an address behind the #: the running order, and the place in the Desk that the teacher came from. */
export const hashOf = (order: RunningOrder, from: string | null): string => {
  const parts = [orderAddress(order), from && cameFrom(from)].filter(Boolean)
  return parts.length > 0 ? `#${parts.join('&')}` : ''
}

/** The part of an address that carries a running order; nothing for an empty one. */
function orderAddress(order: RunningOrder): string {
  if (order.items.length === 0) return ''
  const bytes = new TextEncoder().encode(JSON.stringify({ format, version, ...order }))
  const text = btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
  return `list=${text.replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '')}`
}

export function readOrder(hash: string): { order: RunningOrder; fault: string | null } {
  const coded = /[#&]list=([^&]*)/.exec(hash)?.[1]
  if (coded === undefined) return { order: emptyOrder, fault: null }
  if (coded.length > longestFile) return { order: emptyOrder, fault: t('board.order.fault.address-long') }
  try {
    const bytes = Uint8Array.from(atob(coded.replace(/-/g, '+').replace(/_/g, '/')), (c) => c.charCodeAt(0))
    return parseOrder(new TextDecoder('utf-8', { fatal: true }).decode(bytes))
  } catch {
    return { order: emptyOrder, fault: t('board.order.fault.address') }
  }
}

export function shifted(order: RunningOrder, from: number, by: number): RunningOrder {
  const to = from + by
  if (to < 0 || to >= order.items.length) return order
  const items = [...order.items]
  items.splice(to, 0, ...items.splice(from, 1))
  return { ...order, items }
}
