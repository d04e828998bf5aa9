/* Sets that are wished for in sentences, that come from files, and old answers marked again. */
import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, test } from './application'
import { addStudent, copper, give, join, openDesk, send, signIn } from './people'

async function newSet(page: Page): Promise<void> {
  await openDesk(page)
  await page.getByRole('link', { name: 'New set', exact: true }).click()
  await expect(page.getByRole('heading', { name: '5 questions' })).toBeVisible()
}

const answers = (page: Page): Promise<string[]> => page.locator('article h3').allInnerTexts()

test('a set is wished for in sentences, and its items follow each word', async ({ page }) => {
  await newSet(page)
  // Several kinds at once, from pictures of a question each; who closes the sheet has what they had.
  const open = page.getByRole('button', { name: 'choose kinds from pictures' })
  await open.click()
  const kinds = page.getByRole('dialog', { name: 'Which kinds of question?' })
  await kinds.getByRole('button', { name: 'Choose none' }).click()
  await expect(kinds.getByText('Choose at least one kind.')).toBeVisible()
  await expect(kinds.getByRole('button', { name: 'Use these kinds' })).toBeDisabled()
  await page.keyboard.press('Escape')
  await expect(kinds).toHaveCount(0)
  await expect(page.getByRole('heading', { name: '5 questions' })).toBeVisible()
  await open.click()
  await expect(kinds.locator('svg.sheet')).toHaveCount(26)
  await kinds.getByRole('button', { name: 'Choose all' }).click()
  await expect(kinds.getByText('26 kinds, 53 questions')).toBeVisible()
  await kinds.getByRole('button', { name: 'Choose none' }).click()
  for (const kind of ['Measure', 'Draw', 'Reflex'])
    await kinds.getByRole('checkbox', { name: kind, exact: true }).check()
  await kinds.getByLabel('Measure: questions').fill('3')
  await expect(kinds.getByText('3 kinds, 7 questions')).toBeVisible()
  await kinds.getByRole('button', { name: 'Use these kinds' }).click()
  await expect(page.getByRole('heading', { name: '7 questions' })).toBeVisible()
  // What it can show is folded away until somebody wants to know.
  await expect(page.getByText('Shows:')).toBeHidden()
  await page.getByText(/^It can show \d+ mistakes/).click()
  await expect(page.getByText('Shows:')).toBeVisible()
  await page.getByRole('button', { name: 'Leave out Draw' }).click()
  await page.getByLabel('Measure: questions').fill('4')
  await expect(page.getByRole('heading', { name: '6 questions' })).toBeVisible()
  await page.getByLabel('Kinds of angle').selectOption({ label: 'obtuse' })
  await page.getByLabel('Measures', { exact: true }).selectOption({ label: 'multiples of ten' })
  await expect
    .poll(async () => (await answers(page)).filter((text) => /Measure 1[0-7]0°/.test(text)).length)
    .toBe(4)
  await page.getByLabel('and in turn another').selectOption({ label: 'One scale, zero on the right' })
  await expect(
    page.locator('article').filter({ hasText: 'took the only scale’s number' }).first(),
  ).toBeVisible()
  // Each says what it asks, in words.
  await expect(page.locator('article p').first()).toHaveText(/^[A-Z].*[.?]$/)
  await expect(page.getByText('[object')).toHaveCount(0)
  // A ready one takes the place of all that.
  await page.getByLabel('A set that is ready').selectOption({ label: 'Quick round of kinds' })
  await expect(page.getByLabel('Title')).toHaveValue('Quick round of kinds')
  await expect(page.getByRole('button', { name: 'Leave out Measure' })).toHaveCount(0)
  await expect(page.getByRole('heading', { name: '6 questions' })).toHaveCount(0)
})

