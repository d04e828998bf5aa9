import { readFile } from 'node:fs/promises'
import { expect, test } from '@playwright/test'
import { drag, lay, onScreen, placementOf, polar, tap, type Spot } from './people'

test('the front door leads to the three rooms, and nothing is asked of another machine', async ({
  page,
  baseURL,
}) => {
  const elsewhere: string[] = []
  const complaints: string[] = []
  page.on('request', (request) => {
    if (!request.url().startsWith(baseURL!) && !request.url().startsWith('data:'))
      elsewhere.push(request.url())
  })
  page.on('console', (message) => {
    if (message.type() === 'error') complaints.push(message.text())
  })
  for (const room of ['Board', 'Bench', 'Desk']) {
    await page.goto('/')
    await page.getByRole('link', { name: room }).click()
    await expect(page).toHaveURL(new RegExp(`/${room.toLowerCase()}`))
    await page.waitForLoadState('networkidle')
  }
  expect(elsewhere).toEqual([])
  expect(complaints).toEqual([])
})

test('pages forbid inline scripts and styles', async ({ request }) => {
  for (const path of ['/', '/board', '/bench', '/desk']) {
    const reply = await request.get(path)
    const policy = reply.headers()['content-security-policy']!
    expect(policy).toContain("script-src 'self';")
    expect(policy).not.toContain('unsafe')
    expect(await reply.text()).not.toMatch(/<script>|<style|style="/)
  }
})

test('a demonstration is played with the space bar alone, the question before the answer, without a request', async ({
  page,
}) => {
  await page.goto('/board?measure=64&end=50')
  const caption = page.getByTestId('caption')
  await expect(caption).toContainText('Which kind of angle is this?')
  await page.waitForLoadState('networkidle')
  let requests = 0
  page.on('request', () => requests++)
  const said: string[] = []
  for (let i = 0; i < 20; i++) {
    said.push(await caption.innerText())
    if (await page.getByRole('button', { name: 'Next' }).isDisabled()) break
    await page.keyboard.press('Space')
  }
  const story = said.join(' ')
  const order = [
    'acute angle',
    'nothing to turn',
    'exactly on the vertex K',
    'covers KL',
    '25 mm short',
    'belongs to the inner',
    'sixty, and four more',
    '∠LKM = 64°',
    'Can 64° be right?',
  ]
  expect(order.map((words) => story.indexOf(words))).toEqual(
    order.map((words) => story.indexOf(words)).sort((a, b) => a - b),
  )
  for (const words of order) expect(story).toContain(words)
  expect(requests).toBe(0)
})

test('the scale in use is inked and the other ghosted, and the thread counts to the arm', async ({
  page,
}) => {
  await page.goto('/board?measure=128&opens=left')
  await page.getByRole('button', { name: 'Count' }).click()
  await page.keyboard.press('PageDown')
  await expect(page.locator('#scene text.inked')).toHaveCount(19)
  await expect(page.locator('#scene text.ghosted')).toHaveCount(19)
  // Zero and twelve tens, a five, three ones.
  await expect(page.locator('#scene .thread circle')).toHaveCount(17)
  await expect(page.getByTestId('caption')).toContainText('outer numbers')
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByTestId('caption')).toContainText('last label')
})

test('the protractor is slid by its body and turned by its rim, and the readings follow', async ({
  page,
}) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Zero line' }).click()
  const protractor = page.getByTestId('protractor')
  await expect.poll(async () => (await placementOf(protractor)).turn).toBeCloseTo(0, 1)
  await page.getByRole('button', { name: 'Readings' }).click()
  await expect(page.getByTestId('readings')).toContainText('inner')
  await lay(page, { x: 5, y: 0 }, 10)
  const now = await placementOf(protractor)
  expect(now.x).toBeCloseTo(5, 0)
  expect(now.turn).toBeCloseTo(10, 0)
  await expect(page.getByTestId('readings')).toContainText('5 mm off')
  await expect(page.getByTestId('readings')).toContainText('10° off')
  await page.keyboard.press('Space')
  await expect.poll(async () => (await placementOf(protractor)).x).toBeCloseTo(0, 1)
})

