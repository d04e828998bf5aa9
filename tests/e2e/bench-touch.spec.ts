/* The Bench under fingers alone: on a tablet of 1024 × 768, and on a narrow screen. */
import type { CDPSession, Page } from '@playwright/test'
import { expect, test } from './application'
import { addStudent, give, join, onScreen, placementOf, polar, signIn, type Spot } from './people'

/** On a narrow screen the tools stand under the sheet: back up to it. */
const toSheet = (page: Page): Promise<void> => page.evaluate(() => scrollTo(0, 0))

async function tapSheet(page: Page, spot: Spot): Promise<void> {
  await toSheet(page)
  const at = await onScreen(page, spot)
  await page.touchscreen.tap(at.x, at.y)
}

/** One finger from here to there, in mm of the sheet. */
async function stroke(page: Page, cdp: CDPSession, from: Spot, to: Spot): Promise<void> {
  await toSheet(page)
  const a = await onScreen(page, from)
  const b = await onScreen(page, to)
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd', touchPoints: Spot[]): Promise<unknown> =>
    cdp.send('Input.dispatchTouchEvent', { type, touchPoints })
  await send('touchStart', [a])
  for (const share of [0.25, 0.5, 0.75, 1])
    await send('touchMove', [{ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share }])
  await send('touchEnd', [])
}

for (const [name, viewport] of [
  ['Tansy', { width: 1024, height: 768 }],
  ['Nettle', { width: 390, height: 844 }],
] as const) {
  test(`an angle is measured and one is drawn with a finger at ${viewport.width} wide`, async ({
    page,
    browser,
    baseURL,
  }) => {
    await signIn(page)
    const pin = await addStudent(page, name)
    const { id, items } = await give(page, ['measure', 'draw'], { opening: 'right', from: 30, to: 150 })
    const bench = await (await browser.newContext({ baseURL, viewport, hasTouch: true })).newPage()
    const cdp = await bench.context().newCDPSession(bench)
    await join(bench, name, pin, id)
    const protractor = bench.getByTestId('protractor')
    const layOn = async (vertex: Spot): Promise<void> => {
      const now = await placementOf(protractor)
      const grip = polar({ x: 0, y: 0 }, now.turn + 90, 20)
      await stroke(
        bench,
        cdp,
        { x: now.x + grip.x, y: now.y + grip.y },
        { x: vertex.x + grip.x, y: vertex.y + grip.y },
      )
      await stroke(bench, cdp, polar(vertex, now.turn + 60, 74), polar(vertex, 60, 74))
      const laid = await placementOf(protractor)
      expect(Math.hypot(laid.x - vertex.x, laid.y - vertex.y)).toBeLessThan(2)
      expect(Math.abs(((laid.turn + 540) % 360) - 180)).toBeLessThan(3)
    }

    // Nothing needs to be pushed sideways to be reached.
    const overflow = (): Promise<number> =>
      bench.evaluate(() => document.documentElement.scrollWidth - innerWidth)
    expect(await overflow()).toBeLessThanOrEqual(0)
    const measured = items[0]!
    await layOn((measured.item as unknown as { angle: { vertex: Spot } }).angle.vertex)
    await bench.getByLabel('Your reading').tap()
    await bench.getByLabel('Your reading').fill(measured.key.at(-1)!.answer.text)
    await bench.getByRole('button', { name: 'Hand in' }).tap()
    await expect(bench.getByTestId('feedback')).toContainText('That is right')

    await bench.getByRole('button', { name: 'Question 2', exact: true }).tap()
    const { vertex, direction } = items[1]!.view.drawing!.baseRay
    const outward = direction + Number((items[1]!.item as { measure?: number }).measure)
    await layOn(vertex)
    await bench.getByRole('radio', { name: 'Dot' }).tap()
    await tapSheet(bench, polar(vertex, outward, 76))
    await bench.getByRole('radio', { name: 'Straightedge' }).tap()
    // A finger that begins beside the vertex means the vertex.
    await stroke(bench, cdp, polar(vertex, outward + 40, 2), polar(vertex, outward, 88))
    await bench.getByRole('radio', { name: 'Arc' }).tap()
    await tapSheet(bench, polar(vertex, (direction + outward) / 2, 14))
    await bench.getByRole('button', { name: 'Hand in' }).tap()
    await expect(bench.getByTestId('feedback')).toContainText(/That is right|Nearly there/)
    expect(await overflow()).toBeLessThanOrEqual(0)
    await bench.context().close()
  })
}

test('an angle is cut in half with a finger on the compass', async ({ page, browser, baseURL }) => {
  await signIn(page)
  const pin = await addStudent(page, 'Saffron')
  const { id, items } = await give(page, ['bisect'], { from: 60, to: 80, arms: 'long' })
  const viewport = { width: 1024, height: 768 }
  const bench = await (await browser.newContext({ baseURL, viewport, hasTouch: true })).newPage()
  const cdp = await bench.context().newCDPSession(bench)
  await join(bench, 'Saffron', pin, id)
  await expect(bench.getByText('A compass point is sharp')).toBeVisible()
  const { angle } = items[0]!.item as unknown as {
    angle: { vertex: Spot; start: number; measure: number; opening: string }
  }
  const spotOf = async (part: string): Promise<Spot> => {
    const grip = bench.getByTestId(`compass-${part}`).locator('.grip')
    return { x: Number(await grip.getAttribute('cx')), y: Number(await grip.getAttribute('cy')) }
  }
  const sign = angle.opening === 'anticlockwise' ? 1 : -1
  // The needle is put down near the vertex, and goes to it.
  await stroke(bench, cdp, await spotOf('needle'), polar(angle.vertex, 200, 1.5))
  expect(await spotOf('needle')).toEqual(angle.vertex)
  // Opened by its leg, then drawn with: the pencil follows the finger.
  const leg = await spotOf('leg')
  const pencil = await spotOf('pencil')
  const to = polar(angle.vertex, angle.start - sign * 10, 32)
  await stroke(bench, cdp, leg, { x: leg.x + to.x - pencil.x, y: leg.y + to.y - pencil.y })
  const opened = await spotOf('pencil')
  expect(Math.hypot(opened.x - angle.vertex.x, opened.y - angle.vertex.y)).toBeCloseTo(32, 0)
  await stroke(bench, cdp, opened, polar(angle.vertex, angle.start + sign * (angle.measure + 10), 32))
  await expect(bench.locator('svg.sheet polyline')).toHaveCount(1)
  await bench.getByRole('button', { name: 'Undo the arc' }).click()
  await expect(bench.locator('svg.sheet polyline')).toHaveCount(0)
  await bench.context().close()
})
