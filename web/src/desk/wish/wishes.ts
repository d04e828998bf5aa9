/** What a teacher wishes of a set, with the words in which each wish is said. */
import type { HouseRules, Instrument, Schema } from '../../api/client'

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

type Words<T extends string> = [value: T, words: string][]

export const steps: Words<Wish['step']> = [
  ['any', 'any whole number of degrees'],
  ['fives', 'multiples of five'],
  ['tens', 'multiples of ten'],
]
export const openings: Words<Wish['opening']> = [
  ['both', 'to both sides'],
  ['right', 'to the right'],
  ['left', 'to the left'],
]
export const tilts: Words<Wish['tilt']> = [
  ['level', 'level'],
  ['mixed', 'level and tilted'],
  ['tilted', 'tilted'],
]
export const arms: Words<Wish['arms']> = [
  ['long', 'all reach past the rim'],
  ['mixed', 'reach past the rim or are too short'],
  ['short', 'are all too short'],
]
export const baseRays: Words<Wish['baseRays']> = [
  ['given', 'given'],
  ['own', 'drawn by the student'],
  ['mixed', 'given or not'],
]
export const themes: Words<Wish['theme']> = [
  ['harbour', 'as stories of the harbour'],
  ['plain', 'plainly'],
]
export const orders: Words<Wish['order']> = [
  ['blocks', 'kind by kind'],
  ['mixed', 'mixed'],
  ['rising', 'from easy to hard'],
]

const angleKindSets: [key: string, kinds: Wish['angleKinds'], words: string][] = [
  ['usual', null, 'none of them right or straight'],
  ['acute', ['acute'], 'acute'],
  ['obtuse', ['obtuse'], 'obtuse'],
  ['upToObtuse', ['acute', 'right', 'obtuse'], 'acute, right or obtuse'],
  ['right', ['right'], 'right'],
  ['reflex', ['reflex'], 'reflex'],
]
const joined = (kinds: Wish['angleKinds']): string => (kinds ?? []).toSorted().join()
/** What may be chosen; kinds that came from a file and are none of the usual choices stand there, too. */
export function angleKindChoices(kinds: Wish['angleKinds']): Words<string> {
  const usual: Words<string> = angleKindSets.map(([key, , words]) => [key, words])
  return usual.some(([key]) => key === angleKindsKey(kinds))
    ? usual
    : [...usual, [angleKindsKey(kinds), (kinds ?? []).join(' or ')]]
}
export const angleKindsKey = (kinds: Wish['angleKinds']): string =>
  angleKindSets.find(([, each]) => joined(each) === joined(kinds))?.[0] ?? joined(kinds)
export const angleKindsOf = (key: string): Wish['angleKinds'] => {
  const known = angleKindSets.find(([each]) => each === key)
  return known ? known[1] : (key.split(',') as Schema['AngleKind'][])
}
