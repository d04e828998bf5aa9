<!-- The Board: a demonstration played step by step on the sheet, with the hand free to intervene at any time. -->
<script lang="ts">
  import { onMount, untrack } from 'svelte'
  import { cubicInOut } from 'svelte/easing'
  import { prefersReducedMotion, Tween } from 'svelte/motion'
  import { api, ask, tell, type Instrument, type Placement, type Script } from '../api/client'
  import AngleFigure from '../sheet/AngleFigure.svelte'
  import { nearestTurn } from '../sheet/geometry'
  import Protractor from '../sheet/Protractor.svelte'
  import Sheet from '../sheet/Sheet.svelte'
  import ThreadView from '../sheet/Thread.svelte'
  import { addressOf, requestOf, wantedFrom, windowOf, type Wanted } from './address'
  import AngleForm from './AngleForm.svelte'
  import Beads from './Beads.svelte'
  import CaptionBand from './CaptionBand.svelte'
  import { beatsOf, firstBeatOf, pressed, pressOf, questionAt, stateAt, type Press } from './player'
  import { LiveReadings } from './readings.svelte'
  import ReadingsPanel from './ReadingsPanel.svelte'
  import Tray from './Tray.svelte'

  interface Pose {
    x: number
    y: number
    turn: number
    /** 0 in the tray, 1 on the sheet. */
    there: number
    figure: number
  }

  let wanted: Wanted = $state(wantedFrom(location.search))
  let instruments: Instrument[] = $state([])
  let script = $state<Script | null>(null)
  let at = $state(0)
  let failure = $state('')
  let choosing = $state(false)
  let showReadings = $state(false)
  /** Whether the hand has moved the protractor since the last step. */
  let free = $state(false)
  const live = new LiveReadings()

  const beats = $derived(script ? beatsOf(script) : [])
  const beat = $derived(beats[at])
  const state_ = $derived(script && beat ? stateAt(script, beat) : null)
  const instrument = $derived(instruments.find((i) => i.protractor.id === script?.instrument.id))
  const pose = new Tween<Pose>({ x: 0, y: 160, turn: 0, there: 0, figure: 0 }, { easing: cubicInOut })
  const placement: Placement = $derived({
    centre: { x: pose.current.x, y: pose.current.y },
    turn: pose.current.turn,
    turnedOver: false,
  })
  const inked = $derived(free ? null : (state_?.inkedScale ?? null))

  // The sheet follows the script; between two states it moves there, unless the system asks for stillness.
  $effect(() => {
    const state = state_
    // Also when the next beat shows the same state: whatever the hand has moved goes back to its place.
    void at
    if (!state) return
    untrack(() => {
      const now = pose.target
      const figure = nearestTurn(state.angle.start, now.figure)
      const target = state.placement
        ? {
            x: state.placement.centre.x,
            y: state.placement.centre.y,
            turn: nearestTurn(state.placement.turn, now.turn),
            there: 1,
            figure,
          }
        : { ...now, there: 0, figure }
      const jump = prefersReducedMotion.current || (now.there === 0 && now.figure === 0)
      void pose.set(target, { duration: jump ? 0 : 550 })
      free = false
    })
  })

  $effect(() => {
    if (showReadings && state_ && script && pose.current.there > 0) {
      void live.follow({ ...state_.angle }, placement, script.instrument.id)
    }
  })

  async function show(next: Wanted): Promise<void> {
    try {
      script = await ask(api.POST('/api/v1/demonstrations', { body: requestOf(next) }))
      wanted = next
      at = 0
      failure = ''
      choosing = false
      await pose.set({ x: 0, y: 160, turn: 0, there: 0, figure: 0 }, { duration: 0 })
      history.replaceState(null, '', addressOf(next))
    } catch (error) {
      failure = tell(error)
    }
  }

  onMount(async () => {
    // All fonts now, so that no step of the demonstration has to wait for one.
    document.fonts.forEach((face) => void face.load())
    try {
      instruments = await ask(api.GET('/api/v1/instruments'))
    } catch (error) {
      failure = tell(error)
      return
    }
    await show(wanted)
  })

  function press(which: Press): void {
    at = pressed(which, at, beats.length)
  }

  function key(event: KeyboardEvent): void {
    const target = event.target as Element
    if (choosing || target.closest('input, select, textarea')) return
    // A button keeps the space bar to itself; everywhere else it means "next", as on a clicker.
    if (event.code === 'Space' && target.closest('button')) return
    const wish = pressOf(event)
    if (!wish) return
    event.preventDefault()
    press(wish)
  }

  /** After a click the space bar is a clicker again; only who came by Tab keeps it for the button. */
  function letGo(event: MouseEvent): void {
    const button = (event.target as Element).closest('button')
    if (event.detail > 0 && button && !button.closest('form')) button.blur()
  }

  function moved(next: Placement): void {
    free = true
    void pose.set(
      { ...pose.target, x: next.centre.x, y: next.centre.y, turn: next.turn, there: 1 },
      { duration: 0 },
    )
  }

  /** Puts the protractor down where the hand can take it, if it is still in its tray. */
  function takeInstrument(id: string): void {
    if (id !== script?.instrument.id) {
      void show({ ...wanted, instrument: id })
    } else if (pose.current.there === 0 && state_) {
      moved({ centre: { x: 0, y: state_.angle.vertex.y + 40 }, turn: 10, turnedOver: false })
    }
  }
