import { describe, expect, it, vi } from 'vitest'
import type { Schema, Script } from '../api/client'
import { makeDot, place, take } from './hand'
import { wholeSheet } from '../sheet/view'
import { keep, kept } from './keep'
import { Stage } from '../sheet/stage.svelte'

// jsdom has no media queries; whether motion is wanted is asked as soon as the stage is loaded.
vi.hoisted(() => {
  window.matchMedia = () =>
    ({ matches: false, addEventListener: () => undefined }) as unknown as MediaQueryList
})

const angle = {
  vertex: { x: 0, y: 0 },
  start: 0,
  measure: 64,
  opening: 'anticlockwise',
  startLength: 90,
  endLength: 90,
} as const

const said = (text: string): Schema['Message'] => ({ id: 'units.as-written', text })

const step = (key: string, turn: number): Script['steps'][number] => ({
  key,
  label: said(key),
  caption: said(key),
  ownLine: null,
  question: { text: said('?'), choices: ['a', 'b'].map(said), answer: 0 },
  state: {
    figures: [{ id: 'angle', angle, written: said(key) }],
    instruments: [
      { id: 'angle', instrumentId: 'desk', placement: { centre: { x: 0, y: 0 }, turn, turnedOver: false } },
    ],
  },
})
const script = {
  steps: ['kind', 'turn', 'scale', 'count'].map((key, i) => step(key, 10 * i)),
} as unknown as Script

const played = (): Stage => {
  const stage = new Stage()
  stage.play(script)
  return stage
}

describe('the stage', () => {
  it('shows the same sheet at a step however one got there', () => {
    const direct = played()
    direct.goTo(5)
    const stepped = played()
    for (let i = 0; i < 5; i++) stepped.press('next')
    const back = played()
    back.press('last')
    for (let i = 0; i < 2; i++) back.press('back')
    const afterHand = played()
    afterHand.touch((s) => makeDot(s, { x: 1, y: 1 }))
    afterHand.goToStep(2)
    afterHand.press('next')
    for (const other of [stepped, back, afterHand]) expect(other.settled).toEqual(direct.settled)
    expect(direct.step?.key).toBe('scale')
  })

  it('gives the sheet to the hand and takes it back at the next step, and undo brings the hand’s sheet again', () => {
    const stage = played()
    stage.goToStep(1)
    stage.touch((s) => makeDot(s, { x: 5, y: 5 }))
    stage.touch((s) => take(s, 'full-circle'))
    expect(stage.free).toBe(true)
    expect(stage.settled.instruments).toHaveLength(2)
    stage.press('next')
    expect(stage.free).toBe(false)
    expect(stage.settled.dots).toEqual([])
    stage.undo()
    expect(stage.settled.dots).toHaveLength(1)
    stage.undo()
    expect(stage.settled.instruments).toHaveLength(1)
    stage.redo()
    expect(stage.settled.instruments).toHaveLength(2)
  })

  it('takes the moves of one gesture for one step of undo', () => {
    const stage = played()
    stage.press('last')
    const slide = (x: number): void =>
      stage.touch(
        (s) => place(s, 'angle', { centre: { x, y: 0 }, turn: 0, turnedOver: false }),
        'place:angle',
      )
    for (let x = 1; x <= 30; x++) slide(x)
    stage.letGo()
    slide(99)
    stage.undo()
    expect(stage.settled.instruments[0]!.placement.centre.x).toBe(30)
    stage.undo()
    expect(stage.free).toBe(false)
  })

  it('begins a script at a step that is there, whatever is asked', () => {
    const stage = new Stage()
    stage.play(script, 999)
    expect(stage.at).toBe(7)
    stage.play(script, -3)
    expect(stage.at).toBe(0)
  })
})

describe('what is kept over a reload', () => {
  it('comes back for the same demonstration; of another one only the shows of hands', () => {
    const stage = played()
    stage.touch((s) => makeDot(s, { x: 5, y: 5 }))
    const tallies = { '?measure=64': { scale: [15, 9] } }
    keep({ address: '?measure=64', at: 3, hand: stage.hand, view: { zoom: 2, x: 1, y: 0 }, tallies })
    expect(kept('?measure=64')).toMatchObject({
      at: 3,
      view: { zoom: 2 },
      hand: { dots: [{ id: 'own-dot-1' }] },
      tallies,
    })
    expect(kept('?measure=70')).toEqual({
      address: '?measure=64',
      at: 0,
      hand: null,
      view: wholeSheet,
      tallies,
    })
  })

  it.each(['', '{', '{"at":1}', '{"at":1,"tallies":{},"hand":{"figures":1}}', 'x'.repeat(3_000_000)])(
    'is left alone when it makes no sense (%#)',
    (text) => {
      sessionStorage.setItem('jaunty-board-4', text)
      expect(kept('?measure=64')).toBeNull()
    },
  )
})
