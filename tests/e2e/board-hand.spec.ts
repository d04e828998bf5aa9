/* The hand on the Board: instruments carried, rays, dots and names, by pointer, keyboard and touch. */
import type { Locator } from '@playwright/test'
import { expect, test } from './application'
import { placeIn } from './listener'
import { drag, lay, onScreen, placementOf, polar, tap, type Spot } from './people'

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
  await expect(page.getByTestId('readings')).toContainText('5 mm right of the vertex')
  await expect(page.getByTestId('readings')).toContainText('10° above the starting arm')
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
  await expect(readings.getByText('0° to 128°')).toBeVisible()
})

test('a blunt pencil draws wide, and tracing paper carries the angle away', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByLabel('Blunt pencil').check()
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Line', exact: true }).click()
  await drag(page, { x: -60, y: 10 }, { x: -30, y: 50 })
  await expect(page.locator('[data-thing="own-line-1"] line.blunt')).toBeVisible()
  await page.getByRole('button', { name: 'Hand', exact: true }).click()
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Tracing paper over the angle' }).click()
  const traced = page.locator('[data-thing="tracing"]')
  await traced.focus()
  await page.keyboard.press('ArrowRight')
  await expect(traced).toHaveAttribute('aria-label', /Tracing paper, 1 mm right/)
  await page.keyboard.press('Delete')
  await expect(traced).toHaveCount(0)
})

test('the hand takes over: an instrument, a ray, a dot, a name; undone, redone, kept over a reload', async ({
  page,
}) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Full circle', exact: true }).click()
  await expect(page.getByTestId('protractor')).toHaveCount(1)
  await page.getByRole('button', { name: 'Line', exact: true }).click()
  await drag(page, { x: 0.5, y: 0.5 }, { x: -60, y: 40 })
  await page.getByRole('button', { name: 'Dot' }).click()
  await tap(page, { x: -70, y: 20 })
  await page.getByRole('button', { name: 'Text' }).click()
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
  await page.reload()
  await expect(things).toHaveCount(2)
  await expect(page.getByTestId('protractor')).toHaveCount(1)
  // The ray was begun near the vertex and starts on it.
  await expect(page.locator('[data-thing="own-line-1"] line')).toHaveAttribute('x1', '0')
  await page.getByRole('button', { name: 'Back to the demonstration' }).click()
  await expect(things).toHaveCount(0)
})

test('the straightedge is laid on, guides the pencil along its edge, and is put away', async ({ page }) => {
  await page.goto('/board?measure=64&end=90')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Straightedge, with millimetres' }).click()
  const straightedge = page.getByTestId('straightedge')
  const lies = async (): Promise<number[]> =>
    (await straightedge.getAttribute('transform'))!.match(/-?[\d.]+(e-?\d+)?/g)!.map(Number)
  await expect(straightedge).toBeVisible()
  const [x, y, turn] = await lies()
  // Slid by its body so that its zero comes near the vertex, then turned by its far end until it lies near the end arm.
  const zero = { x: x!, y: y! }
  const grip = polar(polar(zero, turn!, 60), turn! - 90, 8)
  await drag(page, grip, { x: grip.x - x! + 1, y: grip.y - y! - 1 })
  expect((await lies()).slice(0, 2)).toEqual([0, 0])
  const end = polar(polar({ x: 0, y: 0 }, (await lies())[2]!, 104), -90, 8)
  const bearing = (Math.atan2(end.y, end.x) * 180) / Math.PI
  await drag(page, end, polar({ x: 0, y: 0 }, bearing + 63.2 - (await lies())[2]!, 104))
  expect((await lies())[2]).toBeCloseTo(64, 5)
  await page.getByRole('button', { name: 'Line', exact: true }).click()
  await drag(
    page,
    polar(polar({ x: 0, y: 0 }, 64, 20), 154, 2),
    polar(polar({ x: 0, y: 0 }, 64, 90), 154, -6),
  )
  const line = page.locator('[data-thing="own-line-1"] line')
  const at = async (name: string): Promise<number> => Number(await line.getAttribute(name))
  const drawn = [await at('x1'), await at('y1'), await at('x2'), await at('y2')] as const
  expect((Math.atan2(drawn[1], drawn[0]) * 180) / Math.PI).toBeCloseTo(64, 3)
  expect((Math.atan2(drawn[3], drawn[2]) * 180) / Math.PI).toBeCloseTo(64, 3)
  await page.getByRole('button', { name: 'Put the straightedge away' }).click()
  await expect(straightedge).toHaveCount(0)
  await page.keyboard.press('Control+KeyZ')
  await expect(straightedge).toHaveCount(1)
})

