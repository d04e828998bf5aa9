import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

/** The colours of a theme, by name. */
function coloursOf(theme: string): Map<string, string> {
  const css = readFileSync(join(__dirname, 'theme.css'), 'utf8')
  const block = new RegExp(`:root\\[theme='${theme}'\\] \\{([^}]*)\\}`).exec(css)![1]!
  const named = new Map(
    [...block.matchAll(/(--[\w-]+): (#[\da-f]{3,6}|var\(--[\w-]+\));/g)].map((m) => [m[1]!, m[2]!]),
  )
  const plain = (value: string): string =>
    value.startsWith('#') ? value : plain(named.get(/--[\w-]+/.exec(value)![0])!)
  return new Map([...named].map(([name, value]) => [name, plain(value)]))
}

/** Red, green and blue, 0 to 1. */
function channels(hex: string): number[] {
  const full = hex.length === 4 ? [...hex.slice(1)].map((digit) => digit + digit).join('') : hex.slice(1)
  return [0, 2, 4].map((at) => Number.parseInt(full.slice(at, at + 2), 16) / 255)
}

/** Relative luminance, WCAG 2.2. */
const luminance = (rgb: number[]): number =>
  rgb
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
    .reduce((sum, c, i) => sum + c * [0.2126, 0.7152, 0.0722][i]!, 0)

/** Contrast ratio, WCAG 2.2. */
function contrast(one: number[], other: number[]): number {
  const [light, dark] = [luminance(one), luminance(other)].toSorted((a, b) => b - a)
  return (light! + 0.05) / (dark! + 0.05)
}

const over = (top: number[], share: number, below: number[]): number[] =>
  top.map((c, i) => c * share + below[i]! * (1 - share))

describe.each(['g10', 'g90'])('the colours of the theme %s', (theme) => {
  const colours = coloursOf(theme)
  const colour = (name: string): number[] => channels(colours.get(name)!)

  // All text on the Board: captions, beads, tray, names and numbers on the sheet, marks.
  it.each([
    ['--ink', '--paper'],
    ['--ink', '--panel'],
    ['--ink', '--chosen'],
    ['--ink', '--hover'],
    ['--ink-soft', '--paper'],
    ['--ink-soft', '--panel'],
    ['--brass-text', '--paper'],
    ['--marking', '--paper'],
    ['--pencil', '--paper'],
    ['--cds-link-01', '--paper'],
  ])('%s on %s: 7 to 1', (text, ground) => {
    expect(contrast(colour(text), colour(ground))).toBeGreaterThanOrEqual(7)
  })

  it('numbers on the plastic: 7 to 1, and 3 to 1 where they are ghosted', () => {
    // As much of the sheet as the plastic covers in ProtractorBody.
    const plastic = over(colour('--brass-clear'), 0.42, colour('--paper'))
    expect(contrast(colour('--ink'), plastic)).toBeGreaterThanOrEqual(7)
    expect(contrast(colour('--ghost'), plastic)).toBeGreaterThanOrEqual(3)
  })

  it.each(['--start-arm', '--end-arm', '--brass'])('%s, a line on the sheet: 3 to 1', (line) => {
    expect(contrast(colour(line), colour('--paper'))).toBeGreaterThanOrEqual(3)
  })
})

it('text of the other rooms: 4.5 to 1 on every ground there is', () => {
  const colours = coloursOf('g10')
  for (const text of ['--ink', '--ink-soft', '--brass', '--marking', '--cds-link-01'])
    for (const ground of ['--paper', '--panel', '--room', '--cds-ui-background'])
      expect(
        contrast(channels(colours.get(text)!), channels(colours.get(ground)!)),
        `${text} on ${ground}`,
      ).toBeGreaterThanOrEqual(4.5)
})

describe('the styles of all pages', () => {
  const sources = readdirSync(join(__dirname, '..'), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(css|svelte)$/.test(file))
    // Letters on the sheet are measured in millimetres, as everything there.
    .filter((file) => !file.startsWith('sheet'))
    .map((file) => [file, readFileSync(join(__dirname, '..', file), 'utf8')] as const)

  /** Values of the properties that match, in all files. */
  const valuesOf = (property: RegExp): [string, string][] =>
    sources.flatMap(([file, text]) =>
      [...text.matchAll(new RegExp(`^\\s*(?:${property.source}): ([^;]+);`, 'gm'))].map(
        ([, value]): [string, string] => [file, value!],
      ),
    )

  it('letters come in the sizes of one scale', () => {
    const values = valuesOf(/font|font-size/)
    expect(values.length).toBeGreaterThan(100)
    for (const [file, value] of values) {
      // The line's height after the stroke, and sizes that grow with the screen from one of the scale, are their own.
      const fixed = value.replace(/\/ ?[\d.]+(px|rem)?/, '').replace(/, [\d.]+rem\)/, '')
      expect(fixed, file).not.toMatch(/[\d.]+(px|rem|em)\b/)
    }
  })

  it('what stands apart does so by whole steps', () => {
    const values = valuesOf(/(?:margin|padding|gap|row-gap|column-gap)(?:-[a-z-]+)?/)
    expect(values.length).toBeGreaterThan(100)
    for (const [file, value] of values)
      for (const [, number, unit] of value.replace(/calc\(.*\)/, '').matchAll(/([\d.]+)(px|rem)\b/g)) {
        const pixels = Number(number) * (unit === 'rem' ? 16 : 1)
        if (pixels > 2) expect(pixels % 4, `${value} in ${file}`).toBe(0)
      }
  })
})
