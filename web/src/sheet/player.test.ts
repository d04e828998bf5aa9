import { describe, expect, it } from 'vitest'
import type { Schema, Script, SheetState } from '../api/client'
import { beatsOf, firstBeatOf, pressed, pressOf, stateAt } from './player'

const angle = {
  vertex: { x: 0, y: 0 },
  start: 0,
  measure: 64,
  opening: 'anticlockwise',
  startLength: 9,
  endLength: 9,
} as const
const said = (text: string): Schema['Message'] => ({ id: 'units.as-written', text })
const state = (written: string): SheetState => ({ figures: [{ id: 'angle', angle, written: said(written) }] })
const step = (key: string, asks: boolean): Script['steps'][number] => ({
  key,
  label: said(key),
  caption: said(key),
  ownLine: null,
  question: asks ? { text: said('?'), choices: [], answer: -1 } : null,
  state: state(key),
})
const script = { steps: [step('kind', true), step('turn', false), step('scale', true)] } as unknown as Script
const written = (at: SheetState): string | undefined => at.figures?.[0]?.written?.text

describe('playing a script', () => {
  it('gives a step with a question two beats', () => {
    expect(beatsOf(script)).toEqual([
      { step: 0, asking: true },
      { step: 0, asking: false },
      { step: 1, asking: false },
      { step: 2, asking: true },
      { step: 2, asking: false },
    ])
    expect(firstBeatOf(beatsOf(script), 2)).toBe(3)
  })

  it('shows the sheet as it was before while a question is asked', () => {
    expect(written(stateAt(script, { step: 2, asking: true }))).toBe('turn')
    expect(written(stateAt(script, { step: 2, asking: false }))).toBe('scale')
    expect(written(stateAt(script, { step: 0, asking: true }))).toBeUndefined()
  })

  it('stays between the first and the last beat', () => {
    expect(pressed('back', 0, 5)).toBe(0)
    expect(pressed('next', 4, 5)).toBe(4)
    expect(pressed('last', 0, 5)).toBe(4)
  })

  it('understands space, arrows and the keys of a clicker', () => {
    const wish = (code: string, shiftKey = false): string | null => pressOf({ code, shiftKey })
    expect(['Space', 'ArrowRight', 'PageDown'].map((c) => wish(c))).toEqual(['next', 'next', 'next'])
    expect(['ArrowLeft', 'PageUp'].map((c) => wish(c))).toEqual(['back', 'back'])
    expect(wish('Space', true)).toBe('back')
    expect(wish('KeyA')).toBeNull()
  })
})
