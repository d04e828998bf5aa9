<!--
  An item as a sheet of paper, whatever its kind: what stands on it, the instrument in hand, what is asked, and the mark. What is
  to be filled in, and in which order, is told by the item itself.
-->
<script lang="ts">
  import { onDestroy, onMount, type Snippet } from 'svelte'
  import type { HouseRules, Instrument, Point } from '../api/client'
  import { placesOn } from '../sheet/aids'
  import Compass from '../sheet/Compass.svelte'
  import { endsOf } from '../sheet/drawing'
  import DrawnFigure from '../sheet/DrawnFigure.svelte'
  import Fan from '../sheet/Fan.svelte'
  import { tipsOf } from '../sheet/geometry'
  import MarkInk from '../sheet/MarkInk.svelte'
  import Pencil from '../sheet/Pencil.svelte'
  import PencilLine from '../sheet/PencilLine.svelte'
  import Protractor from '../sheet/Protractor.svelte'
  import { sceneOf } from '../sheet/scene'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import Straightedge from '../sheet/Straightedge.svelte'
  import type { Draft } from './keeping/drafts'
  import { ToldCrossings } from './toldCrossings.svelte'
  import Answered from './Answered.svelte'
  import Feedback from './Feedback.svelte'
  import Heard from './Heard.svelte'
  import Layout from './Layout.svelte'
  import Loupe from './Loupe.svelte'
  import NearButtons from './NearButtons.svelte'
  import { Nearness } from './nearness.svelte'
  import type { Sent } from './keeping/outbox.svelte'
  import Questions from './Questions.svelte'
  import { isDrawn, type Response } from '../shared/response'
  import type { SeenView } from './seen'
  import { SheetWork } from './sheetWork.svelte'
  import { sounds } from './sounds.svelte'
  import Surface from './Surface.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    view: SeenView
    instruments: Instrument[]
    /** How the class does things. */
    rules: HouseRules
    /** The marked answer that is looked at, or null while the item is worked on. */
    marked: Sent | null
    busy: boolean
    onhandin: (response: Response) => void
    onagain: () => void
    onnext: (() => void) | null
    /** What comes next, as its button says. */
    nextIs: string
    onshow?: (() => void) | undefined
    ontwin?: (() => void) | undefined
    /** What was filled in before a reload, and whom to tell of what is filled in now. */
    draft?: Draft | null
    ondraft?: ((draft: Draft) => void) | undefined
    /** Where the eye goes when it comes. */
    arrives?: 'feedback' | 'prompt' | null
    /** What stands at the end of the panel. */
    after?: Snippet | undefined
  }
  let {
    view,
    instruments,
    rules,
    marked,
    busy,
    onhandin,
    onagain,
    onnext,
    nextIs,
    onshow,
    ontwin,
    draft = null,
    ondraft,
    arrives = null,
    after,
  }: Props = $props()

  // Each item starts with a fresh component.
  // svelte-ignore state_referenced_locally
  const work = new SheetWork(view, marked?.response ?? null, draft)
  // svelte-ignore state_referenced_locally
  const paper = new Nearness(view.window)

  // Kept a little after the hand has come to rest, and at once when the page goes.
  let later: ReturnType<typeof setTimeout> | undefined
  let unkept: Draft | null = null
  /** A sheet that was only looked at is no draft: it must not stand in for one that was worked on at another device. */
  let untouched = true
  $effect(() => {
    const now = work.asDraft
    clearTimeout(later)
    if (untouched) {
      untouched = false
      return
    }
    if (marked || !ondraft) return
    unkept = now
    later = setTimeout(keep, 150)
    return () => clearTimeout(later)
  })
  function keep(): void {
    if (unkept) ondraft?.(unkept)
    unkept = null
  }
  // Going on to another item right after a change must not lose it; what is handed in is no draft any more.
  onDestroy(keep)
  function handIn(response: Response): void {
    clearTimeout(later)
    unkept = null
    onhandin(response)
  }

  const isConstructed = $derived(view.asks.some((ask) => ask.type === 'construction'))
  const isConstructing = $derived(!marked && work.now.some((ask) => ask.type === 'construction'))
  /** The ruler is in the hand where lengths are asked; the protractor is then put aside. */
  const ruler = $derived(
    !marked && work.now.some((ask) => ask.type === 'length') ? (view.ruler ?? null) : null,
  )
  const instrument = $derived(instruments.find((i) => i.protractor.id === view.inHand?.id))
  const inHand = $derived(
    Boolean(marked) ||
      (!ruler &&
        work.asked.some(
          (ask) => ask.type === 'reading' || ask.laysOn || (ask.type === 'drawing' && !ask.byEye),
        )),
  )
  /**
   * What was laid on by somebody else is put aside when the student's own work with the instrument begins; what is to be read comes
   * when it is to be read, after the estimate.
   */
  const isAside = $derived(view.laid ? !work.isLast : instrument && inHand)
  const scene = $derived({
    ...sceneOf(view.sheet),
    ...(isAside && !marked ? { instruments: [] } : {}),
  })
  /** How many things are drawn. */
  function madeOf({ drawing }: SheetWork): number {
    return drawing.strokes.length + drawing.dots.length + drawing.sweeps.length + (drawing.arc ? 1 : 0)
  }
  const isDrawing = $derived(work.asked.some(isDrawn) || view.drawing !== null)
  /** Where an angle is measured, the straightedge helps: an arm too short is drawn on. Such lines are not handed in. */
  const mayExtend = $derived(Boolean(instrument && inHand && !isDrawing && !marked))
  const isOut = $derived(
    marked ? work.laid || !isDrawing : ['protractor', 'dot'].includes(work.tool) || mayExtend,
  )
  // svelte-ignore state_referenced_locally
  const crossings = new ToldCrossings(view)
  /** Where something begins, ends or crosses. */
  const allPlaces = $derived([...placesOn(scene, view.drawing?.baseRay), ...crossings.places])
  const ends = $derived(
    isConstructed
      ? allPlaces.map(({ at }) => at)
      : view.drawing
        ? endsOf(work.drawing, view.drawing)
        : [...placesOn(scene).map(({ at }) => at), ...scene.figures.flatMap(({ angle }) => tipsOf(angle))],
  )
  /** Where keys may bring the instrument at once, if the class allows it; the pencil also to its own dots. */
  const places = $derived(rules.placingKeys === false ? [] : placesOn(scene, view.drawing?.baseRay))
  const pencilPlaces = $derived(
    isConstructed
      ? places.length > 0
        ? allPlaces
        : []
      : places.length > 0
        ? [...places, ...work.drawing.dots.map((at) => ({ at, arms: [] }))]
        : [],
  )
  const fan = $derived(view.asks.find((ask) => ask.type === 'fan'))
  const fanAt = $derived({ x: view.window.left + 24, y: view.window.bottom + 22 })
  const does = $derived(
    {
      protractor: t('sheet.pencil.nothing'),
      dot: t('sheet.pencil.dot'),
      ray: work.from ? t('sheet.pencil.end-line') : t('sheet.pencil.begin-line'),
      freehand: work.stroke ? t('sheet.pencil.end-line') : t('sheet.pencil.begin-line'),
      arc: t('sheet.pencil.arc'),
      compass: t('sheet.pencil.nothing'),
    }[work.tool],
  )
  const making = $derived(work.from ? { from: work.from, to: work.pencil } : null)

  /** Where a finger hides the paper. */
  let finger: Point | null = $state.raw(null)

  let made = madeOf(work)
  $effect(() => {
    const now = madeOf(work)
    if (now > made) sounds.play('pencil')
    made = now
  })

  let heading: HTMLElement | undefined = $state()
  onMount(() => {
    if (arrives === 'prompt') heading?.focus({ preventScroll: true })
  })

  function pressKey(): void {
    if (work.from || work.stroke) work.lift(work.pencil)
    else work.press(work.pencil, 'keyboard', ends)
  }
