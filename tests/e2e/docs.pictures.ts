/** Makes the pictures in docs/screenshots from the demonstration data: npm --prefix web run pictures */
import { Compass, type Constructed } from './constructing'
import type { Page } from '@playwright/test'
import { expect, test } from './application'
import { addStudent, drag, give, itemsOf, join, lay, openDesk, polar, signIn, tap, type Spot } from './people'

// Nothing is on its way from one step to the next.
test.use({ contextOptions: { reducedMotion: 'reduce' } })

const shot = async (page: Page, name: string): Promise<void> => {
  await page.mouse.move(2, 400)
  // With its fonts, and when all that moves has arrived.
  await page.evaluate(async () => {
    await document.fonts.ready
    await Promise.allSettled(document.getAnimations().map((moves) => moves.finished))
  })
  await page.screenshot({ path: `../docs/screenshots/${name}.png` })
}

test('pictures of the open rooms', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Jaunty Compass' })).toBeVisible()
  await shot(page, 'front-door')
  await page.goto('/board')
  await page.getByRole('button', { name: 'Which scale' }).click()
  for (let i = 0; i < 3; i++) await page.keyboard.press('Space')
  await shot(page, 'board-count')
})

test('pictures of the Board at work', async ({ page }) => {
  test.setTimeout(90_000)
  const at = async (query: string, step: string, presses = 1): Promise<void> => {
    await page.goto(`/board?${query}`)
    await page.getByRole('button', { name: step, exact: true }).click()
    for (let i = 0; i < presses; i++) await page.keyboard.press('Space')
  }
  await at('show=reflex-two-ways&measure=236&end=90', 'Compare', 1)
  await shot(page, 'board-reflex')
  await at('show=wrong-other-scale&measure=64&end=90', 'Watch')
  await shot(page, 'board-went-wrong')
  await at('measure=64&end=90', 'Zero line', 0)
  await page.getByRole('button', { name: 'Class', exact: true }).click()
  await page.getByLabel('Choosing the scale').selectOption('openingSide')
  await shot(page, 'board-house-rules')
  await page.goto('/board?show=full-circle-turn&measure=235&instrument=full-circle-one-scale&end=90')
  await page.getByRole('button', { name: 'Count', exact: true }).click()
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'View' }).click()
  await page.getByLabel('Ink for a dark room').check()
  await page.keyboard.press('Escape')
  await page.keyboard.press('KeyF')
  await shot(page, 'board-projecting')
})

test('pictures of the Desk and the Bench', async ({ page, browser, baseURL }) => {
  test.setTimeout(90_000)
  await openDesk(page)
  await page.getByRole('link', { name: /Harbour survey/ }).click()
  await expect(page.getByRole('row')).toHaveCount(25)
  await shot(page, 'desk-results')
  await page.getByRole('link', { name: 'Bram' }).click()
  await expect(page.getByRole('figure')).toHaveCount(8)
  await shot(page, 'desk-sheets')
  await page.getByRole('link', { name: 'New set', exact: true }).click()
  await expect(page.getByRole('article')).toHaveCount(5)
  await shot(page, 'desk-new-set')
  await page.getByRole('link', { name: 'Classes' }).click()
  await expect(page.getByRole('listitem').first()).toBeVisible()
  await page.getByRole('link', { name: 'Cabinet' }).click()
  await expect(page.getByRole('img', { name: /drawn to size/ })).toBeVisible()
  await shot(page, 'desk-cabinet')

  const pin = await addStudent(page, 'Isla')
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } })
  ).newPage()
  await join(bench, 'Isla', pin)
  const title = 'Cranes and sails · a short round'
  const items = (await itemsOf(bench, title)) as unknown as {
    angle: { vertex: Spot; measure: number }
    baseRay: { vertex: Spot; direction: number }
    measure: number
    opening: string
  }[]
  await bench.getByText(title).click()
  const { vertex, measure } = items[0]!.angle
  await lay(bench, vertex, 0)
  await bench.getByText('acute', { exact: true }).click()
  await bench.getByLabel('Your reading').fill(String(measure))
  await bench.getByLabel('Your reading').fill(String(180 - measure))
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await expect(bench.getByTestId('feedback')).toBeVisible()
  await shot(bench, 'bench-measure-marked')

  await bench.getByRole('button', { name: 'Question 4', exact: true }).click()
  const item = items[3]!
  const outward = item.baseRay.direction + (item.opening === 'anticlockwise' ? item.measure : -item.measure)
  await lay(bench, item.baseRay.vertex, 0)
  await bench.getByRole('radio', { name: 'Dot' }).click()
  await tap(bench, polar(item.baseRay.vertex, outward, 76))
  await bench.getByRole('radio', { name: 'Straightedge' }).click()
  await drag(bench, polar(item.baseRay.vertex, outward, 8), polar(item.baseRay.vertex, outward, 90))
  await bench.getByRole('radio', { name: 'Arc' }).click()
  await tap(bench, polar(item.baseRay.vertex, (item.baseRay.direction + outward) / 2, 14))
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await expect(bench.getByTestId('feedback')).toBeVisible()
  // The mouse has left the button that comes to lie where it handed in.
  await bench.mouse.move(100, 700)
  await shot(bench, 'bench-draw-marked')
  await bench.setViewportSize({ width: 390, height: 844 })
  await bench.getByRole('button', { name: /^Question 1\b/ }).click()
  await shot(bench, 'bench-narrow')
  await bench.context().close()
})

