/**
 * What a student does on one sheet: what is filled in, where the instrument lies, what is drawn, which tool is in hand. It knows
 * the item's asks and nothing of the page.
 */
import type { Placement, Point } from '../api/client'
import {
  empty,
  longer,
  rayStart,
  withArc,
  withDot,
  withRay,
  withStroke,
  withSweep,
  type Drawing,
  type Tool,
} from '../sheet/drawing'
import type { CompassPose } from '../sheet/compass'
import { restPlace } from '../sheet/window'
import type { Draft } from './keeping/drafts'
import {
  complaintAbout,
  filledOf,
  nothingFilled,
  responseOf,
  type Ask,
  type Filled,
  type ItemView,
  type Response,
} from '../shared/response'

/** An instrument that has not moved for so long, in ms, lies where it was meant to lie. */
const restsAfter = 250
/** Of so many resting places the last ones are told. */
const mostRests = 20

export class SheetWork {
  readonly #view: ItemView
  /** The asks in parts: what is asked afterwards waits until all before it is answered, which is then kept. */
  readonly parts: Ask[][]
  filled: Filled = $state.raw(nothingFilled)
  placement: Placement = $state.raw(restPlace)
  laid = $state(false)
  /** How many of the parts that come one after another have been begun. */
  part = $state(0)
  tool: Tool = $state('protractor')
  /** Where a ray in the making begins. */
  from: Point | null = $state.raw(null)
  /** A stroke in the making, without the straightedge. */
  stroke: Point[] | null = $state.raw(null)
  pencil: Point = $state.raw({ x: 0, y: 0 })
  compass: CompassPose = $state.raw({ needle: { x: 0, y: 0 }, pencil: { x: 30, y: 0 } })
  /** How the ruler lies: its zero, and which way it counts. */
  ruler: Placement = $state.raw(restPlace)
  /** An arc in the making. */
  sweep: Point[] | null = $state.raw(null)
  complaints: Record<string, string> = $state.raw({})
  #drawings: Drawing[] = $state.raw([])
  /** By which tool each drawing came of the one before it. */
  #made: Tool[] = $state.raw([])
  /** Whether a finger is about to make a dot or an arc. */
  #aims = false
  #rested: Placement[] = []
  #resting: ReturnType<typeof setTimeout> | undefined

  /** A marked answer shows what was handed in; else a sheet begins as it was left. */
  constructor(view: ItemView, markedResponse: Response | null, draft: Draft | null) {
    const before = markedResponse ? filledOf(view, markedResponse) : (draft?.filled ?? nothingFilled)
    const lay = before.drawing.placement ?? Object.values(before.placements).at(-1)
    this.#view = view
    this.parts = inParts(view.asks)
    this.filled = before
    this.placement = (markedResponse ? null : draft?.placement) ?? lay ?? restPlace
    this.laid = draft?.laid || Boolean(lay)
    // What was kept by an earlier version may lack what a drawing has now.
    this.#drawings = [{ ...empty, ...before.drawing }]
    this.tool =
      view.asks.some((ask) => ask.byEye) || (view.drawing && !view.drawing.baseRay) ? 'ray' : 'protractor'
    this.pencil = view.drawing?.baseRay?.vertex ?? { x: 0, y: 0 }
    if (view.asks.some((ask) => ask.type === 'construction')) {
      this.tool = 'compass'
      const { left, bottom, width } = view.window
      // It waits closed in a corner, above the buttons there, also on the smallest screen.
      const needle = { x: left + width - 34, y: bottom + 42 }
      this.compass = draft?.compass ?? { needle, pencil: { x: needle.x + 14, y: needle.y } }
    }
    if (view.ruler) {
      const { left, bottom, width, height } = view.window
      const waits = { centre: { x: left + (width - view.ruler.length) / 2, y: bottom + height - 4 }, turn: 0 }
      this.ruler = draft?.ruler ?? waits
    }
    this.part = markedResponse ? 0 : Math.min(draft?.part ?? 0, this.parts.length - 1)
  }

  /** All that has been asked so far. */
  get asked(): Ask[] {
    return this.parts.slice(0, this.part + 1).flat()
  }

  /** What is asked now. */
  get now(): Ask[] {
    return this.parts[this.part]!
  }

  get isLast(): boolean {
    return this.part === this.parts.length - 1
  }

  get drawing(): Drawing {
    return this.#drawings.at(-1)!
  }

  get canUndo(): boolean {
    return this.#drawings.length > 1
  }