test('the protractor is moved by keyboard, finely with Shift, and says how it lies', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Zero line' }).click()
  const protractor = page.getByTestId('protractor')
  await expect.poll(async () => (await placementOf(protractor)).turn).toBeCloseTo(0, 2)
  await page.getByRole('button', { name: 'View' }).click()
  await page.getByLabel('Help with the last millimetre').uncheck()
  await page.keyboard.press('Escape')
  await protractor.focus()
  for (const key of ['ArrowRight', 'ArrowRight', 'Shift+ArrowUp', 'Comma', 'Comma', 'Shift+Comma'])
    await page.keyboard.press(key)
  const now = await placementOf(protractor)
  expect(now.x).toBeCloseTo(2, 5)
  expect(now.y).toBeCloseTo(0.1, 5)
  expect(now.turn).toBeCloseTo(2.1, 5)
  await expect(protractor).toHaveAttribute(
    'aria-label',
    /centre mark 2 mm right of the vertex, zero line 2.1° above the starting arm/,
  )
  await page.keyboard.press('KeyV')
  await expect(protractor).toHaveAttribute('aria-label', /turned over/)
  await page.keyboard.press('Control+KeyZ')
  await expect(protractor).not.toHaveAttribute('aria-label', /turned over/)
})

test('the last millimetre is helped where that is wanted', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Zero line' }).click()
  const protractor = page.getByTestId('protractor')
  await expect.poll(async () => (await placementOf(protractor)).turn).toBeCloseTo(0, 1)
  await lay(page, { x: 1.2, y: 0.8 }, 1.2)
  const now = await placementOf(protractor)
  expect(now.x).toBeCloseTo(0, 5)
  expect(now.turn % 360).toBeCloseTo(0, 5)
})

test('every demonstration opens by one press on the list, and plays to its end', async ({ page }) => {
  test.setTimeout(120_000)
  const complaints: string[] = []
  page.on('pageerror', (error) => complaints.push(error.message))
  await page.goto('/board')
  await page.getByRole('button', { name: 'List' }).click()
  const entries = page.getByRole('dialog', { name: 'list' }).getByRole('listitem').getByRole('button')
  const count = await entries.count()
  expect(count).toBeGreaterThan(35)
  for (let i = 0; i < count; i++) {
    const title = await entries.nth(i).innerText()
    await entries.nth(i).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.keyboard.press('End')
    await expect(page.getByRole('button', { name: 'Next' }), title).toBeDisabled()
    await expect(page.getByTestId('caption'), title).not.toBeEmpty()
    await expect(page.getByRole('alert')).toHaveCount(0)
    await page.getByRole('button', { name: 'List' }).click()
  }
  expect(complaints).toEqual([])
})

test('a whole reflex drawing is demonstrated by keyboard alone', async ({ page }) => {
  await page.goto('/board?show=draw-reflex-from-360&measure=290')
  const said: string[] = []
  await expect(page.getByTestId('caption')).not.toBeEmpty()
  for (let i = 0; i < 40; i++) {
    said.push(await page.getByTestId('caption').innerText())
    if (await page.getByRole('button', { name: 'Next' }).isDisabled()) break
    await page.keyboard.press('PageDown')
  }
  const story = said.join(' ')
  for (const words of [
    '360° − 290° = 70°',
    'sharp dot at 70°',
    'outside is what makes it',
    '70° + 290° = 360°',
  ])
    expect(story).toContain(words)
})

for (const way of ['pointer', 'touch'] as const) {
  test.describe(way, () => {
    test.use({ hasTouch: way === 'touch' })

    test(`a whole demonstration is played by ${way} alone`, async ({ page }) => {
      await page.goto('/board?measure=64&end=50')
      const next = page.getByRole('button', { name: 'Next' })
      await expect(page.getByTestId('caption')).toContainText('Which kind')
      for (let i = 0; i < 40 && !(await next.isDisabled()); i++) {
        if (way === 'touch') await next.tap()
        else await next.click()
      }
      await expect(page.getByTestId('caption')).toContainText('64° is smaller than a right angle')
      await page.getByRole('button', { name: 'Back', exact: true }).click()
      await expect(page.getByTestId('caption')).toContainText('Can 64° be right?')
    })
  })
}

test('a reading is taken with an instrument of one’s choice, its numbers covered until they are wanted', async ({
  page,
}) => {
  await page.goto('/board?measure=128&opens=left&end=90')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Numbered the other way' }).click()
  const protractor = page.getByTestId('protractor')
  await lay(page, { x: 0.8, y: 0.5 }, 0.6)
  expect((await placementOf(protractor)).x).toBeCloseTo(0, 5)
  await page.getByRole('button', { name: 'Readings' }).click()
  const readings = page.getByTestId('readings')
  await expect(readings).toContainText('covered')
  await expect(readings).not.toContainText('128')
  await page.getByRole('button', { name: 'Show the numbers' }).click()
  await expect(readings.getByText('0° … 128°')).toBeVisible()
})

