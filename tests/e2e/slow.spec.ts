/* A slow connection: what was asked last is what counts, whichever answer comes first. */
import type { Page } from '@playwright/test'
import { expect, test } from './application'
import { addStudent, give, join, openDesk, signIn, searchList } from './people'

/** Holds the first answer from an address until it is let go; the others come at once. */
async function hold(page: Page, address: string, method: string): Promise<{ letGo: () => Promise<void> }> {
  let free = (): void => undefined
  const held = new Promise<void>((done) => (free = done))
  let asked = 0
  let late: Promise<unknown> = Promise.resolve()
  await page.route(address, async (route) => {
    if (route.request().method() !== method || ++asked > 1) return route.continue()
    late = page.waitForResponse((reply) => reply.request() === route.request())
    await held
    return route.continue()
  })
  return {
    letGo: async () => {
      free()
      await late
      // The page does with it what it would, and draws it.
      await page.evaluate(
        () =>
          new Promise((drawn) => requestAnimationFrame(() => setTimeout(() => requestAnimationFrame(drawn)))),
      )
    },
  }
}

test('the Board shows what was asked last, and a panel opened meanwhile stays open', async ({ page }) => {
  await page.goto('/board?measure=64')
  await expect(page.getByTestId('caption')).toBeVisible()
  const first = await hold(page, '**/api/v1/demonstrations', 'POST')
  await searchList(page, 'draw an angle')
  await page.getByRole('button', { name: 'Draw an angle', exact: true }).click()
  await page.getByRole('button', { name: 'Lesson' }).click()
  await searchList(page, 'kinds of')
  await page.getByRole('button', { name: 'Kinds of angle', exact: true }).click()
  await expect(page.getByTestId('caption')).toContainText('zero angle')
  await page.getByRole('button', { name: 'Lesson' }).click()
  await first.letGo()
  await page.getByRole('button', { name: 'Add what is on the Board' }).click()
  await expect(page.getByRole('dialog').getByRole('listitem')).toContainText('1. Kinds of angle')
  await expect(page.getByTestId('caption')).toContainText('zero angle')
})

test('the Bench shows nothing of an item that is left, and keeps who has gone on where they are', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Campion')
  const { id, items } = await give(page, ['measure', 'clock'])
  const bench = await (await browser.newContext({ baseURL })).newPage()
  await join(bench, 'Campion', pin, id)
  await bench.getByLabel('Your reading').fill('3')
  await bench.getByRole('button', { name: 'Hand in' }).click()
  const shown = await hold(bench, '**/items/0/show', 'GET')
  await bench.getByRole('button', { name: 'Show me' }).click()
  await bench.getByRole('button', { name: 'Question 2', exact: true }).click()
  await shown.letGo()
  await expect(bench.getByText(items[1]!.view.prompt.text)).toBeVisible()
  await expect(bench.getByRole('dialog')).toHaveCount(0)
  await bench.context().close()
})

test('a list that comes after its student has left is not there for the next one', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Sorrel')
  const { id } = await give(page, ['measure'])
  const bench = await (await browser.newContext({ baseURL })).newPage()
  await join(bench, 'Sorrel', pin, id)
  await expect(bench.getByLabel('Your reading')).toBeVisible()
  const list = await hold(bench, '**/api/v1/bench/assignments', 'GET')
  await bench.getByRole('button', { name: 'Bench', exact: true }).click()
  await bench.route('**/api/v1/bench/session', (route) => route.abort())
  await bench.getByRole('button', { name: 'Leave' }).click()
  await expect(bench.getByText('You have left.')).toBeVisible()
  await list.letGo()
  await bench.unroute('**/api/v1/bench/session')
  await bench.goto('/bench')
  await expect(bench.getByRole('button', { name: 'Start', exact: true })).toBeVisible()
  await expect(bench.getByText('Sorrel')).toHaveCount(0)
  await bench.context().close()
})

test('the Desk shows the class that was chosen last', async ({ page }) => {
  await openDesk(page)
  await page.getByRole('link', { name: 'Classes' }).click()
  const first = page.getByRole('button', { name: '6 Heron' })
  for (const name of ['7 Plover', '8 Dunlin']) {
    await page.getByLabel('New class').fill(name)
    await page.getByRole('button', { name: 'Add the class' }).click()
    await expect(page.getByRole('heading', { name })).toBeVisible()
  }
  const slow = await hold(page, '**/api/v1/classes/*', 'GET')
  await first.click()
  await page.getByRole('button', { name: '7 Plover' }).click()
  await expect(page.getByRole('heading', { name: '7 Plover' })).toBeVisible()
  await slow.letGo()
  await expect(page.getByRole('heading', { name: '7 Plover' })).toBeVisible()
})
