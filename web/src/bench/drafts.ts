/**
 * What is filled in and not handed in yet: kept in this browser, so that a reload or a flat battery costs nothing, and a little
 * later with the account, so that work goes on at another device.
 */
import { api, serverNow, type Placement, type Schema } from '../api/client'
import { empty } from '../sheet/drawing'
import type { Filled } from './response'

export interface Draft {
  filled: Filled
  placement: Placement
  laid: boolean
  part: number
}
interface Kept {
  draft: Draft
  /** When it was kept, by the server's clock. */
  at: string
}

/** So long the hand rests before the server is told. */
const rest = 3000

const keyOf = (owner: string, assignmentId: string, index: number): string =>
  `jaunty.draft.${owner}.${assignmentId}.${index}`

const toServer = ({ filled, placement, laid, part }: Draft): Schema['BenchDraft'] => ({
  values: filled.values,
  placements: filled.placements,
  strokes: filled.drawing.strokes.map((points) => ({ points })),
  dots: filled.drawing.dots,
  arc: filled.drawing.arc,
  dotPlacement: filled.drawing.placement,
  placement,
  laid,
  part,
})

const fromServer = (kept: Schema['BenchDraft']): Draft => ({
  filled: {
    values: kept.values,
    placements: kept.placements,
    drawing: {
      strokes: kept.strokes.map((stroke) => stroke.points),
      dots: kept.dots,
      arc: kept.arc ?? null,
      placement: kept.dotPlacement ?? null,
      rested: [],
    },
  },
  placement: kept.placement,
  laid: kept.laid,
  part: kept.part,
})

function readHere(key: string): Kept | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Kept | null
    const draft = kept?.draft
    const whole =
      draft !== undefined &&
      typeof kept?.at === 'string' &&
      typeof draft.filled?.values === 'object' &&
      typeof draft.filled.placements === 'object' &&
      Array.isArray(draft.filled.drawing?.strokes) &&
      Array.isArray(draft.filled.drawing.dots) &&
      typeof draft.placement?.centre?.x === 'number' &&
      Number.isInteger(draft.part)
    if (!whole) return null
    // What an earlier version kept may lack what this one knows of a drawing.
    const drawing = { ...empty, ...draft.filled.drawing }
    return { ...kept, draft: { ...draft, filled: { ...draft.filled, drawing } } }
  } catch {
    return null
  }
}

/** The drafts of one student at one set. */
export class Drafts {
  /** One timer an item: going on to the next one must not leave the last one untold. */
  readonly #untold = new Map<number, ReturnType<typeof setTimeout>>()
  #elsewhere: Map<number, Schema['BenchDraftReply']>

  constructor(
    private readonly owner: string,
    private readonly assignmentId: string,
    elsewhere: Schema['BenchDraftReply'][],
  ) {
    this.#elsewhere = new Map(elsewhere.map((draft) => [draft.itemIndex, draft]))
  }

  /** What was left last, here or at another device. */
  of(index: number): Draft | null {
    const here = readHere(keyOf(this.owner, this.assignmentId, index))
    const elsewhere = this.#elsewhere.get(index)
    if (!elsewhere) return here?.draft ?? null
    return here && here.at >= elsewhere.savedAt ? here.draft : fromServer(elsewhere.draft)
  }

  keep(index: number, draft: Draft): void {
    const kept: Kept = { draft, at: serverNow().toISOString() }
    try {
      localStorage.setItem(keyOf(this.owner, this.assignmentId, index), JSON.stringify(kept))
    } catch {
      // A full storage only costs the convenience.
    }
    clearTimeout(this.#untold.get(index))
    this.#untold.set(
      index,
      setTimeout(() => void this.#tell(index, draft), rest),
    )
  }

  drop(index: number): void {
    clearTimeout(this.#untold.get(index))
    this.#elsewhere.delete(index)
    localStorage.removeItem(keyOf(this.owner, this.assignmentId, index))
  }

  async #tell(index: number, draft: Draft): Promise<void> {
    try {
      const path = { assignmentId: this.assignmentId, index }
      await api.PUT('/api/v1/bench/assignments/{assignmentId}/drafts/{index}', {
        params: { path },
        body: toServer(draft),
      })
    } catch {
      // Without the server the draft stays here; nothing is lost.
    }
  }
}