  get asDraft(): Draft {
    return {
      filled: { ...this.filled, drawing: this.drawing },
      placement: this.placement,
      laid: this.laid,
      part: this.part,
      compass: this.takes('construction') ? this.compass : null,
      ruler: this.#view.ruler ? this.ruler : null,
    }
  }

  takes(type: Ask['type']): boolean {
    return this.asked.some((ask) => ask.type === type)
  }

  fill(ask: Ask, value: string): void {
    this.filled = { ...this.filled, values: { ...this.filled.values, [ask.field]: value } }
    // Where the instrument lay belongs to the reading that is being written.
    if (ask.placementField && this.laid) {
      this.filled = { ...this.filled, placements: { ...this.filled.placements, [ask.field]: this.placement } }
    }
  }

  layOn(next: Placement): void {
    this.placement = next
    this.laid = true
    clearTimeout(this.#resting)
    this.#resting = setTimeout(() => this.#rest(), restsAfter)
  }

  /** Where the instrument had come to rest, for telling whether it moved before the dot. */
  #rest(): void {
    this.#rested = [...this.#rested, this.placement].slice(-mostRests)
  }

  pick(tool: Tool): void {
    this.tool = tool
    this.from = null
    this.stroke = null
    this.#aims = false
  }

  /** What would be taken back, by the tool that made it. */
  get undoes(): Tool | null {
    return this.#made.at(-1) ?? null
  }

  undo(): void {
    this.#drawings = this.#drawings.slice(0, -1)
    this.#made = this.#made.slice(0, -1)
  }

  #change(next: Drawing): void {
    this.#drawings = [...this.#drawings, next]
    this.#made = [...this.#made, this.tool]
  }

  /** The pencil is put down. A finger is helped to an end of a line that is there. */
  press(at: Point, pointerType: string, ends: Point[]): void {
    if (this.tool === 'dot' || this.tool === 'arc') {
      // A finger is shown where it is before it lets go.
      if (pointerType === 'touch') this.#aims = true
      else this.#make(at)
    } else if (this.tool === 'ray') this.from = rayStart(at, ends, pointerType)
    else if (this.tool === 'freehand') this.stroke = [at]
    this.pencil = at
  }

  move(at: Point): void {
    if (this.stroke) this.stroke = longer(this.stroke, at)
    this.pencil = at
  }

  /** Makes what one touch makes: a dot, or an arc. */
  #make(at: Point): void {
    this.#change(
      this.tool === 'dot'
        ? withDot(this.drawing, at, this.laid ? this.placement : null, this.#rested)
        : withArc(this.drawing, at),
    )
  }

  /** An arc of the compass grows, and is there once the pencil is lifted. */
  sweepTo(points: Point[], isDone: boolean): void {
    this.sweep = isDone ? null : points
    if (isDone && points.length > 2)
      this.#change(withSweep(this.drawing, { needle: this.compass.needle, points }))
  }

  lift(at: Point): void {
    if (this.#aims) this.#make(at)
    this.#aims = false
    const { from, stroke } = this
    if (from && Math.hypot(at.x - from.x, at.y - from.y) > 1) this.#change(withRay(this.drawing, from, at))
    if (stroke) this.#change(withStroke(this.drawing, longer(stroke, at)))
    this.from = null
    this.stroke = null
  }

  /** Hands in, or goes on to what is asked afterwards; nothing of both where something is still missing. */
  submit(): Response | null {
    this.complaints = Object.fromEntries(this.now.map((ask) => [ask.field, complaintAbout(ask, this.filled)]))
    if (Object.values(this.complaints).some((complaint) => complaint !== '')) return null
    if (!this.isLast) {
      this.part += 1
      this.tool = 'protractor'
      return null
    }
    const readings = this.#view.asks.filter((ask) => ask.placementField)
    // A single reading is made of how the instrument lies when it is handed in.
    const placements =
      readings.length === 1 && this.laid ? { [readings[0]!.field]: this.placement } : this.filled.placements
    return responseOf(this.#view, {
      ...this.filled,
      placements,
      drawing: {
        ...this.drawing,
        placement: this.drawing.placement ?? (this.laid ? this.placement : null),
      },
    })
  }
}

function inParts(asks: Ask[]): Ask[][] {
  const all: Ask[][] = [[]]
  for (const ask of asks) {
    if (ask.afterwards && all.at(-1)!.length > 0) all.push([])
    all.at(-1)!.push(ask)
  }
  return all
}
