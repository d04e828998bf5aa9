/* The Desk and the front door as rooms: every view whole at every size, one main and one heading of the first rank on each. */
import type { Page } from '@playwright/test'
import { expect, test } from './application'
import { openDesk, signIn } from './people'
import { outOfReach, resize, sizes, tooSmall } from './reach'

test.use({ contextOptions: { reducedMotion: 'reduce' } })

/** Views of the Desk, with what shows that one is there. */
const views: [hash: string, shows: (page: Page) => Promise<void>][] = [
  ['', (page) => expect(page.getByRole('heading', { name: 'Sets given' })).toBeVisible()],
  ['new', (page) => expect(page.getByRole('heading', { name: '5 questions' })).toBeVisible()],
  ['classes', (page) => expect(page.getByRole('heading', { name: '6 Heron' })).toBeVisible()],
  ['cabinet', (page) => expect(page.getByRole('img', { name: /drawn to size/ })).toBeVisible()],
  ['school', (page) => expect(page.getByRole('button', { name: 'Invite a colleague' })).toBeVisible()],
  ['account', (page) => expect(page.getByLabel('Current password')).toBeVisible()],
]

async function isWhole(page: Page, what: string): Promise<void> {
  for (const size of sizes.desk) {
    await resize(page, size)
    expect.soft(await outOfReach(page), `${what} at ${size}`).toEqual([])
  }
  await resize(page, '1280x800')
  expect.soft(await tooSmall(page), `for a finger: ${what}`).toEqual([])
  await expect(page.getByRole('main'), what).toHaveCount(1)
  await expect(page.getByRole('heading', { level: 1 }), what).toHaveCount(1)
}

for (const [hash, shows] of views)
  test(`nothing of the Desk’s view “${hash || 'sets'}” is covered or cut off at any size`, async ({
    page,
  }) => {
    await signIn(page)
    await page.goto(`/desk#/${hash}`)
    await shows(page)
    await isWhole(page, hash)
  })

test('nothing of the front door and the pages beside it is covered or cut off at any size', async ({
  page,
}) => {
  for (const path of ['/', '/bench', '/privacy', '/desk', '/nowhere']) {
    await page.goto(path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await isWhole(page, path)
  }
})

test('what opens on a view of the Desk is whole on a narrow screen, too', async ({ page }) => {
  await openDesk(page)
  await resize(page, '320x640')
  await page.goto('/desk#/new')
  await expect(page.getByRole('heading', { name: '5 questions' })).toBeVisible()
  await page.getByLabel('House rules', { exact: true }).selectOption({ label: 'house rules of its own' })
  await page.getByText('How much each step counts').click()
  await page.getByText(/^It can show/).click()
  await page.getByRole('button', { name: 'Add another class' }).click()
  expect(await outOfReach(page), 'a set with rules of its own').toEqual([])
  await page.getByRole('button', { name: 'choose kinds from pictures' }).click()
  await expect(page.getByRole('dialog').locator('svg.sheet')).toHaveCount(26)
  expect(await outOfReach(page, '.kinds'), 'kinds').toEqual([])
  await page.keyboard.press('Escape')
  await page.goto('/desk#/classes')
  await page.getByRole('button', { name: 'House rules, language and words of this class' }).click()
  await expect(page.getByRole('button', { name: 'Save these rules' })).toBeVisible()
  expect(await outOfReach(page), 'house rules').toEqual([])
})
