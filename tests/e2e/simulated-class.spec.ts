/* The class of simulated students, let in through the student's door. */
import { execFile } from 'node:child_process'
import { resolve } from 'node:path'
import { promisify } from 'node:util'
import { expect, test } from './application'
import { openDesk, teacher } from './people'

// The tests are run from the folder of the pages.
const program = resolve(
  '..',
  'src/JauntyCompass.SimulatedClass/bin/Release/net10.0/JauntyCompass.SimulatedClass.dll',
)
const run = (...args: string[]): Promise<{ stdout: string; stderr: string }> =>
  promisify(execFile)('dotnet', [program, ...args], { timeout: 60_000 })

test('simulated students join, work and are marked like any others', async ({ page, baseURL }) => {
  test.setTimeout(90_000)
  const { stdout } = await run(
    ...['--url', baseURL!, '--user', teacher.userName, '--password', teacher.password],
    ...['--students', '6', '--hurry', '0', '--kinds', 'measure:3,draw:1', '--seed', '4'],
  )
  expect(stdout).toMatch(/all 6 opened the set within \d+ ms/)
  expect(stdout).toMatch(/6 students, 24 answers in [\d.]+ s/)
  await openDesk(page)
  await page.getByText('For the simulated class').first().click()
  await expect(page.getByRole('heading', { name: 'For the simulated class' })).toBeVisible()
  // Each of them has a row, and each row its four items.
  await expect(page.getByRole('row')).toHaveCount(7)
})

test('the set is given again for every pace, and a pace that is none is refused', async ({ baseURL }) => {
  test.setTimeout(90_000)
  const door = ['--url', baseURL!, '--user', teacher.userName, '--password', teacher.password]
  const { stdout } = await run(
    ...door,
    ...['--students', '4', '--hurry', '5000,0', '--kinds', 'measure:2', '--seed', '9'],
  )
  expect(stdout.match(/all 4 opened the set within/g)).toHaveLength(2)
  expect(stdout.match(/4 students, 8 answers in/g)).toHaveLength(2)
  const refused = await run(...door, '--hurry', '60,fast').then(
    () => null,
    (failed: { code: number; stderr: string }) => failed,
  )
  expect(refused).toMatchObject({ code: 2 })
})

test('what the simulated class is not told it asks for, and a closed door is said', async ({ baseURL }) => {
  const unsaid = await run('--students', '3').then(
    () => null,
    (failed: { code: number; stderr: string }) => failed,
  )
  expect(unsaid).toMatchObject({ code: 2 })
  expect(unsaid!.stderr).toContain('usage:')
  const refused = await run('--url', baseURL!, '--user', 'nobody', '--password', 'not this one').then(
    () => null,
    (failed: { code: number; stderr: string }) => failed,
  )
  expect(refused).toMatchObject({ code: 1 })
  expect(refused!.stderr).toContain('simulated class: POST session: 4')
})
