import { expect, test } from './application'
import {
  addStudent,
  drag,
  give,
  itemsOf,
  join,
  joinByHand,
  lay,
  openDesk,
  polar,
  signIn,
  signInByHand,
  tap,
  type Spot,
} from './people'

/* The whole job once, through the real interface: made at the Desk, worked on the Bench, read at the Desk. */
test('a teacher sets a set, a student works on it, the teacher reads what happened', async ({
  page,
  browser,
  baseURL,
}) => {
  await signInByHand(page)
  await page.getByRole('link', { name: 'Classes' }).click()
  await page.getByLabel('First name of a new student').fill('Ailsa')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const added = page.getByRole('listitem').filter({ hasText: 'Ailsa' })
  const pin = (
    await added
      .getByText(/PIN \d{4}/)
      .first()
      .innerText()
  ).replace('PIN ', '')

  await page.getByRole('link', { name: 'New set', exact: true }).click()
  await expect(page.getByRole('article')).toHaveCount(5)
  await page.getByLabel('Title').fill('First readings')
  await page.getByLabel('Measure: questions').fill('2')
  await page.getByLabel('Draw: questions').fill('1')
  await page.getByLabel('Length of the arms').selectOption('long')
  await expect(page.getByRole('article')).toHaveCount(3)
  await expect(page.getByRole('article').first()).toContainText('read the other scale')
  await page.getByRole('button', { name: 'Give it to the class' }).click()
  await expect(page.getByRole('heading', { name: 'First readings' })).toBeVisible()

  const bench = await (
    await browser.newContext({
      baseURL,
      viewport: { width: 1280, height: 800 },
    })
  ).newPage()
  await joinByHand(bench, 'ailsa', pin)
  const items = (await itemsOf(bench, 'First readings')) as unknown as [
    { angle: { vertex: Spot; measure: number } },
    { angle: { measure: number } },
    {
      baseRay: { vertex: Spot; direction: number }
      measure: number
      opening: string
    },
  ]
  await bench.getByText('First readings').click()

  // Reads the wrong scale on purpose, and is told so.
  const first = items[0].angle
  await lay(bench, first.vertex, 0)
  await bench.getByLabel('Your reading').fill(String(180 - first.measure))
  await bench.getByRole('button', { name: 'Hand in' }).click()
  const feedback = bench.getByTestId('feedback')
  await expect(feedback).toContainText('Beautifully placed')
  await expect(feedback).toContainText('you read the other scale')
  await expect(bench.getByTestId('mark-picture').locator('.thread')).toBeVisible()
  await expect(feedback).not.toContainText(`${first.measure}°`)
  await bench.getByRole('button', { name: 'Try this question again' }).click()
  await bench.getByLabel('Your reading').fill(String(first.measure))
  await bench.keyboard.press('Enter')
  await expect(feedback).toContainText('That is right')

  // The second by keyboard alone, without laying anything on.
  await bench.getByRole('button', { name: /^Go on to question/ }).press('Enter')
  await bench.getByLabel('Your reading').fill('nonsense')
  await bench.keyboard.press('Enter')
  await expect(bench.getByText('Write a number from 0 to 360')).toBeVisible()
  await bench.getByLabel('Your reading').fill(`${items[1].angle.measure}°`)
  await bench.keyboard.press('Enter')
  await expect(feedback).toContainText('That is right')

  // Draws, but leaves a gap at the vertex; then draws it well.
  await bench.getByRole('button', { name: /^Go on to question/ }).click()
  const { baseRay, measure, opening } = items[2]
  const outward = baseRay.direction + (opening === 'anticlockwise' ? measure : -measure)
  const draw = async (gap: number): Promise<void> => {
    await lay(bench, baseRay.vertex, 0)
    await bench.getByRole('radio', { name: 'Dot' }).click()
    await tap(bench, polar(baseRay.vertex, outward, 76))
    await bench.getByRole('radio', { name: 'Straightedge' }).click()
    await drag(bench, polar(baseRay.vertex, outward, gap), polar(baseRay.vertex, outward, 90))
    await bench.getByRole('radio', { name: 'Arc' }).click()
    await tap(bench, polar(baseRay.vertex, (baseRay.direction + outward) / 2, 14))
    await bench.getByRole('button', { name: 'Hand in' }).click()
  }
  await draw(9)
  await expect(feedback).toContainText('away from the vertex')
  await bench.getByRole('button', { name: 'Try this question again' }).click()
  await draw(0)
  await expect(feedback).toContainText('That is right')
  await bench.context().close()

  const row = page.getByRole('row').filter({ hasText: 'Ailsa' })
  await expect(row.getByText('correct: read the other scale')).toBeAttached({
    timeout: 12_000,
  })
  await expect(row.getByText('correct: left a gap at the vertex')).toBeAttached({
    timeout: 12_000,
  })
})

