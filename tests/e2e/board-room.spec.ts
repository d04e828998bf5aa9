/* The Board as a room: on every screen, under a clicker, with the hand's tools, in the way of a class. */
import { expect, test } from './application'
import { drag, lay, onScreen, polar, send, signIn, tap, searchList } from './people'
import { outOfReach, resize, sizes } from './reach'

for (const size of sizes.board) {
  test(`nothing on the Board is covered or cut off at ${size}`, async ({ page }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await resize(page, size)
    await page.goto('/board?measure=128&end=40')
    await expect(page.getByTestId('caption')).toContainText('Which kind of angle')
    expect(await outOfReach(page), 'question').toEqual([])
    await page.keyboard.press('End')
    expect(await outOfReach(page), 'end').toEqual([])
    for (const panel of ['List', 'Angle', 'Instruments', 'Readings', 'Class', 'Lesson', 'View']) {
      await page.getByRole('button', { name: panel, exact: true }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
      expect(await outOfReach(page, '[role=dialog]'), panel).toEqual([])
      expect(await outOfReach(page, 'section[aria-label=Caption]'), `caption beside ${panel}`).toEqual([])
      await page.keyboard.press('Escape')
    }
    await page.getByRole('button', { name: 'Instruments', exact: true }).click()
    await page.getByRole('button', { name: 'Full circle', exact: true }).click()
    await page.getByRole('button', { name: 'Label', exact: true }).click()
    expect(await outOfReach(page), 'free').toEqual([])
    await tap(page, polar({ x: 0, y: 0 }, 60, 30))
    await expect(page.getByRole('form', { name: 'Label the angle' })).toBeVisible()
    expect(await outOfReach(page, 'form.on-sheet'), 'labels').toEqual([])
    await page.keyboard.press('Escape')
    for (const instrument of ['Compass', 'Straightedge, with millimetres']) {
      await page.getByRole('button', { name: 'Instruments', exact: true }).click()
      await page.getByRole('button', { name: instrument, exact: true }).click()
      expect(await outOfReach(page), instrument).toEqual([])
    }
    for (const show of ['bisect', 'parts-by-algebra', 'compare-ratios']) {
      await page.goto(`/board?show=${show}`)
      await expect(page.getByTestId('caption')).toBeVisible()
      expect(await outOfReach(page), `${show}, question`).toEqual([])
      await page.keyboard.press('End')
      expect(await outOfReach(page), `${show}, end`).toEqual([])
    }
  })
}

test('a clicker steps whatever has the focus, and a tally gives the keys back', async ({ page }) => {
  await page.goto('/board?measure=64')
  const now = page.locator('[aria-current="step"]')
  const stops = 'a[href], button:not(:disabled), input:not(:disabled), select, summary, [tabindex="0"]'
  /** Places of all that can have the focus; of what is alike, such as the entries of a list, one. */
  const placesNow = (): Promise<number[]> =>
    page.evaluate((selector) => {
      const met = new Set<string>()
      return [...document.querySelectorAll(selector)].flatMap((stop, i) => {
        const sort = [
          stop.localName,
          stop.getAttribute('type'),
          stop.getAttribute('role'),
          stop.className,
        ].join()
        const isNew = stop.checkVisibility() && !met.has(sort)
        met.add(sort)
        return isNew ? [i] : []
      })
    }, stops)
  for (const panel of [null, 'List', 'Angle', 'Class', 'Lesson', 'View']) {
    if (panel) await page.getByRole('button', { name: panel, exact: true }).click()
    await page.getByRole('button', { name: 'Centre mark' }).focus()
    for (const i of await placesNow()) {
      await page.locator(stops).nth(i).focus()
      const before = await page.getByTestId('caption').innerText()
      await page.keyboard.press('PageDown')
      await expect(page.getByTestId('caption'), `${panel} ${i}`).not.toHaveText(before, {
        useInnerText: true,
      })
      await page.keyboard.press('PageUp')
      await expect(page.getByTestId('caption'), `${panel} ${i}`).toHaveText(before, { useInnerText: true })
    }
    if (panel) await page.keyboard.press('Escape')
  }
  await page.getByRole('button', { name: 'Which scale' }).click()
  const tally = page.getByLabel(/^Hands up for/).first()
  await tally.fill('14')
  await page.keyboard.press('Space')
  await expect(tally).toBeVisible()
  await tally.press('Enter')
  await page.keyboard.press('Space')
  await expect(tally).toHaveCount(0)
  await expect(now).toContainText('Which scale')
})

test('dark ink, the side of the tray and the zoom outlive a reload; a newcomer is told once', async ({
  page,
}) => {
  await page.goto('/board?measure=64')
  await expect(page.getByText('Drag the end of')).toBeVisible()
  await page.getByRole('button', { name: 'Take a protractor' }).click()
  await expect(page.getByTestId('protractor')).toBeVisible()
  await expect(page.getByText('Drag the end of')).toHaveCount(0)
  await page.getByRole('button', { name: 'View', exact: true }).click()
  await page.getByLabel('Ink for a dark room').check()
  await page.getByLabel('Tray on the left').check()
  await page.keyboard.press('Escape')
  const left = async (): Promise<number> =>
    (await page.getByRole('navigation', { name: 'Tray' }).boundingBox())!.x
  expect(await left()).toBeLessThan(100)
  await page.keyboard.press('Equal')
  const near = await onScreen(page, { x: 50, y: 0 })
  // Kept a moment after the hand has come to rest; a page that goes keeps at once.
  await page.reload()
  await expect(page.getByTestId('protractor')).toBeVisible()
  expect(await left()).toBeLessThan(100)
  await expect.poll(async () => (await onScreen(page, { x: 50, y: 0 })).x).toBeCloseTo(near.x, 0)
  await expect(page.getByText('Drag the end of')).toHaveCount(0)
  expect(
    await page.locator('.board').evaluate((board) => getComputedStyle(board).getPropertyValue('--paper')),
  ).toBe('#121b29')
})

test('arcs, boxes and labels are drawn, rubbed out and undone', async ({ page }) => {
  await page.goto('/board?measure=64&end=90')
  const inside = polar({ x: 0, y: 0 }, 32, 30)
  const outside = polar({ x: 0, y: 0 }, 200, 30)
  const arcs = page.locator('#scene [data-name="arcs"] path')
  await page.getByRole('button', { name: 'Arc', exact: true }).click()
  await tap(page, outside)
  await expect(arcs).toHaveCount(1)
  const arc = await arcs.getAttribute('d')
  await tap(page, outside)
  expect(await arcs.getAttribute('d')).not.toBe(arc)
  await page.getByRole('button', { name: 'Rubber' }).click()
  await tap(page, polar({ x: 0, y: 0 }, 200, 13))
  await expect(arcs).toHaveCount(0)
  await page.keyboard.press('Control+KeyZ')
  await expect(arcs).toHaveCount(1)

  await page.getByRole('button', { name: 'Label', exact: true }).click()
  await tap(page, inside)
  const form = page.getByRole('form', { name: 'Label the angle' })
  await form.getByLabel(/^Letters/).fill('LL')
  await form.getByRole('button', { name: 'Write' }).click()
  await expect(form).toBeVisible()
  await form.getByLabel(/^Letters/).fill('abc')
  for (const part of ['Its kind', 'The word “vertex”', 'The names of its arms'])
    await form.getByLabel(part).check()
  await form.getByRole('button', { name: 'Write' }).click()
  await expect(form).toHaveCount(0)
  const labels = page.locator('[data-thing^="own-label"]')
  await expect(labels).toHaveCount(6)
  for (const text of ['∠ABC', 'acute', '64°', 'vertex', 'arm BA', 'arm BC'])
    await expect(labels.filter({ hasText: text })).toHaveCount(1)
  // With the hand they are moved; with the rubber they go.
  await page.getByRole('button', { name: 'Hand', exact: true }).click()
  await labels.filter({ hasText: 'acute' }).focus()
  await page.keyboard.press('ArrowUp')
  await page.getByRole('button', { name: 'Rubber' }).click()
  const at = (await labels.filter({ hasText: 'vertex' }).boundingBox())!
  await page.mouse.click(at.x + at.width / 2, at.y + at.height / 2)
  await expect(labels).toHaveCount(5)
  await page.keyboard.press('Control+KeyZ')
  await page.keyboard.press('Control+KeyZ')
  await page.keyboard.press('Control+KeyZ')
  await expect(labels).toHaveCount(0)
})

test('an arm is extended along the protractor’s own flat edge, and the extension rubbed out', async ({
  page,
}) => {
  await page.goto('/board?measure=64&end=40')
  await page.getByRole('button', { name: 'Instruments', exact: true }).click()
  await page.getByRole('button', { name: 'Desk protractor', exact: true }).click()
  // Its flat edge, 7 mm below the zero line, along the short arm.
  const edge = polar({ x: 0, y: 0 }, 64 + 90, 7)
  await lay(page, edge, 64)
  await page.getByRole('button', { name: 'Line', exact: true }).click()
  await drag(page, polar({ x: 0, y: 0 }, 64.5, 41), polar({ x: 0, y: 0 }, 66, 72))
  const line = page.locator('[data-thing="own-line-1"] line')
  const at = async (name: string): Promise<number> => Number(await line.getAttribute(name))
  // Exactly along the arm, from its tip.
  expect((Math.atan2(await at('y2'), await at('x2')) * 180) / Math.PI).toBeCloseTo(64, 6)
  expect(Math.hypot(await at('x1'), await at('y1'))).toBeCloseTo(40, 6)
  await page.getByRole('button', { name: 'Rubber' }).click()
  await tap(page, polar({ x: 0, y: 0 }, 64, 60))
  await expect(line).toHaveCount(0)
})

test('the caption leaves a task that the sheet is no longer about', async ({ page }) => {
  await page.goto('/board?measure=64&end=90')
  const caption = page.getByTestId('caption')
  await expect(caption).toContainText('Which kind of angle')
  await drag(page, polar({ x: 0, y: 0 }, 64, 90), polar({ x: 0, y: 0 }, 120, 80))
  await expect(caption).toContainText('This is your own angle now')
  await page.keyboard.press('Control+KeyZ')
  await expect(caption).toContainText('Which kind of angle')
})

test('a clicker goes on through the lesson, and back', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Lesson', exact: true }).click()
  await page.getByRole('button', { name: 'Add what is on the Board' }).click()
  await page.keyboard.press('Escape')
  await searchList(page, 'parts of')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/show=parts/)
  await page.getByRole('button', { name: 'Lesson', exact: true }).click()
  await page.getByRole('button', { name: 'Add what is on the Board' }).click()
  await page.getByRole('button', { name: /^1\. Measure/ }).click()
  await expect(page).not.toHaveURL(/show=parts/)
  await page.keyboard.press('End')
  await page.getByRole('button', { name: /^Next: “/ }).waitFor()
  await page.keyboard.press('PageDown')
  await expect(page).toHaveURL(/show=parts/)
  await expect(page.getByRole('button', { name: /^Back to “/ })).toBeEnabled()
  await page.keyboard.press('PageUp')
  await expect(page).not.toHaveURL(/show=parts/)
  await expect(page.locator('[aria-current="step"]')).toContainText('Check')
})