test('what a number of the sentence cannot be is told, and what was wished stays', async ({ page }) => {
  await newSet(page)
  await page.getByLabel('To, degrees').fill('400')
  await expect(page.getByRole('alert')).toContainText('To: Use a number from 1 to 359')
  await expect(page.getByText('The set can’t be made like this.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Give it to the class' })).toBeDisabled()
  await page.getByLabel('To, degrees').fill('60')
  await expect(page.getByRole('alert')).toHaveCount(0)
  await expect(page.getByLabel('Measure: questions')).toHaveValue('3')
})

test('wishes are saved as a file and opened again, with the house rules of the set', async ({ page }) => {
  await newSet(page)
  await page.getByLabel('House rules', { exact: true }).selectOption({ label: 'house rules of its own' })
  const rules = page.getByRole('form', { name: 'House rules' })
  await rules.getByLabel('Estimate first').selectOption({ label: 'yes' })
  await rules.getByRole('button', { name: 'Use these rules' }).click()
  await page.getByLabel('Level or tilted').selectOption({ label: 'all tilted' })
  await page.getByLabel('Tolerance, degrees').fill('1')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save these settings as a file' }).click()
  const file = await (await download).path()
  expect(JSON.parse(readFileSync(file, 'utf8')).specification).toMatchObject({
    tilt: 'tilted',
    rules: { estimateFirst: true },
  })
  await page.reload()
  await expect(page.getByLabel('Level or tilted')).toHaveValue('level')
  await page.getByLabel('Open settings or a set').setInputFiles(file)
  await expect(page.getByRole('status')).toContainText('Opened Harbour angles')
  await expect(page.getByLabel('Level or tilted')).toHaveValue('tilted')
  await expect(page.getByLabel('Tolerance, degrees')).toHaveValue('1')
  await expect(page.getByRole('combobox', { name: 'House rules' })).toHaveValue('own')
  await page.getByLabel('Open settings or a set').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from(readFileSync(file, 'utf8').replace('"tilted"', '"sideways"')),
  })
  await expect(page.getByRole('alert')).toContainText(/^Tilt: .* See line \d+ of the file/)
  await expect(page.getByLabel('Level or tilted')).toHaveValue('tilted')
})

test('a whole set from a file is given as it is, and its answers are marked again', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page)
  const pin = await addStudent(page, 'Thyme')
  const { items } = await give(page, ['read-laid'])
  const all = await (await page.request.get('/api/v1/assignments')).json()
  const given = all.find((a: { title: string }) => a.title === 'All kinds')
  const text = await (await page.request.get(`/api/v1/sets/${given.setId}/file`)).text()
  await page.goto('/desk')
  await page.getByRole('link', { name: 'New set', exact: true }).click()
  const renamed = text.replace('"All kinds"', '"From a file"')
  await page
    .getByLabel('Open settings or a set')
    .setInputFiles({ name: 'set.json', mimeType: 'application/json', buffer: Buffer.from(renamed) })
  await expect(page.getByRole('heading', { name: 'From a file' })).toBeVisible()

  const bench = await (await browser.newContext({ baseURL })).newPage()
  await join(bench, 'Thyme', pin)
  await bench.getByText('From a file').click()
  const truth = Number.parseInt(items[0]!.key.at(-1)!.answer.text, 10)
  await bench.getByLabel('It reads, in degrees').fill(String(truth))
  await bench.getByRole('button', { name: 'Hand in' }).click()
  await expect(bench.getByTestId('feedback')).toContainText('That is right')
  await bench.context().close()

  await page.getByText('Files, and marking again').click()
  await page.getByRole('button', { name: 'Mark earlier answers again' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'newest mark' })).toBeVisible()
})

