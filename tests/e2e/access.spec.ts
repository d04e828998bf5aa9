import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, test } from './application'
import { addStudent, give, join, openDesk, signIn, signInByHand } from './people'

// Nothing moves: what is looked at is each state, and not the way to it.
test.use({ contextOptions: { reducedMotion: 'reduce' } })

/**
 * WCAG 2.2 AA and best practice by the automatic rules; what they cannot see is looked at by people.
 * @param part what is looked at where the rest of the page is as it was before
 */
async function findings(page: Page, part?: string): Promise<string[]> {
  const rules = new AxeBuilder({ page }).withTags([
    'wcag2a',
    'wcag2aa',
    'wcag21a',
    'wcag21aa',
    'wcag22aa',
    'best-practice',
  ])
  const report = await (part ? rules.include(part) : rules).analyze()
  return report.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)
}

test('no view has an accessibility finding', async ({ page }) => {
  // A dozen views are looked at.
  test.setTimeout(120_000)
  for (const path of ['/', '/privacy', '/nowhere']) {
    await page.goto(path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    expect.soft(await findings(page), path).toEqual([])
  }
  await page.goto('/board')
  await page.getByRole('button', { name: 'Count' }).click()
  await page.keyboard.press('PageDown')
  expect.soft(await findings(page)).toEqual([])
  await page.getByRole('button', { name: 'Angle', exact: true }).click()
  expect.soft(await findings(page)).toEqual([])
  await page.goto('/desk')
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
  expect.soft(await findings(page)).toEqual([])
  await signInByHand(page)
  expect.soft(await findings(page)).toEqual([])
  await page.getByRole('link', { name: /Harbour survey/ }).click()
  await expect(page.getByRole('table')).toBeVisible()
  expect.soft(await findings(page)).toEqual([])
  await page.getByRole('link', { name: 'Bram' }).click()
  await expect(page.getByRole('figure')).toHaveCount(8)
  expect.soft(await findings(page), 'sheets').toEqual([])
  await page.getByRole('link', { name: 'New set', exact: true }).click()
  await expect(page.getByRole('article').first()).toBeVisible()
  await page.getByText(/^It can show/).click()
  await page.getByRole('button', { name: 'Add another class' }).click()
  expect.soft(await findings(page), 'new set').toEqual([])
  await page.getByRole('button', { name: 'choose kinds from pictures' }).click()
  await expect(page.getByRole('dialog').locator('svg.sheet')).toHaveCount(26)
  expect.soft(await findings(page, '[role=dialog]'), 'kinds').toEqual([])
  await page.keyboard.press('Escape')
  for (const [view, shows] of [
    ['school', 'Invite a colleague'],
    ['account', 'Change the password'],
  ] as const) {
    await page.goto(`/desk#/${view}`)
    await expect(page.getByRole('button', { name: shows })).toBeVisible()
    expect.soft(await findings(page), view).toEqual([])
  }
  const pin = await addStudent(page, 'Petra')
  await page.getByRole('link', { name: 'Classes' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Petra' })).toBeVisible()
  expect.soft(await findings(page)).toEqual([])
  await join(page, 'Petra', pin)
  expect.soft(await findings(page)).toEqual([])
  await page.getByText('Cranes and sails').click()
  await expect(page.getByRole('button', { name: 'Hand in' })).toBeVisible()
  expect.soft(await findings(page)).toEqual([])
  await page.getByLabel('Your reading').fill('1')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('feedback')).toBeVisible()
  expect.soft(await findings(page)).toEqual([])
  await page.getByRole('button', { name: 'Show me' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  expect.soft(await findings(page, 'dialog'), 'show me').toEqual([])
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.getByRole('button', { name: 'Question 4', exact: true }).click()
  await expect(page.getByRole('radio', { name: 'Straightedge' })).toBeVisible()
  expect.soft(await findings(page)).toEqual([])
})

test('no state of the Board has an accessibility finding', async ({ page }) => {
  test.setTimeout(120_000)
  await page.goto('/board?measure=64')
  for (const panel of ['List', 'Instruments', 'Readings', 'Class', 'Lesson', 'View']) {
    await page.getByRole('button', { name: panel, exact: true }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
    expect.soft(await findings(page, '[role=dialog]'), panel).toEqual([])
    await page.keyboard.press('Escape')
  }
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Raised marks' }).click()
  await expect(page.getByText('You have the sheet.')).toBeVisible()
  expect.soft(await findings(page), 'free').toEqual([])
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Straightedge, with millimetres' }).click()
  await page.getByRole('button', { name: 'Line', exact: true }).click()
  await page.getByTestId('pencil').focus()
  expect.soft(await findings(page), 'straightedge and pencil').toEqual([])
  await page.getByRole('button', { name: 'View' }).click()
  await page.getByLabel('Ink for a dark room').check()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Count' }).click()
  expect.soft(await findings(page), 'dark, asking').toEqual([])
  await page.keyboard.press('PageDown')
  expect.soft(await findings(page), 'dark, counting').toEqual([])
  await page.keyboard.press('KeyF')
  expect.soft(await findings(page), 'projecting').toEqual([])
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'View' }).click()
  await page.getByRole('button', { name: 'Handout of all steps' }).click()
  expect.soft(await findings(page), 'handout').toEqual([])
  await page.goto('/board?measure=361')
  await expect(page.getByRole('alert')).toBeVisible()
  expect.soft(await findings(page), 'empty').toEqual([])
})

test('cabinet and house rules have no accessibility finding', async ({ page }) => {
  await openDesk(page)
  await page.getByRole('link', { name: 'Cabinet' }).click()
  await expect(page.getByRole('img', { name: /drawn to size/ })).toBeVisible()
  await page.getByText('Make it true to size').click()
  expect.soft(await findings(page)).toEqual([])
  await page.getByRole('link', { name: 'Classes' }).click()
  await page.getByRole('button', { name: 'House rules, language and words of this class' }).click()
  await expect(page.getByRole('button', { name: 'Save these rules' })).toBeVisible()
  expect.soft(await findings(page)).toEqual([])
  await page.getByLabel('A side of an angle').selectOption('ray')
  await page.getByRole('button', { name: 'Save these rules' }).click()
  await expect(page.getByRole('status')).toContainText('Saved')
  await page.getByRole('button', { name: 'House rules, language and words of this class' }).click()
  await page.getByLabel('A side of an angle').selectOption('arm')
  await page.getByRole('button', { name: 'Save these rules' }).click()
  await expect(page.getByRole('status')).toContainText('Saved')
})

test('constructing, algebra and triangles have no accessibility finding', async ({ page }) => {
  for (const show of ['bisect', 'parts-by-algebra', 'compare-ratios']) {
    await page.goto(`/board?show=${show}`)
    await expect(page.getByTestId('caption')).toBeVisible()
    await page.keyboard.press('End')
    expect.soft(await findings(page), show).toEqual([])
  }
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByRole('button', { name: 'Compass', exact: true }).click()
  expect.soft(await findings(page), 'compass on the Board').toEqual([])
  await signIn(page)
  const pin = await addStudent(page, 'Smew')
  const { id, items } = await give(page, ['bisect', 'parts', 'similar', 'side-ratios'])
  await join(page, 'Smew', pin, id)
  // So high that no field lies half under the button that stays in view.
  await page.setViewportSize({ width: 1280, height: 2400 })
  for (const [i, { view }] of items.entries()) {
    await page.getByRole('button', { name: `Question ${i + 1}`, exact: true }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(view.prompt.text)
    expect.soft(await findings(page), view.kind).toEqual([])
  }
})

test('an angle is measured by ear and keys alone', async ({ page, browser, baseURL }) => {
  await signIn(page)
  const pin = await addStudent(page, 'Dunnock')
  const { id, items } = await give(page, ['measure'])
  const bench = await (await browser.newContext({ baseURL })).newPage()
  await join(bench, 'Dunnock', pin, id)
  // Where things are is told in words; with them the protractor is brought to its place.
  const told = await bench.getByText(/^On the sheet:/).innerText()
  const placeIn = (text: string): [number, number] => {
    const part = (plus: string, minus: string): number => {
      const found = new RegExp(`([\\d.]+) mm (${plus}|${minus})`).exec(text)
      return found ? Number(found[1]) * (found[2] === plus ? 1 : -1) : 0
    }
    return [part('right', 'left'), part('up', 'down')]
  }
  const [right, up] = placeIn(told)
  const start = Number(/turned ([\d.]+)°/.exec(told)![1])
  const protractor = bench.getByTestId('protractor')
  await bench.keyboard.press('Tab')
  await protractor.focus()
  const lies = async (): Promise<[number, number, number]> => {
    const label = (await protractor.getAttribute('aria-label'))!
    return [...placeIn(label), Number(/turned ([\d.]+)°/.exec(label)![1])]
  }
  const walk = async (by: number, plus: string, minus: string): Promise<void> => {
    const tenths = Math.round(Math.abs(by) * 10)
    const key = by > 0 ? plus : minus
    for (let i = 0; i < Math.floor(tenths / 10); i++) await bench.keyboard.press(key)
    for (let i = 0; i < tenths % 10; i++) await bench.keyboard.press(`Shift+${key}`)
  }
  const [x, y, turn] = await lies()
  await walk(right - x, 'ArrowRight', 'ArrowLeft')
  await walk(up - y, 'ArrowUp', 'ArrowDown')
  // A half circle lies over the opening: its right end on a ray that opens anticlockwise, its left end on one that does not.
  const wanted = /From \w+ anticlockwise/.test(told) ? start : start - 180
  await walk(((wanted - turn + 540) % 360) - 180, 'Comma', 'Period')
  // Both numbers are told; the one that counts up from zero is the student's to find.
  await expect(bench.getByTestId('heard')).toContainText(
    /: outer \d+, inner \d+\. Arm .*: outer \d+, inner \d+\./,
  )
  const heard = await bench.getByTestId('heard').innerText()
  const [zeroOuter, , outer, inner] = [...heard.matchAll(/(?:outer|inner) (\d+)/g)].map((m) => Number(m[1]))
  const reading = zeroOuter! < 5 ? outer! : inner!
  expect(Math.abs(reading - Number.parseInt(items[0]!.key.at(-1)!.answer.text, 10))).toBeLessThanOrEqual(1)
  await bench.getByLabel('Your reading').fill(String(reading))
  await bench.keyboard.press('Enter')
  await expect(bench.getByTestId('feedback')).toContainText('That is right')
  await bench.context().close()
})
