/** Live readings while the protractor is moved: at most one request in flight, the newest placement wins. */
import { api, ask, type Angle, type Placement, type Protractor, type Schema } from '../api/client'

export class LiveReadings {
  reply: Schema['ReadingsReply'] | null = $state(null)
  /** Bodies still to be asked are replaced, never queued. */
  #busy = false
  #waiting: Schema['ReadingsRequest'] | null = null

  /** Asks for readings; while one request is under way only the newest waits. */
  async follow(angle: Angle, placement: Placement, instrument: Protractor, own: boolean): Promise<void> {
    this.#waiting = { angle, placement, ...(own ? { instrument } : { instrumentId: instrument.id }) }
    if (this.#busy) return
    this.#busy = true
    try {
      while (this.#waiting) {
        const body: Schema['ReadingsRequest'] = this.#waiting
        this.#waiting = null
        this.reply = await ask(api.POST('/api/v1/readings', { body }))
      }
    } catch {
      // The panel then simply shows nothing; the next move asks again.
      this.reply = null
    } finally {
      this.#busy = false
    }
  }

  clear(): void {
    this.reply = null
  }
}
