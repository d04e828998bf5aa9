/* What a person has set in their own browser or system is followed: forced colours, less motion, a language, a left hand. */
import { expect, test } from './application'
import { addStudent, give, join, openDesk, signIn } from './people'

test.describe('with forced colours', () => {
  test.use({ contextOptions: { forcedColors: 'active' } })

  test('what is pressed and chosen stands apart on every page', async ({ page, browser, baseURL }) => {
    /** Whether two things look unlike each other in the colours that are left. */
    const colours = (selector: string): Promise<string> =>
      page
        .locator(selector)
        .first()
        .evaluate((it) => {
          const { backgroundColor, color, outlineColor, borderColor } = getComputedStyle(it)
          return [backgroundColor, color, outlineColor, borderColor].join()
        })
    await page.goto('/board?measure=64')
    await expect(page.getByTestId('caption')).toBeVisible()
    await page.getByRole('button', { name: 'Centre mark' }).click()
    expect(await colours('[aria-current="step"]')).not.toBe(
      await colours('.beads button:not([aria-current="step"]), nav button:not([aria-current])'),
    )
    await page.getByRole('button', { name: 'Instruments' }).click()
    await page.getByRole('button', { name: 'Raised marks' }).click()
    await page.getByRole('button', { name: 'Arc', exact: true }).click()
    expect(await colours('[aria-pressed="true"]')).not.toBe(await colours('[aria-pressed="false"]'))
    await openDesk(page)
    await page.getByRole('link', { name: 'Classes' }).click()
    await expect(page.locator('[aria-current="page"]').first()).toBeVisible()
    expect(await colours('[aria-current="page"]')).not.toBe(await colours('header a:not([aria-current])'))

    const pin = await addStudent(page, 'Speedwell')
    const { id } = await give(page, ['draw', 'measure'])
    const bench = await (await browser.newContext({ baseURL, forcedColors: 'active' })).newPage()
    await join(bench, 'Speedwell', pin, id)
    const apart = await bench.evaluate(() =>
      ['true', 'false'].map((checked) => {
        const tool = document.querySelector(`[role="radio"][aria-checked="${checked}"]`)!
        const { backgroundColor, color, borderColor } = getComputedStyle(tool)
        return [backgroundColor, color, borderColor].join()
      }),
    )
    expect(apart[0]).not.toBe(apart[1])
    await bench.context().close()
  })
})

test.describe('with less motion', () => {
  test.use({ contextOptions: { reducedMotion: 'reduce' } })

  test('nothing moves by itself, and a demonstration is at its end of each step at once', async ({
    page,
  }) => {
    const moving = (): Promise<number> =>
      page.evaluate(
        () =>
          document
            .getAnimations()
            .filter((a) => a.playState === 'running' && Number(a.effect?.getComputedTiming().duration) > 50)
            .length,
      )
    await page.goto('/')
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    expect(await moving()).toBe(0)
    await page.goto('/board?measure=64')
    await expect(page.getByTestId('caption')).toBeVisible()
    for (let step = 0; step < 6; step++) {
      await page.keyboard.press('PageDown')
      // Two frames: one to draw, one that would be another.
      const drawn = await page.evaluate(async () => {
        const frame = (): Promise<string> =>
          new Promise((done) =>
            requestAnimationFrame(() => done(document.querySelector('#scene')!.innerHTML)),
          )
        await frame()
        return [await frame(), await frame()]
      })
      expect(drawn[1]).toBe(drawn[0])
      expect(await moving()).toBe(0)
    }
  })
})
