<!-- The Board: demonstrations played step by step on the sheet, with the hand free to take over at any time. -->
<script lang="ts">
  import { onMount, untrack } from 'svelte'
  import { api, ask, tell, type Demonstration, type Instrument, type Script } from '../api/client'
  import { addressOf, angleOf, readAddress, requestOf, usual, type Wanted } from './address'
  import AngleForm from './AngleForm.svelte'
  import Beads from './Beads.svelte'
  import { loadCabinet } from './cabinet'
  import CaptionBand from './CaptionBand.svelte'
  import DemonstrationList from './DemonstrationList.svelte'
  import * as hand from './hand'
  import FreeBar from './FreeBar.svelte'
  import HandPointer from './HandPointer.svelte'
  import Handout from './Handout.svelte'
  import InstrumentList from './InstrumentList.svelte'
  import { keep, kept } from './keep'
  import { wishOf, type Shortcut, type Wish } from './keys'
  import { Lesson } from './lesson.svelte'
  import { orderAddress, readOrder } from './order'
  import Notices from './Notices.svelte'
  import OrderPanel from './OrderPanel.svelte'
  import { questionAt, type Press } from './player'
  import Popover from './Popover.svelte'
  import { LiveReadings } from '../sheet/readings.svelte'
  import ReadingsPanel from './ReadingsPanel.svelte'
  import RulesForm from '../shared/RulesForm.svelte'
  import { Stage } from './stage.svelte'
  import StageSheet from './StageSheet.svelte'
  import { savePicture, saveSheet } from './takeaway'
  import Tray, { type Panel, type Tool } from './Tray.svelte'
  import { closeUp, wholeSheet, windowAt, type View } from '../sheet/view'
  import ViewMenu, { type Options } from './ViewMenu.svelte'

  const stage = new Stage()
  const live = new LiveReadings()
  let wanted: Wanted = $state.raw(usual)
  let instruments: Instrument[] = $state.raw([])
  let demonstrations: Demonstration[] = $state.raw([])
  let own: Set<string> = $state.raw(new Set())
  const lesson = new Lesson()
  let failure = $state('')
  let ready = $state(false)
  let panel: Panel | null = $state(null)
  let tool: Tool = $state('hand')
  let view: View = $state.raw(wholeSheet)
  let options: Options = $state({
    dark: false,
    projecting: false,
    blank: false,
    pointer: false,
    snap: true,
    lens: true,
  })
  let printing = $state(false)
  let blunt = $state(false)
  let svg: HTMLElement | undefined = $state()

  const script = $derived(stage.script)
  const window_ = $derived(
    windowAt(script?.window ?? { left: -110, bottom: -60, width: 220, height: 120 }, view),
  )
  /** The instrument that readings are about: the one touched last, else the first. */
  let touched: string | null = $state(null)
  const laid = $derived(
    stage.settled.instruments.find((i) => i.id === touched) ?? stage.settled.instruments[0],
  )
  const lying = $derived(laid && live.reply ? { [laid.id]: live.reply.lying } : {})

  async function show(next: Wanted, at = 0): Promise<boolean> {
    try {
      const chosen = own.has(next.instrument)
        ? instruments.find((i) => i.protractor.id === next.instrument)!.protractor
        : null
      const built: Script = await ask(api.POST('/api/v1/demonstrations', { body: requestOf(next, chosen) }))
      wanted = next
      failure = ''
      panel = null
      view = wholeSheet
      tool = 'hand'
      live.clear()
      stage.play(built, at)
      return true
    } catch (error) {
      failure = tell(error)
      return false
    }
  }

  /** One press on the list: the demonstration as it is usually opened, in the way of this class. */
  const open = (demonstration: Demonstration): Promise<boolean> =>
    show({
      ...usual,
      rules: wanted.rules,
      baseGiven: wanted.baseGiven,
      show: demonstration.key,
      measure: demonstration.measure,
      endLength: demonstration.endLength,
      instrument: demonstration.instrumentId,
    })

  onMount(async () => {
    // All fonts now, so that no step of the demonstration has to wait for one.
    document.fonts.forEach((face) => void face.load())
    try {
      ;[instruments, demonstrations] = await Promise.all([
        ask(api.GET('/api/v1/instruments')),
        ask(api.GET('/api/v1/demonstrations')),
      ])
      const cabinet = await loadCabinet()
      own = new Set(cabinet.map((i) => i.protractor.id))
      instruments = [...instruments, ...cabinet]
    } catch (error) {
      failure = tell(error)
      return
    }
    const listed = readOrder(location.hash)
    if (listed.fault) failure = listed.fault
    lesson.take(listed.order)
    const read = readAddress(location.search)
    if (read.fault !== null) {
      failure = `This address cannot be read. ${read.fault} Choose a demonstration from the list.`
      panel = 'list'
    } else {
      const before = kept(location.search)
      lesson.restore(before?.tallies ?? {})
      if (await show(read.wanted, before?.at)) {
        if (listed.fault) failure = listed.fault
        if (before) {
          stage.restore(before.hand)
        }
      } else {
        panel = 'list'
      }
    }
    ready = true
  })

  /** Another list put into the address of an open Board. */
  function readHash(): void {
    const listed = readOrder(location.hash)
    failure = listed.fault ?? ''
    if (!listed.fault) lesson.take(listed.order)
  }

  // The address is what is shown and the lesson it stands in, to be bookmarked and shared.
  $effect(() => {
    const address = addressOf(wanted) + orderAddress(lesson.order)
    if (ready && !failure) history.replaceState(null, '', address)
  })

  // Kept a little after the hand has come to rest, so that dragging stays light.
  let later: ReturnType<typeof setTimeout> | undefined
  $effect(() => {
    void [wanted, stage.at, stage.hand, lesson.tallies]
    if (!untrack(() => ready)) return
    clearTimeout(later)
    later = setTimeout(
      () =>
        keep({
          address: addressOf(wanted),
          at: stage.at,
          hand: stage.hand,
          tallies: lesson.tallies,
        }),
      250,
    )
  })

  // Readings follow the hand while they are shown; otherwise they wait until it rests, for those who are told how it lies.
  // Stepping through a script asks nothing.
  let resting: ReturnType<typeof setTimeout> | undefined
  $effect(() => {
    const figure = stage.settled.figures[0]
    const instrument = instruments.find((i) => i.protractor.id === laid?.instrumentId)?.protractor
    clearTimeout(resting)
    if (!figure || !laid || !instrument || (!stage.free && panel !== 'readings')) return
    const placement = laid.placement
    const ask = (): void => void live.follow(figure.angle, placement, instrument, own.has(instrument.id))
    if (panel === 'readings') ask()
    else resting = setTimeout(ask, 150)
  })

  function key(event: KeyboardEvent): void {
    if (printing) return
    if (event.code === 'Escape' && panel) {
      panel = null
      return
    }
    const wish = wishOf(event)
    if (!wish) return
    event.preventDefault()
    if (options.blank && wish !== 'blank') options.blank = false
    grant(wish)
  }

  function grant(wish: Wish): void {
    const shortcuts: Record<Shortcut, () => void> = {
      blank: () => (options.blank = !options.blank),
      pointer: () => (options.pointer = !options.pointer),
      lens: () => (options.lens = !options.lens),
      project: () => project(!options.projecting),
      escape,
      nearer: () => (view = closeUp(view, 1.25)),
      farther: () => (view = closeUp(view, 0.8)),
      whole: () => (view = wholeSheet),
      undo: () => stage.undo(),
      redo: () => stage.redo(),
    }
    if (wish in shortcuts) shortcuts[wish as Shortcut]()
    else stage.press(wish as Press)
  }

  function escape(): void {
    if (options.projecting) project(false)
    else tool = 'hand'
  }

  function project(on: boolean): void {
    options.projecting = on
    if (on) {
      panel = null
      // Refused where the browser wants it asked otherwise; the view is the projecting one all the same.
      void document.documentElement.requestFullscreen?.().catch(() => undefined)
    } else if (document.fullscreenElement) {
      void document.exitFullscreen()
    }
  }

  /** After a click the space bar is a clicker again; only who came by Tab keeps it for the button. */
  function letGo(event: MouseEvent): void {
    const button = (event.target as Element).closest('button')
    if (event.detail > 0 && button && !button.closest('form')) button.blur()
  }

  function take(id: string): void {
    panel = null
    stage.touch((s) => hand.take(s, id))
    touched = stage.settled.instruments.at(-1)?.id ?? null
  }

  async function give(kind: string): Promise<void> {
    try {
      const seed = Math.floor(Math.random() * 2 ** 31)
      const given = await ask(api.POST('/api/v1/angles', { body: { kind: kind as 'acute', seed } }))
      const opens = given.opening === 'anticlockwise' ? 'right' : 'left'
      const next = {
        ...wanted,
        measure: given.measure,
        tilt: given.tilt,
        opens,
        startLength: 90,
        endLength: 90,
      } as const
      const names = { vertex: 'K', start: 'L', end: 'M' }
      stage.touch((s) => hand.putAngle(s, angleOf(next), names, given.mark))
      panel = null
    } catch (error) {
      failure = tell(error)
    }
  }

  const title = $derived(script?.title ?? 'Jaunty Compass')