</script>

<svelte:window onkeydown={key} onclick={letGo} />

<div class="board">
  <main class="stage">
    {#if script && beat && state_ && instrument}
      <Sheet label="Sheet" {...windowOf(wanted)} rules>
        <g>
          <AngleFigure
            angle={{ ...state_.angle, start: pose.current.figure }}
            names={script.names}
            written={state_.written}
            startExtendedTo={state_.startExtendedTo}
            endExtendedTo={state_.endExtendedTo}
            spotlight={state_.spotlight}
          />
        </g>
        {#if pose.current.there > 0}
          <g opacity={pose.current.there}>
            <Protractor {instrument} {placement} {inked} onmove={moved} />
          </g>
        {/if}
        {#if state_.thread && !free}
          {#key at}<ThreadView thread={state_.thread} />{/key}
        {/if}
      </Sheet>
    {/if}
    <header>
      <h1><a href="/">Jaunty Compass</a></h1>
      <p class="quiet">{script?.title ?? 'Measure an angle'}</p>
      {#if script && beat}
        <Beads
          labels={script.steps.map((s) => s.label)}
          at={beat.step}
          onpick={(step) => (at = firstBeatOf(beats, step))}
        />
      {/if}
    </header>
    <div class="right">
      {#if instruments.length > 0}
        <Tray
          {instruments}
          chosen={wanted.instrument}
          readings={showReadings}
          oninstrument={takeInstrument}
          onangle={() => (choosing = !choosing)}
          onreadings={() => (showReadings = !showReadings)}
        />
      {/if}
    </div>
    {#if choosing}
      <div class="popover">
        <AngleForm {wanted} onchoose={show} onclose={() => (choosing = false)} />
      </div>
    {:else if showReadings}
      <div class="popover low"><ReadingsPanel reply={pose.current.there > 0 ? live.reply : null} /></div>
    {/if}
    {#if failure}<p class="failure" role="alert">{failure}</p>{/if}
  </main>
  {#if script && beat}
    <CaptionBand
      caption={script.steps[beat.step]!.caption}
      question={questionAt(script, beat)}
      asking={beat.asking}
      first={at === 0}
      last={at === beats.length - 1}
      onnext={() => press('next')}
      onback={() => press('back')}
    />
  {/if}
</div>

<style>
  .board {
    display: flex;
    flex-direction: column;
    height: 100dvh;
    overflow: hidden;
  }
  .stage {
    position: relative;
    flex: 1;
    min-height: 0;
    background: var(--paper);
  }
  header {
    position: absolute;
    left: 40px;
    top: 28px;
    bottom: 12px;
    display: flex;
    flex-direction: column;
    pointer-events: none;
  }
  header > :global(*) {
    pointer-events: auto;
  }
  h1 {
    font-size: 22px;
  }
  h1 a {
    color: inherit;
    text-decoration: none;
  }
  header p {
    margin: 2px 0 10px;
    font-size: 15px;
  }
  .right {
    position: absolute;
    right: 20px;
    top: 28px;
  }
  .popover {
    position: absolute;
    right: 120px;
    top: 28px;
  }
  .popover.low {
    right: 20px;
    top: auto;
    bottom: 16px;
  }
  .failure {
    position: absolute;
    left: 50%;
    bottom: 12px;
    transform: translateX(-50%);
    margin: 0;
    padding: 10px 16px;
    background: #fff;
    border-left: 4px solid var(--marking);
  }
</style>
