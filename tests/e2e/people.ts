/** What the browser tests do again and again: sign in, find places on the sheet, move the protractor. */
import { expect, type APIResponse, type Locator, type Page } from '@playwright/test'

export const teacher = { userName: 'fenwick', password: 'brass and blue ink' }
export type Spot = { x: number; y: number }

/** Asks the API in the name of whoever is signed in in the page's browser: quicker than by hand where the hand is not tried. */
export async function send(
  page: Page,
  method: 'POST' | 'PATCH' | 'PUT' | 'DELETE',
  path: string,
  body: object = {},
): Promise<APIResponse> {
  const door = path.startsWith('bench/') ? 'bench/session' : 'session'
  const { antiforgeryToken } = await (await page.request.get(`/api/v1/${door}`)).json()
  const headers = { 'X-Jaunty-Token': antiforgeryToken as string }
  const reply = await page.request.fetch(`/api/v1/${path}`, { method, headers, data: body })
  if (!reply.ok()) throw new Error(await reply.text())
  return reply
}

/** Signs the teacher in; no page is opened. */
export async function signIn(page: Page): Promise<void> {
  await send(page, 'POST', 'session', teacher)
}

/** Opens the Desk with the teacher signed in. */
export async function openDesk(page: Page): Promise<void> {
  await signIn(page)
  await page.goto('/desk')
  await expect(page.getByRole('heading', { name: 'Sets given' })).toBeVisible()
}

export async function signInByHand(page: Page): Promise<void> {
  await page.goto('/desk')
  await page.getByLabel('User name').fill(teacher.userName)
  await page.getByLabel('Password', { exact: true }).fill(teacher.password)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Sets given' })).toBeVisible()
}

/** The class of the demonstration, whatever other classes a test has made. */
export async function demonstrationClass(page: Page): Promise<string> {
  const classes = (await (await page.request.get('/api/v1/classes')).json()) as { id: string; code: string }[]
  return classes.find(({ code }) => code === 'HERON6')!.id
}

/** Adds a student to the demonstration class, and returns the PIN. */
export async function addStudent(page: Page, name: string): Promise<string> {
  const reply = await send(page, 'POST', `classes/${await demonstrationClass(page)}/students`, {
    givenName: name,
  })
  return ((await reply.json()) as { pin: string }).pin
}

/** An instrument that nobody ships. */
export async function copper(page: Page): Promise<object> {
  const [desk] = await (await page.request.get('/api/v1/instruments')).json()
  return { ...desk.protractor, id: 'own-copper', name: 'Our copper one', material: 'metal' }
}

/** Signs a student in, and opens the Bench: at its list, or at a set. */
export async function join(page: Page, name: string, pin: string, assignment = ''): Promise<void> {
  await send(page, 'POST', 'bench/session', { classCode: 'heron6', givenName: name, pin })
  await page.goto(assignment ? `/bench#${assignment}` : '/bench')
  const there = assignment
    ? page.getByRole('navigation', { name: 'Questions' })
    : page.getByRole('heading', { name: 'Your work' })
  await expect(there).toBeVisible()
}

export async function joinByHand(page: Page, name: string, pin: string): Promise<void> {
  await page.goto('/bench')
  await page.getByLabel('Class code').fill('heron6')
  await page.getByLabel('Your first name').fill(name)
  await page.getByLabel('PIN').fill(pin)
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Your work' })).toBeVisible()
}

/** Of an item as it comes to a student's device, what the tests look at. */
interface SeenItem {
  view: { prompt: { text: string }; drawing: object | null }
  figures: { vertex: Spot; startTip: Spot; endTip: Spot; opening: string }[]
}

