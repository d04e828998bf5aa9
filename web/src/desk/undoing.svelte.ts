/** What was done on this page and can be undone until it is left. */
import { tell } from '../api/client'

export interface Done {
  text: string
  undo: () => Promise<void>
}

export class Undoing {
  done: Done[] = $state.raw([])
  failure = $state('')

  add(text: string, undo: () => Promise<void>): void {
    this.done = [{ text, undo }, ...this.done].slice(0, 5)
  }

  async undo(which: Done): Promise<void> {
    try {
      await which.undo()
      this.done = this.done.filter((done) => done !== which)
      this.failure = ''
    } catch (error) {
      this.failure = tell(error)
    }
  }
}
