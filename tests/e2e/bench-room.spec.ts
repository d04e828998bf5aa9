/* The Bench as a room: sheet and question in view together at every size, feedback where the eye goes, a glass under the finger. */
import { expect, test } from './application'
import { addStudent, give, itemsOf, join, onScreen, placementOf, polar, signIn, type Spot } from './people'
import { outOfReach, resize, sizes } from './reach'

test('nothing on the Bench is covered or cut off, and the sheet stays in view, at every size', async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(240_000)
  await signIn(page)
  const pin = await addStudent(page, 'Clover')
  const kinds = ['measure', 'draw', 'estimate', 'figure-angles', 'compare']
  const withOthers = ['bisect', 'parts', 'similar', 'side-ratios', 'draw-triangles']
  const { id } = await give(page, [...kinds, ...withOthers])
  const bench = await (await browser.newContext({ baseURL })).newPage()
  await bench.goto('/bench')
  for (const size of sizes.bench) {
    await resize(bench, size)
    expect(await outOfReach(bench), `joining at ${size}`).toEqual([])
  }
  await bench.goto('about:blank')
  await join(bench, 'Clover', pin, id)
  const panel = bench.getByRole('region', { name: 'Question' })
  for (const size of sizes.bench) {
    await resize(bench, size)
    for (let question = 1; question <= kinds.length + withOthers.length; question++) {
      await bench.getByRole('button', { name: `Question ${question}`, exact: true }).click()
      expect(await outOfReach(bench), `question ${question} at ${size}`).toEqual([])
      const [sheet, asked, height] = await Promise.all([
        bench.getByRole('group', { name: 'Your sheet' }).boundingBox(),
        panel.getByRole('heading').first().boundingBox(),
        bench.evaluate(() => document.scrollingElement!.scrollHeight - innerHeight),
      ])
      // The page itself does not scroll: sheet and question share the window.
      expect(height, size).toBeLessThanOrEqual(1)
      expect(sheet!.height, size).toBeGreaterThan(150)
      expect(asked!.y, size).toBeLessThan(Number(size.split('x')[1]) - 40)
    }
  }
  await bench.context().close()
})

test('feedback comes into view and into focus, and what undo takes back is said', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Sedge')
  const { id } = await give(page, ['measure', 'draw'])
  const bench = await (await browser.newContext({ baseURL, viewport: { width: 320, height: 640 } })).newPage()
  await join(bench, 'Sedge', pin, id)
  await bench.getByLabel('Your reading').fill('3')
  await bench.getByRole('button', { name: 'Hand in' }).click()
  const feedback = bench.getByTestId('feedback')
  await expect(feedback).toBeFocused()
  await expect(feedback).toBeInViewport()
  await bench.getByRole('button', { name: 'Try this question again' }).click()
  await expect(bench.getByRole('region', { name: 'Question' }).getByRole('heading').first()).toBeFocused()
  await bench.getByRole('button', { name: 'Question 2', exact: true }).click()
  // One of a group: arrows choose.
  await bench.getByRole('radio', { name: 'Protractor' }).focus()
  await bench.keyboard.press('ArrowRight')
  await expect(bench.getByRole('radio', { name: 'Dot' })).toBeChecked()
  await expect(bench.getByRole('radio', { name: 'Dot' })).toBeFocused()
  const at = await onScreen(bench, { x: 20, y: 30 })
  await bench.mouse.click(at.x, at.y)
  await bench.getByRole('button', { name: 'Undo the dot' }).click()
  await expect(bench.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled()
  await bench.context().close()
})

