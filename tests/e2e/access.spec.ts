import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { addStudent, join, signIn } from './people'

/** WCAG 2.2 AA by the automatic rules; what they cannot see is looked at by people. */
async function findings(page: Page): Promise<string[]> {
  const report = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze()
  return report.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)
}

test('no view has an accessibility finding', async ({ page }) => {
  await page.goto('/')
  expect(await findings(page)).toEqual([])
  await page.goto('/board')
  await page.getByRole('button', { name: 'Count' }).click()
  await page.keyboard.press('PageDown')
  await page.waitForTimeout(3000)
  expect(await findings(page)).toEqual([])
  await page.getByRole('button', { name: 'Angle', exact: true }).click()
  expect(await findings(page)).toEqual([])
  await page.goto('/desk')
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
  expect(await findings(page)).toEqual([])
  await signIn(page)
  expect(await findings(page)).toEqual([])
  await page.getByText('Harbour survey').click()
  await expect(page.getByRole('table')).toBeVisible()
  expect(await findings(page)).toEqual([])
  await page.getByRole('link', { name: 'New set', exact: true }).click()
  await expect(page.getByRole('article').first()).toBeVisible()
  expect(await findings(page)).toEqual([])
  const pin = await addStudent(page, 'Petra')
  expect(await findings(page)).toEqual([])
  await join(page, 'Petra', pin)
  expect(await findings(page)).toEqual([])
  await page.getByText('Cranes and sails').click()
  await expect(page.getByRole('button', { name: 'Hand in' })).toBeVisible()
  expect(await findings(page)).toEqual([])
  await page.getByLabel('Your reading').fill('1')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('feedback')).toBeVisible()
  expect(await findings(page)).toEqual([])
  await page.getByRole('button', { name: 'Item 4' }).click()
  await expect(page.getByRole('radio', { name: 'Ray' })).toBeVisible()
  expect(await findings(page)).toEqual([])
})
