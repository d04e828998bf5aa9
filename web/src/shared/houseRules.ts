/** What a class may choose, as forms show it. The first of each is the usual one. What it means is the server's. */
import type { HouseRules } from '../api/client'

interface RuleChoice {
  key: keyof HouseRules
  label: string
  choices: [value: string, text: string][]
}

export const ruleChoices: RuleChoice[] = [
  {
    key: 'scale',
    label: 'Choosing the scale',
    choices: [
      ['startAtZero', 'start at zero'],
      ['openingSide', 'opening side'],
      ['sizeFirst', 'size first'],
      ['turningDirection', 'turning direction'],
    ],
  },
  {
    key: 'confirming',
    label: 'Confirmed by',
    choices: [
      ['', 'nothing'],
      ['startAtZero', 'start at zero'],
      ['openingSide', 'opening side'],
      ['sizeFirst', 'size first'],
      ['turningDirection', 'turning direction'],
    ],
  },
  {
    key: 'turning',
    label: 'When it is not level, turn',
    choices: [
      ['instrument', 'the protractor'],
      ['page', 'the page'],
    ],
  },
  {
    key: 'reflex',
    label: 'Reflex angles',
    choices: [
      ['handier', 'whichever is handier'],
      ['from360', 'take from 360'],
      ['addTo180', 'add to 180'],
      ['fullCircle', 'on a full circle'],
    ],
  },
  {
    key: 'kind',
    label: 'Say the kind',
    choices: [
      ['first', 'first of all'],
      ['afterLaying', 'once it is laid on'],
      ['whenChoosing', 'when choosing the scale'],
    ],
  },
  {
    key: 'estimateFirst',
    label: 'Estimate first',
    choices: [
      ['false', 'no'],
      ['true', 'yes'],
    ],
  },
  {
    key: 'order',
    label: 'First to its place',
    choices: [
      ['centreFirst', 'the centre mark'],
      ['zeroLineFirst', 'the zero line'],
    ],
  },
  {
    key: 'dots',
    label: 'Draw by',
    choices: [
      ['one', 'one dot'],
      ['two', 'two dots'],
    ],
  },
  {
    key: 'labelling',
    label: 'Label a drawing with',
    choices: [
      ['measure', 'arc and measure'],
      ['arc', 'the arc'],
      ['full', 'everything'],
    ],
  },
  {
    key: 'tolerance',
    label: 'Accept answers in new sets',
    choices: [
      ['2', 'within 2°'],
      ['1', 'within 1°'],
      ['3', 'within 3°'],
      ['5', 'within 5°'],
    ],
  },
  {
    key: 'degrees',
    label: 'Degrees',
    choices: [
      ['sign', '64°'],
      ['words', '64 degrees'],
    ],
  },
]

export const wordChoices: { key: string; label: string; choices: string[] }[] = [
  { key: 'arm', label: 'Side of an angle', choices: ['arm', 'ray', 'side'] },
  { key: 'centreMark', label: 'Goes on the vertex', choices: ['centre mark', 'centre', 'hole', 'cross'] },
  { key: 'zeroLine', label: 'Goes on the arm', choices: ['zero line', 'baseline'] },
  { key: 'straightedge', label: 'Draws lines', choices: ['straightedge', 'ruler'] },
  { key: 'startingArm', label: 'Lined up first', choices: ['starting', 'first'] },
  { key: 'anticlockwise', label: 'Against the clock', choices: ['anticlockwise', 'counterclockwise'] },
  { key: 'innerScale', label: 'Inner scale', choices: ['inner', 'lower', 'bottom'] },
  { key: 'outerScale', label: 'Outer scale', choices: ['outer', 'upper', 'top'] },
]

/** Of a class's rules only what differs from the usual, so that an address stays short. */
export function unusual(rules: HouseRules | null | undefined): Partial<HouseRules> {
  if (!rules) return {}
  const usualOf = new Map(ruleChoices.map(({ key, choices }) => [key as string, choices[0]![0]]))
  const words = Object.fromEntries(
    Object.entries(rules.words ?? {}).filter(
      ([key, word]) => wordChoices.find((c) => c.key === key)?.choices[0] !== word,
    ),
  )
  return {
    ...Object.fromEntries(
      Object.entries(rules).filter(
        ([key, value]) => usualOf.has(key) && String(value ?? '') !== usualOf.get(key),
      ),
    ),
    ...(Object.keys(words).length > 0 && { words: words as HouseRules['words'] }),
    ...(rules.ownLines && Object.keys(rules.ownLines).length > 0 && { ownLines: rules.ownLines }),
  }
}
