/**
 * Of several things asked for one after the other only the last is still wanted when its answer comes: a quick hand over a slow
 * connection must not end where it was before.
 */
export class Latest {
  #asked = 0

  /** Begins to ask; what is returned tells whether nothing else has been asked since. */
  ask(): () => boolean {
    const turn = ++this.#asked
    return () => turn === this.#asked
  }
}
