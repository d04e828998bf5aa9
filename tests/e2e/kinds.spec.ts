/* Every kind of exercise, done wrong once and right once through the real interface: by pointer, and by keys alone. */
import type { Locator, Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { join as path } from 'node:path'
import { expect, test } from './application'
import { Compass, type Constructed } from './constructing'
import {
  addStudent,
  draftsOn,
  drag,
  give,
  join,
  lay,
  polar,
  signIn,
  tap,
  type Ask,
  type Made,
  type Spot,
} from './people'

/** Steps whose key is not the name of the field that answers them. */
const stepOf: Record<string, string> = {
  said: 'kind',
  kindSaid: 'kind',
  nearest: 'benchmark',
  fan: 'estimate',
  byEye: 'by-eye',
  strokes: 'drawing',
}
const numberIn = (text: string): number => Number(/[\d.]+/.exec(text)?.[0])

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
function said(language: string, id: string): string {
  const [file, key] = [id.slice(0, id.indexOf('.')), id.slice(id.indexOf('.') + 1)]
  const catalogue = readFileSync(path(__dirname, `../../locales/${language}/${file}.json`), 'utf8')
  return (JSON.parse(catalogue) as Record<string, string>)[key]!
}

async function work(page: Page, made: Made, right: boolean, keys: boolean, language: string): Promise<void> {
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

const everyKind = [
  'instrument-question',
  'which-kind',
  'name',
  'outline',
  'compare',
  'estimate',
  'exactly',
  'read-laid',
  'measure',
  'both-arms',
  'reflex',
  'full-turn',
  'range',
  'figure-angles',
  'clock',
  'parts',
  'similar',
  'side-ratios',
  'find-mistake',
  'draw',
  'draw-special',
  'draw-by-eye',
  'bisect',
  'copy',
  'draw-triangles',
]

/** Words that no Spanish text has. */
const english = /\b(the|your|with|and|angle|which|draw|read|from|not)\b/i

for (const [language, keys] of [
  ['en', false],
  ['es', true],
] as const) {
  test(`every kind is done wrong, then right, ${keys ? 'by keys' : 'by pointer'}, in ${language}`, async ({
    page,
    browser,
    baseURL,
  }) => {
    test.setTimeout(300_000)
    const name = `${keys ? 'Kay' : 'Poppy'} ${language}`
    await signIn(page)
    const pin = await addStudent(page, name)
    const { id, items } = await give(page, everyKind, {}, {}, language)
    const own = await (
      await browser.newContext({ baseURL, viewport: { width: 1280, height: 900 } })
    ).newPage()
    await join(own, name, pin)
    await own.getByLabel('Language').selectOption(language)
    await own.waitForLoadState('networkidle')
    await own.goto(`/bench#${id}`)
    await own.reload()
    const panel = own.getByRole('region', { name: said(language, 'bench.panel') })
    const place = (i: number): string =>
      said(language, 'bench.progress.item').replace('{place, number}', String(i + 1))
    for (const [i, made] of items.entries()) {
      await own.getByRole('button', { name: place(i), exact: true }).click()
      await expect(panel.getByRole('heading')).toHaveText(made.view.prompt.text)
      // What is seen and what is only told: all of it in the language of the student.
      if (language === 'es') {
        expect((await panel.textContent())!, made.view.kind).not.toMatch(english)
        for (const label of await own.locator('[aria-label]').all())
          expect((await label.getAttribute('aria-label'))!, made.view.kind).not.toMatch(english)
      }
      await work(own, made, false, keys, language)
      const feedback = own.getByTestId('feedback')
      await expect(feedback, made.view.kind).toHaveClass(/notYet|near/)
      if (language === 'es') expect((await panel.textContent())!, made.view.kind).not.toMatch(english)
      await own.getByRole('button', { name: said(language, 'bench.try-again') }).click()
      await work(own, made, true, keys, language)
      await expect(feedback, made.view.kind).toHaveClass(/accepted/)
    }
    // All is answered: the look back stands at the end.
    const back = own.getByRole('form', { name: said(language, 'bench.look-back.title') })
    await back.getByRole('radio').nth(2).press('Space')
    await back.getByRole('button', { name: said(language, 'shared.save'), exact: true }).click()
    await expect(own.getByText(said(language, 'bench.look-back.kept'))).toBeVisible()
    await own.context().close()
  })
}

test('show me replays one’s own answer without telling the right one; another like it is for practice', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Sorrel')
  const { id, items } = await give(page, ['measure', 'clock'])
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 900 } })
  ).newPage()
  await join(bench, 'Sorrel', pin, id)
  const truth = numberIn(items[0]!.key.at(-1)!.answer.text)
  await bench.getByLabel('Your reading').fill(String(180 - truth))
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await bench.getByRole('button', { name: 'Show me' }).click()
  const shown = bench.getByRole('dialog')
  await expect(shown.getByTestId('shown')).toContainText(`${180 - truth}°`)
  const close = shown.getByRole('button', { name: 'Close' })
  for (let i = 0; i < 30 && (await shown.getByRole('button', { name: 'Next' }).count()) > 0; i++) {
    await bench.keyboard.press('ArrowRight')
    await expect(shown.getByTestId('shown')).not.toContainText(`${truth}°`)
  }
  await close.click()
  await bench.getByRole('button', { name: 'One more like this, for practice' }).click()
  await expect(bench.getByText('for practice.')).toBeVisible()
  await bench.getByLabel('Your reading').fill('3')
  await bench.keyboard.press('Enter')
  await expect(bench.getByText('is not saved')).toBeVisible()
  await bench.getByRole('button', { name: 'Back to the question' }).first().click()
  await expect(bench.getByText(/tries left/)).toBeVisible()
  await bench.context().close()
})

