/** What a teacher wishes of a set, with the words in which each wish is said. */
import type { HouseRules, Instrument, Schema } from '../../api/client'
import { eitherOf, t, type PlainMessage } from '../../said/said.svelte'

export type Specification = Schema['SetSpecification']
/** All of a specification but the kinds and the instruments in full. */
export type Wish = Required<Omit<Specification, 'kinds' | 'ownInstruments' | 'angleKinds' | 'rules'>> & {
  moreInstruments: string[]
  mistakes: string[]
  angleKinds: Schema['AngleKind'][] | null
  rules: Partial<HouseRules> | null
}

export const usualWish: Wish = {
  from: 5,
  to: 175,
  step: 'any',
  angleKinds: null,
  opening: 'both',
  tilt: 'level',
  arms: 'mixed',
  baseRays: 'given',
  scale: 'mixed',
  numbers: 'mixed',
  theme: 'harbour',
  instrument: 'desk-half-circle',
  moreInstruments: [],
  tolerance: 2,
  order: 'blocks',
  forms: 1,
  mistakes: [],
  rules: null,
}

/** What a specification wishes; what it leaves open is as usual. */
export function wishOf(specification: Specification): Wish {
  const { kinds: _kinds, ownInstruments: _own, ...rest } = specification
  const said = Object.fromEntries(
    Object.entries(rest).filter(([, value]) => value !== null && value !== undefined),
  )
  return { ...usualWish, arms: 'long', theme: 'plain', ...said } as Wish
}

/** The specification of a wish: the class's own instruments go with it in full, so that it says all that its set needs. */
export function specificationOf(
  wish: Wish,
  counts: Record<string, number>,
  order: string[],
  own: Instrument[],
): Specification {
  const named = [wish.instrument, ...wish.moreInstruments]
  const used = own.map((i) => i.protractor).filter((p) => named.includes(p.id))
  return {
    ...wish,
    rules: wish.rules as HouseRules | null,
    ownInstruments: used.length > 0 ? used : null,
    kinds: order.map((kind) => ({ kind, count: counts[kind] ?? 0 })).filter(({ count }) => count > 0),
  }
}

/** A choice of the sentence, with the message that says it. */
type Choices<T extends string> = [value: T, message: PlainMessage][]

export const steps: Choices<Wish['step']> = [
  ['any', 'desk.wish.step.any'],
  ['fives', 'desk.wish.step.fives'],
  ['tens', 'desk.wish.step.tens'],
]
export const openings: Choices<Wish['opening']> = [
  ['both', 'desk.wish.open.both'],
  ['right', 'desk.wish.open.right'],
  ['left', 'desk.wish.open.left'],
]
export const tilts: Choices<Wish['tilt']> = [
  ['level', 'desk.wish.tilted.level'],
  ['mixed', 'desk.wish.tilted.mixed'],
  ['tilted', 'desk.wish.tilted.all'],
]
export const arms: Choices<Wish['arms']> = [
  ['long', 'desk.wish.length.long'],
  ['mixed', 'desk.wish.length.mixed'],
  ['short', 'desk.wish.length.short'],
]
export const baseRays: Choices<Wish['baseRays']> = [
  ['given', 'desk.wish.given.there'],
  ['own', 'desk.wish.given.own'],
  ['mixed', 'desk.wish.given.mixed'],
]
export const scales: Choices<Wish['scale']> = [
  ['mixed', 'desk.wish.scaled.mixed'],
  ['toScale', 'desk.wish.scaled.all'],
  ['notToScale', 'desk.wish.scaled.none'],
]
export const numbers: Choices<Wish['numbers']> = [
  ['mixed', 'desk.wish.numbered.mixed'],
  ['whole', 'desk.wish.numbered.whole'],
  ['wholeAngles', 'desk.wish.numbered.whole-angles'],
  ['repeating', 'desk.wish.numbered.repeating'],
]
export const themes: Choices<Wish['theme']> = [
  ['harbour', 'desk.wish.theme.harbour'],
  ['plain', 'desk.wish.theme.plain'],
]
export const orders: Choices<Wish['order']> = [
  ['blocks', 'desk.wish.sort.blocks'],
  ['mixed', 'desk.wish.sort.mixed'],
  ['rising', 'desk.wish.sort.rising'],
]

const angleKindSets: [key: string, kinds: Wish['angleKinds'], message: PlainMessage][] = [
  ['usual', null, 'desk.wish.kind.usual'],
  ['acute', ['acute'], 'desk.wish.kind.acute'],
  ['obtuse', ['obtuse'], 'desk.wish.kind.obtuse'],
  ['upToObtuse', ['acute', 'right', 'obtuse'], 'desk.wish.kind.up-to-obtuse'],
  ['right', ['right'], 'desk.wish.kind.right'],
  ['reflex', ['reflex'], 'desk.wish.kind.reflex'],
]
const kindMessages: Record<Schema['AngleKind'], PlainMessage> = {
  zero: 'desk.wish.kind.zero',
  acute: 'desk.wish.kind.acute',
  right: 'desk.wish.kind.right',
  obtuse: 'desk.wish.kind.obtuse',
  straight: 'desk.wish.kind.straight',
  reflex: 'desk.wish.kind.reflex',
  fullTurn: 'desk.wish.kind.full-turn',
}
const joined = (kinds: Wish['angleKinds']): string => (kinds ?? []).toSorted().join()
/** What may be chosen, in words; kinds that came from a file and are none of the usual choices stand there, too. */
export function angleKindChoices(kinds: Wish['angleKinds']): [key: string, words: string][] {
  const usual = angleKindSets.map(([key, , message]): [string, string] => [key, t(message)])
  return usual.some(([key]) => key === angleKindsKey(kinds))
    ? usual
    : [...usual, [angleKindsKey(kinds), eitherOf((kinds ?? []).map((kind) => t(kindMessages[kind])))]]
}
/** Choices in words. */
export const inWords = <T extends string>(choices: Choices<T>): [value: T, words: string][] =>
  choices.map(([value, message]) => [value, t(message)])

export const angleKindsKey = (kinds: Wish['angleKinds']): string =>
  angleKindSets.find(([, each]) => joined(each) === joined(kinds))?.[0] ?? joined(kinds)
export const angleKindsOf = (key: string): Wish['angleKinds'] => {
  const known = angleKindSets.find(([each]) => each === key)
  return known ? known[1] : (key.split(',') as Schema['AngleKind'][])
}

/** What is asked for to have one question of each kind to look at: the same ones each time. */
export function samplesOf(kinds: string[]): { specification: Specification; seed: number } {
  const wish = { ...usualWish, from: 35, to: 145, arms: 'long' as const, theme: 'plain' as const }
  return {
    specification: specificationOf(wish, Object.fromEntries(kinds.map((kind) => [kind, 1])), kinds, []),
    seed: 61,
  }
}