</script>

<svelte:window onkeydown={key} onclick={letGo} onhashchange={readHash} />
<svelte:document onfullscreenchange={() => !document.fullscreenElement && (options.projecting = false)} />

<div class="board" class:dark={options.dark} class:projecting={options.projecting} class:printing>
  <main class="stage" bind:this={svg}>
    <StageSheet
      {stage}
      {instruments}
      label={script ? `Sheet: ${title}` : 'Empty sheet'}
      {tool}
      {blunt}
      {lying}
      {laid}
      lens={options.lens}
      snap={options.snap}
      insets={{
        left: options.projecting ? 150 : 196,
        right: options.projecting ? 30 : 116,
        top: 24,
        bottom: 14,
      }}
      window={window_}
      bind:view
      ontouch={(id) => (touched = id)}
    />
    <header>
      {#if !options.projecting}
        <h1><a href="/">Jaunty Compass</a></h1>
        <p class="quiet">{title}</p>
      {/if}
      {#if script && stage.beat}
        <Beads
          labels={script.steps.map((s) => s.label)}
          at={stage.beat.step}
          onpick={(step) => stage.goToStep(step)}
        />
      {/if}
    </header>
    {#if ready && !options.projecting}
      <div class="right">
        <Tray
          bind:panel
          bind:tool
          canUndo={stage.canUndo}
          canRedo={stage.canRedo}
          onundo={() => stage.undo()}
          onredo={() => stage.redo()}
        />
      </div>
    {/if}
    {#if stage.free}<FreeBar {stage} {laid} />{/if}
    {#if panel}
      <Popover label={panel}>
        {#if panel === 'list'}
          <DemonstrationList {demonstrations} shown={script?.key ?? null} onpick={open} />
        {:else if panel === 'angle'}
          <AngleForm {wanted} {instruments} onchoose={show} ongive={give} onclose={() => (panel = null)} />
        {:else if panel === 'instruments'}
          <InstrumentList
            {instruments}
            bind:blunt
            onpick={take}
            onstraightedge={() => {
              stage.touch(hand.takeStraightedge)
              panel = null
            }}
            ontrace={() => {
              stage.touch(hand.trace)
              panel = null
            }}
          />
        {:else if panel === 'readings'}
          <ReadingsPanel reply={laid ? live.reply : null} />
        {:else if panel === 'rules'}
          <RulesForm
            rules={wanted.rules}
            trust={instruments.find((i) => i.protractor.id === wanted.instrument)?.rules ?? []}
            submit="Do it this way"
            onchoose={(rules) => show({ ...wanted, rules })}
          />
        {:else if panel === 'order'}
          <OrderPanel
            order={lesson.order}
            now={{ title, query: addressOf(wanted) }}
            onchange={(next) => lesson.take(next)}
            onopen={(query) => {
              const read = readAddress(query)
              if (read.wanted) void show(read.wanted)
              else failure = read.fault
            }}
          />
        {:else}
          <ViewMenu
            bind:options
            onproject={() => project(true)}
            onwhole={() => (view = wholeSheet)}
            onsvg={() => svg && saveSheet(svg, window_, title)}
            onpng={() => svg && savePicture(svg, window_, title)}
            onhandout={() => (printing = true)}
          />
        {/if}
      </Popover>
    {/if}
    <Notices
      {failure}
      warnings={script && stage.at === 0 && !stage.free ? script.warnings : []}
      onread={() => (failure = '')}
    />
    <p class="visually-hidden" aria-live="polite">{stage.free ? (live.reply?.lying ?? '') : ''}</p>
    {#if options.pointer}<HandPointer />{/if}
  </main>
  {#if script && stage.beat && stage.step}
    <CaptionBand
      caption={stage.step.caption}
      ownLine={stage.step.ownLine ?? null}
      question={questionAt(script, stage.beat)}
      asking={stage.beat.asking}
      first={stage.at === 0}
      last={stage.at === stage.beats.length - 1}
      counts={lesson.counts(addressOf(wanted), stage.step.key)}
      oncount={(choice, hands) => lesson.count(addressOf(wanted), stage.step!.key, choice, hands)}
      onnext={() => stage.press('next')}
      onback={() => stage.press('back')}
    />
  {/if}
</div>
{#if options.blank}
  <div
    class="blank"
    class:dark={options.dark}
    role="img"
    aria-label="The Board is blank; B shows it again"
  ></div>
{/if}
{#if printing && script}
  <Handout {script} {instruments} onclose={() => (printing = false)} />
{/if}

<style>
  .board {
    display: flex;
    flex-direction: column;
    height: 100dvh;
    overflow: hidden;
    color: var(--ink);
  }
  @media print {
    .printing {
      display: none;
    }
  }
  /* For a dark room: light ink on a dark sheet, so that the projector does not dazzle. */
  .dark {
    --ink: #f2eee2;
    --ink-soft: #c5ccd6;
    --ink-faint: #93a0b0;
    --paper: #121b29;
    --panel: #1b2738;
    --brass: #d8a646;
    --brass-light: #f0c463;
    --brass-clear: #8f7434;
    --start-arm: #5fd3ab;
    --end-arm: #e79ad6;
    --marking: #ff8a7d;
    --pencil: #e8e4d8;
    --ghost: #aab3bf;
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
    width: 170px;
    display: flex;
    flex-direction: column;
    pointer-events: none;
  }
  header > :global(*) {
    pointer-events: auto;
  }
  h1 {
    font-size: 22px;
    white-space: nowrap;
  }
  h1 a {
    color: inherit;
    text-decoration: none;
  }
  header p {
    margin: 2px 0 10px;
    font-size: 15px;
    line-height: 1.3;
  }
  .right {
    position: absolute;
    right: 16px;
    top: 24px;
  }
  .blank {
    position: fixed;
    z-index: 5;
    inset: 0;
    background: var(--paper);
  }
</style>
