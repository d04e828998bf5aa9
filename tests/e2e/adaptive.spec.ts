/* Items chosen for the student, and work that goes on at another device or without the server. */
import type { Browser, Page } from '@playwright/test'
import { expect, test } from './application'
import { addStudent, give, join, signIn } from './people'

async function atBench(
  browser: Browser,
  baseURL: string,
  name: string,
  pin: string,
  id: string,
): Promise<Page> {
  const context = await browser.newContext({ baseURL, viewport: { width: 1280, height: 900 } })
  const bench = await context.newPage()
  await join(bench, name, pin, id)
  return bench
}

/** The measure of the item on the sheet, as the page was told it. */
const measureOf = (items: { item: object; view: { prompt: { text: string } } }[], prompt: string): number =>
  (items.find((i) => i.view.prompt.text === prompt)!.item as { angle: { measure: number } }).angle.measure

test('each student is asked what tells most, until it is known what they do', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Linnet')
  const { id, items } = await give(
    page,
    Array.from({ length: 8 }, () => 'measure'),
    { mistakes: ['other-scale', 'wrong-ten', 'ticks-backwards'] },
    { adaptiveLimit: 6 },
  )
  const bench = await atBench(browser, baseURL!, 'Linnet', pin, id)
  const progress = bench.getByRole('navigation', { name: 'Questions' }).getByRole('button')
  for (let i = 0; i < 6; i++) {
    await expect(progress).toHaveCount(i + 1)
    const prompt = await bench.getByRole('heading', { level: 1 }).innerText()
    await bench.getByLabel('Your reading').fill(String(180 - measureOf(items, prompt)))
    await bench.getByRole('button', { name: 'Hand in' }).click()
    await expect(bench.getByTestId('feedback')).toContainText('Not yet')
    await bench.getByRole('button', { name: /^(Next question|Go on to question)/ }).click()
    await expect(
      bench.getByRole('form', { name: 'Look back' }).or(bench.getByLabel('Your reading')),
    ).toBeVisible()
    if (await bench.getByRole('form', { name: 'Look back' }).isVisible()) break
  }
  // Who always reads the other scale is known before the limit.
  expect(await progress.count()).toBeLessThan(6)
  await bench.context().close()
})

test('what lies on the sheet is there at another device, and answers wait while the server is away', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Teal')
  const { id } = await give(page, ['measure', 'measure', 'measure'])
  const desk = await atBench(browser, baseURL!, 'Teal', pin, id)
  const kept = desk.waitForResponse((reply) => reply.url().includes('/drafts/0') && reply.status() === 204)
  await desk.getByLabel('Your reading').fill('12')
  await kept

  const tablet = await atBench(browser, baseURL!, 'Teal', pin, id)
  await expect(tablet.getByLabel('Your reading')).toHaveValue('12')

  // The server goes away under two answers; both wait, are seen to wait, and arrive once.
  await tablet.context().setOffline(true)
  for (const reading of ['12', '34']) {
    await tablet.getByLabel('Your reading').fill(reading)
    await tablet.getByRole('button', { name: 'Hand in' }).click()
    await expect(tablet.getByText('is kept here until the server can be reached')).toBeVisible()
    await tablet.getByRole('button', { name: /^(Next question|Go on to question)/ }).click()
  }
  await expect(tablet.getByRole('button', { name: /Question [12], waiting to be sent/ })).toHaveCount(2)
  await tablet.context().setOffline(false)
  await expect(tablet.getByRole('button', { name: /waiting to be sent/ })).toHaveCount(0, { timeout: 20_000 })

  // The first device sees what was handed in elsewhere.
  await desk.reload()
  await expect(desk.getByRole('button', { name: /Question 1, (correct|nearly there|not yet)/ })).toBeVisible()
  await expect(desk.getByRole('button', { name: /Question 2, (correct|nearly there|not yet)/ })).toBeVisible()
  await desk.context().close()
  await tablet.context().close()
})
