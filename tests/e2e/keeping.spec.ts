/* No answer is lost or misfiled: proxies that fail, sessions that end, two tabs, two students on one tablet, no connection, no room. */
import type { Browser, Page } from '@playwright/test'
import { expect, test } from './application'
import { addStudent, copper, give, join, joinByHand, send, signIn } from './people'

interface Seat {
  bench: Page
  assignment: string
  pin: string
}

/** A student at the Bench with three items to measure, and the teacher at the Desk beside. */
async function seat(page: Page, browser: Browser, baseURL: string, name: string): Promise<Seat> {
  await signIn(page)
  const pin = await addStudent(page, name)
  const { id } = await give(page, ['measure', 'measure', 'measure'])
  const context = await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } })
  const bench = await context.newPage()
  await join(bench, name, pin, id)
  await expect(bench.getByRole('button', { name: 'Hand in' })).toBeVisible()
  return { bench, assignment: id, pin }
}

async function open(bench: Page, assignment: string): Promise<void> {
  await bench.goto(`/bench#${assignment}`)
  await bench.reload()
  await expect(bench.getByRole('button', { name: 'Hand in' })).toBeVisible()
}

async function handIn(bench: Page, reading: string): Promise<void> {
  await bench.getByLabel('Your reading').fill(reading)
  await bench.getByRole('button', { name: 'Hand in' }).click()
}

/** What a teacher's results say of a student: how often each item was answered. */
async function triesOf(page: Page, assignment: string, name: string): Promise<number[]> {
  const results = await (await page.request.get(`/api/v1/assignments/${assignment}/results`)).json()
  const row = results.students.find((s: { givenName: string }) => s.givenName === name)
  return row.items.map((item: { tries: number }) => item.tries)
}

test('answers outlive a proxy without a server behind it, a closed page, and a reload without connection', async ({
  page,
  browser,
  baseURL,
}) => {
  // One visit, on an instrument that nobody ships: what was loaded before anything stood between page and server counts.
  await signIn(page)
  const pin = await addStudent(page, 'Merle')
  const { id: assignment } = await give(page, ['measure', 'measure', 'measure'], {
    instrument: 'own-copper',
    ownInstruments: [await copper(page)],
  })
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } })
  ).newPage()
  await join(bench, 'Merle', pin)
  await bench.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await bench.getByText('All kinds').first().click()
  await bench.route('**/answers', (route) => route.fulfill({ status: 502, body: '<h1>Bad gateway</h1>' }))
  await handIn(bench, '41')
  await expect(bench.getByText('will be sent later')).toBeVisible()
  // The network is cut; the page is closed and opened again from what the device has.
  await bench.context().setOffline(true)
  const again = await bench.context().newPage()
  await bench.close()
  const began = Date.now()
  await again.goto(`/bench#${assignment}`)
  await expect(again.getByText('Merle', { exact: true })).toBeVisible()
  console.log(`opened without a connection in ${Date.now() - began} ms`)
  await expect(again.getByTestId('protractor')).toHaveAttribute('aria-label', /Our copper one/)
  await again.getByRole('button', { name: 'Question 2', exact: true }).click()
  await handIn(again, '42')
  await expect(again.getByText('2 answers are kept here')).toBeVisible()
  await again.context().setOffline(false)
  await expect(again.getByTestId('feedback')).toBeVisible({ timeout: 10_000 })
  await expect.poll(() => triesOf(page, assignment, 'Merle')).toEqual([1, 1, 0])
  await again.context().close()
})

test('a session that ends asks the student to sign in again, and work goes on', async ({
  page,
  browser,
  baseURL,
}) => {
  const { bench, assignment } = await seat(page, browser, baseURL!, 'Tilda')
  // The teacher gives a new PIN: the session ends at once.
  await page.goto('/desk#/classes')
  const row = page.getByRole('listitem').filter({ hasText: 'Tilda' })
  const renewed = page.waitForResponse('**/pin')
  await row.getByRole('button', { name: 'New PIN' }).click()
  const { pin: fresh } = (await (await renewed).json()) as { pin: string }
  await handIn(bench, '41')
  await expect(bench.getByText('Tilda, please sign in again')).toBeVisible()
  await bench.getByRole('button', { name: /^Go on to question/ }).click()
  await handIn(bench, '42')
  await bench.getByRole('button', { name: 'Sign in', exact: true }).click()
  await bench.getByLabel('Class code').fill('heron6')
  await expect(bench.getByLabel('Your first name')).toHaveValue('Tilda')
  await bench.getByLabel('PIN').fill(fresh)
  await bench.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(bench.getByText('please sign in again')).toBeHidden()
  await expect.poll(() => triesOf(page, assignment, 'Tilda')).toEqual([1, 1, 0])
  await bench.context().close()
})

