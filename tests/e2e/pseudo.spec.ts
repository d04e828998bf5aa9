import type { Page } from '@playwright/test'
import { expect, test } from './application'
import { addStudent, give, join, signIn } from './people'
import { notFromCatalogues, speakPseudo } from './pseudo'

/** Names that people have given, words of which a class chooses, dates: these are as they are. */
const asTheyAre = [
  /Jaunty Compass|English \(U[KS]\)|Español|fenwick|HERON6|PLOVR7/,
  /centre mark|centre|hole|cross|zero line|baseline|straightedge|ruler|starting|first|inner|lower|bottom|outer|upper|top/,
  /\b(arms?|sides?|rays?|anticlockwise|counterclockwise|clockwise|or|and)\b/,
  /\b((Mon|Tue|Wed|Thu|Fri|Sat|Sun),? )?\d+ (Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sept?|Oct|Nov|Dec)( \d{4})?\b/,
]

/** What people have called things in this application, and themselves. */
async function given(page: Page): Promise<RegExp> {
  const get = async (path: string): Promise<Record<string, unknown>[]> =>
    (await page.request.get(`/api/v1/${path}`)).json()
  const classes = await get('classes')
  const students = await Promise.all(
    classes.map(async ({ id }) => (await (await page.request.get(`/api/v1/classes/${id}`)).json()).students),
  )
  const names = [
    ...classes.map((each) => each.name),
    ...students.flat().map((student: { givenName: string }) => student.givenName),
    ...(await get('sets')).map((each) => each.title),
    ...(await get('assignments')).map((each) => each.title),
    ...(await get('cabinet')).map(
      (each) => (each.instrument as { protractor: { name: string } }).protractor.name,
    ),
    ...(await get('running-orders')).map((each) => each.name),
    ...(await get('colleagues')).map((each) => each.displayName),
    'M. Fenwick',
  ].map(String)
  const quoted = names
    .toSorted((a, b) => b.length - a.length)
    .map((name) => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
  return new RegExp([...quoted, ...asTheyAre.map((each) => each.source)].join('|'), 'g')
}

test('in a made-up language nothing on any view is left in ours, put together or cut off', async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(180_000)
  await signIn(page)
  const pin = await addStudent(page, 'Juno')
  const kinds = ['measure', 'draw', 'estimate', 'find-mistake', 'outline', 'bisect', 'parts', 'similar']
  const { id } = await give(page, [...kinds, 'side-ratios'])
  const names = await given(page)
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
  for (const show of ['bisect', 'parts-by-algebra', 'compare-ratios']) {
    await page.goto(`/board?show=${show}`)
    await expect(page.getByTestId('caption')).not.toBeEmpty()
    await page.keyboard.press('End')
    await look(`board, ${show}`)
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
  await expect(items).toHaveCount(kinds.length + 1)
  for (let i = 0; i <= kinds.length; i++) {
    await items.nth(i).click()
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await look(`bench, item ${i + 1}`)
  }
  expect(looked).toEqual({})
})
