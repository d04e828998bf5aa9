/** What the Board shows and how it came there: a demonstration, its address, the lesson it stands in, the instruments at hand. */
import languages from 'virtual:said/board'
import {
  api,
  ask,
  session,
  tell,
  type Demonstration,
  type HouseRules,
  type Instrument,
  type Schema,
  type Script,
} from '../api/client'
import { LiveReadings } from '../sheet/readings.svelte'
import { Latest } from '../shared/latest'
import { wholeSheet, type View } from '../sheet/view'
import {
  addressOf,
  angleOf,
  readAddress,
  readFrom,
  requestOf,
  usual,
  type Wanted,
} from '../shared/boardAddress'
import { loadInstruments } from '../shared/instruments'
import { unusual } from '../shared/houseRules'
import { choices } from './choices.svelte'
import * as hand from './hand'
import { keep, kept } from './keep'
import { Lesson } from './lesson.svelte'
import { hashOf, readOrder } from './order'
import { angleOf as angleAt, figureOf, type Opening } from './openings'
import type { Press } from '../sheet/player'
import { Stage } from '../sheet/stage.svelte'
import type { Panel, Tool } from './Tray.svelte'
import { sayAs, speak, spokenLanguage, t } from '../said/said.svelte'

export class BoardSession {
  readonly stage = new Stage()
  readonly live = new LiveReadings()
  readonly lesson = new Lesson()
  wanted: Wanted = $state.raw(usual)
  instruments: Instrument[] = $state.raw([])
  demonstrations: Demonstration[] = $state.raw([])
  classes: Schema['ClassReply'][] | null = $state.raw(null)
  failure = $state('')
  ready = $state(false)
  panel: Panel | null = $state(null)
  tool: Tool = $state('hand')
  view: View = $state.raw(wholeSheet)
  /** The place in the Desk that the teacher came from. */
  from: string | null = $state(null)
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