test('a glass above the finger shows what it hides, and the dot is made where it lets go', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Fennel')
  const { id } = await give(page, ['draw'])
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 390, height: 844 }, hasTouch: true })
  ).newPage()
  const cdp = await bench.context().newCDPSession(bench)
  await join(bench, 'Fennel', pin, id)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: Spot[]): Promise<unknown> =>
    cdp.send('Input.dispatchTouchEvent', { type, touchPoints: points })
  await bench.getByRole('radio', { name: 'Dot' }).tap()
  const loupe = bench.getByTestId('loupe')
  const dots = bench.locator('.sheet [data-name="dots"] circle, .sheet circle.dot')
  const none = await dots.count()
  const from = await onScreen(bench, { x: 0, y: 20 })
  const to = await onScreen(bench, { x: 30, y: 34 })
  await touch('touchStart', [from])
  await expect(loupe).toBeVisible()
  // Above the finger, and whole on the sheet.
  const [glass, sheet] = await Promise.all([
    loupe.locator('.frame').boundingBox(),
    bench.getByRole('group', { name: 'Your sheet' }).boundingBox(),
  ])
  expect(glass!.y).toBeGreaterThanOrEqual(sheet!.y - 6)
  expect(Math.abs(glass!.y + glass!.height / 2 - from.y)).toBeGreaterThan(30)
  await expect(bench.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled()
  await touch('touchMove', [to])
  await touch('touchEnd', [])
  await expect(loupe).toHaveCount(0)
  await expect(bench.getByRole('button', { name: 'Undo the dot' })).toBeEnabled()
  expect(await dots.count()).toBe(none + 1)
  // The protractor, too, is carried under a glass.
  await bench.getByRole('radio', { name: 'Protractor' }).tap()
  const body = (await bench.getByTestId('protractor').boundingBox())!
  const hold = { x: body.x + body.width / 2, y: body.y + body.height * 0.35 }
  await touch('touchStart', [hold])
  await touch('touchMove', [{ x: hold.x + 20, y: hold.y + 10 }])
  await expect(loupe).toBeVisible()
  await touch('touchEnd', [])
  await expect(loupe).toHaveCount(0)
  await bench.context().close()
})

test('an angle is drawn with sixty presses of keys', async ({ page, browser, baseURL }) => {
  await signIn(page)
  const pin = await addStudent(page, 'Yarrow')
  const { id } = await give(page, ['draw'], { from: 40, to: 70, tilt: 'mixed' })
  const bench = await (await browser.newContext({ baseURL })).newPage()
  await join(bench, 'Yarrow', pin, id)
  const [task] = (await itemsOf(bench, 'All kinds')) as unknown as [
    { baseRay: { vertex: Spot; direction: number }; opening: string; measure: number },
  ]
  let presses = 0
  const press = async (...keys: string[]): Promise<void> => {
    for (const key of keys) await bench.keyboard.press(key)
    presses += keys.length
  }
  /** The pencil from where it is: in tens, ones and tenths, each the nearest. */
  const carry = async (by: Spot, steps: number[]): Promise<void> => {
    for (const [away, plus, minus] of [
      [by.x, 'ArrowRight', 'ArrowLeft'],
      [by.y, 'ArrowUp', 'ArrowDown'],
    ] as const) {
      let rest = away
      for (const step of steps) {
        const count = Math.round(rest / step)
        rest -= count * step
        const modifier = step === 10 ? 'Control+' : step === 1 ? '' : 'Shift+'
        for (let i = 0; i < Math.abs(count); i++) await press(modifier + (count > 0 ? plus : minus))
      }
    }
  }
  const protractor = bench.getByTestId('protractor')
  await protractor.focus()
  await press('KeyJ', 'KeyL')
  const laid = await placementOf(protractor)
  expect(Math.hypot(laid.x - task.baseRay.vertex.x, laid.y - task.baseRay.vertex.y)).toBeLessThan(0.01)
  expect(Math.abs(((laid.turn - task.baseRay.direction + 540) % 360) - 180)).toBeLessThan(0.01)
  await bench.getByRole('radio', { name: 'Protractor' }).focus()
  await press('ArrowRight')
  const pencil = bench.getByTestId('pencil')
  await pencil.focus()
  await press('KeyJ')
  const turn = task.opening === 'anticlockwise' ? task.measure : -task.measure
  const dot = polar({ x: 0, y: 0 }, task.baseRay.direction + turn, 92)
  await carry(dot, [10, 1, 0.1])
  await press('Enter')
  await bench.getByRole('radio', { name: 'Dot' }).focus()
  await press('ArrowRight')
  await pencil.focus()
  // The dot is where the pencil is; the next point is the vertex, and from there the dot again.
  await press('KeyJ', 'Enter', 'KeyJ', 'Enter')
  await bench.getByRole('radio', { name: 'Straightedge' }).focus()
  await press('ArrowRight', 'ArrowRight')
  await pencil.focus()
  await press('KeyJ')
  await carry(polar({ x: 0, y: 0 }, task.baseRay.direction + turn / 2, 30), [10, 1])
  await press('Enter')
  await bench.getByRole('button', { name: 'Hand in' }).focus()
  await press('Enter')
  await expect(bench.getByTestId('feedback')).toHaveClass(/accepted/)
  expect(presses).toBeLessThanOrEqual(60)

  await bench.context().close()
})

