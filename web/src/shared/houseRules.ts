/** What a class may choose, as forms show it. The first of each is the usual one. What it means is the server's. */
import offered from 'virtual:said/words'
import type { HouseRules } from '../api/client'
import { t, type PlainMessage } from '../said/said.svelte'

interface RuleChoice {
  key: keyof HouseRules
  label: PlainMessage
  choices: [value: string, text: () => string][]
}

const ways: RuleChoice['choices'] = [
  ['startAtZero', () => t('shared.rules.way.start-at-zero')],
  ['openingSide', () => t('shared.rules.way.opening-side')],
  ['sizeFirst', () => t('shared.rules.way.size-first')],
  ['turningDirection', () => t('shared.rules.way.turning-direction')],
]
const within = (degrees: number): [string, () => string] => [
  String(degrees),
  () => t('shared.rules.tolerance.within', { reading: degrees }),
]

export const ruleChoices: RuleChoice[] = [
  { key: 'scale', label: 'shared.rules.scale.label', choices: ways },
  {
    key: 'confirming',
    label: 'shared.rules.confirming.label',
    choices: [['', () => t('shared.rules.way.nothing')], ...ways],
  },
  {
    key: 'turning',
    label: 'shared.rules.turning.label',
    choices: [
      ['instrument', () => t('shared.rules.turning.instrument')],
      ['page', () => t('shared.rules.turning.page')],
    ],
  },
  {
    key: 'reflex',
    label: 'shared.rules.reflex.label',
    choices: [
      ['handier', () => t('shared.rules.reflex.easier')],
      ['from360', () => t('shared.rules.reflex.from-360')],
      ['addTo180', () => t('shared.rules.reflex.add-to-180')],
      ['fullCircle', () => t('shared.rules.reflex.full-circle')],
    ],
  },
  {
    key: 'kind',
    label: 'shared.rules.kind.label',
    choices: [
      ['first', () => t('shared.rules.kind.first')],
      ['afterLaying', () => t('shared.rules.kind.after-placing')],
      ['whenChoosing', () => t('shared.rules.kind.when-choosing')],
    ],
  },
  {
    key: 'algebra',
    label: 'shared.rules.algebra.label',
    choices: [
      ['all', () => t('shared.rules.algebra.lines-all')],
      ['equationAndAnswer', () => t('shared.rules.algebra.equation-and-answer')],
      ['answerOnly', () => t('shared.rules.algebra.answer-only')],
    ],
  },
  {
    key: 'estimateFirst',
    label: 'shared.rules.estimate.label',
    choices: [
      ['false', () => t('shared.rules.no')],
      ['true', () => t('shared.rules.yes')],
    ],
  },
  {
    key: 'order',
    label: 'shared.rules.order.label',
    choices: [
      ['centreFirst', () => t('shared.rules.order.centre')],
      ['zeroLineFirst', () => t('shared.rules.order.zero-line')],
    ],
  },
  {
    key: 'dots',
    label: 'shared.rules.dots.label',
    choices: [
      ['one', () => t('shared.rules.dots.one')],
      ['two', () => t('shared.rules.dots.two')],
    ],
  },
  {
    key: 'labelling',
    label: 'shared.rules.labelling.label',
    choices: [
      ['measure', () => t('shared.rules.labelling.measure')],
      ['arc', () => t('shared.rules.labelling.arc')],
      ['full', () => t('shared.rules.labelling.full')],
    ],
  },
  {
    key: 'tolerance',
    label: 'shared.rules.tolerance.label',
    choices: [within(2), within(1), within(3), within(5)],
  },
  {
    key: 'placingKeys',
    label: 'shared.rules.placing-keys.label',
    choices: [
      ['true', () => t('shared.rules.placing-keys.allowed')],
      ['false', () => t('shared.rules.placing-keys.by-hand')],
    ],
  },
  {
    key: 'degrees',
    label: 'shared.rules.degrees.label',
    choices: [
      ['sign', () => t('shared.rules.degrees.sign')],
      ['words', () => t('shared.rules.degrees.words')],
    ],
  },
]

/** What each word of a class is for; which ones there are is the language's affair. */
export const wordLabels: Record<string, PlainMessage> = {
  arm: 'shared.rules.words.arm',
  centreMark: 'shared.rules.words.centre-mark',
  zeroLine: 'shared.rules.words.zero-line',
  straightedge: 'shared.rules.words.straightedge',
  startingArm: 'shared.rules.words.starting-arm',
  anticlockwise: 'shared.rules.words.anticlockwise',
  innerScale: 'shared.rules.words.inner-scale',
  outerScale: 'shared.rules.words.outer-scale',
}

/** The steps at which a teacher may say a line of their own. */
export const lineLabels: Record<string, PlainMessage> = {
  kind: 'shared.rules.line.kind',
  centre: 'shared.rules.line.centre',
  'zero-line': 'shared.rules.line.zero-line',
  scale: 'shared.rules.line.scale',
  count: 'shared.rules.line.count',
  check: 'shared.rules.line.check',
}

/** Of a class's rules its language, and what differs from the usual, so that an address stays short. */
export function unusual(rules: HouseRules | null | undefined): Partial<HouseRules> {
  if (!rules) return {}
  const usualOf = new Map(ruleChoices.map(({ key, choices }) => [key as string, choices[0]![0]]))
  const words = Object.fromEntries(
    Object.entries(rules.words ?? {}).filter(
      ([use, word]) => word !== null && word !== offered[rules.language ?? 'en']?.[use]?.[0],
    ),
  )
  return {
    ...Object.fromEntries(
      Object.entries(rules).filter(
        ([key, value]) => usualOf.has(key) && String(value ?? '') !== usualOf.get(key),
      ),
    ),
    ...(rules.language && { language: rules.language }),
    ...(rules.instrument && { instrument: rules.instrument }),
    ...(Object.keys(words).length > 0 && { words: words as HouseRules['words'] }),
    ...(rules.ownLines && Object.keys(rules.ownLines).length > 0 && { ownLines: rules.ownLines }),
  }
}
