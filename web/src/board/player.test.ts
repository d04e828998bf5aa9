import { describe, expect, it } from 'vitest'
import type { Script, SheetState } from '../api/client'
import { addressOf, requestOf, usual, wantedFrom } from './address'
import { beatsOf, firstBeatOf, pressed, pressOf, stateAt } from './player'

const state = (written: string): SheetState => ({
  written,
  angle: {
    vertex: { x: 0, y: 0 },
    start: 0,
    measure: 64,
    opening: 'anticlockwise',
    startLength: 9,
    endLength: 9,
  },
})
const step = (key: string, asks: boolean): Script['steps'][number] => ({
  key,
  label: key,
  caption: key,
  question: asks ? { text: '?', choices: [], answer: -1 } : null,
  state: state(key),
})
const script = { steps: [step('kind', true), step('turn', false), step('scale', true)] } as Script

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
    expect(stateAt(script, { step: 2, asking: true }).written).toBe('turn')
    expect(stateAt(script, { step: 2, asking: false }).written).toBe('scale')
    expect(stateAt(script, { step: 0, asking: true }).written).toBeUndefined()
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

describe('the address of a demonstration', () => {
  it('leads back to the same demonstration', () => {
    const wanted = { ...usual, measure: 128.5, opens: 'left' as const, tilt: -25 }
    expect(wantedFrom(addressOf(wanted))).toEqual(wanted)
  })

  it.each(['', '?measure=', '?measure=forty', '?measure=-5', '?measure=361', '?measure=Infinity'])(
    'makes the usual angle of %s',
    (search) => expect(wantedFrom(search).measure).toBe(usual.measure),
  )

  it('opens to the left with the start arm pointing left', () => {
    expect(requestOf({ ...usual, opens: 'left' }).angle).toMatchObject({ start: 180, opening: 'clockwise' })
  })
})
