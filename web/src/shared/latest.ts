/**
 * Of several things asked for one after the other only the last is still wanted when its answer comes: a quick hand over a slow
 * connection must not end where it was before.
 */
export class Latest {
  #asked = 0

  /** Waits for an answer; null when something else has been asked for since, whether it came or failed. */
  async of<T extends object>(answer: Promise<T>): Promise<T | null> {
    const turn = ++this.#asked
    try {
      const found = await answer
      return turn === this.#asked ? found : null
    } catch (error) {
      if (turn === this.#asked) throw error
      return null
    }
  }

  /** What is under way is not wanted any more. */
  forget(): void {
    this.#asked++
  }
}