/** The items of a set as the student's browser gets them, with their first angle and what is drawn from. */
export async function itemsOf(page: Page, title: string): Promise<Record<string, never>[]> {
  return page.evaluate(async (wanted) => {
    const all = await (await fetch('/api/v1/bench/assignments')).json()
    const id = all.find((a: { title: string }) => a.title === wanted).id
    const { items } = await (await fetch(`/api/v1/bench/assignments/${id}`)).json()
    const direction = (from: Spot, to: Spot): number =>
      (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI
    /** Measured on the lines: the degrees do not travel. */
    const angleOf = (seen: SeenItem['figures'][number] | undefined): object | undefined => {
      if (!seen) return undefined
      const start = direction(seen.vertex, seen.startTip)
      const turn = direction(seen.vertex, seen.endTip) - start
      const measure = (((seen.opening === 'anticlockwise' ? turn : -turn) % 360) + 360) % 360
      return { vertex: seen.vertex, start, opening: seen.opening, measure: Math.round(measure * 10) / 10 }
    }
    return (items as SeenItem[]).map(({ view, figures }) => ({
      ...view,
      ...view.drawing,
      angle: angleOf(figures[0]),
      measure: Number(/(\d+)°/.exec(view.prompt.text)?.[1]),
    })) as unknown as Record<string, never>[]
  }, title)
}

/** Where a point of the sheet, in mm, is on the screen. */
export async function onScreen(page: Page, spot: Spot): Promise<Spot> {
  return page.evaluate((mm) => {
    const frame = document.querySelector<SVGGElement>('svg.sheet > g')!
    const at = new DOMPoint(mm.x, mm.y).matrixTransform(frame.getScreenCTM()!)
    return { x: at.x, y: at.y }
  }, spot)
}

export async function drag(page: Page, from: Spot, to: Spot): Promise<void> {
  const a = await onScreen(page, from)
  const b = await onScreen(page, to)
  await page.mouse.move(a.x, a.y)
  await page.mouse.down()
  await page.mouse.move((a.x + b.x) / 2, (a.y + b.y) / 2, { steps: 3 })
  await page.mouse.move(b.x, b.y, { steps: 3 })
  await page.mouse.up()
}

export async function tap(page: Page, spot: Spot): Promise<void> {
  const at = await onScreen(page, spot)
  await page.mouse.click(at.x, at.y)
}

export const polar = (from: Spot, degrees: number, distance: number): Spot => ({
  x: from.x + distance * Math.cos((degrees * Math.PI) / 180),
  y: from.y + distance * Math.sin((degrees * Math.PI) / 180),
})

/** Where the protractor lies, read from the page. */
export async function placementOf(protractor: Locator): Promise<{ x: number; y: number; turn: number }> {
  const transform = (await protractor.getAttribute('transform'))!
  const [x, y, turn] = transform.match(/-?[\d.]+(e-?\d+)?/g)!.map(Number)
  return { x: x!, y: y!, turn: turn! }
}

/** Slides by the body, then turns by the rim, with the mouse. */
export async function lay(page: Page, centre: Spot, turn: number): Promise<void> {
  const protractor = page.getByTestId('protractor')
  const now = await placementOf(protractor)
  const grip = polar({ x: 0, y: 0 }, now.turn + 90, 20)
  await drag(page, { x: now.x + grip.x, y: now.y + grip.y }, { x: centre.x + grip.x, y: centre.y + grip.y })
  const rim = 74
  await drag(page, polar(centre, now.turn + 60, rim), polar(centre, turn + 60, rim))
}

/** The drafts that this device keeps, as text. */
export const draftsOn = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const open = indexedDB.open('jaunty-bench')
        open.onerror = () => reject(open.error)
        open.onsuccess = () => {
          const all = open.result.transaction('drafts').objectStore('drafts').getAll()
          all.onsuccess = () => {
            open.result.close()
            resolve(JSON.stringify(all.result))
          }
        }
      }),
  )

/** What a reply says: a message with its text. */
export interface Said {
  id: string
  text: string
}
export interface Ask {
  field: string
  type: string
  label: Said
  optional: boolean
  options: { key: string; text: Said }[]
}
export interface ItemView {
  kind: string
  prompt: Said
  asks: Ask[]
  drawing: { baseRay: { vertex: Spot; direction: number; length: number }; opening: string } | null
}
export interface Made {
  view: ItemView
  key: { step: string; answer: Said }[]
  item: Record<string, never>
}

/** Gives the demonstration class a set with one item of each of some kinds, as the teacher who is signed in. */
export async function give(
  page: Page,
  kinds: string[],
  wishes: Record<string, unknown> = {},
  giving: Record<string, unknown> = {},
  language = 'en',
  seed = 12,
): Promise<{ id: string; items: Made[] }> {
  const specification = { kinds: kinds.map((kind) => ({ kind, count: 1 })), ...wishes }
  const set = await (await send(page, 'POST', 'sets', { title: 'All kinds', seed, specification })).json()
  const given = { setId: set.id, classId: await demonstrationClass(page), tries: 3, ...giving }
  const { id } = await (await send(page, 'POST', 'assignments', given)).json()
  const headers = { 'Accept-Language': language }
  const { items } = await (await page.request.get(`/api/v1/sets/${set.id}`, { headers })).json()
  return { id, items }
}

/** Opens the Board's list and types what is looked for. */
export async function searchList(page: Page, typed: string): Promise<void> {
  await page.getByRole('button', { name: 'List', exact: true }).click()
  await expect(page.getByRole('searchbox')).toBeFocused()
  await page.keyboard.type(typed)
}
