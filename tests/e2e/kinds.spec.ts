/* Every kind of exercise, done wrong once and right once through the real interface: by pointer, and by keys alone. */
import { numberIn, said, work } from './answering'
import { expect, test } from './application'
import { addStudent, draftsOn, drag, give, join, lay, polar, signIn, tap } from './people'

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
