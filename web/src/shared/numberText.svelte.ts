/** A number while it is written: the text that stands there, and the number that it is. */
import { untrack } from 'svelte'
import { numberOf, written } from './numbers'

/** What is asked for. */
interface Wanted {
  value: number | null
  min: number
  max: number
  step: number
  allowEmpty: boolean
}

export class NumberText {
  text = $state('')
  readonly #wanted: () => Wanted
  readonly #number = $derived(numberOf(this.text))

  /** @param wanted what is asked for now */
  constructor(wanted: () => Wanted) {
    this.#wanted = wanted
    // What the page sets stands there; what is being written stays as it is written.
    $effect.pre(() => {
      const { value } = wanted()
      untrack(() => {
        if (value !== this.value) this.text = written(value)
      })
    })
  }

  get #isEmpty(): boolean {
    return this.text.trim() === ''
  }

  /** The number; null for none, NaN for what is no number. */
  get value(): number | null {
    return this.#isEmpty ? null : this.#number
  }

  /** Whether it is a number that was asked for. */
  get fits(): boolean {
    const { min, max, allowEmpty } = this.#wanted()
    return this.#isEmpty ? allowEmpty : this.#number >= min && this.#number <= max
  }

  /** What the up or down key makes of it: a step, within what is asked for; what is no number stays. Null for any other key. */
  stepped(event: KeyboardEvent): string | null {
    if (event.code !== 'ArrowUp' && event.code !== 'ArrowDown') return null
    event.preventDefault()
    const by = event.code === 'ArrowUp' ? 1 : -1
    const { min, max, step } = this.#wanted()
    if (Number.isNaN(this.#number)) return this.text
    return written(Math.min(max, Math.max(min, Math.round((this.#number + by * step) * 1000) / 1000)))
  }
}
