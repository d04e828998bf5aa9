/* What the Board keeps and gives away: addresses, running orders, files, other tabs. */
import { readFile } from 'node:fs/promises'
import { expect, test } from './application'
import { searchList } from './people'

test('a running order lives in the address, is rearranged, and goes out and in as a file', async ({
  page,
}) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Lesson' }).click()
  await page.getByLabel('Name of the lesson').fill('Both scales')
  await page.getByRole('button', { name: 'Add what is on the Board' }).click()
  await page.keyboard.press('Escape')
  await searchList(page, 'draw an angle')
  await page.getByRole('button', { name: 'Draw an angle', exact: true }).click()
  await expect(page).toHaveURL(/show=draw/)
  await page.getByRole('button', { name: 'Lesson' }).click()
  await page.getByRole('button', { name: 'Add what is on the Board' }).click()
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
  // Nothing moves from step to step, so that the sheet is the step's at once.
  await page.emulateMedia({ reducedMotion: 'reduce' })
  await page.goto('/board?measure=64&end=90')
  await page.getByRole('button', { name: 'Zero line' }).click()
  await page.getByRole('button', { name: 'View' }).click()
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Sheet as SVG' }).click(),
  ])
  const text = await readFile(await svg.path(), 'utf8')
  expect(text).toMatch(/<svg [^>]*width="[\d.]+mm"/)
  expect(text).toContain('id="instruments"')
  // The letters it is written in come with it.
  expect(text).toMatch(/@font-face\{font-family:"?IBM Plex Serif"?;[^}]*url\(data:font\/woff2;base64,/)
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
  // On paper nothing but the handout: the steps on one page, the finished sheet true to size on the next.
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByTestId('caption')).toBeHidden()
  const finished = handout.getByRole('group', { name: 'Finished sheet, true to size' })
  const arm = await finished.locator('.vertex').evaluate((vertex: SVGElement) => {
    const frame = (vertex as SVGGraphicsElement).getScreenCTM()!
    return Math.hypot(frame.a, frame.b)
  })
  expect(arm).toBeCloseTo(96 / 25.4, 2)
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1')
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(2)
  await page.emulateMedia({ media: 'screen' })
  await handout.getByRole('button', { name: 'Back to the Board' }).click()
  await expect(handout).toHaveCount(0)
})

test('a show of hands is kept with the lesson: in its address and in its file', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByLabel('Hands up for acute').fill('15')
  await page.getByRole('button', { name: 'Lesson' }).click()
  await page.getByRole('button', { name: 'Add what is on the Board' }).click()
  await page.keyboard.press('Escape')
  await page.getByLabel('Hands up for obtuse').fill('9')
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    (async () => {
      await page.getByRole('button', { name: 'Lesson' }).click()
      await page.getByRole('button', { name: 'Save as a file' }).click()
    })(),
  ])
  expect(JSON.parse(await readFile(await saved.path(), 'utf8')).items[0].hands).toEqual([
    { step: 'kind', counts: [15, null, 9] },
  ])
  const address = page.url()
  await page.goto('/desk')
  await page.evaluate(() => sessionStorage.clear())
  await page.goto(address)
  await expect(page.getByLabel('Hands up for acute')).toHaveValue('15')
  await expect(page.getByLabel('Hands up for obtuse')).toHaveValue('9')
})

test('two tabs do not fight', async ({ page, context }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Check' }).click()
  const other = await context.newPage()
  await other.goto('/board?measure=64')
  await expect(other.getByTestId('caption')).toContainText('Which kind')
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
    await expect(page.getByRole('searchbox')).toBeFocused()
    await page.keyboard.type('kinds of')
    await page.getByRole('button', { name: 'Kinds of angle', exact: true }).click()
    await expect(page.getByTestId('caption')).toContainText('zero angle')
  })
}

test('a measure between two graduations is shown as one', async ({ page }) => {
  await page.goto('/board?measure=45.5')
  await page.getByRole('button', { name: 'Count' }).click()
  await page.keyboard.press('Space')
  await expect(page.getByTestId('caption')).toContainText('between two marks')
})

test('an address that was cut, or is a megabyte long, is told and opens empty', async ({ page }) => {
  await page.goto('/board?rules={"scale":')
  await expect(page.getByRole('alert')).toContainText('cut off or changed')
  await page.goto('/board?instrument=spoon')
  await expect(page.getByRole('alert')).toContainText('Instrument: Use one of these')
  await page.goto('/board#list=abc')
  await expect(page.getByRole('alert')).toContainText('cut off or changed')
  await page.goto('/board#list=' + 'A'.repeat(1_000_000))
  await expect(page.getByRole('alert')).toContainText('far too long')
})
