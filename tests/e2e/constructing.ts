/* Working with compass and straightedge as a student does: by pointer, or by keys alone. */
import { expect, type Page } from '@playwright/test'
import { onScreen, polar, type Spot } from './people'

export interface Constructed {
  kind: string
  angle?: { vertex: Spot; start: number; measure: number; opening: string }
  baseRay?: { vertex: Spot; direction: number; length: number }
  opening?: string
  measure?: number
}

const directionOf = (from: Spot, to: Spot): number =>
  (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI
const distanceOf = (a: Spot, b: Spot): number => Math.hypot(b.x - a.x, b.y - a.y)
const between = (from: number, to: number): number => ((((to - from + 180) % 360) + 360) % 360) - 180

/** Where two circles cross, on the side of a point. */
function crossing(one: Spot, r1: number, other: Spot, r2: number, near: Spot): Spot {
  const apart = distanceOf(one, other)
  const along = (apart * apart + r1 * r1 - r2 * r2) / (2 * apart)
  const half = Math.sqrt(r1 * r1 - along * along)
  const foot = polar(one, directionOf(one, other), along)
  const both = [90, -90].map((side) => polar(foot, directionOf(one, other) + side, half))
  return both.toSorted((a, b) => distanceOf(a, near) - distanceOf(b, near))[0]!
}

export class Compass {
  constructor(
    private readonly page: Page,
    private readonly keys: boolean,
  ) {}

  private async at(part: string): Promise<Spot> {
    const circle = this.page.getByTestId(`compass-${part}`)
    const grip = part === 'knob' ? circle : circle.locator('.grip')
    return { x: Number(await grip.getAttribute('cx')), y: Number(await grip.getAttribute('cy')) }
  }

  private async drag(from: Spot, way: Spot[]): Promise<void> {
    const { mouse } = this.page
    const start = await onScreen(this.page, from)
    await mouse.move(start.x, start.y)
    await mouse.down()
    for (const spot of way) {
      const { x, y } = await onScreen(this.page, spot)
      await mouse.move(x, y)
    }
    await mouse.up()
  }

  private async press(arrow: string, times: number): Promise<void> {
    for (let i = 0; i < times; i++) await this.page.keyboard.press(arrow)
  }

  /** Carries it, to a tenth of a millimetre. */
  private async carry(to: Spot): Promise<void> {
    const now = await this.at('needle')
    if (!this.keys) return this.drag(now, [{ x: (now.x + to.x) / 2, y: to.y }, to])
    await this.page.getByTestId('compass-needle').focus()
    for (const [away, plus, minus] of [
      [to.x - now.x, 'ArrowRight', 'ArrowLeft'],
      [to.y - now.y, 'ArrowUp', 'ArrowDown'],
    ] as const) {
      const tenths = Math.round(Math.abs(away) * 10)
      const arrow = away > 0 ? plus : minus
      await this.press(`Control+${arrow}`, Math.floor(tenths / 100))
      await this.press(arrow, Math.floor(tenths / 10) % 10)
      await this.press(`Shift+${arrow}`, tenths % 10)
    }
  }

  /** Turns it without drawing. */
  private async turn(to: number): Promise<void> {
    const needle = await this.at('needle')
    const degrees = between(directionOf(needle, await this.at('pencil')), to)
    if (!this.keys) {
      const knob = await this.at('knob')
      const steps = Math.max(1, Math.ceil(Math.abs(degrees) / 40))
      const way = Array.from({ length: steps }, (_, i) =>
        polar(needle, directionOf(needle, knob) + (degrees * (i + 1)) / steps, distanceOf(needle, knob)),
      )
      return this.drag(knob, way)
    }
    await this.page.getByTestId('compass-leg').focus()
    await this.press(degrees > 0 ? 'ArrowLeft' : 'ArrowRight', Math.round(Math.abs(degrees) / 5))
  }

  /** Draws an arc about a point, from one direction to another. */
  async arc(needle: Spot, opening: number, from: number, to: number): Promise<void> {
    await this.carry(needle)
    const box = this.page.locator('form input[inputmode=decimal]').first()
    await box.fill(opening.toFixed(1))
    await box.press('Tab')
    await this.turn(from)
    const before = await this.page.locator('svg.sheet polyline').count()
    const degrees = between(from, to)
    if (this.keys) {
      await this.page.getByTestId('compass-pencil').focus()
      await this.page.keyboard.press('Enter')
      await this.press(degrees > 0 ? 'ArrowLeft' : 'ArrowRight', Math.ceil(Math.abs(degrees) / 5))
      await this.page.keyboard.press('Enter')
    } else {
      const pencil = await this.at('pencil')
      const steps = Math.max(2, Math.ceil(Math.abs(degrees) / 10))
      const way = Array.from({ length: steps }, (_, i) =>
        polar(needle, from + (degrees * (i + 1)) / steps, distanceOf(needle, pencil)),
      )
      await this.drag(pencil, way)
    }
    await expect(this.page.locator('svg.sheet polyline')).toHaveCount(before + 1)
  }

  /** Two arcs of one opening from two points, that meet on the side of a place. */
  private async meet(one: Spot, other: Spot, opening: number, near: Spot): Promise<Spot> {
    const meeting = crossing(one, opening, other, opening, near)
    for (const needle of [one, other]) {
      const to = directionOf(needle, meeting)
      await this.arc(needle, opening, to - 15, to + 15)
    }
    return meeting
  }

  /** Constructs what an item asks; returns the vertex and a point of the line that must be drawn. */
  async construct(item: Constructed): Promise<{ vertex: Spot; through: Spot }> {
    const r = 34
    const [vertex, start] = item.baseRay
      ? [item.baseRay.vertex, item.baseRay.direction]
      : [item.angle!.vertex, item.angle!.start]
    const sign = (item.opening ?? item.angle!.opening) === 'anticlockwise' ? 1 : -1
    const on = (degrees: number, from = vertex, first = start, way = sign): Spot =>
      polar(from, first + way * degrees, r)
    if (item.kind === 'bisect') {
      const { measure } = item.angle!
      await this.arc(vertex, r, start - sign * 8, start + sign * (measure + 8))
      const [one, other] = [on(0), on(measure)]
      const far = polar(vertex, start + (sign * measure) / 2, 300)
      return { vertex, through: await this.meet(one, other, Math.max(34, 0.7 * distanceOf(one, other)), far) }
    }
    if (item.kind === 'copy') {
      const { angle } = item
      const way = angle!.opening === 'anticlockwise' ? 1 : -1
      const given = (degrees: number): Spot => on(degrees, angle!.vertex, angle!.start, way)
      await this.arc(angle!.vertex, r, angle!.start - way * 8, angle!.start + way * (angle!.measure + 8))
      await this.arc(vertex, r, start - sign * 8, start + sign * (angle!.measure + 12))
      const through = on(angle!.measure)
      const to = directionOf(on(0), through)
      await this.arc(on(0), distanceOf(given(0), given(angle!.measure)), to - 15, to + 15)
      return { vertex, through }
    }
    return this.build(item.measure!, vertex, start, sign, r)
  }

  private async build(
    measure: number,
    vertex: Spot,
    start: number,
    sign: number,
    r: number,
  ): Promise<{ vertex: Spot; through: Spot }> {
    const on = (degrees: number): Spot => polar(vertex, start + sign * degrees, r)
    const far = (degrees: number): Spot => polar(vertex, start + sign * degrees, 300)
    await this.arc(vertex, r, start - sign * 8, start + sign * (measure > 60 ? 130 : 68))
    const step = async (degrees: number): Promise<void> => {
      const to = directionOf(on(degrees - 60), on(degrees))
      await this.arc(on(degrees - 60), r, to - 15, to + 15)
    }
    await step(60)
    if (measure > 60) await step(120)
    if (measure % 60 === 0) return { vertex, through: on(measure) }
    if (measure === 30) return { vertex, through: await this.meet(on(0), on(60), 30, far(30)) }
    if (measure === 90) return { vertex, through: await this.meet(on(60), on(120), 34, far(90)) }
    throw new Error(`${measure}° is not built here.`)
  }
}
