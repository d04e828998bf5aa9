/** Whether everything on a page that can be pressed or filled in can be reached: seen, not cut off, not covered. */
import type { Page } from '@playwright/test'

/**
 * What a person cannot reach on the page as it is, by name: an action that lies outside the window and cannot be scrolled to, or under
 * something else; and "sideways", when the page scrolls in two directions.
 */
export async function outOfReach(page: Page, within = 'body'): Promise<string[]> {
  return page.evaluate((selector) => {
    const faults: string[] = []
    const root = document.scrollingElement!
    if (root.scrollWidth > innerWidth + 1) faults.push(`sideways: ${root.scrollWidth} in ${innerWidth}`)
    const actions =
      'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary'
    let metByTab: HTMLElement | null = null
    for (const action of document.querySelector(selector)!.querySelectorAll<HTMLElement>(actions)) {
      metByTab?.blur()
      metByTab = null
      const style = getComputedStyle(action)
      const name = () =>
        `${action.localName} “${(action.getAttribute('aria-label') ?? action.textContent ?? '').trim().slice(0, 40) || action.id}”`
      if (
        !action.checkVisibility({
          visibilityProperty: true,
          opacityProperty: true,
        })
      )
        continue
      if (style.clipPath !== 'none' || action.closest('.visually-hidden, .bx--visually-hidden')) continue
      action.scrollIntoView({
        block: 'center',
        inline: 'center',
        behavior: 'instant',
      })
      const label = action.closest('label') ?? document.querySelector(`label[for="${action.id}"]`)
      // What comes only to those who come by Tab is measured as they meet it.
      if (action.getBoundingClientRect().bottom < 0) {
        action.focus({ preventScroll: true })
        metByTab = action
      }
      const box = action.getBoundingClientRect()
      if (box.width === 0 || box.height === 0) continue
      if (box.left < -1 || box.right > innerWidth + 1 || box.top < -1 || box.top > innerHeight) {
        faults.push(`cut off: ${name()} at ${Math.round(box.left)}, ${Math.round(box.top)}`)
        continue
      }
      const [x, y] = [
        (Math.max(0, box.left) + Math.min(innerWidth, box.right)) / 2,
        (Math.max(0, box.top) + Math.min(innerHeight, box.bottom)) / 2,
      ]
      const hit = document.elementFromPoint(x, y)
      if (!hit || !(action.contains(hit) || hit.contains(action) || label?.contains(hit)))
        faults.push(
          `covered: ${name()} by ${hit?.localName}.${String((hit as HTMLElement)?.className?.valueOf?.() ?? '').slice(0, 40)}`,
        )
      // A word that is cut off inside what is pressed.
      if (
        action.localName === 'button' &&
        style.overflow === 'hidden' &&
        action.scrollWidth > action.clientWidth + 2
      )
        faults.push(`clipped: ${name()}`)
    }
    metByTab?.blur()
    scrollTo(0, 0)
    return faults
  }, within)
}

/** Sizes of a window that a room must be whole at, in CSS pixels; 640×400 is 1280×800 at 200%. */
export const sizes = {
  board: ['1366x625', '1280x580', '1280x800', '1024x768', '1920x1080', '3840x2160', '640x400'],
  desk: ['1366x625', '1280x580', '1280x800', '1024x768', '1920x1080', '640x400', '320x640'],
  bench: ['1280x800', '1024x768', '844x390', '390x844', '320x640', '640x400'],
} as const

export async function resize(page: Page, size: string): Promise<void> {
  const [width, height] = size.split('x').map(Number)
  await page.setViewportSize({ width: width!, height: height! })
}

/**
 * What is too small for a finger, by name: under 44 pixels high. The label of a field or a box belongs to what is pressed; a link in a line
 * of text is as high as its text.
 */
export async function tooSmall(page: Page, within = 'main'): Promise<string[]> {
  return page.evaluate((selector) => {
    const actions =
      'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary'
    return [...document.querySelectorAll<HTMLElement>(`${selector} :is(${actions})`)].flatMap((action) => {
      if (!action.checkVisibility({ visibilityProperty: true, opacityProperty: true })) return []
      if (action.matches('p a, li p a') || getComputedStyle(action).clipPath !== 'none') return []
      const label = action.closest('label') ?? document.querySelector(`label[for="${action.id}"]`)
      const boxes = [action, label].map((it) => it?.getBoundingClientRect().height ?? 0)
      // A box of a tick or a file is pressed by its label; a field stands below its own.
      const height = action.matches('[type=checkbox], [type=radio], [type=file]')
        ? Math.max(...boxes)
        : boxes[0]!
      const name = (action.getAttribute('aria-label') ?? action.textContent ?? '').trim().slice(0, 30)
      return height >= 43.5 ? [] : [`${action.localName} “${name || action.id}” ${Math.round(height)}`]
    })
  }, within)
}
