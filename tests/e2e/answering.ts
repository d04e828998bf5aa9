/* Answering an item of any kind through the page, by pointer or by keys: as its key has it, or wrongly. */
import type { Locator, Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { join as path } from 'node:path'
import { expect } from './application'
import { Compass, type Constructed } from './constructing'
import { drag, polar, tap, type Ask, type Made, type Spot } from './people'

/** Steps whose key is not the name of the field that answers them. */
const stepOf: Record<string, string> = {
  said: 'kind',
  kindSaid: 'kind',
  nearest: 'benchmark',
  fan: 'estimate',
  byEye: 'by-eye',
  strokes: 'drawing',
}
export const numberIn = (text: string): number => Number(/[\d.]+/.exec(text)?.[0])

const keyOf = (made: Made, ask: Ask): string => {
  const step = stepOf[ask.field] ?? ask.field
  return made.key.find((k) => k.step === step)?.answer.text ?? made.key.at(-1)!.answer.text
}

/** Draws the second ray at so many degrees, with its arc in the opening that is meant. */
async function draw(page: Page, made: Made, degrees: number, keys: boolean): Promise<void> {
  const tool = (name: RegExp): Locator => page.getByRole('radio', { name })

  const { baseRay, opening } = made.view.drawing!
  const sign = opening === 'anticlockwise' ? 1 : -1
  const outward = baseRay.direction + sign * degrees
  const ray = [baseRay.vertex, polar(baseRay.vertex, outward, baseRay.length)] as const
  const arc = polar(baseRay.vertex, baseRay.direction + (sign * degrees) / 2, 14)
  if (keys) {
    await press(tool(/^(Straightedge|Regla)$/), 'Space')
    for (const end of ray) await pencilTo(page, end)
    await press(tool(/^(Arc|Arco)$/), 'Space')
    await pencilTo(page, arc)
  } else {
    await tool(/^(Straightedge|Regla)$/).click()
    await drag(page, ...ray)
    await tool(/^(Arc|Arco)$/).click()
    await tap(page, arc)
  }
}

interface Base {
  from: Spot
  direction: number
  length: number
}

/** Draws an arm at each end of each base: as it should open, or wider. */
async function drawTriangles(page: Page, made: Made, right: boolean, keys: boolean): Promise<void> {
  const {
    left,
    right: other,
    firstBase,
    secondBase,
  } = made.item as unknown as {
    left: number
    right: number
    firstBase: Base
    secondBase: Base
  }
  const ray = page.getByRole('radio', { name: /^(Straightedge|Regla)$/ })
  if (keys) await press(ray, 'Space')
  else await ray.click()
  const off = right ? 0 : 25
  for (const { from, direction, length } of [firstBase, secondBase]) {
    const to = polar(from, direction, length)
    for (const line of [
      [from, polar(from, direction + left + off, 70)],
      [to, polar(to, direction + 180 - other - off, 70)],
    ] as const) {
      if (keys) for (const end of line) await pencilTo(page, end)
      else await drag(page, ...line)
    }
  }
}

/** Constructs as it should be; or, wrongly, draws the line without an arc. */
async function construct(page: Page, made: Made, right: boolean, keys: boolean): Promise<void> {
  const item = { ...made.item, kind: made.view.kind } as unknown as Constructed
  const compass = page.getByRole('radio', { name: /^(Compass|Compás)$/ })
  const ends = right
    ? await new Compass(page, keys).construct(item)
    : { vertex: (item.baseRay ?? item.angle!).vertex, through: { x: 0, y: 60 } }
  const ray = page.getByRole('radio', { name: /^(Straightedge|Regla)$/ })
  await expect(compass).toBeVisible()
  const away = (Math.atan2(ends.through.y - ends.vertex.y, ends.through.x - ends.vertex.x) * 180) / Math.PI
  const line = [ends.vertex, polar(ends.vertex, away, 80)] as const
  if (keys) {
    await press(ray, 'Space')
    for (const end of line) await pencilTo(page, end)
  } else {
    await ray.click()
    await drag(page, ...line)
  }
}

const press = (what: Locator, key: string): Promise<void> => what.focus().then(() => what.press(key))

/** Moves the pencil with the arrow keys, to a tenth of a millimetre, and puts it down there. */
async function pencilTo(page: Page, to: Spot): Promise<void> {
  const pencil = page.getByTestId('pencil')
  await pencil.focus()
  const [x, y] = (await pencil.getAttribute('transform'))!.match(/-?[\d.]+(e-?\d+)?/g)!.map(Number)
  for (const [away, plus, minus] of [
    [to.x - x!, 'ArrowRight', 'ArrowLeft'],
    [to.y - y!, 'ArrowUp', 'ArrowDown'],
  ] as const) {
    const tenths = Math.round(Math.abs(away) * 10)
    const arrow = away > 0 ? plus : minus
    for (let i = 0; i < Math.floor(tenths / 100); i++) await page.keyboard.press(`Control+${arrow}`)
    for (let i = 0; i < Math.floor(tenths / 10) % 10; i++) await page.keyboard.press(arrow)
    for (let i = 0; i < tenths % 10; i++) await page.keyboard.press(`Shift+${arrow}`)
  }
  await page.keyboard.press('Enter')
}

async function choose(group: Locator, text: string, keys: boolean): Promise<void> {
  const radio = group.getByRole('radio', { name: text, exact: true })
  if (keys) {
    await radio.focus()
    await radio.press('Space')
  } else {
    await radio.click()
  }
}

/** Fills in one ask: as the key has it, or otherwise. */
async function fill(page: Page, made: Made, ask: Ask, right: boolean, keys: boolean): Promise<void> {
  const answer = keyOf(made, ask)
  if (ask.type === 'choice') {
    const rights = answer.split(/ or | o /)
    const fits = (text: string): boolean => rights.some((r) => text === r || text.startsWith(`${r},`))
    const picked = ask.options.find((option) => fits(option.text.text) === right)!
    const group = page.locator(`fieldset:has(input[name="${ask.field}"])`)
    await choose(group, picked.text.text, keys)
  } else if (made.view.kind === 'draw-triangles' && ask.type === 'drawing') {
    await drawTriangles(page, made, right, keys)
  } else if (ask.type === 'drawing') {
    // What is asked of a reflex drawing is its arc outside; what the key tells is the smaller angle that stands inside.
    const wanted = Number((made.item as { measure?: number }).measure)
    await draw(page, made, right ? wanted : wanted > 140 ? wanted - 40 : wanted + 30, keys)
  } else if (ask.type === 'construction') {
    await construct(page, made, right, keys)
  } else if (ask.type === 'fan') {
    const fan = page.getByRole('slider')
    await fan.focus()
    for (let open = 4; open + 5 <= numberIn(answer) + 3; open += 5) await page.keyboard.press('ArrowUp')
  } else {
    const box = page.getByLabel(ask.label.text, { exact: true })
    const wrong: Partial<Record<Ask['type'], string>> = {
      text: answer.slice(0, 3),
      equation: answer.replace('=', '+ 1 ='),
      exactNumber: '1',
    }
    const value =
      ask.type in wrong ? (right ? answer : wrong[ask.type]!) : String(numberIn(answer) + (right ? 0 : 37))
    await box.fill(value)
  }
}

/** A text without arguments in a language, as its catalogue has it. */
export function said(language: string, id: string): string {
  const [file, key] = [id.slice(0, id.indexOf('.')), id.slice(id.indexOf('.') + 1)]
  const catalogue = readFileSync(path(__dirname, `../../locales/${language}/${file}.json`), 'utf8')
  return (JSON.parse(catalogue) as Record<string, string>)[key]!
}

export async function work(
  page: Page,
  made: Made,
  right: boolean,
  keys: boolean,
  language: string,
): Promise<void> {
  for (const ask of made.view.asks.filter((a) => !a.optional)) {
    const on = page.getByRole('button', { name: said(language, 'bench.save-and-next'), exact: true })
    if ((ask as unknown as { afterwards: boolean }).afterwards && (await on.isVisible())) await on.click()
    await fill(page, made, ask, right, keys)
  }
  const handIn = page.getByRole('button', { name: said(language, 'bench.hand-in'), exact: true })
  if (keys) await handIn.press('Enter')
  else await handIn.click()
  await expect(page.getByTestId('feedback')).toBeVisible()
}