test('a teacher chooses a class on the Board: its words, its protractor, its language', async ({ page }) => {
  await signIn(page)
  const rules = {
    words: { arm: 'ray' },
    instrument: 'reversed-half-circle',
    language: 'en',
  }
  const made = (await (await send(page, 'POST', 'classes', { name: '5 Teal' })).json()) as { id: string }
  await send(page, 'PUT', `classes/${made.id}/rules`, rules)
  try {
    await page.goto('/board?measure=64')
    await page.getByRole('button', { name: 'Class', exact: true }).click()
    await page.getByText('5 Teal', { exact: true }).click()
    await page.getByRole('button', { name: 'Centre mark' }).click()
    await expect(page.getByText('· 5 Teal')).toBeVisible()
    // Numbered the other way round: the class's own protractor.
    await expect(page).toHaveURL(/instrument=reversed-half-circle/)
    await searchList(page, 'parts of')
    await page.keyboard.press('Enter')
    await expect(page).toHaveURL(/show=parts/)
    await page.keyboard.press('PageDown')
    await expect(page.getByTestId('caption')).toContainText('ray')
    // Without an address the class is still there.
    await page.goto('/board')
    await expect(page).toHaveURL(/ray/)
  } finally {
    // The other tests' class is the first again.
    await send(page, 'DELETE', `classes/${made.id}`)
  }
})

test('who opens a panel by keys is taken into it, and back to where they were', async ({ page }) => {
  await page.goto('/board?measure=64')
  for (const name of ['List', 'View', 'Readings']) {
    const button = page.getByRole('button', { name, exact: true })
    await button.focus()
    await page.keyboard.press('Enter')
    const dialog = page.getByRole('dialog')
    await expect(dialog).toBeVisible()
    expect(await dialog.evaluate((panel) => panel.contains(document.activeElement))).toBe(true)
    await page.keyboard.press('Escape')
    await expect(dialog).toHaveCount(0)
    await expect(button).toBeFocused()
  }
})
