/* The wall chart at the Desk: a class of thirty with twenty items, a student's sheets beside it, the way to the Board and back. */
import { expect, test } from './application'
import { openDesk } from './people'
import { outOfReach, resize, sizes } from './reach'

test('names and numbers stay while the chart goes by, and a student’s sheets are an address of their own', async ({
  page,
}) => {
  await openDesk(page)
  await page.getByRole('link', { name: /Harbour survey/ }).click()
  await expect(page.getByRole('rowheader', { name: 'Yara' })).toBeAttached()
  // Three counts, which are all of the class.
  const counted = await page.getByText(/finished · \d+ still working · \d+ not started/).innerText()
  const [finished, atWork, notBegun] = ['finished', 'still working', 'not started'].map((word) =>
    Number(new RegExp(`(\\d+) ${word}`).exec(counted)?.[1] ?? 0),
  )
  expect(finished! + atWork! + notBegun!).toBe(await page.getByRole('rowheader').count())
  const chart = page.getByRole('region', { name: 'Answers' }).last()
  const top = async (name: string): Promise<number> =>
    (await page.getByRole('columnheader', { name, exact: true }).boundingBox())!.y
  const before = await top('1')
  await chart.evaluate((scroller) => scroller.scrollTo(0, 600))
  expect(await top('1')).toBeCloseTo(before, 0)
  await page.setViewportSize({ width: 700, height: 800 })
  await chart.evaluate((scroller) => scroller.scrollTo(300, 0))
  await expect(page.getByRole('rowheader', { name: 'Bram' })).toBeInViewport()
  await page.setViewportSize({ width: 1280, height: 800 })

  await page.getByRole('link', { name: 'Bram' }).click()
  await expect(page.getByRole('heading', { name: 'Bram’s sheets' })).toBeFocused()
  await expect(page.getByRole('figure')).toHaveCount(8)
  await expect(page).toHaveURL(/#\/results\/[\w-]+\/[\w-]+$/)
  // Beside the chart, and large enough to read.
  expect((await page.getByRole('figure').first().boundingBox())!.width).toBeGreaterThan(340)
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Bram’s sheets' })).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('heading', { name: 'Bram’s sheets' })).toHaveCount(0)
  await expect(page.getByRole('heading', { name: /Six students: read the other scale/ })).toBeVisible()

  await expect(page.getByRole('columnheader', { name: 'credit' })).toHaveCount(0)
  await page.getByLabel('Show each student’s share').check()
  await page.reload()
  await expect(page.getByRole('row').filter({ hasText: 'Bram' })).toContainText('%')
})

test('a cause is taught on the Board, and the Board leads back', async ({ page }) => {
  await openDesk(page)
  await page.getByRole('link', { name: /Harbour survey/ }).click()
  const address = page.url()
  await page.getByRole('link', { name: 'Teach on the Board' }).first().click()
  await expect(page.getByTestId('caption')).toContainText('Someone wrote')
  await page.getByRole('link', { name: 'Back to the Desk' }).click()
  await expect(page).toHaveURL(address)
  await expect(page.getByRole('rowheader', { name: 'Yara' })).toBeAttached()
})

test('nothing of the results is covered or cut off at any size', async ({ page }) => {
  await openDesk(page)
  await page.getByRole('link', { name: /Harbour survey/ }).click()
  await expect(page.getByRole('rowheader', { name: 'Yara' })).toBeAttached()
  for (const size of sizes.desk) {
    await resize(page, size)
    expect(await outOfReach(page, 'main'), size).toEqual([])
  }
  await page.getByRole('link', { name: 'Bram' }).click()
  await expect(page.getByRole('figure')).toHaveCount(8)
  for (const size of sizes.desk) {
    await resize(page, size)
    expect(await outOfReach(page, 'main'), `sheets at ${size}`).toEqual([])
  }
})

test('an address that leads nowhere says so, with the ways on; who comes by Tab skips the menu', async ({
  page,
}) => {
  const reply = await page.goto('/nowhere/at-all')
  expect(reply!.status()).toBe(404)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('There is no page here')
  await page.getByRole('link', { name: 'Desk' }).click()
  await expect(page).toHaveURL(/\/desk/)
  // A program is told in problem details.
  const asked = await page.request.get('/api/v1/nowhere', { headers: { Accept: 'text/html' } })
  expect(asked.headers()['content-type']).toContain('problem+json')
  await openDesk(page)
  await page.keyboard.press('Tab')
  await expect(page.getByRole('button', { name: 'Skip to the content' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('main')).toBeFocused()
})

test('several names in one box are asked about, and their PINs can be printed at once', async ({ page }) => {
  await openDesk(page)
  await page.getByRole('link', { name: 'Classes' }).click()
  await page.getByLabel('First name of a new student').fill('Zelda, Zora , Zane')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  const asked = page.getByRole('alertdialog')
  await expect(asked).toContainText('3 names: Zelda, Zora, Zane')
  await asked.getByRole('button', { name: 'Add them all' }).click()
  await expect(asked).toHaveCount(0)
  const slips = page.getByRole('region', { name: 'PINs' })
  await expect(slips.getByRole('listitem')).toHaveCount(3)
  await expect(slips.getByRole('listitem').filter({ hasText: 'Zelda' })).toContainText(
    /Zelda.*Class code \w+.*PIN \d{4}/s,
  )
  // A name that is taken is told, whoever came before it is in, and what is left stays to be put right.
  await page.getByLabel('First name of a new student').fill('Zebedee, Zora')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await asked.getByRole('button', { name: 'Add them all' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'in the class already' })).toBeVisible()
  await expect(slips.getByRole('listitem')).toHaveCount(4)
  await expect(page.getByLabel('First name of a new student')).toHaveValue('Zora')
  await page.evaluate(() => (window.print = () => document.body.setAttribute('data-printed', 'yes')))
  await slips.getByRole('button', { name: 'Print the PINs' }).click()
  await expect(page.locator('body[data-printed]')).toHaveCount(1)
})