test('pictures of unlike kinds on the Bench', async ({ page, browser, baseURL }) => {
  await signIn(page)
  const pin = await addStudent(page, 'Orla')
  const { id, items } = await give(page, ['measure', 'bisect', 'parts', 'side-ratios'], {
    theme: 'harbour',
    from: 30,
    to: 80,
  })
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } })
  ).newPage()
  await join(bench, 'Orla', pin, id)
  await bench.getByRole('button', { name: 'Question 2', exact: true }).click()
  await bench.getByRole('button', { name: 'All right' }).click()
  const bisect = items.find(({ view }) => view.kind === 'bisect')!
  const { vertex: corner, through } = await new Compass(bench, false).construct({
    ...bisect.item,
    kind: 'bisect',
  } as unknown as Constructed)
  await shot(bench, 'bench-compass')
  // The line a little beside where the arcs meet: the right way, and an unsteady hand.
  const away = (Math.atan2(through.y - corner.y, through.x - corner.x) * 180) / Math.PI
  await bench.getByRole('radio', { name: 'Straightedge' }).click()
  await drag(bench, corner, polar(corner, away + 4, 80))
  await bench.getByRole('button', { name: 'Save and carry on' }).click()
  await bench.getByLabel('My angle measures').fill(bisect.key.at(-1)!.answer.text.replace(/[^\d.]/g, ''))
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await expect(bench.getByTestId('feedback')).toBeVisible()
  await shot(bench, 'bench-construction-marked')

  await bench.getByRole('button', { name: 'Question 3', exact: true }).click()
  await bench.getByRole('radio', { name: 'They make 90° together.' }).click()
  const equation = bench.getByLabel('Your equation')
  await equation.fill('3x + * 2 = 90')
  await expect(bench.getByText(/is missing after/)).toBeVisible()
  await equation.scrollIntoViewIfNeeded()
  await bench.mouse.wheel(0, 120)
  await shot(bench, 'bench-algebra')

  await bench.getByRole('button', { name: 'Question 4', exact: true }).click()
  await bench.getByTestId('ruler').focus()
  for (const key of ['KeyJ', 'KeyL']) await bench.keyboard.press(key)
  await bench.getByLabel('AB in mm').focus()
  await shot(bench, 'bench-triangles')

  await bench.getByRole('button', { name: 'Bench' }).click()
  await bench.getByLabel('Language').selectOption('es')
  await bench.waitForLoadState('networkidle')
  await bench.getByText('All kinds').last().click()
  const [first] = (await itemsOf(bench, 'All kinds')) as unknown as {
    angle: { vertex: Spot; start: number; opening: string; measure: number }
  }[]
  const { vertex, start, opening, measure } = first!.angle
  await lay(bench, vertex, opening === 'anticlockwise' ? start : start + 180)
  await bench
    .locator('form input[inputmode=decimal]')
    .last()
    .fill(String(180 - measure))
  await bench.locator('form button[type=submit]').click()
  await expect(bench.getByTestId('feedback')).toBeVisible()
  await bench.mouse.move(100, 700)
  await shot(bench, 'bench-spanish')
  await bench.context().close()
})

test('the Desk: the people of a school', async ({ page }) => {
  await openDesk(page)
  await page.getByRole('link', { name: 'School' }).click()
  await page.getByRole('button', { name: 'Invite a colleague' }).click()
  await expect(page.locator('code')).toBeVisible()
  // The picture must not change with the port and the key.
  await page
    .locator('code')
    .evaluate((code) => (code.textContent = 'https://angles.gullwing.example/desk#/welcome/…'))
  await shot(page, 'desk-school')
})