test('the demonstration class shows who read the other scale, and opens the Board with an answer of theirs', async ({
  page,
}) => {
  await openDesk(page)
  await page.getByRole('link', { name: /Harbour survey/ }).click()
  await expect(page.getByRole('row').filter({ hasText: 'Bram' })).toContainText('read the other scale')
  expect(await page.getByRole('row').count()).toBeGreaterThanOrEqual(25)
  const group = page.getByRole('article').filter({ hasText: 'read the other scale' })
  await expect(group).toContainText('Six')
  await expect(group).toContainText('Bram, Edda, Ines, Mara, Pip, Sven')
  await page.getByRole('link', { name: 'Bram' }).click()
  const sheets = page.getByRole('region', { name: 'Bram’s sheets' })
  await expect(sheets.getByRole('figure')).toHaveCount(8)
  await expect(sheets.getByRole('figure').first()).toContainText(
    /Answered \d+°\s+Not yet: it is \d+°\.\s+read the other scale/,
  )
  await page.getByRole('link', { name: 'Back to the groups' }).click()
  await group.getByRole('link', { name: 'Teach on the Board' }).click()
  await expect(page.getByTestId('caption')).toContainText(/Someone wrote \d+°/)
  await page.getByRole('button', { name: 'Watch' }).click()
  await page.keyboard.press('Space')
  await expect(page.getByTestId('caption')).toContainText('so this is the other scale')
  await expect(page.locator('#scene .thread.marking')).toBeVisible()
})

test('wishes that cannot be met say what can be had, and nothing can be set', async ({ page }) => {
  await openDesk(page)
  await page.getByRole('link', { name: 'New set', exact: true }).click()
  await page.getByLabel('From, degrees').fill('20')
  await page.getByLabel('To, degrees').fill('22')
  await expect(page.getByRole('alert')).toContainText('only 3')
  await expect(page.getByRole('button', { name: 'Give it to the class' })).toBeDisabled()
})

test('wrong sign-ins are told what to do, at the Desk and at the Bench', async ({ page }) => {
  await page.goto('/desk')
  await page.getByLabel('User name').fill('fenwick')
  await page.getByLabel('Password', { exact: true }).fill('wrong')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('alert')).toContainText('These do not match')
  await page.goto('/bench')
  await page.getByLabel('Class code').fill('NOPE')
  await page.getByLabel('Your first name').fill('Wren')
  await page.getByLabel('PIN').fill('12')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByRole('alert')).toContainText('PIN: Use 4 to 8 characters')
})

test('an answer handed in while the server is away is kept, sent when it is back, and stored once', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Oskar')
  const bench = await (
    await browser.newContext({
      baseURL,
      viewport: { width: 1280, height: 800 },
    })
  ).newPage()
  await join(bench, 'Oskar', pin)
  await bench.getByText('Cranes and sails').click()
  await bench.getByLabel('Your reading').fill('12')
  await bench.route('**/answers', (route) => route.abort())
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await expect(bench.getByText('will be sent later')).toBeVisible()
  await bench.unroute('**/answers')
  await expect(bench.getByTestId('feedback')).toBeVisible({ timeout: 8000 })
  await expect(bench.getByText('2 tries left')).toBeVisible()
  await bench.context().close()
})

test('however many questions an item has, it can be handed in without looking for the button', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Teasel')
  const { id } = await give(page, ['figure-angles'])
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 640 } })
  ).newPage()
  await join(bench, 'Teasel', pin, id)
  await expect(bench.getByLabel('Together')).toBeVisible()
  await expect(bench.getByRole('button', { name: 'Hand in' })).toBeInViewport({ ratio: 1 })
  await bench.context().close()
})

test('the Bench works on a narrow screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 })
  await page.goto('/bench')
  await expect(page.getByRole('button', { name: 'Start', exact: true })).toBeVisible()
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
  expect(overflow).toBeLessThanOrEqual(0)
})

test('the class’s own instrument is described in the cabinet, kept, and laid on at the Board', async ({
  page,
}) => {
  await openDesk(page)
  await page.getByRole('link', { name: 'Cabinet' }).click()
  const picture = page.getByRole('img', { name: 'Our desk protractor, drawn to size' })
  await expect(picture).toBeVisible()
  await page.getByLabel('What the class calls it').fill('Our green one')
  await page.getByLabel('Radius of the rim, mm').fill('900')
  await expect(page.getByText('a number from 10 to 600 mm')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Put it in the cabinet' })).toBeDisabled()
  await page.getByLabel('Radius of the rim, mm').fill('60')
  await page.getByLabel('Numbers are at, mm').first().fill('52')
  await page.getByLabel('Numbers are at, mm').last().fill('44')
  const width = async (): Promise<number> =>
    (await page.getByRole('img', { name: /drawn to size/ }).boundingBox())!.width
  const before = await width()
  await page.getByText('Make it true to size').click()
  await page.getByLabel('Length of the bar').fill('6')
  expect(await width()).toBeGreaterThan(before * 1.3)
  await page.getByRole('button', { name: 'Put it in the cabinet' }).click()
  await expect(page.getByRole('status')).toContainText('is in the cabinet')
  await page
    .getByLabel('Open a file')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{\n"format": 1,\n') })
  await expect(page.getByRole('alert')).toContainText('See line 2 of the file')
  await page.goto('/board')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Our green one' }).click()
  await expect(page.getByTestId('protractor')).toHaveAttribute('aria-label', /Our green one/)
})