</script>

<svelte:window onpagehide={keep} />
{#snippet drawing()}
  {#if isDrawing}
    <DrawnFigure
      task={view.drawing}
      drawing={work.drawing}
      stroke={work.stroke}
      sweep={work.sweep}
      preview={making}
    />
  {/if}
{/snippet}
{#snippet ruled(onfinger?: (at: Point | null) => void)}
  {#if ruler}
    <Straightedge
      isRuler
      laid={{
        from: work.ruler.centre,
        direction: work.ruler.turn,
        length: ruler.length,
        inset: ruler.inset,
      }}
      onmove={onfinger && (({ from, direction }) => (work.ruler = { centre: from, turn: direction }))}
      {onfinger}
      places={rules.placingKeys === false ? [] : allPlaces}
    />
  {/if}
{/snippet}
<Layout>
  {#snippet sheet()}
    <Sheet
      label={t('bench.sheet.label')}
      {...paper.window}
      onpaperdown={(event) => paper.hold(event)}
      onpapermove={(...move) => paper.carry(...move)}
      onpaperup={(event) => paper.letGo(event)}
      onpaperwheel={(factor, at) => paper.bring(factor, at)}
    >
      <!-- Told in words, in the panel. -->
      <g aria-hidden="true"><SheetScene {scene} {instruments} /></g>
      {@render drawing()}
      {#if mayExtend}
        {#each work.drawing.strokes as [a, b], i (i)}
          <PencilLine line={{ id: `extended-${i}`, from: a!, to: b!, ink: 'extension' }} />
        {/each}
        {#if making}<PencilLine line={{ id: 'extending', ...making, ink: 'extension' }} />{/if}
      {/if}
      {#if fan}
        <Fan
          at={fanAt}
          open={work.filled.values[fan.field] ? Number(work.filled.values[fan.field]) : null}
          onopen={marked || !work.now.includes(fan)
            ? undefined
            : (degrees) => work.fill(fan, String(degrees))}
        />
      {/if}
      {#if instrument && inHand && isOut}
        <g opacity={marked && isDrawing ? 0.45 : 1}>
          <Protractor
            {instrument}
            placement={work.placement}
            onmove={marked || work.tool !== 'protractor' ? undefined : (next) => work.layOn(next)}
            onfinger={(at) => (finger = at)}
            {places}
          />
        </g>
      {/if}
      {@render ruled((at) => (finger = at))}
      {#if isConstructing && work.tool === 'compass'}
        <Compass
          pose={work.compass}
          places={allPlaces}
          onmove={(next) => (work.compass = next)}
          onsweep={(points, isDone) => work.sweepTo(points, isDone)}
          onfinger={(at) => (finger = at)}
        />
      {/if}
      {#if !marked && work.tool !== 'protractor' && work.tool !== 'compass'}
        <Surface
          onpress={(at, pointerType) => work.press(at, pointerType, ends)}
          onmove={(at) => work.move(at)}
          onrelease={(at) => work.lift(at)}
          onfinger={(at) => (finger = at)}
        />
        <Pencil
          at={work.pencil}
          {does}
          onmove={(at) => work.move(at)}
          onpress={pressKey}
          places={pencilPlaces}
        />
      {/if}
      {#if finger}
        <Loupe target={finger}>
          <SheetScene {scene} {instruments} />
          {@render drawing()}
          {#if instrument && inHand && isOut}
            <Protractor {instrument} placement={work.placement} />
          {/if}
          {@render ruled()}
          <circle class="here" cx={finger.x} cy={finger.y} r="1" />
        </Loupe>
      {/if}
      {#if marked?.mark.picture}
        <MarkInk picture={marked.mark.picture} window={view.window} />
      {/if}
    </Sheet>
    <NearButtons {paper} />
  {/snippet}
  {#snippet panel()}
    <h1 tabindex="-1" bind:this={heading}>{view.prompt.text}</h1>
    {#if !marked}
      <Heard
        {view}
        {work}
        tellsLaid={!isAside}
        {instrument}
        {ruler}
        {isConstructing}
        {isDrawing}
        {crossings}
      />
    {/if}
    {#if marked}
      <Feedback {marked} {onagain} {onnext} {nextIs} {onshow} {ontwin} arrives={arrives === 'feedback'} />
      <Answered asks={view.asks} filled={work.filled} />
      {@render after?.()}
    {:else}
      <Questions {view} {work} {busy} {mayExtend} dots={rules.dots} onhandin={handIn} />
      {#if isConstructing}<p class="quiet small">{t('bench.keys.constructing')}</p>{/if}
      {#if inHand && instrument}
        <p class="quiet small">
          {#if view.kind === 'reflex'}{t('bench.reflex', { reflexWay: rules.reflex ?? 'handier' })}<br />{/if}
          {isDrawing ? t('bench.keys.drawing') : t('bench.keys.measuring')}
          {#if places.length > 0}{t('bench.keys.placing')}{/if}
        </p>
      {/if}
    {/if}
  {/snippet}
</Layout>

<style>
  .here {
    fill: none;
    stroke: var(--marking);
    stroke-width: 0.3;
  }
  h1 {
    outline: none;
    font-size: clamp(var(--type-3), 1.65vw, var(--type-4));
    line-height: 1.3;
  }
  .small {
    margin: 0;
    font-size: var(--type-1);
    line-height: 1.45;
  }
</style>
