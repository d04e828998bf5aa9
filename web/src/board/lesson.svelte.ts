/** The lesson in hand: its running order, and the shows of hands held in it, by demonstration, step and choice. */
import { emptyOrder, handsOf, withHands, type Counts, type RunningOrder, type Tallies } from './order'

export class Lesson {
  order: RunningOrder = $state.raw(emptyOrder)
  tallies: Tallies = $state.raw({})
  /** Where in the order the teacher is; an order may hold the same demonstration twice. */
  place = $state(-1)

  /** Hands counted at a step of a demonstration; empty while none were. */
  counts(query: string, step: string | undefined): Counts {
    return (step && this.tallies[query]?.[step]) || []
  }

  /** Counts hands for one choice; null takes the count back. */
  count(query: string, step: string, choice: number, hands: number | null): void {
    const counts = Array.from({ length: Math.max(choice + 1, this.counts(query, step).length) }, (_, i) =>
      i === choice ? hands : (this.counts(query, step)[i] ?? null),
    )
    this.tallies = { ...this.tallies, [query]: { ...this.tallies[query], [step]: counts } }
    this.order = withHands(this.order, this.tallies)
  }

  /** Another or a rearranged running order: what was counted in it comes with it. */
  take(order: RunningOrder): void {
    this.tallies = { ...this.tallies, ...handsOf(order) }
    this.order = withHands(order, this.tallies)
  }

  /** What a reload had interrupted. */
  restore(tallies: Tallies): void {
    this.tallies = { ...tallies, ...this.tallies }
  }
}