test('a blunt pencil draws wide, and tracing paper carries the angle away', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByLabel('Blunt pencil').check()
  await page.getByRole('button', { name: 'Straightedge, with millimetres' }).click()
  await drag(page, { x: -60, y: 10 }, { x: -30, y: 50 })
  await expect(page.locator('[data-thing="own-line-1"] line.blunt')).toBeVisible()
  await page.getByRole('button', { name: 'Hand', exact: true }).click()
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Tracing paper over the angle' }).click()
  const traced = page.locator('[data-thing="tracing"]')
  await traced.focus()
  await page.keyboard.press('ArrowRight')
  await expect(traced).toHaveAttribute('aria-label', /tracing paper at 1 mm right/)
  await page.keyboard.press('Delete')
  await expect(traced).toHaveCount(0)
})

test('the class counts hands before the answer is shown, and the counts stay with the step', async ({
  page,
}) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Which scale' }).click()
  await page.getByLabel('Hands for inner').fill('15')
  await page.getByLabel('Hands for outer').fill('9')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Next' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'inner' })).toContainText('15')
  await page.waitForTimeout(400)
  await page.reload()
  await expect(page.getByRole('listitem').filter({ hasText: 'outer' })).toContainText('9')
  // Another demonstration in between, and back: the counts belong to the lesson.
  await page.getByRole('button', { name: 'List' }).click()
  await page.getByRole('button', { name: 'Kinds of angle' }).click()
  await expect(page.getByTestId('caption')).toContainText('zero angle')
  await page.getByRole('button', { name: 'Angle', exact: true }).click()
  await page.getByRole('button', { name: 'Leave it' }).click()
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Which scale' }).click()
  await page.keyboard.press('PageDown')
  await expect(page.getByRole('listitem').filter({ hasText: 'inner' })).toContainText('15')
})

test('the hand takes over: an instrument, a ray, a dot, a name; undone, redone, kept over a reload', async ({
  page,
}) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Full circle', exact: true }).click()
  await expect(page.getByTestId('protractor')).toHaveCount(1)
  await page.getByRole('button', { name: 'Ray' }).click()
  await drag(page, { x: 0.5, y: 0.5 }, { x: -60, y: 40 })
  await page.getByRole('button', { name: 'Dot' }).click()
  await tap(page, { x: -70, y: 20 })
  await page.getByRole('button', { name: 'Name' }).click()
  await tap(page, { x: -66, y: 44 })
  await page.getByLabel('Write a name or a few words').fill('N')
  await page.keyboard.press('Enter')
  const things = page.locator('[data-thing]')
  await expect(things).toHaveCount(3)
  await page.keyboard.press('Control+KeyZ')
  await page.keyboard.press('Control+KeyZ')
  await expect(things).toHaveCount(1)
  await page.keyboard.press('Control+Shift+KeyZ')
  await expect(things).toHaveCount(2)
  await page.waitForTimeout(400)
  await page.reload()
  await expect(things).toHaveCount(2)
  await expect(page.getByTestId('protractor')).toHaveCount(1)
  // The ray was begun near the vertex and starts on it.
  await expect(page.locator('[data-thing="own-line-1"] line')).toHaveAttribute('x1', '0')
  await page.getByRole('button', { name: 'Back to the demonstration' }).click()
  await expect(things).toHaveCount(0)
})

test('an arm is opened by its tip, by pointer and by keys', async ({ page }) => {
  await page.goto('/board?measure=64&end=90')
  await drag(page, polar({ x: 0, y: 0 }, 64, 90), polar({ x: 0, y: 0 }, 120, 80))
  const tip = page.locator('[data-arm="angle:end"]')
  await expect(tip).toHaveAttribute('aria-label', /pointing to (119|120|121)/)
  await tip.focus()
  await page.keyboard.press('Comma')
  await expect(tip).toHaveAttribute('aria-label', /pointing to (120|121|122)/)
})

test('one of a kind is put down on request', async ({ page }) => {
  await page.goto('/board')
  await page.getByRole('button', { name: 'Angle', exact: true }).click()
  await page.getByLabel('Or put down one of a kind').selectOption('right')
  await page.getByRole('button', { name: 'Give me one' }).click()
  await expect(page.getByText('Your hand has the sheet.')).toBeVisible()
})

