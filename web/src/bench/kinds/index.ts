/** How each kind of exercise is worked on the Bench. A new kind is a component of its own and one line here. */
import type { Component } from 'svelte'
import type { Instrument, Item, Schema } from '../../api/client'
import type { Sent } from '../outbox.svelte'
import Draw from './Draw.svelte'
import Measure from './Measure.svelte'

export interface KindProps<TItem = Item> {
  item: TItem
  instrument: Instrument
  /** The marked answer that is looked at, or null while the item is worked on. */
  marked: Sent | null
  busy: boolean
  onhandin: (response: Schema['Response']) => void
  onagain: () => void
  onnext: (() => void) | null
}

export const kinds: Record<Item['kind'], Component<KindProps<never>>> = {
  measure: Measure,
  draw: Draw,
}
