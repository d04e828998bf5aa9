/** Where in the Desk one is, kept in the part of the address after the #. */
export class Route {
  #parts: string[] = $state([])

  constructor() {
    this.#read()
    addEventListener('hashchange', () => this.#read())
  }

  /** First part of the address: which view. */
  get view(): string {
    return this.#parts[0] ?? ''
  }

  /** Second part: what it shows. */
  get id(): string {
    return this.#parts[1] ?? ''
  }

  /** Third part: which part of that lies open. */
  get part(): string {
    return this.#parts[2] ?? ''
  }

  #read(): void {
    this.#parts = location.hash.replace(/^#\/?/, '').split('/')
  }
}
