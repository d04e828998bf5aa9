import { expect, test } from '@playwright/test'
import { drag, lay, placementOf, polar } from './people'

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
  await expect(page.locator('text.inked')).toHaveCount(19)
  await expect(page.locator('text.ghosted')).toHaveCount(19)
  // Zero and twelve tens, a five, three ones.
  await expect(page.locator('.thread circle')).toHaveCount(17)
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
  await lay(page, { x: 5, y: -48 }, 10)
  const now = await placementOf(protractor)
  expect(now.x).toBeCloseTo(5, 0)
  expect(now.turn).toBeCloseTo(10, 0)
  await expect(page.getByTestId('readings')).toContainText('5 mm off')
  await expect(page.getByTestId('readings')).toContainText('10° off')
  await page.keyboard.press('Space')
  await expect.poll(async () => (await placementOf(protractor)).x).toBeCloseTo(0, 1)
})

test('the protractor is moved by keyboard, finely with Shift, and says where it is', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Zero line' }).click()
  const protractor = page.getByTestId('protractor')
  await expect.poll(async () => (await placementOf(protractor)).turn).toBeCloseTo(0, 2)
  await protractor.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Shift+ArrowUp')
  await page.keyboard.press('Comma')
  await page.keyboard.press('Shift+Comma')
  const now = await placementOf(protractor)
  expect(now.x).toBeCloseTo(1, 5)
  expect(now.y).toBeCloseTo(-47.9, 5)
  expect(now.turn).toBeCloseTo(1.1, 5)
  await expect(protractor).toHaveAttribute('aria-label', /1 mm right and -47.9 mm up, turned 1.1 degrees/)
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

test('an address that was cut or edited opens a usual angle', async ({ page }) => {
  await page.goto('/board?measure=forty&tilt=1e9&instrument=desk-half-circle&opens=')
  await expect(page.getByTestId('caption')).toContainText('Which kind')
  await page.goto('/board?instrument=spoon')
  await expect(page.getByRole('alert')).toContainText('instrumentId must be one of')
})

test.describe('by touch', () => {
  test.use({ hasTouch: true })

  test('a finger slides the protractor', async ({ page }) => {
    await page.goto('/board?measure=64')
    await page.getByRole('button', { name: 'Zero line' }).tap()
    const protractor = page.getByTestId('protractor')
    await expect.poll(async () => (await placementOf(protractor)).turn).toBeCloseTo(0, 2)
    const grip = protractor.locator('.grip.body')
    const send = async (type: string, x: number, y: number): Promise<void> =>
      grip.dispatchEvent(type, {
        pointerId: 7,
        pointerType: 'touch',
        isPrimary: true,
        button: 0,
        buttons: 1,
        clientX: x,
        clientY: y,
        bubbles: true,
      })
    // A synthetic finger cannot be captured; the sheet must do without.
    await page.evaluate(() => (Element.prototype.setPointerCapture = () => undefined))
    await send('pointerdown', 640, 300)
    await send('pointermove', 700, 280)
    await send('pointerup', 700, 280)
    expect((await placementOf(protractor)).x).toBeGreaterThan(8)
  })
})

test('a drag that begins beside the protractor moves nothing', async ({ page }) => {
  await page.goto('/board?measure=64')
  await page.getByRole('button', { name: 'Zero line' }).click()
  const protractor = page.getByTestId('protractor')
  await expect.poll(async () => (await placementOf(protractor)).turn).toBeCloseTo(0, 2)
  const before = await placementOf(protractor)
  await drag(page, polar({ x: 0, y: -48 }, 90, 90), { x: 30, y: 0 })
  expect(await placementOf(protractor)).toEqual(before)
})
