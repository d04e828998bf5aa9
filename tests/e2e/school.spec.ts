/* The people of a school at the Desk: invited, named, put away, brought back; and the student with a card. */
import { expect, test } from './application'
import { addStudent, openDesk, signIn } from './people'

test('a colleague is invited, makes an account, and teaches a class that is shared', async ({
  page,
  browser,
  baseURL,
}) => {
  await openDesk(page)
  await page.getByRole('link', { name: 'School' }).click()
  await page.getByRole('button', { name: 'Invite a colleague' }).click()
  const address = await page.locator('code').innerText()
  const guest = await (await browser.newContext({ baseURL })).newPage()
  await guest.goto(address)
  await guest.getByLabel('User name').fill('marsh')
  await guest.getByLabel('Name that others see').fill('R. Marsh')
  await guest.getByLabel('Password', { exact: true }).fill('short')
  await guest.getByRole('button', { name: 'Make the account' }).click()
  await expect(guest.getByRole('alert')).toContainText('15 to 200 characters')
  await guest.getByLabel('Password', { exact: true }).fill('seven small boats')
  await guest.getByRole('button', { name: 'Make the account' }).click()
  await expect(guest.getByRole('heading', { name: 'Sets given' })).toBeVisible()
  await expect(guest.getByRole('link', { name: 'School' })).toBeHidden()
  // The address is used up.
  const late = await (await browser.newContext({ baseURL })).newPage()
  await late.goto(address)
  await expect(late.getByRole('alert')).toContainText('does not work any more')
  await late.context().close()

  await page.getByRole('link', { name: 'Classes' }).click()
  await page.getByRole('button', { name: 'Share or hand over' }).click()
  await page.getByLabel('Colleague').selectOption({ label: 'R. Marsh' })
  await page.getByRole('button', { name: 'Teach it together' }).click()
  await expect(page.getByText('Taught by M. Fenwick and R. Marsh.')).toBeVisible()
  await guest.getByRole('link', { name: 'Sets', exact: true }).click()
  await guest.reload()
  await guest.getByRole('link', { name: /Harbour survey/ }).click()
  await expect(guest.getByRole('row').filter({ hasText: 'Bram' })).toBeVisible()
  await guest.context().close()
})

test('whatever is renamed, archived or deleted is named first and can be undone', async ({ page }) => {
  await signIn(page)
  await addStudent(page, 'Vesper')
  await page.goto('/desk#/classes')
  const list = page.getByRole('listitem')
  const more = (name: string): Promise<void> => page.getByRole('button', { name: `More for ${name}` }).click()
  await more('Vesper')
  await page.getByRole('menuitem', { name: 'Rename' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Bram')
  await page.getByRole('dialog').getByRole('button', { name: 'Rename' }).click()
  await expect(page.getByText('is in the class already')).toBeVisible()
  await page.getByLabel('Name', { exact: true }).fill('Vesper K')
  await page.getByRole('dialog').getByRole('button', { name: 'Rename' }).click()
  await expect(list.filter({ hasText: 'Vesper K' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(list.filter({ hasText: 'Vesper K' })).toBeHidden()

  await more('Bram')
  await page.getByRole('menuitem', { name: 'Delete' }).click()
  await expect(page.getByRole('dialog')).toContainText('This also deletes 8 answers')
  await page.getByRole('dialog').getByRole('button', { name: 'Delete' }).click()
  await expect(list.filter({ hasText: /^Bram/ })).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(list.filter({ hasText: /^Bram/ })).toBeVisible()

  await page.getByRole('link', { name: 'Sets', exact: true }).click()
  await more('Cranes and sails · a short round')
  await page.getByRole('menuitem', { name: 'Archive' }).click()
  await expect(page.getByRole('link').filter({ hasText: 'Cranes and sails' })).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link').filter({ hasText: 'Cranes and sails' })).toBeVisible()
})

test('a card signs a student in, and a stopped card does not', async ({ page, browser, baseURL }) => {
  await signIn(page)
  await addStudent(page, 'Yrsa')
  await page.goto('/desk#/classes')
  await page.getByRole('button', { name: 'More for Yrsa' }).click()
  const made = page.waitForResponse('**/card')
  await page.getByRole('menuitem', { name: 'New card' }).click()
  const { address } = (await (await made).json()) as { address: string }
  await expect(page.getByRole('img', { name: 'Code that signs in Yrsa' })).toBeVisible()
  const tablet = await (await browser.newContext({ baseURL })).newPage()
  await tablet.goto(address)
  await expect(tablet.getByText('Yrsa')).toBeVisible()
  expect(tablet.url()).not.toContain('card')
  await page.getByRole('button', { name: 'More for Yrsa' }).click()
  await page.getByRole('menuitem', { name: 'Stop the card' }).click()
  await expect(page.getByText('no longer works')).toBeVisible()
  const again = await (await browser.newContext({ baseURL })).newPage()
  await again.goto(address)
  await expect(again.getByRole('alert')).toContainText('does not open anything any more')
  await expect(again.getByRole('button', { name: 'Start', exact: true })).toBeVisible()
  await tablet.context().close()
  await again.context().close()
})

test('password and devices are looked after in the account, and every page says what is made up', async ({
  page,
}) => {
  for (const path of ['/', '/bench', '/desk', '/privacy']) {
    await page.goto(path)
    await expect(page.getByText('This is a demonstration.')).toBeVisible()
  }
  await expect(page.getByText('They are deleted after')).toContainText('2 years')
  await openDesk(page)
  await page.getByRole('link', { name: 'M. Fenwick' }).click()
  await expect(page.getByText('You are signed in on')).toBeVisible()
  await page.getByLabel('Current password').fill('not this one')
  await page.getByLabel('New password').fill('seven small boats')
  await page.getByRole('button', { name: 'Change the password' }).click()
  await expect(page.getByRole('alert')).toContainText('is not your password')
})
