/**
 * The Board's stage: the script that is played, what the hand has made of the sheet since, and the scene that is seen. It
 * survives a reload and knows nothing of other tabs.
 */
import { cubicInOut } from 'svelte/easing'
import { prefersReducedMotion, Tween } from 'svelte/motion'
import type { Scene, Script } from '../api/client'
import { emptyScene, mix, sceneOf } from './scene'
import { begin, change, letGo, redo, undo, type History } from './history'
import { beatsOf, firstBeatOf, pressed, stateAt, type Beat, type Press } from './player'

/** What the hand made of the sheet; null while the script has it. */
type Hand = Scene | null

export class Stage {
  script: Script | null = $state.raw(null)
  at = $state(0)
  #history: History<Hand> = $state.raw(begin<Hand>(null))
  #from: Scene = $state.raw(emptyScene)
  #to: Scene = $state.raw(emptyScene)
  #share = new Tween(1, { easing: cubicInOut })

  readonly beats: Beat[] = $derived(this.script ? beatsOf(this.script) : [])
  readonly beat: Beat | undefined = $derived(this.beats[this.at])
  readonly step = $derived(this.beat && this.script ? this.script.steps[this.beat.step] : undefined)
  /** Whether the hand has the sheet. */
  readonly free = $derived(this.#history.present !== null)
  /** Whether the angles are no longer those of the demonstration: what it says is not about them. */
  readonly strayed = $derived(
    this.free &&
      JSON.stringify(this.#scripted().figures.map((f) => f.angle)) !==
        JSON.stringify(this.#to.figures.map((f) => f.angle)),
  )
  readonly canUndo = $derived(this.#history.past.length > 0)
  readonly canRedo = $derived(this.#history.future.length > 0)
  /** What is seen now. */
  readonly scene: Scene = $derived(mix(this.#from, this.#to, this.#share.current))
  /** What is seen once everything has come to rest. */
  readonly settled: Scene = $derived(this.#to)

  /** Begins a script. */
  play(script: Script, at = 0): void {
    this.script = script
    this.at = Math.min(Math.max(at, 0), Math.max(0, beatsOf(script).length - 1))
    this.#history = begin<Hand>(null)
    this.#show(this.#scripted(), false)
  }

  press(which: Press): void {
    this.goTo(pressed(which, this.at, this.beats.length))
  }

  goToStep(step: number): void {
    this.goTo(firstBeatOf(this.beats, step))
  }

  /** Goes to a beat. Whatever the hand has made of the sheet is kept for undo, and the script has the sheet again. */
  goTo(at: number): void {
    this.at = at
    if (this.free) this.#history = change<Hand>(this.#history, null)
    this.#show(this.#scripted(), true)
  }

  /** The hand changes the sheet; the moves of one gesture are one step of undo. */
  touch(next: (scene: Scene) => Scene, gesture: string | null = null): void {
    const scene = next(this.#history.present ?? this.#to)
    if (scene === this.#history.present) return
    this.#history = change<Hand>(this.#history, scene, gesture)
    this.#show(scene, false)
  }

  letGo(): void {
    this.#history = letGo(this.#history)
  }

  undo(): void {
    this.#history = undo(this.#history)
    this.#show(this.#history.present ?? this.#scripted(), true)
  }

  redo(): void {
    this.#history = redo(this.#history)
    this.#show(this.#history.present ?? this.#scripted(), true)
  }

  /** Gives the sheet back to the script. */
  rejoin(): void {
    this.goTo(this.at)
  }

  /** Puts a sheet down that the hand had before a reload. */
  restore(hand: Scene | null): void {
    if (hand) this.touch(() => ({ ...emptyScene, ...hand }))
  }

  get hand(): Hand {
    return this.#history.present
  }

  #scripted(): Scene {
    return this.script && this.beat ? sceneOf(stateAt(this.script, this.beat)) : emptyScene
  }

  #show(scene: Scene, moving: boolean): void {
    const jump = !moving || prefersReducedMotion.current
    this.#from = jump ? scene : this.scene
    this.#to = scene
    void this.#share.set(jump ? 1 : 0, { duration: 0 })
    if (!jump) void this.#share.set(1, { duration: 550 })
  }
}