test('on an empty sheet both rays are drawn, freehand too, from any end', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Quince')
  const { id, items } = await give(page, ['draw'], { baseRays: 'own', from: 40, to: 140 })
  const measure = Number((items[0]!.item as { measure?: number }).measure)
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 900 } })
  ).newPage()
  await join(bench, 'Quince', pin, id)
  await expect(bench.getByRole('heading', { name: /The sheet is empty/ })).toBeVisible()
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await expect(bench.getByTestId('feedback')).toContainText('not two rays')
  await bench.getByRole('button', { name: 'Try this question again' }).click()
  const vertex = { x: 3, y: -20 }
  await drag(bench, polar(vertex, 20, 85), vertex)
  await bench.getByRole('radio', { name: 'Protractor' }).click()
  await lay(bench, vertex, 20)
  await bench.getByRole('radio', { name: 'Dot' }).click()
  await tap(bench, polar(vertex, 20 + measure, 76))
  await bench.getByRole('radio', { name: 'Freehand' }).click()
  await drag(bench, vertex, polar(vertex, 20 + measure, 84))
  await bench.getByRole('radio', { name: 'Arc' }).click()
  await tap(bench, polar(vertex, 20 + measure / 2, 14))
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await expect(bench.getByTestId('feedback')).toContainText('That is right')
  await bench.context().close()
})

test('an arm too short is drawn on with the straightedge, and rubbed out again', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Umber')
  const { id, items } = await give(page, ['measure'], { arms: 'short', from: 40, to: 140 })
  const angle = (
    items[0]!.item as unknown as {
      angle: { vertex: { x: number; y: number }; start: number; startLength: number }
    }
  ).angle
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 900 } })
  ).newPage()
  await join(bench, 'Umber', pin, id)
  await bench.getByRole('radio', { name: 'Straightedge' }).click()
  await drag(bench, polar(angle.vertex, angle.start, angle.startLength), polar(angle.vertex, angle.start, 88))
  const lines = bench.locator('svg.sheet line.extension')
  await expect(lines).toHaveCount(1)
  // It is still there after a reload.
  await expect.poll(() => draftsOn(bench)).toContain('"strokes":[[')
  await bench.reload()
  await expect(lines).toHaveCount(1)
  await bench.getByRole('radio', { name: 'Straightedge' }).click()
  await drag(bench, polar(angle.vertex, 20, 10), polar(angle.vertex, 20, 60))
  await expect(lines).toHaveCount(2)
  await bench.getByRole('button', { name: 'Undo' }).click()
  await expect(lines).toHaveCount(1)
  await bench.getByRole('radio', { name: 'Protractor' }).click()
  await lay(bench, angle.vertex, angle.start)
  await bench.getByLabel('Your reading').fill('3')
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await expect(bench.getByTestId('feedback')).toContainText('Not yet')
  await bench.context().close()
})

for (const keys of [false, true]) {
  test(`angles are built with the compass ${keys ? 'by keys' : 'by pointer'}`, async ({
    page,
    browser,
    baseURL,
  }) => {
    await signIn(page)
    const name = keys ? 'Woad' : 'Madder'
    const pin = await addStudent(page, name)
    const own = await (
      await browser.newContext({ baseURL, viewport: { width: 1280, height: 900 } })
    ).newPage()
    await join(own, name, pin)
    // Which of them is asked comes with the seed; some take more arcs than a test has time for.
    let built = 0
    for (let seed = 1; built < 2; seed++) {
      const { id, items } = await give(page, ['build'], {}, {}, 'en', seed)
      if (![30, 60, 90, 120].includes(Number(items[0]!.item.measure))) continue
      built++
      await own.goto(`/bench#${id}`)
      await own.reload()
      await work(own, items[0]!, true, keys, 'en')
      await expect(own.getByTestId('feedback')).toHaveClass(/accepted/)
    }
    await own.context().close()
  })
}
