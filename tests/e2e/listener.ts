/**
 * A student who does not see the screen: works from roles, names and what is read out, and from nothing else. What they know is what a
 * lesson teaches: three hours of a clock face make a right angle, one counts on from the zero, a name has the vertex in the middle.
 */
import { expect, type Locator, type Page } from '@playwright/test'
import type { Spot } from './people'

/** An opening as it is told: between so many degrees and so many. */
export interface Band {
  from: number
  to: number
}

const hour = 30
const nearly = 4

/** All openings that a text tells, in order. */
export function openings(text: string): Band[] {
  const pattern =
    /not at all|hardly at all|once all the way round|exactly ([\d.]+) hours?|a little (less|more) than ([\d.]+) hours?|between ([\d.]+) and ([\d.]+) hours/g
  return [...text.matchAll(pattern)].map(([said, exactly, way, of, low, high]) => {
    if (exactly) return { from: Number(exactly) * hour, to: Number(exactly) * hour }
    if (way === 'less') return { from: Number(of) * hour - nearly, to: Number(of) * hour - 0.25 }
    if (way === 'more') return { from: Number(of) * hour + 0.25, to: Number(of) * hour + nearly }
    if (low) return { from: Number(low) * hour + nearly, to: Number(high) * hour - nearly }
    return said === 'not at all'
      ? { from: 0, to: 0 }
      : said === 'hardly at all'
        ? { from: 0, to: nearly }
        : { from: 360, to: 360 }
  })
}

export function kindOf({ from, to }: Band): string {
  if (from === 90 && to === 90) return 'right'
  if (from === 180 && to === 180) return 'straight'
  return to < 90 ? 'acute' : from > 180 ? 'reflex' : 'obtuse'
}

const middle = ({ from, to }: Band): number => (from + to) / 2

/** A place that is told, in mm from the middle of the sheet. */
export function placeIn(text: string): Spot {
  const part = (plus: string, minus: string): number => {
    const found = new RegExp(`([\\d.]+) mm (${plus}|${minus})`).exec(text)
    return found ? Number(found[1]) * (found[2] === plus ? 1 : -1) : 0
  }
  return { x: part('right', 'left'), y: part('up', 'down') }
}

/** A point that is looked for, by where it is told to be. */
export type Sought = (at: Spot) => boolean

/** Numbers that stand on a ray: one for each scale. */
type Stands = Map<string, number>

/** What is read out of the instrument: by ray, in order. */
function numbersIn(text: string): [ray: string, stands: Stands][] {
  return [...text.matchAll(/(?:^|[.:] )((?:Arm|Angle|One|The|Your)[^.:]*): ([^.]*)(?=\.)/g)].map(
    ([, ray, list]) => [
      ray!,
      new Map([...list!.matchAll(/(outer|inner)? ?(\d+)/g)].map((m) => [m[1] ?? 'only', Number(m[2])])),
    ],
  )
}

export class Listener {
  readonly #page: Page
  constructor(page: Page) {
    this.#page = page
  }

  get panel(): Locator {
    return this.#page.getByRole('region', { name: 'Question' })
  }

  async prompt(): Promise<string> {
    return this.panel.getByRole('heading').first().innerText()
  }

  /** The sheet in words. */
  async sheet(): Promise<string> {
    const told = await this.panel.getByText(/^On the sheet:/).innerText()
    // What an hour is, is told before the first angle.
    return told.replace(/How far an angle opens is told in hours[^.]*\./, '')
  }

  async choose(group: string | RegExp, option: string | RegExp): Promise<void> {
    const radio = this.#page
      .getByRole('group', { name: group })
      .getByRole('radio', { name: option, exact: typeof option === 'string' })
    await radio.focus()
    await radio.press('Space')
  }

  async write(label: string | RegExp, value: string | number): Promise<void> {
    await this.panel.getByRole('textbox', { name: label }).fill(String(value))
  }

  async tool(name: string): Promise<void> {
    const radio = this.#page.getByRole('radiogroup', { name: 'Your tool' }).getByRole('radio', { name })
    await radio.focus()
    await radio.press('Space')
  }

  async press(...keys: string[]): Promise<void> {
    for (const key of keys) await this.#page.keyboard.press(key)
  }

  async button(name: string): Promise<void> {
    const button = this.panel.getByRole('button', { name, exact: true })
    await button.focus()
    await button.press('Enter')
  }

