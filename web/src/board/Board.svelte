<!-- The Board: demonstrations played step by step on the sheet, with the hand free to take over at any time. -->
<script lang="ts">
  import { onMount, untrack } from 'svelte'
  import { closeUp, wholeSheet, windowAt } from '../sheet/view'
  import { addressOf } from '../shared/boardAddress'
  import CaptionBand from './CaptionBand.svelte'
  import { choices } from './choices.svelte'
  import FirstMinute from './FirstMinute.svelte'
  import Frame, { type Insets } from './Frame.svelte'
  import FreeBar from './FreeBar.svelte'
  import HandPointer from './HandPointer.svelte'
  import { wishOf, type Shortcut, type Wish } from './keys'
  import LabelForm from './LabelForm.svelte'
  import Notices from './Notices.svelte'
  import type { Opening } from './openings'
  import { questionAt, type Press } from '../sheet/player'
  import { BoardSession } from './session.svelte'
  import StageSheet from './StageSheet.svelte'
  import { savePicture, saveSheet } from './takeaway'
  import Tray, { trayCells } from './Tray.svelte'
  import type { Options } from './ViewMenu.svelte'
  import { t } from '../said/said.svelte'

  const session = new BoardSession()
  const { stage, live, lesson } = session
  let options: Options = $state({ projecting: false, blank: false, pointer: false })
  let insets: Insets = $state.raw({ left: 190, right: 190, top: 24, bottom: 12 })
  let printing = $state(false)
  /** The opening that is about to be labelled. */
  let labelling: Opening | null = $state.raw(null)
  let blunt = $state(false)
  let worn = $state(false)
  let svg: HTMLElement | undefined = $state()

  const script = $derived(stage.script)
  const window_ = $derived(
    windowAt(script?.window ?? { left: -110, bottom: -60, width: 220, height: 120 }, session.view),
  )
  const hasArms = $derived(stage.settled.figures.some((figure) => figure.hasArms !== false))
  const laid = $derived(
    stage.settled.instruments.find((i) => i.id === session.touched) ?? stage.settled.instruments[0],
  )
  const lying = $derived(laid && live.reply ? { [laid.id]: live.reply.lying.text } : {})

  onMount(() => {
    // All fonts now, so that no step of the demonstration has to wait for one.
    document.fonts.forEach((face) => void face.load())
    void session.begin()
  })

  $effect(() => {
    const { address } = session
    if (session.ready && !session.failure) history.replaceState(null, '', address)
  })

  // Light ink on dark paper for a dark room, so that the projector does not dazzle; what is printed is always in daylight ink.
  $effect(() => {
    document.documentElement.setAttribute('theme', choices.now.dark && !printing ? 'g90' : 'g10')
  })

  // Kept a little after the hand has come to rest, so that dragging stays light; and when the page goes away before that.
  let later: ReturnType<typeof setTimeout> | undefined
  $effect(() => {
    void [session.wanted, stage.at, stage.hand, session.view, lesson.tallies]
    if (!untrack(() => session.ready)) return
    clearTimeout(later)
    later = setTimeout(() => session.keep(), 250)
  })

  // Readings follow the hand while they are shown; otherwise they wait until it rests, for those who are told how it lies.
  // Stepping through a script asks nothing.
  let resting: ReturnType<typeof setTimeout> | undefined
  $effect(() => {
    const figure = stage.settled.figures[0]
    const instrument = session.instruments.find((i) => i.protractor.id === laid?.instrumentId)?.protractor
    clearTimeout(resting)
    if (!figure || !laid || !instrument || (!stage.free && session.panel !== 'readings')) return
    const placement = laid.placement
    const ask = (): void =>
      void live.follow(figure.angle, placement, instrument, session.isOwn(instrument.id))
    if (session.panel === 'readings') ask()
    else resting = setTimeout(ask, 150)
  })

  function key(event: KeyboardEvent): void {
    if (printing) return
    if (event.code === 'Escape' && session.panel) {
      session.panel = null
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
      lens: () => choices.set({ lens: !choices.now.lens }),
      project: () => project(!options.projecting),
      escape,
      nearer: () => (session.view = closeUp(session.view, 1.25)),
      farther: () => (session.view = closeUp(session.view, 0.8)),
      whole: () => (session.view = wholeSheet),
      undo: () => stage.undo(),
      redo: () => stage.redo(),
    }
    if (wish in shortcuts) shortcuts[wish as Shortcut]()
    else session.press(wish as Press)
  }

  function escape(): void {
    if (options.projecting) project(false)
    else session.tool = 'hand'
  }

  function project(on: boolean): void {
    options.projecting = on
    if (on) {
      session.panel = null
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

  const panels = (): Promise<typeof import('./Panels.svelte')> => import('./Panels.svelte')
  onMount(() => {
    for (const sign of ['pointermove', 'touchstart'])
      addEventListener(sign, () => void panels(), { once: true })
  })
</script>

<svelte:window
  onkeydown={key}
  onclick={letGo}
  onhashchange={() => session.readHash()}
  onpagehide={() => session.ready && session.keep()}
/>
<svelte:document onfullscreenchange={() => !document.fullscreenElement && (options.projecting = false)} />

<svelte:head><title>{t('board.page')}</title></svelte:head>
<div class="board" class:projecting={options.projecting} class:printing>
  <main class="stage" bind:this={svg}>
    <StageSheet
      {stage}
      instruments={session.instruments}
      label={script ? t('board.sheet', { name: session.title }) : t('board.sheet-empty')}
      tool={session.tool}
      {blunt}
      {worn}
      {lying}
      {laid}
      lens={choices.now.lens}
      snap={choices.now.snap}
      {insets}
      window={window_}
      bind:view={session.view}
      ontouch={(id) => (session.touched = id)}
      onlabel={(opening) => (labelling = opening)}
    />
    <Frame
      steps={script ? script.steps.map((s) => s.label.text) : []}
      at={stage.beat?.step ?? 0}
      onpick={(step) => stage.goToStep(step)}
      bare={!session.ready || options.projecting}
      leftHanded={choices.now.leftHanded}
      cells={trayCells}
      bind:insets
    >
      {#snippet heading(seen)}
        {#if !seen || options.projecting}
          <h1 class="visually-hidden">{session.title}</h1>
        {:else}
          <h1><a href="/">{t('shared.product')}</a></h1>
          <p class="quiet">{[session.title, session.className].filter(Boolean).join(' · ')}</p>
        {/if}
      {/snippet}
      {#snippet notes()}
        {#if session.from && !options.projecting}
          <a class="from" href="/desk#/{session.from}">{t('board.from')}</a>
        {/if}
        {#if stage.free || session.tool !== 'hand'}
          <FreeBar {stage} {laid} tool={session.tool} />
        {/if}
        <Notices
          failure={session.failure}
          warnings={script && stage.at === 0 && !stage.free ? script.warnings.map((w) => w.text) : []}
          onread={() => (session.failure = '')}
        />
        {#if session.ready && !choices.now.met && !options.projecting && (laid || hasArms)}
          <FirstMinute hasInstrument={Boolean(laid)} ontake={() => session.take(session.wanted.instrument)} />
        {/if}
      {/snippet}
      {#snippet tray(columns, worded)}
        <Tray
          {columns}
          {worded}
          bind:panel={session.panel}
          bind:tool={session.tool}
          canUndo={stage.canUndo}
          canRedo={stage.canRedo}
          onundo={() => stage.undo()}
          onredo={() => stage.redo()}
        />
      {/snippet}
    </Frame>
    {#if session.panel}
      <!-- What the tray opens comes when a hand does, so that it is there when it is pressed. -->
      {#await panels() then { default: Panels }}
        <Panels
          {session}
          panel={session.panel}
          {insets}
          hasLaid={Boolean(laid)}
          bind:blunt
          bind:worn
          onproject={() => project(true)}
          onwhole={() => (session.view = wholeSheet)}
          onpointer={() => (options.pointer = !options.pointer)}
          onsvg={() => svg && saveSheet(svg, window_, session.title)}
          onpng={() => svg && savePicture(svg, window_, session.title)}
          onhandout={() => (printing = true)}
        />
      {/await}
    {/if}
    <p class="visually-hidden" aria-live="polite">{stage.free ? (live.reply?.lying.text ?? '') : ''}</p>
    {#if options.pointer}<HandPointer />{/if}
    {#if labelling}
      <LabelForm
        names={session.namesAt(labelling)}
        onlabel={(labels, names) => {
          const opening = labelling!
          labelling = null
          void session.label(opening, labels, names)
        }}
        onclose={() => (labelling = null)}
      />
    {/if}
  </main>
  {#if script && stage.beat && stage.step}
    <CaptionBand
      caption={stage.strayed
        ? t('board.free.strayed', { name: stage.step.label.text })
        : stage.step.caption.text}
      ownLine={stage.strayed ? null : (stage.step.ownLine ?? null)}
      question={stage.strayed ? null : questionAt(script, stage.beat)}
      asking={stage.beat.asking}
      first={stage.at === 0 && !session.before}
      last={stage.at === stage.beats.length - 1 && !session.after}
      before={stage.at === 0 ? session.before?.title : undefined}
      after={stage.at === stage.beats.length - 1 ? session.after?.title : undefined}
      counts={lesson.counts(addressOf(session.wanted), stage.step.key)}
      oncount={(choice, hands) => lesson.count(addressOf(session.wanted), stage.step!.key, choice, hands)}
      onnext={() => session.press('next')}
      onback={() => session.press('back')}
    />
  {/if}
</div>
{#if options.blank}
  <div class="blank" role="img" aria-label={t('board.blank')}></div>
{/if}
{#if printing && script}
  {#await import('./Handout.svelte') then { default: Handout }}
    <Handout {script} instruments={session.instruments} onclose={() => (printing = false)} />
  {/await}
{/if}

<style>
  /* A small form in the middle of the sheet. */
  .stage :global(.on-sheet) {
    position: absolute;
    z-index: 3;
    left: 50%;
    top: 50%;
    max-width: calc(100% - 1rem);
    max-height: calc(100% - 1rem);
    overflow: auto;
    transform: translate(-50%, -50%);
    padding: 0.75rem 1rem;
    background: var(--panel);
    color: var(--ink);
    border: 1px solid var(--ink);
    font-size: var(--type-2);
  }
  .stage :global(.on-sheet input:not([type='checkbox'])) {
    height: 2.75rem;
    padding: 0 0.5rem;
    border: 1px solid var(--ink-soft);
    font: 400 var(--type-3) var(--serif);
  }
  .stage :global(.on-sheet [type='submit']) {
    min-height: 2.75rem;
    padding: 0 1rem;
    border: 0;
    background: var(--ink);
    color: var(--panel);
    font: 600 var(--type-2) var(--sans);
    cursor: pointer;
  }
  /* Everything on the Board grows with the screen it is shown on: it is read from the back of a room. */
  :global(html) {
    font-size: clamp(100%, min(1.25vw, 2vh), 300%);
  }
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
  .stage {
    position: relative;
    flex: 1;
    min-height: 0;
    background: var(--paper);
  }
  h1 {
    font-size: var(--type-5);
    white-space: nowrap;
  }
  h1 a {
    color: inherit;
    text-decoration: none;
  }
  .from {
    display: flex;
    align-items: center;
    align-self: flex-start;
    min-height: 2.75rem;
    font-size: var(--type-2);
    color: var(--ink);
  }
  .quiet {
    margin: 2px 0 0.5rem;
    font-size: var(--type-2);
    line-height: 1.3;
  }
  .blank {
    position: fixed;
    z-index: 5;
    inset: 0;
    background: var(--paper);
  }
</style>