test('the compass is carried, opened and turned, its arcs undone one by one, and a worn hinge gives', async ({
  page,
}) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Compass', exact: true }).click()
  const bar = page.getByRole('status').filter({ hasText: 'Compass opening' })
  const opening = page.getByLabel('Compass opening in mm')
  await expect(opening).toHaveValue('34')
  // Said once, where it is first taken.
  await expect(bar).toContainText('sharp')
  await bar.getByRole('button', { name: 'All right' }).click()
  await expect(bar).not.toContainText('sharp')
  const arcs = page.locator('[data-name="compass arcs"] path')
  const at = async (part: string): Promise<Spot> => {
    const circle = page.getByTestId(`compass-${part}`).locator('circle')
    const [x, y] = [Number(await circle.getAttribute('cx')), Number(await circle.getAttribute('cy'))]
    return { x, y }
  }
  await drag(page, await at('needle'), { x: 0.8, y: 0.6 })
  // Helped onto the vertex, with the opening it had.
  expect(await at('needle')).toEqual({ x: 0, y: 0 })
  await expect(opening).toHaveValue('34')
  for (const degrees of [60, 30]) {
    const pencil = await at('pencil')
    const way = Math.atan2(pencil.y, pencil.x) * (180 / Math.PI)
    await drag(page, pencil, polar({ x: 0, y: 0 }, way + degrees, 34))
  }
  await expect(arcs).toHaveCount(2)
  await page.keyboard.press('Control+KeyZ')
  await expect(arcs).toHaveCount(1)
  // By keys: opened by a tenth, the pencil down and round.
  await page.getByTestId('compass-leg').focus()
  await page.keyboard.press('Shift+ArrowUp')
  await expect(opening).toHaveValue('34.1')
  await page.getByTestId('compass-pencil').focus()
  for (const key of ['Enter', 'Control+ArrowLeft', 'ArrowLeft', 'Enter']) await page.keyboard.press(key)
  await expect(arcs).toHaveCount(2)
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByLabel('The hinge of the compass is worn').check()
  await page.keyboard.press('Escape')
  await drag(page, await at('needle'), { x: 40, y: 20 })
  await expect(opening).not.toHaveValue('34.1')
  // “Open your compasses to five centimetres.”
  await opening.fill('50')
  const [needle, pencil] = [await at('needle'), await at('pencil')]
  expect(Math.hypot(pencil.x - needle.x, pencil.y - needle.y)).toBeCloseTo(50, 5)
  await page.reload()
  await expect(arcs).toHaveCount(2)
  await bar.getByRole('button', { name: 'Put the compass away' }).click()
  await expect(page.getByTestId('compass')).toHaveCount(0)
})

test('an angle is cut in half on the Board by keys: crossings are points to jump to', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Compass', exact: true }).click()
  const arcs = page.locator('[data-name="compass arcs"] path')
  const needle = page.getByTestId('compass-needle')
  const [vertex, opening] = [{ x: 0, y: 0 }, 34]
  const jump = async (go: Locator, to: Spot): Promise<void> => {
    await expect
      .poll(async () => {
        await go.focus()
        await page.keyboard.press('KeyJ')
        const told = placeIn((await go.getAttribute('aria-label'))!)
        return Math.hypot(told.x - to.x, told.y - to.y)
      })
      .toBeLessThan(0.1)
  }
  const first = polar(vertex, 0, opening)
  const second = polar(vertex, 64, opening)
  for (const [i, point] of [vertex, first, second].entries()) {
    await jump(needle, point)
    await page.getByTestId('compass-pencil').focus()
    await page.keyboard.press('Enter')
    for (let turned = 0; turned < 360; turned += 30) await page.keyboard.press('Control+ArrowLeft')
    await page.keyboard.press('Enter')
    await expect(arcs).toHaveCount(i + 1)
  }
  await page.getByRole('button', { name: 'Line', exact: true }).click()
  const pencil = page.getByTestId('pencil')
  const half = polar(vertex, 32, 2 * opening * Math.cos((32 * Math.PI) / 180))
  await jump(pencil, vertex)
  await page.keyboard.press('Enter')
  await jump(pencil, half)
  await page.keyboard.press('Enter')
  const line = page.locator('[data-name="lines"] line').last()
  const end = { x: Number(await line.getAttribute('x2')), y: Number(await line.getAttribute('y2')) }
  expect((Math.atan2(end.y, end.x) * 180) / Math.PI).toBeCloseTo(32, 1)
})

