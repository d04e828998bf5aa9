/**
 * What is filled in and not handed in yet: kept on this device, so that a reload or a flat battery costs nothing, and a little
 * later with the account, so that work goes on at another device.
 */
import { api, serverNow, type Placement, type Schema } from '../../api/client'
import type { Filled } from '../../shared/response'
import type { CompassPose } from '../../sheet/compass'
import { shelf as theShelf, type KeptDraft, type Shelf } from './shelf'

export interface Draft {
  filled: Filled
  placement: Placement
  laid: boolean
  part: number
  /** How the compass stands, where there is one. */
  compass: CompassPose | null
  /** How the ruler lies, where there is one. */
  ruler: Placement | null
}

/** So long the hand rests before the server is told. */
const rest = 3000

const toServer = ({ filled, placement, laid, part, compass, ruler }: Draft): Schema['BenchDraft'] => ({
  values: filled.values,
  placements: filled.placements,
  strokes: filled.drawing.strokes.map((points) => ({ points })),
  dots: filled.drawing.dots,
  arc: filled.drawing.arc,
  dotPlacement: filled.drawing.placement,
  placement,
  laid,
  part,
  arcs: filled.drawing.sweeps,
  compass,
  ruler,
})

const fromServer = (kept: Schema['BenchDraft']): Draft => ({
  filled: {
    values: kept.values,
    placements: kept.placements,
    drawing: {
      strokes: kept.strokes.map((stroke) => stroke.points),
      dots: kept.dots,
      sweeps: kept.arcs ?? [],
      arc: kept.arc ?? null,
      placement: kept.dotPlacement ?? null,
      rested: [],
    },
  },
  placement: kept.placement,
  laid: kept.laid,
  part: kept.part,
  compass: kept.compass ?? null,
  ruler: kept.ruler ?? null,
})

/** The drafts of one student at one set. */
export class Drafts {
  /** One timer an item: going on to the next one must not leave the last one untold. */
  readonly #untold = new Map<number, ReturnType<typeof setTimeout>>()
  readonly #here = new Map<number, KeptDraft>()
  readonly #elsewhere: Map<number, Schema['BenchDraftReply']>

  private constructor(
    private readonly studentId: string,
    private readonly assignmentId: string,
    here: KeptDraft[],
    elsewhere: Schema['BenchDraftReply'][],
    private readonly shelf: Shelf,
  ) {
    this.#here = new Map(here.map((draft) => [draft.index, draft]))
    this.#elsewhere = new Map(elsewhere.map((draft) => [draft.itemIndex, draft]))
  }

  /** Opens the drafts of a student at a set: those of this device, and those the account has. */
  static async open(
    studentId: string,
    assignmentId: string,
    elsewhere: Schema['BenchDraftReply'][],
    shelf: Shelf = theShelf,
  ): Promise<Drafts> {
    // A device that cannot keep anything only costs the convenience.
    const here = await shelf.draftsOf(studentId, assignmentId).catch(() => [])
    return new Drafts(studentId, assignmentId, here, elsewhere, shelf)
  }

  /** What was left last, here or at another device. */
  of(index: number): Draft | null {
    const here = this.#here.get(index)
    const elsewhere = this.#elsewhere.get(index)
    if (!elsewhere) return here?.draft ?? null
    return here && here.at >= elsewhere.savedAt ? here.draft : fromServer(elsewhere.draft)
  }

  keep(index: number, draft: Draft): void {
    const { studentId, assignmentId } = this
    const kept = { studentId, assignmentId, index, draft, at: serverNow().toISOString() }
    this.#here.set(index, kept)
    // Plain data: what the page watches cannot be kept as it is.
    this.shelf.keepDraft(JSON.parse(JSON.stringify(kept)) as KeptDraft).catch(() => undefined)
    clearTimeout(this.#untold.get(index))
    this.#untold.set(
      index,
      setTimeout(() => void this.#tell(index, draft), rest),
    )
  }

  /** The item is handed in: what lay there is not offered again here. On the device it stays until the server has the answer. */
  handedIn(index: number): void {
    clearTimeout(this.#untold.get(index))
    this.#elsewhere.delete(index)
    this.#here.delete(index)
  }

  async #tell(index: number, draft: Draft): Promise<void> {
    try {
      await api.PUT('/api/v1/bench/assignments/{assignmentId}/drafts/{index}', {
        params: { path: { assignmentId: this.assignmentId, index }, query: { studentId: this.studentId } },
        body: toServer(draft),
      })
    } catch {
      // Without the server the draft stays here; nothing is lost.
    }
  }
}
