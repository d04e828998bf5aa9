import type { HouseRules, Instrument, Point } from '../api/client'
import { placesOn, type Place } from '../sheet/aids'
import { endsOf } from '../sheet/drawing'
import { tipsOf } from '../sheet/geometry'
import { sceneOf } from '../sheet/scene'
import { isDrawn } from '../shared/response'
import type { SeenView } from './seen'
import type { SheetWork } from './sheetWork.svelte'
import { ToldCrossings } from './toldCrossings.svelte'

/**
 * What lies ready while an item is worked on: which instrument is out, what stands on the sheet, and where keys, needle and pencil find
 * a place.
 */
export class AtHand {
  /** What is printed on the instrument that is in the hand. */
  readonly instrument: Instrument | undefined
  /** What arcs and lines of one's own cross. */
  readonly crossings: ToldCrossings

  /** @param isMarked whether an answer is looked at that has its mark */
  constructor(
    private readonly view: SeenView,
    private readonly work: SheetWork,
    instruments: readonly Instrument[],
    private readonly rules: HouseRules,
    private readonly isMarked: () => boolean,
  ) {
    this.instrument = instruments.find((i) => i.protractor.id === view.inHand?.id)
    this.crossings = new ToldCrossings(view)
  }

  get isConstructed(): boolean {
    return this.view.asks.some((ask) => ask.type === 'construction')
  }

  get isConstructing(): boolean {
    return !this.isMarked() && this.work.now.some((ask) => ask.type === 'construction')
  }

  get isDrawing(): boolean {
    return this.work.asked.some(isDrawn) || this.view.drawing !== null
  }

  /** The ruler is in the hand where lengths are asked; the protractor is then put aside. */
  get ruler(): NonNullable<SeenView['ruler']> | null {
    return !this.isMarked() && this.work.now.some((ask) => ask.type === 'length')
      ? (this.view.ruler ?? null)
      : null
  }

  /** Whether the protractor is in the hand. */
  get inHand(): boolean {
    return (
      this.instrument !== undefined &&
      (this.isMarked() ||
        (!this.ruler &&
          this.work.asked.some(
            (ask) => ask.type === 'reading' || ask.laysOn || (ask.type === 'drawing' && !ask.byEye),
          )))
    )
  }

  /**
   * What was laid on by somebody else is put aside when the student's own work with the instrument begins; what is to be read comes
   * when it is to be read, after the estimate.
   */
  get isAside(): boolean {
    return this.view.laid ? !this.work.isLast : this.inHand
  }

  readonly scene = $derived.by(() => ({
    ...sceneOf(this.view.sheet),
    ...(this.isAside && !this.isMarked() ? { instruments: [] } : {}),
  }))

  /** Where an angle is measured, the straightedge helps: an arm too short is drawn on. Such lines are not handed in. */
  get mayExtend(): boolean {
    return this.inHand && !this.isDrawing && !this.isMarked()
  }

  /** Whether the protractor lies on the sheet. */
  get isOut(): boolean {
    return (
      this.inHand &&
      (this.isMarked()
        ? this.work.laid || !this.isDrawing
        : ['protractor', 'dot'].includes(this.work.tool) || this.mayExtend)
    )
  }

  /** Where something begins, ends or crosses. */
  readonly allPlaces: Place[] = $derived.by(() => [
    ...placesOn(this.scene, this.view.drawing?.baseRay),
    ...this.crossings.places,
  ])

  /** Where a line begins or ends in the last millimetre. */
  readonly ends: Point[] = $derived.by(() => {
    if (this.isConstructed) return this.allPlaces.map(({ at }) => at)
    if (this.view.drawing) return endsOf(this.work.drawing, this.view.drawing)
    return [
      ...placesOn(this.scene).map(({ at }) => at),
      ...this.scene.figures.flatMap(({ angle }) => tipsOf(angle)),
    ]
  })

  get #mayJump(): boolean {
    return this.rules.placingKeys !== false
  }

  /** Where keys may bring the protractor at once, if the class allows it. */
  readonly places: Place[] = $derived.by(() =>
    this.#mayJump ? placesOn(this.scene, this.view.drawing?.baseRay) : [],
  )

  /** Where keys may bring the ruler. */
  get rulerPlaces(): Place[] {
    return this.#mayJump ? this.allPlaces : []
  }

  /** Where keys may bring the pencil: to its own dots, too. */
  readonly pencilPlaces: Place[] = $derived.by(() => {
    if (this.places.length === 0) return []
    return this.isConstructed
      ? this.allPlaces
      : [...this.places, ...this.work.drawing.dots.map((at) => ({ at, arms: [] }))]
  })
}