test('two tabs without a connection hand in both, each answer once', async ({ page, browser, baseURL }) => {
  const { bench, assignment } = await seat(page, browser, baseURL!, 'Ronja')
  const other = await bench.context().newPage()
  await open(other, assignment)
  await bench.context().setOffline(true)
  await handIn(bench, '41')
  await other.getByRole('button', { name: 'Question 2', exact: true }).click()
  await handIn(other, '42')
  await expect(bench.getByText('2 answers are kept here')).toBeVisible()
  // The tab that sends is closed; the other one takes over.
  await bench.close()
  await other.context().setOffline(false)
  await expect.poll(() => triesOf(page, assignment, 'Ronja'), { timeout: 12_000 }).toEqual([1, 1, 0])
  await other.context().close()
})

test('on one tablet each student’s answers stay their own', async ({ page, browser, baseURL }) => {
  const { bench, assignment, pin } = await seat(page, browser, baseURL!, 'Wilma')
  const kit = await addStudent(page, 'Kalle')
  await bench.route('**/answers', (route) => route.abort())
  await handIn(bench, '41')
  await expect(bench.getByText('will be sent later')).toBeVisible()
  await bench.getByRole('button', { name: 'Bench', exact: true }).click()
  await bench.getByRole('button', { name: 'Leave' }).click()
  await expect(bench.getByRole('button', { name: 'Start', exact: true })).toBeVisible()
  await bench.unroute('**/answers')
  await joinByHand(bench, 'Kalle', kit)
  await open(bench, assignment)
  await handIn(bench, '50')
  await expect(bench.getByTestId('feedback')).toBeVisible()
  // A page that opens sends all that it has for whoever sits there.
  await bench.reload({ waitUntil: 'networkidle' })
  expect(await triesOf(page, assignment, 'Wilma')).toEqual([0, 0, 0])
  expect(await triesOf(page, assignment, 'Kalle')).toEqual([1, 0, 0])
  // Another tab signs in as Wilma: what is Kalle’s does not become hers, and hers goes off now.
  const tab = await bench.context().newPage()
  await bench.context().clearCookies()
  await tab.goto('/bench')
  await tab.getByRole('button', { name: 'I am not Kalle' }).click()
  await joinByHand(tab, 'Wilma', pin)
  await expect.poll(() => triesOf(page, assignment, 'Wilma')).toEqual([1, 0, 0])
  await handIn(bench, '51')
  await expect(bench.getByText('Kalle, please sign in again')).toBeVisible()
  expect(await triesOf(page, assignment, 'Wilma')).toEqual([1, 0, 0])
  await bench.context().close()
})

test('a device without room for answers says so at once and hands in all the same', async ({
  page,
  browser,
  baseURL,
}) => {
  const { bench, assignment } = await seat(page, browser, baseURL!, 'Nele')
  await bench.addInitScript(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await open(bench, assignment)
  await bench.route('**/answers', (route) => route.abort())
  await handIn(bench, '41')
  await expect(bench.getByText('This device has no room to keep your work')).toBeVisible()
  await bench.unroute('**/answers')
  await expect(bench.getByTestId('feedback')).toBeVisible({ timeout: 10_000 })
  expect(await triesOf(page, assignment, 'Nele')).toEqual([1, 0, 0])
  await bench.context().close()
})

test('an answer that comes too late is kept and shown with the reason', async ({
  page,
  browser,
  baseURL,
}) => {
  const { bench, assignment } = await seat(page, browser, baseURL!, 'Ole')
  await send(page, 'PATCH', `assignments/${assignment}`, { closed: true })
  await handIn(bench, '41')
  await expect(bench.getByText('Your answer to question 1 was not taken. This set is closed.')).toBeVisible()
  await bench.reload()
  await expect(bench.getByText('was not taken')).toBeVisible()
  await bench.getByRole('button', { name: 'Clear it' }).click()
  await expect(bench.getByText('was not taken')).toBeHidden()
  await bench.reload()
  await expect(bench.getByRole('button', { name: 'Question 2', exact: true })).toBeVisible()
  await expect(bench.getByText('was not taken')).toBeHidden()
  await bench.context().close()
})

test('whoever leaves without a connection is not signed in for the next one', async ({
  page,
  browser,
  baseURL,
}) => {
  const { bench } = await seat(page, browser, baseURL!, 'Lasse')
  await bench.getByRole('button', { name: 'Bench', exact: true }).click()
  await bench.context().setOffline(true)
  await bench.getByRole('button', { name: 'Leave' }).click()
  await expect(bench.getByText('You have left.')).toBeVisible()
  await bench.context().setOffline(false)
  await bench.goto('/bench')
  await expect(bench.getByRole('button', { name: 'Start', exact: true })).toBeVisible()
  expect(await bench.evaluate(async () => (await fetch('/api/v1/bench/assignments')).status)).toBe(401)
  await bench.context().close()
})
