/* Every text made longer, accented and put into brackets: what stands on a page outside of brackets comes from no catalogue. */
import { runInNewContext } from 'node:vm'
import type { Page } from '@playwright/test'

const accents: Record<string, string> = { a: 'á', e: 'é', i: 'í', o: 'ó', u: 'ú', A: 'Á', E: 'É', O: 'Ó' }
const accented = (text: string): string => text.replace(/[aeiouAEO]/g, (letter) => accents[letter]!)

/** A text as the pseudo-language has it, about a third longer. */
const pseudo = (text: string): string =>
  /\p{L}/u.test(text) ? `⟦${accented(text)}${'·'.repeat(Math.ceil(text.length / 3))}⟧` : text

interface Part {
  type: number
  value?: string
  options?: Record<string, { value: Part[] }>
}

/** A pattern as the pages have it: plain, or taken apart. */
function pseudoPattern(pattern: string | Part[]): string | Part[] {
  if (typeof pattern === 'string') return pseudo(pattern)
  const inside = (parts: Part[]): Part[] =>
    parts.map((part) =>
      part.type === 0
        ? { ...part, value: accented(part.value!) }
        : part.options
          ? {
              ...part,
              options: Object.fromEntries(
                Object.entries(part.options).map(([key, { value }]) => [key, { value: inside(value) }]),
              ),
            }
          : part,
    )
  return [{ type: 0, value: '⟦' }, ...inside(pattern), { type: 0, value: '··⟧' }]
}

/** Replies say their messages in it, too. */
function pseudoReply(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(pseudoReply)
  if (typeof value !== 'object' || value === null) return value
  const { id, text } = value as { id?: unknown; text?: unknown }
  const isMessage = typeof id === 'string' && /^[a-z]+\./.test(id) && typeof text === 'string'
  return Object.fromEntries(
    Object.entries(value).map(([key, each]) => [
      key,
      isMessage && key === 'text' && id !== 'units.as-written' ? pseudo(text) : pseudoReply(each),
    ]),
  )
}

export async function speakPseudo(page: Page): Promise<void> {
  await page.context().route(/\/assets\/said-\w+-en-[\w-]{8}\.js/, async (route) => {
    const body = await (await route.fetch()).text()
    const sandbox: { catalogue?: { messages: Record<string, string | Part[]> } } = {}
    runInNewContext(body.replace(/export\s*\{\s*(\w+) as default\s*\};?\s*$/, ';catalogue = $1'), sandbox)
    const catalogue = sandbox.catalogue!
    const messages = Object.fromEntries(
      Object.entries(catalogue.messages).map(([key, pattern]) => [
        key,
        // Numbers and lists stand within other texts.
        key.startsWith('units.') ? pattern : pseudoPattern(pattern),
      ]),
    )
    await route.fulfill({
      contentType: 'text/javascript',
      body: `export default ${JSON.stringify({ ...catalogue, messages })}`,
    })
  })
  await page.context().route('**/api/v1/**', async (route) => {
    const reply = await route.fetch()
    if (!/json/.test(reply.headers()['content-type'] ?? '')) return route.fulfill({ response: reply })
    await route.fulfill({ response: reply, json: pseudoReply(await reply.json()) })
  })
}

/** What is read or spoken on a page and comes from no catalogue, and what does not fit where it stands. */
export const notFromCatalogues = (page: Page, names: RegExp): Promise<string[]> =>
  page.evaluate(
    ({ source, flags }) => {
      const known = new RegExp(source, flags)
      const found: string[] = []
      const look = (text: string, where: string): void => {
        let rest = text
        // Brackets stand within brackets.
        for (let before = ''; before !== rest;) {
          before = rest
          rest = rest.replace(/⟦[^⟦⟧]*⟧/g, ' ')
        }
        rest = rest.replace(known, ' ').replace(/\b(mm|px)\b|[A-Z]{1,3}\b/g, ' ')
        if (/[⟦⟧]|\p{L}{2}/u.test(rest)) found.push(`${where}: ${text.trim()}`)
      }
      // A sentence with controls in it is one text: the block that it stands in is read as a whole.
      const blocks =
        'p, li, td, th, dt, dd, h1, h2, h3, label, legend, button, a, option, summary, figcaption'
      const read = new Set<Element>()
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
      while (walker.nextNode()) {
        const text = walker.currentNode.textContent!
        const parent = walker.currentNode.parentElement!
        if (text.trim() === '' || parent.closest('script, style, [lang]:not(html)')) continue
        const block = parent.closest(blocks)
        if (!block) look(text, parent.tagName)
        else if (!read.has(block)) look(block.textContent!, block.tagName)
        if (block) read.add(block)
      }
      for (const name of [
        'aria-label',
        'aria-valuetext',
        'aria-roledescription',
        'title',
        'placeholder',
        'alt',
      ])
        for (const element of document.body.querySelectorAll(`[${name}]`))
          look(element.getAttribute(name)!, name)
      for (const element of document.body.querySelectorAll('button, label, legend, h1, h2, a, p, dt, dd'))
        if (
          element.scrollWidth > element.clientWidth + 2 &&
          getComputedStyle(element).overflowX === 'hidden' &&
          getComputedStyle(element).textOverflow !== 'ellipsis' &&
          !element.classList.contains('visually-hidden')
        )
          found.push(`cut off: ${element.textContent!.trim()}`)
      // A list shows what is chosen; where it goes on in the next line, each word must fit.
      const pen = document.createElement('canvas').getContext('2d')!
      for (const list of document.body.querySelectorAll('select')) {
        if (!list.checkVisibility()) continue
        const style = getComputedStyle(list)
        const text = list.selectedOptions[0]?.text ?? ''
        const wraps = style.appearance === 'base-select' && style.whiteSpace === 'normal'
        const room = list.clientWidth - parseFloat(style.paddingLeft) - parseFloat(style.paddingRight)
        pen.font = style.font
        pen.letterSpacing = style.letterSpacing === 'normal' ? '0px' : style.letterSpacing
        if (
          (wraps ? text.split(' ') : [text]).some((part) => pen.measureText(part).width > room + 1) ||
          list.scrollHeight > list.clientHeight + 2
        )
          found.push(`cut off: ${text}`)
      }
      return [...new Set(found)]
    },
    { source: names.source, flags: names.flags },
  )