  /** Goes to the instrument, presses keys, and waits for what is read out then. */
  async #hear(keys: string[], go: Locator): Promise<string> {
    const said = this.panel.getByRole('status').filter({ hasText: /: / }).first()
    const before = (await said.count()) > 0 ? await said.innerText() : ''
    await go.focus()
    await this.press(...keys)
    await expect.poll(async () => ((await said.count()) > 0 ? said.innerText() : '')).not.toBe(before)
    return said.innerText()
  }

  get #protractor(): Locator {
    return this.#page.getByRole('group', { name: /Arrow keys slide it/ })
  }

  get #pencil(): Locator {
    return this.#page.getByRole('group', { name: /^Pencil/ })
  }

  /**
   * Brings the centre mark to the next vertex and turns the zero line along an arm, until one scale has its zero on a ray and all other
   * rays have a number.
   * @param jump whether to go to the next vertex first
   * @param zeroOn the ray that has the zero; any when it is left out
   */
  async laid(
    jump = true,
    zeroOn?: string,
  ): Promise<{ zero: string; rays: [string, Stands][]; scales: string[] }> {
    if (jump) await this.#hear(['KeyJ'], this.#protractor)
    for (let tries = 0; tries < 8; tries++) {
      const rays = numbersIn(await this.#hear(['KeyL'], this.#protractor))
      const zero = rays.find(([ray, stands]) => {
        return (!zeroOn || ray.endsWith(zeroOn)) && [...stands.values()].some((n) => n % 360 === 0)
      })
      if (zero && rays.every(([, stands]) => stands.size > 0)) {
        const scales = [...zero[1]].filter(([, number]) => number % 360 === 0).map(([scale]) => scale)
        return { zero: zero[0], rays, scales }
      }
    }
    throw new Error('It could not be laid on.')
  }

  /** What a ray is at, counted on from the zero; of two scales the one that agrees with how far it opens. */
  reading(laid: Awaited<ReturnType<Listener['laid']>>, ray: string | null, opens?: Band): number {
    const [, stands] = laid.rays.find(([name]) => (ray ? name.endsWith(ray) : name !== laid.zero))!
    const numbers = laid.scales.map((scale) => stands.get(scale)!)
    return opens
      ? numbers.reduce((a, b) => (Math.abs(b - middle(opens)) < Math.abs(a - middle(opens)) ? b : a))
      : numbers[0]!
  }

  /** Lays the instrument on the only angle and reads it. */
  async measure(opens?: Band): Promise<number> {
    return this.reading(await this.laid(), null, opens)
  }

  /** Opens the paper fan to about so many degrees. */
  async fan(degrees: number): Promise<void> {
    const fan = this.#page.getByRole('slider', { name: /Paper fan/ })
    await fan.focus()
    for (let tries = 0; tries < 80; tries++) {
      const open = Number(/\d+/.exec((await fan.getAttribute('aria-valuetext')) ?? '')?.[0] ?? 0)
      if (Math.abs(open - degrees) < 5) return
      await fan.press('ArrowUp')
    }
  }

  /** Carries the pencil from where it says it is to a place, in mm from the middle of the sheet. */
  async pencilTo(x: number, y: number): Promise<void> {
    await this.#pencil.focus()
    const told = placeIn((await this.#pencil.getAttribute('aria-label'))!)
    for (const [by, plus, minus] of [
      [x - told.x, 'ArrowRight', 'ArrowLeft'],
      [y - told.y, 'ArrowUp', 'ArrowDown'],
    ] as const) {
      let rest = by
      for (const [step, held] of [
        [10, 'Control+'],
        [1, ''],
        [0.1, 'Shift+'],
      ] as const) {
        const count = Math.round(rest / step)
        rest -= count * step
        for (let i = 0; i < Math.abs(count); i++) await this.press(held + (count > 0 ? plus : minus))
      }
    }
  }

  /** What stands under the pencil, by scale. */
  async underPencil(): Promise<Stands> {
    const said = await this.#hear(['Shift+ArrowUp', 'Shift+ArrowDown'], this.#pencil)
    return new Map(numbersIn(said).at(-1)![1])
  }

  /**
   * Draws a second ray that opens so far from the base ray, with its arc; with the protractor, or by eye.
   * @returns what stands on the instrument under the dot; nothing when it is drawn by eye
   */
  async draw(degrees: number, byEye = false): Promise<Stands> {
    let under: Stands = new Map()
    const told = await this.sheet()
    const turned = Number(/turned ([\d.]+)°/.exec(told)![1])
    const sign = /open anticlockwise/.test(told) ? 1 : -1
    const vertex = placeIn(/The vertex \w is [^:]*?(?=\. |$)/.exec(told)![0])
    const away = (direction: number, distance: number): [number, number] => [
      vertex.x + distance * Math.cos((direction * Math.PI) / 180),
      vertex.y + distance * Math.sin((direction * Math.PI) / 180),
    ]
    const outward = turned + sign * degrees
    if (!byEye) {
      await this.tool('Dot')
      await this.pencilTo(...away(outward, 84))
      under = await this.underPencil()
      for (let tries = 0; under.size === 0 && tries < 4; tries++) {
        // It lies on the other side of the ray: along the same ray the other way round.
        await this.tool('Protractor')
        await this.#hear(['KeyL'], this.#protractor)
        await this.tool('Dot')
        under = await this.underPencil()
      }
      await this.press('Enter')
    }
    await this.tool('Straightedge')
    await this.pencilTo(vertex.x, vertex.y)
    await this.press('Enter')
    await this.pencilTo(...away(outward, 84))
    await this.press('Enter')
    await this.tool('Arc')
    await this.pencilTo(...away(turned + (sign * degrees) / 2, 14))
    await this.press('Enter')
    return under
  }

  /**
   * Draws an arm at the end of a base that is told: lays the protractor there, makes a dot at the measure, draws through it.
   * @returns what stands on the instrument under the dot
   */
  async arm(
    base: string,
    from: { x: number; y: number },
    to: { x: number; y: number },
    degrees: number,
  ): Promise<void> {
    await this.tool('Protractor')
    let zero = ''
    for (let tries = 0; tries < 6 && !zero.endsWith(base); tries++) ({ zero } = await this.laid())
    const level = to.x > from.x ? degrees : 180 - degrees
    const away = (distance: number): [number, number] => [
      from.x + distance * Math.cos((level * Math.PI) / 180),
      from.y + distance * Math.sin((level * Math.PI) / 180),
    ]
    await this.tool('Dot')
    await this.pencilTo(...away(84))
    let under = await this.underPencil()
    for (let tries = 0; under.size === 0 && tries < 4; tries++) {
      await this.tool('Protractor')
      await this.#hear(['KeyL'], this.#protractor)
      await this.tool('Dot')
      under = await this.underPencil()
    }
    expect([...under.values()]).toContain(degrees)
    await this.press('Enter')
    await this.tool('Straightedge')
    await this.pencilTo(from.x, from.y)
    await this.press('Enter')
    await this.pencilTo(...away(84))
    await this.press('Enter')
  }

  /** Lays the ruler along sides until the zero is at one end of a side and a number at the other; in mm. */
  async side(name: string): Promise<number> {
    const ruler = this.#page.getByRole('group', { name: /^Ruler/ })
    const said = this.panel.getByRole('status').first()
    await ruler.focus()
    for (let corner = 0; corner < 8; corner++) {
      await this.press('KeyJ')
      for (let way = 0; way < 2; way++) {
        // It may be the same again, so the words are waited for that belong to this way of lying.
        const told = this.#page.waitForResponse((reply) => reply.url().endsWith('/rulers/readings'))
        await this.press('KeyL')
        const { standing } = (await (await told).json()) as { standing: { text: string }[] }
        const heard = standing.map(({ text }) => text).join(' ')
        if (heard) await expect(said).toHaveText(heard)
        const [, from, to, length] = /At (\w): 0 mm\. At (\w): ([\d.]+) mm/.exec(heard) ?? []
        if (from && [from + to!, to! + from].includes(name)) return Number(length)
      }
    }
    throw new Error(`${name} could not be measured.`)
  }

  #compass(part: RegExp): Locator {
    return this.#page.getByRole('group', { name: part })
  }

  /** Jumps from point to point until one is told that is looked for. */
  async #jumpTo(go: Locator, sought: Sought): Promise<void> {
    await go.focus()
    for (let tries = 0; tries < 60; tries++) {
      await this.press('KeyJ')
      if (sought(placeIn((await go.getAttribute('aria-label'))!))) return
    }
    throw new Error('No such point is told.')
  }

  /**
   * Draws all the way round a point with the compass, and hears what that crosses.
   * @param point where the needle goes
   * @param opening in mm
   */
  async circle(point: Sought, opening: number): Promise<string> {
    await this.tool('Compass')
    await this.#jumpTo(this.#compass(/^Needle/), point)
    const box = this.panel.getByRole('textbox', { name: 'Opening in mm' })
    await box.fill(String(opening))
    await box.press('Tab')
    const said = this.panel.getByRole('status').filter({ hasText: /^Arc \d/ })
    const before = (await said.count()) > 0 ? await said.innerText() : ''
    await this.#compass(/^Pencil point/).focus()
    await this.press('Enter')
    for (let turned = 0; turned < 360; turned += 30) await this.press('Control+ArrowLeft')
    await this.press('Enter')
    await expect.poll(async () => ((await said.count()) > 0 ? said.innerText() : '')).not.toBe(before)
    return said.innerText()
  }

  /** Sets both points of the compass on two points, and hears how far it is open, in mm. */
  async distance(one: Sought, other: Sought): Promise<number> {
    await this.tool('Compass')
    await this.#jumpTo(this.#compass(/^Needle/), one)
    const pencil = async (): Promise<Spot> =>
      placeIn((await this.#compass(/^Pencil point/).getAttribute('aria-label'))!)
    const leg = this.#compass(/^Opening/)
    await leg.focus()
    for (let tries = 0; tries < 60; tries++) {
      await this.press('KeyJ')
      if (other(await pencil()))
        return Number(/Opening ([\d.]+)/.exec((await leg.getAttribute('aria-label'))!)![1])
    }
    throw new Error('No such point is told.')
  }

  /** Draws along the straightedge from one point that is told to another. */
  async join(from: Sought, to: Sought): Promise<void> {
    await this.tool('Straightedge')
    await this.#jumpTo(this.#pencil, from)
    await this.press('Enter')
    await this.#jumpTo(this.#pencil, to)
    // What the line crosses is a place to go to as soon as it is told.
    const crossed = this.#page.waitForResponse((reply) => reply.url().endsWith('/constructions/crossings'))
    await this.press('Enter')
    await crossed
  }
}
