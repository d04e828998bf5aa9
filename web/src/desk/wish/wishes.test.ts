import { expect, it } from 'vitest'
import type { Instrument, Protractor } from '../../api/client'
import {
  angleKindChoices,
  angleKindsKey,
  angleKindsOf,
  arms,
  baseRays,
  scales,
  numbers,
  openings,
  orders,
  specificationOf,
  steps,
  themes,
  tilts,
  usualWish,
  wishOf,
  type Specification,
} from './wishes'

const order = ['measure', 'read-laid', 'draw']
const own = (id: string): Instrument => ({ protractor: { id } as Protractor }) as Instrument

it('says the kinds in the order of the list, and none of which there is none', () => {
  const made = specificationOf(usualWish, { draw: 2, measure: 3, 'read-laid': 0 }, order, [])
  expect(made.kinds).toEqual([
    { kind: 'measure', count: 3 },
    { kind: 'draw', count: 2 },
  ])
})

it('brings along the class’s own instruments that are used, and no others', () => {
  const cabinet = [own('own-brass'), own('own-wood')]
  const plain = specificationOf(usualWish, { measure: 1 }, order, cabinet)
  expect(plain.ownInstruments).toBeNull()
  const wish = { ...usualWish, moreInstruments: ['own-wood'] }
  const made = specificationOf(wish, { measure: 1 }, order, cabinet)
  expect(made.ownInstruments?.map((p) => p.id)).toEqual(['own-wood'])
  expect([made.instrument, made.moreInstruments]).toEqual(['desk-half-circle', ['own-wood']])
})

it('reads back what it wrote: every wish survives a file', () => {
  const wish = {
    ...usualWish,
    from: 20,
    to: 160,
    step: 'fives' as const,
    angleKinds: ['obtuse' as const],
    opening: 'left' as const,
    tilt: 'mixed' as const,
    arms: 'short' as const,
    baseRays: 'own' as const,
    scale: 'notToScale' as const,
    numbers: 'wholeAngles' as const,
    theme: 'plain' as const,
    order: 'rising' as const,
    forms: 4,
    tolerance: 1.5,
    mistakes: ['other-scale'],
    rules: { estimateFirst: true },
    moreInstruments: ['full-circle'],
  }
  const file = JSON.parse(JSON.stringify(specificationOf(wish, { measure: 2 }, order, []))) as Specification
  expect(wishOf(file)).toEqual(wish)
})

it('takes what a specification leaves out for what the server takes it for', () => {
  const wish = wishOf({ kinds: [{ kind: 'measure', count: 1 }] })
  expect(wish).toMatchObject({
    arms: 'long',
    theme: 'plain',
    tilt: 'level',
    forms: 1,
    mistakes: [],
    rules: null,
  })
})

it('has words for every choice, each its own', () => {
  for (const choices of [
    steps,
    openings,
    tilts,
    arms,
    baseRays,
    scales,
    numbers,
    themes,
    orders,
    angleKindChoices(null),
  ]) {
    const words = choices.map(([, said]) => said)
    expect(new Set(words).size).toBe(words.length)
    expect(words.every((said) => said.length > 2)).toBe(true)
  }
})

it('finds kinds of angle by their words and back, in whatever order they stand', () => {
  for (const [key] of angleKindChoices(null)) expect(angleKindsKey(angleKindsOf(key))).toBe(key)
  expect(angleKindsKey(['obtuse', 'acute', 'right'])).toBe('upToObtuse')
  expect(angleKindsKey(null)).toBe('usual')
  expect(angleKindsKey([])).toBe('usual')
})

it('says kinds of angle from a file that are none of the usual choices', () => {
  const choices = angleKindChoices(['reflex', 'acute'])
  const key = angleKindsKey(['acute', 'reflex'])
  expect(choices.find(([each]) => each === key)?.[1]).toBe('reflex or acute')
  expect(angleKindsOf(key)).toEqual(['acute', 'reflex'])
})
