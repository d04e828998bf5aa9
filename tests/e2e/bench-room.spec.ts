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
  const { id } = await give(page, ['measure', 'draw', 'estimate', 'figure-angles', 'compare'])
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
    for (let question = 1; question <= 5; question++) {
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
  await bench.getByRole('button', { name: 'Try again' }).click()
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