test('show me takes the focus and gives it back; sounds are off until they are wanted', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Reed')
  const { id } = await give(page, ['measure'], {}, { tries: 5 })
  const bench = await (await browser.newContext({ baseURL })).newPage()
  await bench.addInitScript(() => {
    const heard: number[] = []
    Object.assign(window, { heard })
    const begin = OscillatorNode.prototype.start
    OscillatorNode.prototype.start = function (this: OscillatorNode, when?: number) {
      heard.push(this.frequency.value)
      begin.call(this, when)
    }
  })
  const heard = (): Promise<number> =>
    bench.evaluate(() => (window as unknown as { heard: number[] }).heard.length)
  const wrong = async (): Promise<void> => {
    await bench.getByLabel('Your reading').fill('3')
    await bench.getByRole('button', { name: 'Hand in' }).click()
    await expect(bench.getByTestId('feedback')).toBeFocused()
  }
  await join(bench, 'Reed', pin, id)
  await wrong()
  expect(await heard()).toBe(0)
  const show = bench.getByRole('button', { name: 'Show me what happened' })
  await show.press('Enter')
  const shown = bench.getByRole('dialog')
  await expect(shown).toBeVisible()
  for (let i = 0; i < 6; i++) await bench.keyboard.press('Tab')
  expect(await shown.evaluate((dialog) => dialog.contains(document.activeElement))).toBe(true)
  await bench.keyboard.press('Escape')
  await expect(shown).toHaveCount(0)
  await expect(show).toBeFocused()

  await bench.getByRole('button', { name: 'Bench', exact: true }).click()
  await bench.getByLabel('Soft sounds').check()
  await bench.getByRole('button', { name: 'All kinds 1 of 1 answered' }).click()
  const before = await heard()
  await bench.getByRole('button', { name: 'Try this question again' }).click()
  await wrong()
  expect(await heard()).toBeGreaterThan(before)
  await bench.reload()
  await bench.getByRole('button', { name: 'Bench', exact: true }).click()
  await expect(bench.getByLabel('Soft sounds')).toBeChecked()
  await bench.context().close()
})

test('what went better than last time is said at the end, and nothing where nothing did', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Bryony')
  const bench = await (await browser.newContext({ baseURL })).newPage()
  /** Three readings, so many of them right at once. */
  const set = async (right: number): Promise<void> => {
    const { id, items } = await give(page, ['measure', 'measure', 'measure'], {}, { tries: 2 })
    await bench.goto('about:blank')
    await join(bench, 'Bryony', pin, id)
    for (const [i, { key }] of items.entries()) {
      await bench.getByRole('button', { name: `Question ${i + 1}`, exact: true }).click()
      const truth = Number.parseInt(key.at(-1)!.answer.text, 10)
      await bench.getByLabel('Your reading').fill(String(i < right ? truth : truth + 40))
      await bench.getByRole('button', { name: 'Hand in' }).click()
      await expect(bench.getByTestId('feedback')).toBeVisible()
    }
    await expect(bench.getByRole('form', { name: 'Look back' })).toBeVisible()
  }
  await set(0)
  const better = bench.getByRole('region', { name: 'What went better' })
  await expect(better).toHaveCount(0)
  await set(3)
  await expect(better).toContainText(
    'Reading: right straight away in 0 of 3 last time, and in 3 of 3 this time.',
  )
  await bench.context().close()
})