test('the class’s own instrument can be set for, and lies on the Bench', async ({
  page,
  browser,
  baseURL,
}) => {
  await openDesk(page)
  const pin = await addStudent(page, 'Verbena')
  await send(page, 'POST', 'cabinet', { instrument: await copper(page) })
  await page.getByRole('link', { name: 'New set', exact: true }).click()
  await page.getByLabel('Title').fill('In copper')
  await page.getByLabel('and in turn another').selectOption({ label: 'Our copper one' })
  await page.getByRole('button', { name: 'Leave out Desk protractor' }).click()
  await expect(page.getByRole('button', { name: 'Give it to the class' })).toBeEnabled()
  await page.getByRole('button', { name: 'Give it to the class' }).click()
  await expect(page.getByRole('heading', { name: 'In copper' })).toBeVisible()

  const bench = await (await browser.newContext({ baseURL })).newPage()
  await join(bench, 'Verbena', pin)
  await bench.getByText('In copper').click()
  await expect(bench.getByTestId('protractor')).toHaveAttribute('aria-label', /Our copper one/)
  await bench.context().close()
})

test('kinds of angle from a file stand in the sentence, and a set from a file waits for a class', async ({
  page,
}) => {
  await page.goto('/desk')
  await page.evaluate(async () => {
    const { antiforgeryToken } = await (await fetch('/api/v1/session')).json()
    await fetch('/api/v1/teachers', {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'X-Jaunty-Token': antiforgeryToken },
      body: JSON.stringify({
        userName: 'gannet',
        displayName: 'S. Gannet',
        password: 'a quiet harbour wall',
      }),
    })
  })
  await page.goto('/desk#/new')
  await page.reload()
  const specification = {
    kinds: [{ kind: 'measure', count: 2 }],
    angleKinds: ['acute', 'right'],
    tolerance: 1.5,
  }
  const open = (file: object) =>
    page.getByLabel('Open settings or a set').setInputFiles({
      name: 'file.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(file)),
    })
  await open({ format: 'jaunty-specification', version: 1, title: 'Two kinds', specification })
  await expect(page.getByRole('status')).toContainText('Opened Two kinds')
  await expect(page.getByLabel('Kinds of angle').locator('option:checked')).toHaveText('acute or right')
  await expect(page.getByLabel('Tolerance, degrees')).toHaveValue('1.5')
  await open({ format: 'jaunty-set', version: 1, title: 'A set' })
  await expect(page.getByRole('alert')).toContainText('Make a class first')
})

test('drawings for algebra are to scale or not as it is wished, and what is seen on a sheet stands under its question', async ({
  page,
}) => {
  await openDesk(page)
  await page.getByRole('link', { name: 'New set', exact: true }).click()
  await page.getByRole('button', { name: 'choose kinds from pictures' }).click()
  const kinds = page.getByRole('dialog', { name: 'Which kinds of question?' })
  await kinds.getByRole('button', { name: 'Choose none' }).click()
  for (const kind of ['Parts of an angle by algebra', 'Cut an angle in half'])
    await kinds.getByRole('checkbox', { name: kind, exact: true }).check()
  await kinds.getByRole('button', { name: 'Use these kinds' }).click()

  const scale = page.getByLabel('Scale of drawings for algebra')
  const said = page.getByText('The drawing is not to scale.')
  await scale.selectOption({ label: 'never to scale' })
  await expect(said).toHaveCount(2)
  await scale.selectOption({ label: 'all to scale' })
  await expect(said).toHaveCount(0)

  await page.getByLabel('Answers in algebra').selectOption({ label: 'the answers are repeating decimals' })
  const parts = page.getByRole('article').filter({ hasText: 'Parts of an angle by algebra' }).first()
  // Only where a decimal goes on and on it can be cut off.
  await expect(parts).toContainText('cut off a decimal that goes on and on')
  await page.getByLabel('Answers in algebra').selectOption({ label: 'x and all angles are whole' })
  await expect(parts).not.toContainText('cut off a decimal that goes on and on')

  const half = page.getByRole('article').filter({ hasText: 'Cut an angle in half' }).first()
  await expect(half.getByRole('list')).toContainText('drew the line to the wrong crossing')
  await half.getByText('would be seen on the sheet itself').click()
  await expect(half).toContainText('did not use the compass')
})
