import { expect, test } from './application'
import { addStudent, give, join, signIn } from './people'
import { notFromCatalogues, speakPseudo } from './pseudo'

/** Names that people have given: in every language they stay as they are. */
const names =
  /Jaunty Compass|English \(U[KS]\)|Español|M\. Fenwick|fenwick|[67] (Heron|Plover)|Gullwing Quay|Harbour survey|both scales|Cranes and sails|a short round|All kinds|HERON6|PLOVR7|Juno|Our copper one|(centre mark|centre|hole|cross|zero line|baseline|straightedge|ruler|starting|first|inner|lower|bottom|outer|upper|top|arm|side|ray|anticlockwise|counterclockwise|clockwise)/g

test('in a made-up language nothing on any view is left in ours, put together or cut off', async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(180_000)
  await signIn(page)
  const pin = await addStudent(page, 'Juno')
  const { id } = await give(page, ['measure', 'draw', 'estimate', 'find-mistake', 'outline'])
  await speakPseudo(page)
  const looked: Record<string, string[]> = {}
  const look = async (view: string): Promise<void> => {
    const found = await notFromCatalogues(page, names)
    if (found.length > 0) looked[view] = found
  }
  await page.goto('/')
  await expect(page.getByRole('navigation')).toBeVisible()
  await look('door')
  await page.goto('/privacy')
  await expect(page.getByText('⟦').first()).toBeVisible()
  await look('privacy')
  await page.goto('/board?measure=64&end=50')
  await expect(page.getByTestId('caption')).not.toBeEmpty()
  await look('board')
  for (let i = 0; i < 7; i++) {
    const button = page.getByRole('navigation').locator('> button').nth(i)
    await button.click()
    await expect(page.getByRole('dialog')).toBeVisible()
    await look(`board, panel ${i + 1}`)
    await button.click()
  }
  for (const hash of ['', 'new', 'classes', 'cabinet', 'school', 'account']) {
    await page.goto(`/desk#/${hash}`)
    await page.reload()
    await expect(page.locator('main, .desk').first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    await look(`desk ${hash}`)
  }
  await page.goto(`/desk#/results/${id}`)
  await page.reload()
  await expect(page.getByRole('table')).toBeVisible()
  await look('results')
  const own = await (await browser.newContext({ baseURL })).newPage()
  await join(own, 'Juno', pin)
  await page.context().clearCookies()
  await page.context().addCookies(await own.context().cookies())
  await own.context().close()
  await page.goto('/bench')
  await expect(page.getByText('All kinds').first()).toBeVisible()
  await look('bench')
  await page.goto(`/bench#${id}`)
  await page.reload()
  const items = page.getByRole('navigation').getByRole('button')
  await expect(items.first()).toBeVisible()
  for (let i = 0; i < 5; i++) {
    await items.nth(i).click()
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await look(`bench, item ${i + 1}`)
  }
  expect(looked).toEqual({})
})