  /** The class in whose way things are shown, by its name. */
  get className(): string | undefined {
    const chosen = this.classes?.find((one) => one.id === choices.now.classId)
    const isItsWay = JSON.stringify(unusual(chosen?.rules)) === JSON.stringify(this.wanted.rules)
    return isItsWay ? chosen?.name : undefined
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
      choices.opened(next.show)
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
    const [instruments, demonstrations] = await Promise.all([
      loadInstruments(),
      ask(api.GET('/api/v1/demonstrations')),
    ])
    this.#own = instruments.own
    this.instruments = instruments.all
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
      instrument: this.#instrumentFor(demonstration.instrumentId),
    })
  }

  /** What an address leaves open is as the list would open it. */
  #asListed(wanted: Wanted, address: string): void {
    const listed = this.demonstrations.find((one) => one.key === wanted.show)
    if (listed && !/[?&]measure=/.test(address)) wanted.measure = listed.measure
    if (!/[?&]instrument=/.test(address))
      wanted.instrument = this.#instrumentFor(listed?.instrumentId ?? wanted.instrument, wanted.rules)
  }

  /** The class's own protractor where it is built like the one that would be taken. */
  #instrumentFor(taken: string, rules = this.wanted.rules): string {
    const shapeOf = (id: string | null | undefined): string | undefined =>
      this.instruments.find((i) => i.protractor.id === id)?.protractor.shape
    const own = rules.instrument
    return own && taken === usual.instrument && shapeOf(own) === shapeOf(taken) ? own : taken
  }

  /** The teacher's classes; null while nobody is signed in. */
  async loadClasses(): Promise<void> {
    try {
      if (!(await session('teacher')).signedIn) return
      this.classes = (await ask(api.GET('/api/v1/classes'))).filter((one) => !one.archived)
    } catch {
      // The Board works without.
    }
  }

  /** The Board shows things in the way of a class from now on; null for the usual way. */
  async choose(id: string | null): Promise<void> {
    choices.set({ classId: id })
    const rules = unusual(this.classes?.find((one) => one.id === id)?.rules)
    const instrument = this.#instrumentFor(usual.instrument, rules)
    await this.show({ ...this.wanted, rules, instrument, placement: null, answer: null })
  }

  /** The demonstration at a place of the running order. */
  async openInOrder(place: number, at = 0): Promise<void> {
    const item = this.lesson.order.items[place]
    if (!item) return
    const read = readAddress(item.query)
    if (!read.wanted) this.failure = read.fault
    else if (await this.show(read.wanted, at)) this.lesson.place = place
  }

  /** Where in the running order one is; -1 for nowhere. */
  get place(): number {
    const here = addressOf(this.wanted)
    const { items } = this.lesson.order
    return items[this.lesson.place]?.query === here
      ? this.lesson.place
      : items.findIndex((item) => item.query === here)
  }

  /** What comes before and after what is shown, in the running order. */
  readonly before = $derived(this.place >= 0 ? this.lesson.order.items[this.place - 1] : undefined)
  readonly after = $derived(this.place >= 0 ? this.lesson.order.items[this.place + 1] : undefined)

  /** One press: a step of the demonstration; past its ends the one before or after it in the lesson. */
  press(which: Press): void {
    const { at, beats } = this.stage
    if (which === 'next' && at === beats.length - 1 && this.after) void this.openInOrder(this.place + 1)
    else if (which === 'back' && at === 0 && this.before) void this.openInOrder(this.place - 1, Infinity)
    else this.stage.press(which)
  }

  /** Opens what the address says, as it was left in this tab. */
  async begin(): Promise<void> {
    const read = readAddress(location.search)
    // Without rules in the address those of the class are in force that was chosen at this device.
    const ofClass = choices.now.classId !== null && !/[?&]rules=/.test(location.search)
    try {
      if (ofClass) await this.loadClasses()
      const chosen = ofClass && this.classes?.find((one) => one.id === choices.now.classId)
      if (chosen && read.wanted) read.wanted.rules = unusual(chosen.rules)
      await this.#speakFor(read.wanted?.rules ?? {})
      await this.#fetchLists()
      if (read.wanted) this.#asListed(read.wanted, location.search)
    } catch (error) {
      this.failure = tell(error)
      return
    }
    const listed = readOrder(location.hash)
    if (listed.fault) this.failure = listed.fault
    this.lesson.take(listed.order)
    this.from = readFrom(location.hash)
    if (read.fault !== null) {
      this.failure = t('board.address.unreadable', { why: read.fault })
      this.panel = 'list'
    } else {
      const before = kept(location.search)
      this.lesson.restore(before?.tallies ?? {})
      if (await this.show(read.wanted, before?.at)) {
        if (listed.fault) this.failure = listed.fault
        if (before) {
          this.stage.restore(before.hand)
          this.view = before.view
        }
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
    return addressOf(this.wanted) + hashOf(this.lesson.order, this.from)
  }

  /** What a reload in this tab would lose. */
  keep(): void {
    keep({
      address: addressOf(this.wanted),
      at: this.stage.at,
      hand: this.stage.hand,
      view: this.view,
      tallies: this.lesson.tallies,
    })
  }

  /** Takes an instrument from the tray and puts it on the sheet. */
  take(id: string): void {
    this.panel = null
    this.stage.touch((s) => hand.take(s, id))
    this.touched = this.stage.settled.instruments.at(-1)?.id ?? null
  }

  /** The letters at an opening: those of its figure, else such as are free. */
  namesAt(opening: Opening): Schema['AngleNames'] {
    const scene = this.stage.settled
    const own = figureOf(scene, opening)?.names
    if (own) return own
    const taken = scene.figures.flatMap(({ names }) => (names ? [names.vertex, names.start, names.end] : []))
    const [vertex, start, end] = [...'KLMNPQRSTUVW'].filter((letter) => !taken.includes(letter))
    return { vertex: vertex!, start: start!, end: end! }
  }

  /** Writes labels at an opening. */
  async label(opening: Opening, labels: Schema['AngleLabel'][], names: Schema['AngleNames']): Promise<void> {
    try {
      const figure = figureOf(this.stage.settled, opening)
      const angle = figure?.angle ?? angleAt(opening)
      const rules = this.wanted.rules as HouseRules
      const written = await ask(api.POST('/api/v1/angles/labels', { body: { angle, labels, names, rules } }))
      this.stage.touch((s) => hand.writeLabels(s, written))
    } catch (error) {
      this.failure = tell(error)
    }
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
