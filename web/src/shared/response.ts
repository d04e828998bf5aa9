/** From what was filled in to a response, and back: each ask names the properties of the response that carry it. */
import type { Placement, Schema } from '../api/client'
import { drawingOf, empty, type Drawing } from '../sheet/drawing'
import { degrees, t } from '../said/said.svelte'
import { numberOf } from './numbers'

export type Ask = Schema['Ask']
export type ItemView = Schema['ItemView']
export type Response = Schema['Response']

/** What is filled in so far: by field, as it stands in the box. */
export interface Filled {
  values: Record<string, string>
  placements: Record<string, Placement>
  drawing: Drawing
}

export const nothingFilled: Filled = { values: {}, placements: {}, drawing: empty }

/** Whether a plain number stands in its box. */
export const isNumber = (ask: Ask): boolean =>
  ['degrees', 'reading', 'fan', 'count', 'length'].includes(ask.type)

/** Whether it is answered with what stands on the sheet. */
export const isDrawn = (ask: Ask): boolean => ask.type === 'drawing' || ask.type === 'construction'

/** Whether a line of algebra is typed, which the core reads. */
export const isAlgebra = (ask: Ask): boolean => ask.type === 'equation' || ask.type === 'exactNumber'

const rangeOf = (ask: Ask): [number, number] => [ask.least ?? 0, ask.most ?? 360]
function writeANumber(ask: Ask): string {
  const [from, to] = rangeOf(ask)
  return t('bench.complaint.number', { from, to })
}

/** What is wrong with what stands in a box, said so that it can be mended; nothing where all is well. */
export function complaintAbout(ask: Ask, filled: Filled): string {
  if (isDrawn(ask)) return ''
  const text = (filled.values[ask.field] ?? '').trim()
  if (text === '') {
    if (ask.optional) return ''
    if (ask.type === 'choice') return t('bench.complaint.choose')
    if (ask.type === 'text') return t('bench.complaint.write')
    if (isAlgebra(ask)) return t('bench.complaint.algebra')
    if (ask.type === 'fan') return t('bench.complaint.fan')
    return writeANumber(ask)
  }
  const number = numberOf(text)
  const [least, most] = rangeOf(ask)
  return isNumber(ask) && !(number >= least && number <= most) ? writeANumber(ask) : ''
}

/** The response to hand in. */
export function responseOf(view: ItemView, filled: Filled): Response {
  const response: Record<string, unknown> = { kind: view.kind }
  for (const ask of view.asks) {
    const text = (filled.values[ask.field] ?? '').trim()
    if (ask.type === 'construction') {
      response.strokes = filled.drawing.strokes.map((points) => ({ points }))
      response.arcs = filled.drawing.sweeps
    } else if (ask.type === 'drawing') {
      response.strokes = filled.drawing.strokes.map((points) => ({ points }))
      response.dots = filled.drawing.dots
      response.arc = filled.drawing.arc
      response.placement = filled.drawing.placement
      // The page has seen all of it: what lies nowhere was never laid on.
      response.neverLaid = filled.drawing.placement === null
      if (filled.drawing.rested.length > 0) response.rested = filled.drawing.rested
    } else if (text !== '') {
      response[ask.field] = isNumber(ask) ? numberOf(text) : text
    }
    if (ask.placementField) response[ask.placementField] = filled.placements[ask.field] ?? null
  }
  return response as unknown as Response
}

/** What was filled in when a response was handed in. */
export function filledOf(view: ItemView, response: Response): Filled {
  const from = response as unknown as Record<string, unknown>
  const filled: Filled = { values: {}, placements: {}, drawing: empty }
  for (const ask of view.asks) {
    if (isDrawn(ask)) {
      filled.drawing = drawingOf(response as Schema['ResponseDrawResponse'])
    } else if (from[ask.field] !== undefined && from[ask.field] !== null) {
      filled.values[ask.field] = String(from[ask.field])
    }
    const placement = ask.placementField ? from[ask.placementField] : null
    if (placement) filled.placements[ask.field] = placement as Placement
  }
  return filled
}

/** How an answer is told again: a choice by its words, a number of degrees with its sign. */
export function toldAnswer(ask: Ask, filled: Filled): string {
  const text = filled.values[ask.field]
  if (text === undefined || text === '') return ''
  if (ask.type === 'choice') return ask.options?.find((option) => option.key === text)?.text.text ?? text
  if (ask.type === 'length') return t('units.distance', { distance: numberOf(text) })
  return isNumber(ask) && ask.type !== 'count' ? degrees(numberOf(text)) : text
}