test('house rules and words of the class are followed, and a rule that cannot serve is warned of', async ({
  page,
}) => {
  await page.goto('/board?measure=64&instrument=reversed-half-circle')
  await page.getByRole('button', { name: 'House rules' }).click()
  await page.getByLabel('Choosing the scale').selectOption('openingSide')
  await expect(page.getByRole('note')).toContainText('numbered the other way round')
  await page.getByLabel('Goes on the vertex').selectOption('hole')
  await page.getByLabel('At “Count”').fill('Zero the hero!')
  await page.getByRole('button', { name: 'Do it this way' }).click()
  await expect(page.getByRole('note')).toContainText('We start at zero')
  await page.getByRole('button', { name: 'Hole' }).click()
  await page.keyboard.press('Space')
  await expect(page.getByTestId('caption')).toContainText('The hole goes exactly on the vertex')
  await page.getByRole('button', { name: 'Count' }).click()
  await page.keyboard.press('Space')
  await expect(page.getByTestId('caption')).toContainText('Zero the hero!')
  await page.reload()
  await expect(page.getByRole('button', { name: 'Hole' })).toBeVisible()
})

test('a running order lives in the address, is rearranged, and goes out and in as a file', async ({
  page,
}) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Lesson' }).click()
  await page.getByLabel('Name of the lesson').fill('Both scales')
  await page.getByRole('button', { name: 'Add what is shown' }).click()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'List' }).click()
  await page.getByRole('button', { name: 'Draw an angle', exact: true }).click()
  await page.getByRole('button', { name: 'Lesson' }).click()
  await page.getByRole('button', { name: 'Add what is shown' }).click()
  await page.getByRole('button', { name: 'Move “Draw 128°” up' }).click()
  const rows = page.getByRole('dialog').getByRole('listitem')
  await expect(rows.first()).toContainText('1. Draw 128°')
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as a file' }).click()
  const file = await (await saving).path()
  await page.reload()
  await page.getByRole('button', { name: 'Lesson' }).click()
  await expect(rows).toHaveCount(2)
  await page.getByRole('button', { name: /2\. Measure/ }).click()
  await expect(page.getByTestId('caption')).toContainText('Which kind of angle')
  await page.goto('/board')
  await page.getByRole('button', { name: 'Lesson' }).click()
  await page.getByLabel('Open a file').setInputFiles(file)
  await expect(rows).toHaveCount(2)
  await page.getByLabel('Open a file').setInputFiles({
    name: 'cut.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":\n"jaunty'),
  })
  await expect(page.getByRole('alert')).toContainText('line 2')
  await expect(rows).toHaveCount(2)
})

test('the sheet is taken away as a clean SVG in millimetres, as a PNG, and as a handout', async ({
  page,
}) => {
  await page.goto('/board?measure=64&end=90')
  await page.getByRole('button', { name: 'Zero line' }).click()
  await page.waitForTimeout(800)
  await page.getByRole('button', { name: 'View' }).click()
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Sheet as SVG' }).click(),
  ])
  const text = await readFile(await svg.path(), 'utf8')
  expect(text).toMatch(/<svg [^>]*width="[\d.]+mm"/)
  expect(text).toContain('id="instruments"')
  expect(text).not.toMatch(/class=|svelte-|aria-|tabindex/)
  const [png] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Sheet as PNG' }).click(),
  ])
  expect((await readFile(await png.path())).subarray(1, 4).toString()).toBe('PNG')
  await page.getByRole('button', { name: 'Handout of all steps' }).click()
  const handout = page.getByRole('region', { name: 'Handout' })
  await expect(handout.getByRole('listitem')).toHaveCount(8)
  const line = await handout.locator('.measure').boundingBox()
  expect(line!.width).toBeCloseTo((100 / 25.4) * 96, 0)
  await handout.getByRole('button', { name: 'Back to the Board' }).click()
  await expect(handout).toHaveCount(0)
})

test('the Board is blanked, zoomed and projected from the keyboard', async ({ page }) => {
  await page.goto('/board?measure=64')
  await expect(page.getByTestId('caption')).toContainText('Which kind')
  await page.keyboard.press('KeyB')
  await expect(page.getByRole('img', { name: /blank/ })).toBeVisible()
  await page.keyboard.press('KeyB')
  await expect(page.getByRole('img', { name: /blank/ })).toHaveCount(0)
  const width = async (): Promise<number> =>
    Number((await page.locator('svg.sheet').getAttribute('viewBox'))!.split(' ')[2])
  const before = await width()
  await page.keyboard.press('Equal')
  expect(await width()).toBeLessThan(before)
  await page.keyboard.press('Digit0')
  expect(await width()).toBeCloseTo(before, 5)
  await page.keyboard.press('KeyF')
  await expect(page.getByRole('navigation', { name: 'Tray' })).toHaveCount(0)
  await expect(page.getByRole('list', { name: 'Steps' })).toBeVisible()
  const size = await page.locator('.said').evaluate((e) => parseFloat(getComputedStyle(e).fontSize))
  expect(size).toBeGreaterThanOrEqual(28)
})

