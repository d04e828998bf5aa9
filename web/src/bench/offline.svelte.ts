/** What lets the Bench open without a connection, and how a newer version comes in: only while nothing is being worked on. */
import { registerSW } from 'virtual:pwa-register'

class Updates {
  #ready = false
  #apply: ((reload?: boolean) => Promise<void>) | null = null

  /** Keeps the pages on this device; a newer version waits until it is applied. */
  watch(): void {
    if (!('serviceWorker' in navigator)) return
    this.#apply = registerSW({ onNeedRefresh: () => (this.#ready = true) })
  }

  /** Takes a newer version, where one waits. To be called when no work lies open. */
  apply(): void {
    if (!this.#ready) return
    this.#ready = false
    void this.#apply?.(true)
  }
}

export const updates = new Updates()