test('everything the pencil does, by keys alone', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Dot' }).focus()
  await page.keyboard.press('Enter')
  const pencil = page.getByTestId('pencil')
  await pencil.focus()
  for (const key of ['ArrowRight', 'ArrowUp', 'Shift+ArrowUp', 'Enter']) await page.keyboard.press(key)
  await expect(page.locator('[data-thing="own-dot-1"]')).toHaveAttribute(
    'aria-label',
    /1 mm right and 1.1 mm up/,
  )
  await page.getByRole('button', { name: 'Line', exact: true }).focus()
  await page.keyboard.press('Enter')
  await pencil.focus()
  await page.keyboard.press('Enter')
  await expect(pencil).toHaveAttribute('aria-label', /Enter ends the line/)
  for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-thing="own-line-1"] line')).toHaveAttribute('x2', '-11')
  await page.getByRole('button', { name: 'Text' }).focus()
  await page.keyboard.press('Enter')
  await pencil.focus()
  await page.keyboard.press('Enter')
  await page.keyboard.type('P')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-thing="own-name-1"]')).toHaveAttribute('aria-label', /P, 11 mm left/)
  // The arrows moved the pencil, not the demonstration.
  await expect(page.getByTestId('caption')).toContainText('Which kind of angle')
})

test('an arm is opened by its tip, by pointer and by keys', async ({ page }) => {
  await page.goto('/board?measure=64&end=90')
  const tip = page.locator('[data-arm="angle:end"]')
  await expect(tip).toBeVisible()
  await drag(page, polar({ x: 0, y: 0 }, 64, 90), polar({ x: 0, y: 0 }, 120, 80))
  await expect(tip).toHaveAttribute('aria-label', /pointing to (119|120|121)/)
  await tip.focus()
  await page.keyboard.press('Comma')
  await expect(tip).toHaveAttribute('aria-label', /pointing to (120|121|122)/)
})

test('one of a kind is put down on request', async ({ page }) => {
  await page.goto('/board')
  await page.getByRole('button', { name: 'Angle', exact: true }).click()
  await page.getByLabel('Or put one of a kind on the sheet').selectOption('right')
  await page.getByRole('button', { name: 'Give me one' }).click()
  await expect(page.getByText('You have the sheet.')).toBeVisible()
})

test.describe('by touch', () => {
  test.use({ hasTouch: true })

  test('two fingers on the paper bring it nearer, and what lies under them stays there', async ({ page }) => {
    await page.goto('/board?measure=64')
    await expect(page.getByTestId('caption')).toBeVisible()
    const wide = (await onScreen(page, { x: 10, y: 0 })).x - (await onScreen(page, { x: 0, y: 0 })).x
    const [a, b] = [await onScreen(page, { x: -60, y: 20 }), await onScreen(page, { x: -20, y: 20 })]
    const cdp = await page.context().newCDPSession(page)
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', ...at: Spot[]): Promise<unknown> =>
      cdp.send('Input.dispatchTouchEvent', { type, touchPoints: at.map((spot, id) => ({ id, ...spot })) })
    await touch('touchStart', a, b)
    for (let far = 10; far <= 80; far += 10)
      await touch('touchMove', { x: a.x - far, y: a.y }, { x: b.x + far, y: b.y })
    await touch('touchEnd')
    const closer = (await onScreen(page, { x: 10, y: 0 })).x - (await onScreen(page, { x: 0, y: 0 })).x
    expect(closer / wide).toBeCloseTo((b.x - a.x + 160) / (b.x - a.x), 1)
    const middle = await onScreen(page, { x: -40, y: 20 })
    expect(middle.x).toBeCloseTo((a.x + b.x) / 2, -1)
    expect(middle.y).toBeCloseTo(a.y, -1)
  })

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
