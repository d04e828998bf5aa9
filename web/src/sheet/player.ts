/**
 * Playing a script: which beat comes next. A step with a question takes two beats, the question first and the answer on the
 * next press. The whole script is here, so a press needs no request.
 */
import type { Schema, Script, SheetState } from '../api/client'

export interface Beat {
  step: number
  asking: boolean
}

/** All beats of a script in order. */
export function beatsOf(script: Script): Beat[] {
  return script.steps.flatMap((step, i) => [
    ...(step.question ? [{ step: i, asking: true }] : []),
    { step: i, asking: false },
  ])
}

/** Index of a step's first beat. */
export const firstBeatOf = (beats: readonly Beat[], step: number): number =>
  Math.max(
    0,
    beats.findIndex((beat) => beat.step === step),
  )

/** What is to be seen at a beat: while a question is asked, the sheet stays as it was before. */
export function stateAt(script: Script, beat: Beat): SheetState {
  const step = script.steps[beat.step]!
  if (!beat.asking) return step.state
  const before = script.steps[beat.step - 1]
  // Before the first answer the figures stand there with nothing written, laid on or coloured in.
  return before
    ? before.state
    : {
        figures: step.state.figures?.map((figure) => ({
          ...figure,
          written: figure.written?.id.endsWith('-question') ? figure.written : null,
          spotlight: null,
          vertexSpotlight: false,
          openingSpotlight: false,
        })),
      }
}

export const questionAt = (script: Script, beat: Beat): Schema['Question'] | null =>
  script.steps[beat.step]!.question ?? null

export type Press = 'next' | 'back' | 'first' | 'last'

/** What a key asks for; the keys of clickers included. */
export function pressOf(event: { code: string; shiftKey: boolean }): Press | null {
  switch (event.code) {
    case 'Space':
      return event.shiftKey ? 'back' : 'next'
    case 'ArrowRight':
    case 'PageDown':
      return 'next'
    case 'ArrowLeft':
    case 'PageUp':
      return 'back'
    case 'Home':
      return 'first'
    case 'End':
      return 'last'
    default:
      return null
  }
}

export function pressed(press: Press, at: number, beats: number): number {
  const target = { next: at + 1, back: at - 1, first: 0, last: beats - 1 }[press]
  return Math.min(Math.max(target, 0), beats - 1)
}