test('two tabs do not fight', async ({ page, context }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Check' }).click()
  const other = await context.newPage()
  await other.goto('/board?measure=64')
  await expect(other.getByTestId('caption')).toContainText('Which kind')
  await other.waitForTimeout(400)
  await page.reload()
  await expect(page.getByTestId('caption')).toContainText('Can 64° be right?')
})

test('another angle can be put down, and its address leads back to it', async ({ page }) => {
  await page.goto('/board')
  await page.getByRole('button', { name: 'Angle', exact: true }).click()
  await page.getByLabel('Measure in degrees').fill('290')
  await page.getByRole('button', { name: 'Show it' }).click()
  await expect(page.getByRole('button', { name: 'From 360' })).toBeVisible()
  await expect(page).toHaveURL(/measure=290/)
  await page.reload()
  await expect(page.getByRole('button', { name: 'From 360' })).toBeVisible()
})

for (const [measure, says] of [
  ['forty', 'must be a number from 0 to 360'],
  ['-5', 'must be a number from 0 to 360'],
  ['361', 'must be a number from 0 to 360'],
  ['0', 'the arms lie on each other'],
  ['360', 'the arms lie on each other'],
]) {
  test(`a measure of ${measure} in an address is refused with the reason, and the Board opens empty`, async ({
    page,
  }) => {
    await page.goto(`/board?measure=${measure}`)
    await expect(page.getByRole('alert')).toContainText(says!)
    await expect(page.getByTestId('caption')).toHaveCount(0)
    await page.getByRole('button', { name: 'Kinds of angle' }).click()
    await expect(page.getByTestId('caption')).toContainText('zero angle')
  })
}

test('a measure between two graduations is shown as one', async ({ page }) => {
  await page.goto('/board?measure=45.5')
  await page.getByRole('button', { name: 'Count' }).click()
  await page.keyboard.press('Space')
  await expect(page.getByTestId('caption')).toContainText('between two graduations')
})

test('an address that was cut, or is a megabyte long, is told and opens empty', async ({ page }) => {
  await page.goto('/board?rules={"scale":')
  await expect(page.getByRole('alert')).toContainText('cut off or changed')
  await page.goto('/board?instrument=spoon')
  await expect(page.getByRole('alert')).toContainText('instrumentId must be one of')
  await page.goto('/board#list=abc')
  await expect(page.getByRole('alert')).toContainText('cut off or changed')
  await page.goto('/board#list=' + 'A'.repeat(1_000_000))
  await expect(page.getByRole('alert')).toContainText('far too long')
})

test.describe('by touch', () => {
  test.use({ hasTouch: true })

  test('one finger slides the protractor, two turn it', async ({ page }) => {
    await page.goto('/board?measure=64')
    await page.getByRole('button', { name: 'Zero line' }).tap()
    const protractor = page.getByTestId('protractor')
    await expect.poll(async () => (await placementOf(protractor)).turn).toBeCloseTo(0, 2)
    const cdp = await page.context().newCDPSession(page)
    const touch = async (
      type: 'touchStart' | 'touchMove' | 'touchEnd',
      ...fingers: Spot[]
    ): Promise<void> => {
      const touchPoints = []
      for (const [id, mm] of fingers.entries()) touchPoints.push({ id, ...(await onScreen(page, mm)) })
      await cdp.send('Input.dispatchTouchEvent', { type, touchPoints })
    }
    await touch('touchStart', { x: -30, y: 60 })
    await touch('touchMove', { x: -25, y: 64 })
    await touch('touchMove', { x: -18, y: 68 })
    await touch('touchEnd')
    const slid = await placementOf(protractor)
    expect(slid.x).toBeCloseTo(12, 0)
    expect(slid.y).toBeCloseTo(8, 0)
    await touch('touchStart', { x: -30, y: 60 }, { x: 50, y: 55 })
    await touch('touchMove', { x: -30, y: 50 }, { x: 50, y: 65 })
    await touch('touchMove', { x: -30, y: 40 }, { x: 50, y: 75 })
    await touch('touchEnd')
    expect((await placementOf(protractor)).turn).toBeGreaterThan(20)
  })
})

test('a drag that begins beside the protractor moves the paper, not the protractor', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Zero line' }).click()
  const protractor = page.getByTestId('protractor')
  await expect.poll(async () => (await placementOf(protractor)).turn).toBeCloseTo(0, 2)
  const before = await placementOf(protractor)
  await drag(page, { x: -20, y: -16 }, { x: 20, y: -16 })
  expect(await placementOf(protractor)).toEqual(before)
})
