// The three rooms and the front door in Debian's Chromium at full speed: how much the first visit fetches, how far things jump while one
// works (layout shift), and the longest task that holds the page up. Wanted: layout shift under 0.05 in each, no task over 100 ms.
// usage: node bench/browser/rooms.mjs [ADDRESS]; with an address of a demonstration that runs, such as an earlier version, that one
// is measured, and only its first loads: its pages may be other ones.
import { createRequire } from 'node:module'
import { join } from 'node:path'
import { root, withApplication } from '../application.mjs'

const { chromium } = createRequire(join(root, 'web/package.json'))('@playwright/test')

/** Watches what jumps and what takes long, from before the first byte is read. */
function watch() {
  window.watched_ = { shift: 0, tasks: [] }
  new PerformanceObserver((list) => {
    // What follows the hand within half a second was asked for.
    for (const entry of list.getEntries()) if (!entry.hadRecentInput) window.watched_.shift += entry.value
  }).observe({ type: 'layout-shift', buffered: true })
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) window.watched_.tasks.push(entry.duration)
  }).observe({ type: 'longtask', buffered: true })
}

const given = process.argv[2]

async function measure({ address }) {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
  })

  async function visit(name, work) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
    const page = await context.newPage()
    await page.addInitScript(watch)
    const cdp = await context.newCDPSession(page)
    await cdp.send('Network.enable')
    const kinds = new Map()
    const bytes = { Script: 0, Stylesheet: 0, Font: 0, Document: 0 }
    let loading = true
    cdp.on('Network.responseReceived', (e) => kinds.set(e.requestId, e.type))
    cdp.on('Network.loadingFinished', (e) => {
      const kind = kinds.get(e.requestId)
      if (loading && kind in bytes) bytes[kind] += e.encodedDataLength
    })
    let shift = 0
    const tasks = []
    // A page that goes takes its figures with it: they are read before.
    const read = async () => {
      const seen = await page.evaluate(() => window.watched_)
      shift = Math.max(shift, seen.shift)
      tasks.push(...seen.tasks)
    }
    await work(page, async () => {
      await page.waitForLoadState('networkidle')
      loading = false
      return Boolean(given)
    })
    await page.waitForTimeout(600)
    await read()
    const kB = (kind) => (bytes[kind] / 1000).toFixed(1)
    console.log(
      `${name}: first load ${kB('Script')} kB script, ${kB('Stylesheet')} kB style, ${kB('Font')} kB fonts; ` +
        `layout shift ${shift.toFixed(3)}; longest task ${Math.max(0, ...tasks).toFixed(0)} ms, ${tasks.filter((ms) => ms > 100).length} over 100 ms of ${tasks.length} over 50`,
    )
    await context.close()
  }

  for (const run of [1, 2, 3]) {
    await visit(`front door ${run}`, async (page, loaded) => {
      await page.goto(`${address}/`)
      if (await loaded()) return
      await page.waitForTimeout(3000)
    })
    await visit(`Board ${run}`, async (page, loaded) => {
      await page.goto(`${address}/board?measure=64`)
      await page.getByTestId('caption').waitFor()
      if (await loaded()) return
      for (let step = 0; step < 12; step++) {
        await page.keyboard.press('PageDown')
        await page.waitForTimeout(500)
      }
      for (const panel of ['List', 'Class', 'Lesson', 'View']) {
        await page.getByRole('button', { name: panel, exact: true }).click()
        await page.waitForTimeout(600)
        await page.keyboard.press('Escape')
      }
    })
    await visit(`Bench ${run}`, async (page, loaded) => {
      await page.goto(`${address}/bench`)
      await page.getByLabel('Class code').waitFor()
      if (await loaded()) return
      await page.getByLabel('Class code').fill('HERON6')
      await page.getByLabel('Your first name').fill('Greta')
      await page.getByLabel('PIN').fill('6031')
      await page.keyboard.press('Enter')
      await page.getByText('Cranes and sails').click()
      for (let i = 0; i < 4; i++) {
        const place = page.getByRole('button', { name: new RegExp(`^Question ${i + 1}\\b`) })
        await place.click()
        await page.waitForTimeout(500)
        const reading = page.getByLabel('Your reading')
        if ((await reading.count()) === 0) continue
        await reading.fill('3')
        await page.keyboard.press('Enter')
        await page.getByTestId('feedback').waitFor()
        await page.waitForTimeout(500)
      }
    })
    await visit(`Desk ${run}`, async (page, loaded) => {
      await page.goto(`${address}/desk`)
      await page.getByLabel('User name').waitFor()
      if (await loaded()) return
      await page.getByLabel('User name').fill('fenwick')
      await page.getByLabel('Password', { exact: true }).fill('brass and blue ink')
      await page.keyboard.press('Enter')
      await page.getByRole('link', { name: /Harbour survey/ }).click()
      await page.getByRole('rowheader').first().waitFor()
      await page.waitForTimeout(600)
      await page.getByRole('link', { name: 'New set', exact: true }).click()
      await page.getByRole('article').first().waitFor()
      await page.waitForTimeout(600)
      for (const view of ['Classes', 'Cabinet', 'School']) {
        await page.getByRole('link', { name: view, exact: true }).click()
        await page.waitForTimeout(700)
      }
    })
  }
  await browser.close()
}

if (given) await measure({ address: given })
else await withApplication(measure)
process.exit()
