/** What the Board shows and how it came there: a demonstration, its address, the lesson it stands in, the instruments at hand. */
import languages from 'virtual:said/board'
import {
  api,
  ask,
  tell,
  type Demonstration,
  type HouseRules,
  type Instrument,
  type Script,
} from '../api/client'
import { LiveReadings } from '../sheet/readings.svelte'
import { Latest } from '../shared/latest'
import { wholeSheet, type View } from '../sheet/view'
import { addressOf, angleOf, readAddress, requestOf, usual, type Wanted } from './address'
import { loadCabinet } from './cabinet'
import * as hand from './hand'
import { keep, kept } from './keep'
import { Lesson } from './lesson.svelte'
import { orderAddress, readOrder } from './order'
import { Stage } from './stage.svelte'
import type { Panel, Tool } from './Tray.svelte'
import { sayAs, speak, spokenLanguage, t } from '../said/said.svelte'

export class BoardSession {
  readonly stage = new Stage()
  readonly live = new LiveReadings()
  readonly lesson = new Lesson()
  wanted: Wanted = $state.raw(usual)
  instruments: Instrument[] = $state.raw([])
  demonstrations: Demonstration[] = $state.raw([])
  failure = $state('')
  ready = $state(false)
  panel: Panel | null = $state(null)
  tool: Tool = $state('hand')
  view: View = $state.raw(wholeSheet)
  /** The instrument that readings are about: the one touched last, else the first. */
  touched: string | null = $state(null)
  #own: string[] = $state.raw([])
  readonly #latest = new Latest()

  get script(): Script | null {
    return this.stage.script
  }

  get title(): string {
    return this.script?.title.text ?? t('shared.product')
  }

  /** Whether an instrument is one that the teacher has described. */
  isOwn(id: string): boolean {
    return this.#own.includes(id)
  }

  async show(next: Wanted, at = 0): Promise<boolean> {
    const from = this.panel
    try {
      await this.#speakFor(next.rules)
      const chosen = this.isOwn(next.instrument)
        ? this.instruments.find((i) => i.protractor.id === next.instrument)!.protractor
        : null
      const built: Script | null = await this.#latest.of(
        ask(api.POST('/api/v1/demonstrations', { body: requestOf(next, chosen) })),
      )
      // A quick hand has asked for another since; that one is shown.
      if (!built) return true
      this.wanted = next
      this.failure = ''
      this.#close(from)
      this.view = wholeSheet
      this.tool = 'hand'
      this.live.clear()
      this.stage.play(built, at)
      return true
    } catch (error) {
      this.failure = tell(error)
      return false
    }
  }

  /** The Board speaks the language of the class, where its rules say which, and in its words. */
  async #speakFor(rules: Partial<HouseRules>): Promise<void> {
    const before = spokenLanguage()
    await speak([rules.language, ...navigator.languages], languages)
    sayAs({ ...rules, language: rules.language ?? spokenLanguage() })
    if (this.ready && spokenLanguage() !== before) await this.#fetchLists()
  }

  async #fetchLists(): Promise<void> {
    const [instruments, demonstrations, cabinet] = await Promise.all([
      ask(api.GET('/api/v1/instruments')),
      ask(api.GET('/api/v1/demonstrations')),
      loadCabinet(),
    ])
    this.#own = cabinet.map((i) => i.protractor.id)
    this.instruments = [...instruments, ...cabinet]
    this.demonstrations = demonstrations
  }

  /** Closes the panel that something was asked from; one that was opened while it came stays open. */
  #close(from: Panel | null): void {
    if (this.panel === from) this.panel = null
  }

  /** One press on the list: the demonstration as it is usually opened, in the way of this class. */
  open(demonstration: Demonstration): Promise<boolean> {
    return this.show({
      ...usual,
      rules: this.wanted.rules,
      baseGiven: this.wanted.baseGiven,
      show: demonstration.key,
      measure: demonstration.measure,
      endLength: demonstration.endLength,
      instrument: demonstration.instrumentId,
    })
  }

  /** An address of the Board, as a running order keeps it. */
  openQuery(query: string): void {
    const read = readAddress(query)
    if (read.wanted) void this.show(read.wanted)
    else this.failure = read.fault
  }

  /** Opens what the address says, as it was left in this tab. */
  async begin(): Promise<void> {
    const read = readAddress(location.search)
    try {
      await this.#speakFor(read.wanted?.rules ?? {})
      await this.#fetchLists()
    } catch (error) {
      this.failure = tell(error)
      return
    }
    const listed = readOrder(location.hash)
    if (listed.fault) this.failure = listed.fault
    this.lesson.take(listed.order)
    if (read.fault !== null) {
      this.failure = t('board.address.unreadable', { why: read.fault })
      this.panel = 'list'
    } else {
      const before = kept(location.search)
      this.lesson.restore(before?.tallies ?? {})
      if (await this.show(read.wanted, before?.at)) {
        if (listed.fault) this.failure = listed.fault
        if (before) this.stage.restore(before.hand)
      } else {
        this.panel = 'list'
      }
    }
    this.ready = true
  }

  /** Another list put into the address of an open Board. */
  readHash(): void {
    const listed = readOrder(location.hash)
    this.failure = listed.fault ?? ''
    if (!listed.fault) this.lesson.take(listed.order)
  }

  /** The address is what is shown and the lesson it stands in, to be bookmarked and shared. */
  get address(): string {
    return addressOf(this.wanted) + orderAddress(this.lesson.order)
  }

  /** What a reload in this tab would lose. */
  keep(): void {
    keep({
      address: addressOf(this.wanted),
      at: this.stage.at,
      hand: this.stage.hand,
      tallies: this.lesson.tallies,
    })
  }

  /** Takes an instrument from the tray and puts it on the sheet. */
  take(id: string): void {
    this.panel = null
    this.stage.touch((s) => hand.take(s, id))
    this.touched = this.stage.settled.instruments.at(-1)?.id ?? null
  }

  /** Puts an angle of a kind on the sheet that nobody has chosen. */
  async give(kind: string): Promise<void> {
    const from = this.panel
    try {
      const seed = Math.floor(Math.random() * 2 ** 31)
      const given = await ask(api.POST('/api/v1/angles', { body: { kind: kind as 'acute', seed } }))
      const opens = given.opening === 'anticlockwise' ? 'right' : 'left'
      const next = {
        ...this.wanted,
        measure: given.measure,
        tilt: given.tilt,
        opens,
        startLength: 90,
        endLength: 90,
      } as const
      const names = { vertex: 'K', start: 'L', end: 'M' }
      this.stage.touch((s) => hand.putAngle(s, angleOf(next), names, given.mark))
      this.#close(from)
    } catch (error) {
      this.failure = tell(error)
    }
  }
}
