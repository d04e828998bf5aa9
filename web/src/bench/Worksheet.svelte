<!--
  An item as a sheet of paper, whatever its kind: what stands on it, the instrument in hand, what is asked, and the mark. What is
  to be filled in, and in which order, is told by the item itself.
-->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { Instrument, Placement, Point } from '../api/client'
  import {
    endsOf,
    longer,
    rayStart,
    withArc,
    withDot,
    withRay,
    withStroke,
    type Drawing,
    type Tool,
  } from '../sheet/drawing'
  import DrawnFigure from '../sheet/DrawnFigure.svelte'
  import Fan from '../sheet/Fan.svelte'
  import MarkInk from '../sheet/MarkInk.svelte'
  import Pencil from '../sheet/Pencil.svelte'
  import PencilLine from '../sheet/PencilLine.svelte'
  import Protractor from '../sheet/Protractor.svelte'
  import { sceneOf } from '../sheet/scene'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import { tipsOf } from '../sheet/geometry'
  import { restPlace } from '../sheet/window'
  import ChoiceAsk from './asks/ChoiceAsk.svelte'
  import FieldAsk from './asks/FieldAsk.svelte'
  import type { Draft } from './drafts'
  import DrawingTools from './DrawingTools.svelte'
  import Feedback from './Feedback.svelte'
  import Layout from './Layout.svelte'
  import { Nearness } from './nearness.svelte'
  import type { Sent } from './outbox.svelte'
  import {
    complaintAbout,
    filledOf,
    nothingFilled,
    responseOf,
    toldAnswer,
    type Ask,
    type Filled,
    type ItemView,
    type Response,
  } from './response'
  import Surface from './Surface.svelte'

  interface Props {
    view: ItemView
    instruments: Instrument[]
    /** The marked answer that is looked at, or null while the item is worked on. */
    marked: Sent | null
    busy: boolean
    onhandin: (response: Response) => void
    onagain: () => void
    onnext: (() => void) | null
    onshow?: (() => void) | undefined
    ontwin?: (() => void) | undefined
    /** What was filled in before a reload, and whom to tell of what is filled in now. */
    draft?: Draft | null
    ondraft?: ((draft: Draft) => void) | undefined
  }
  let {
    view,
    instruments,
    marked,
    busy,
    onhandin,
    onagain,
    onnext,
    onshow,
    ontwin,
    draft = null,
    ondraft,
  }: Props = $props()

  // Each item starts with a fresh component; a marked answer shows what was handed in.
  // svelte-ignore state_referenced_locally
  const before: Filled = marked ? filledOf(view, marked.response) : (draft?.filled ?? nothingFilled)
  let filled: Filled = $state.raw(before)
  // svelte-ignore state_referenced_locally
  let placement: Placement = $state.raw(
    (marked ? null : draft?.placement) ??
      before.drawing.placement ??
      Object.values(before.placements).at(-1) ??
      restPlace,
  )
  // svelte-ignore state_referenced_locally
  let laid = $state(
    draft?.laid || Boolean(before.drawing.placement ?? Object.values(before.placements).at(-1)),
  )
  let drawings: Drawing[] = $state.raw([before.drawing])
  // svelte-ignore state_referenced_locally
  let tool: Tool = $state(
    view.asks[0]?.byEye || (view.drawing && !view.drawing.baseRay) ? 'ray' : 'protractor',
  )
  let from: Point | null = $state.raw(null)
  /** A stroke in the making, without the straightedge. */
  let stroke: Point[] | null = $state.raw(null)
  // svelte-ignore state_referenced_locally
  let pencil: Point = $state.raw(view.drawing?.baseRay?.vertex ?? { x: 0, y: 0 })
  let complaints: Record<string, string> = $state.raw({})
  /** How many of the parts that come one after another have been begun. */
  // svelte-ignore state_referenced_locally
  let part = $state(marked ? 0 : Math.min(draft?.part ?? 0, view.asks.length - 1))

  // Kept a little after the hand has come to rest.
  let later: ReturnType<typeof setTimeout> | undefined
  /** A sheet that was only looked at is no draft: it must not stand in for one that was worked on at another device. */
  let untouched = true
  $effect(() => {
    const now = { filled: { ...filled, drawing: drawings.at(-1)! }, placement, laid, part }
    clearTimeout(later)
    if (untouched) {
      untouched = false
      return
    }
    if (!marked && ondraft) later = setTimeout(() => ondraft(now), 400)
    return () => clearTimeout(later)
  })

  /** The asks in parts: what is asked afterwards waits until all before it is answered, which is then kept. */
  const parts = $derived.by(() => {
    const all: Ask[][] = [[]]
    for (const ask of view.asks) {
      if (ask.afterwards && all.at(-1)!.length > 0) all.push([])
      all.at(-1)!.push(ask)
    }
    return all
  })
  const asked = $derived(parts.slice(0, part + 1).flat())
  const now = $derived(parts[part]!)
  const last = $derived(part === parts.length - 1)
  const instrument = $derived(instruments.find((i) => i.protractor.id === view.inHand?.id))
  const takes = (type: Ask['type']): boolean => asked.some((ask) => ask.type === type)
  const inHand = $derived(
    Boolean(marked) ||
      asked.some((ask) => ask.type === 'reading' || ask.laysOn || (ask.type === 'drawing' && !ask.byEye)),
  )
  /** What was laid on by somebody else is put aside when the student's own work with the instrument begins. */
  const scene = $derived({
    ...sceneOf(view.sheet),
    ...(instrument && inHand && !marked ? { instruments: [] } : {}),
  })
  const drawing = $derived(drawings.at(-1)!)
  /** Where an angle is measured, the straightedge helps: an arm too short is drawn on. Such lines are not handed in. */
  const mayExtend = $derived(Boolean(instrument && inHand && !view.drawing && !marked))
  const isDrawing = $derived(takes('drawing') || view.drawing !== null)
  const ends = $derived(
    view.drawing
      ? endsOf(drawing, view.drawing)
      : scene.figures.flatMap(({ angle }) => [angle.vertex, ...tipsOf(angle)]),
  )
  const fan = $derived(view.asks.find((ask) => ask.type === 'fan'))
  const fanAt = $derived({ x: view.window.left + 24, y: view.window.bottom + 22 })
  const does = $derived(
    {
      protractor: 'does nothing now',
      dot: 'makes a dot',
      ray: from ? 'ends the ray' : 'begins the ray',
      freehand: stroke ? 'ends the stroke' : 'begins a stroke',
      arc: 'marks the arc',
    }[tool],
  )

  function fill(ask: Ask, value: string): void {
    filled = { ...filled, values: { ...filled.values, [ask.field]: value } }
    // Where the instrument lay belongs to the reading that is being written.
    if (ask.placementField && laid) {
      filled = { ...filled, placements: { ...filled.placements, [ask.field]: placement } }
    }
  }

  function layOn(next: Placement): void {
    placement = next
    laid = true
  }

  const change = (next: Drawing): void => {
    drawings = [...drawings, next]
  }

  function press(at: Point, pointerType: string): void {
    if (tool === 'dot') change(withDot(drawing, at, laid ? placement : null))
    else if (tool === 'arc') change(withArc(drawing, at))
    else if (tool === 'ray') from = rayStart(at, ends, pointerType)
    else if (tool === 'freehand') stroke = [at]
    pencil = at
  }

  function draw(at: Point): void {
    if (stroke) stroke = longer(stroke, at)
    pencil = at
  }

  function release(at: Point): void {
    if (from && Math.hypot(at.x - from.x, at.y - from.y) > 1) change(withRay(drawing, from, at))
    if (stroke) change(withStroke(drawing, longer(stroke, at)))
    from = null
    stroke = null
  }

  // svelte-ignore state_referenced_locally
  const paper = new Nearness(view.window)

  function submit(event: SubmitEvent): void {
    event.preventDefault()
    complaints = Object.fromEntries(now.map((ask) => [ask.field, complaintAbout(ask, filled)]))
    if (Object.values(complaints).some((complaint) => complaint !== '')) return
    if (!last) {
      part += 1
      tool = 'protractor'
      return
    }
    const readings = view.asks.filter((ask) => ask.placementField)
    // A single reading is made of how the instrument lies when it is handed in.
    const placements = readings.length === 1 && laid ? { [readings[0]!.field]: placement } : filled.placements
    onhandin(
      responseOf(view, {
        ...filled,
        placements,
        drawing: { ...drawing, placement: drawing.placement ?? (laid ? placement : null) },
      }),
    )
  }
</script>

<Layout>
  {#snippet sheet()}
    <Sheet
      label="Your sheet"
      {...paper.window}
      onpaperdown={(event) => paper.hold(event)}
      onpapermove={(...move) => paper.carry(...move)}
      onpaperup={(event) => paper.letGo(event)}
      onpaperwheel={(factor, at) => paper.bring(factor, at)}
    >
      <SheetScene {scene} {instruments} />
      {#if view.drawing}
        <DrawnFigure task={view.drawing} {drawing} {stroke} preview={from ? { from, to: pencil } : null} />
      {/if}
      {#if mayExtend}
        {#each drawing.strokes as [a, b], i (i)}
          <PencilLine line={{ id: `extended-${i}`, from: a!, to: b!, ink: 'extension' }} />
        {/each}
        {#if from}<PencilLine line={{ id: 'extending', from, to: pencil, ink: 'extension' }} />{/if}
      {/if}
      {#if fan}
        <Fan
          at={fanAt}
          open={filled.values[fan.field] ? Number(filled.values[fan.field]) : null}
          onopen={marked || !now.includes(fan) ? undefined : (degrees) => fill(fan, String(degrees))}
        />
      {/if}
      {#if instrument && inHand && (marked ? laid || !isDrawing : tool === 'protractor' || tool === 'dot' || mayExtend)}
        <g opacity={marked && isDrawing ? 0.45 : 1}>
          <Protractor {instrument} {placement} onmove={marked || tool !== 'protractor' ? undefined : layOn} />
        </g>
      {/if}
      {#if !marked && tool !== 'protractor'}
        <Surface onpress={press} onmove={draw} onrelease={release} />
        <Pencil
          at={pencil}
          {does}
          onmove={draw}
          onpress={() => (from || stroke ? release(pencil) : press(pencil, 'keyboard'))}
        />
      {/if}
      {#if marked?.mark.picture}
        <MarkInk picture={marked.mark.picture} halfWidth={view.window.width / 2} />
      {/if}
    </Sheet>
    <div class="near">
      <button type="button" aria-label="Closer" onclick={() => paper.bring(1.4)}>+</button>
      <button type="button" aria-label="Farther" disabled={paper.isWhole} onclick={() => paper.bring(1 / 1.4)}
        >−</button
      >
    </div>
  {/snippet}
  {#snippet panel()}
    <h1>{view.prompt}</h1>
    {#if marked}
      <dl>
        {#each view.asks as ask (ask.field)}
          {@const told = toldAnswer(ask, filled)}
          {#if told}
            <dt>{ask.label.replace(/ in degrees$/, '')}</dt>
            <dd>{told}</dd>
          {/if}
        {/each}
      </dl>
      <Feedback {marked} {onagain} {onnext} {onshow} {ontwin} />
    {:else}
      <form onsubmit={submit} novalidate>
        {#each asked as ask (ask.field)}
          {#if ask.type === 'choice'}
            <ChoiceAsk
              {ask}
              value={filled.values[ask.field] ?? ''}
              complaint={complaints[ask.field] ?? ''}
              disabled={!now.includes(ask)}
              onchange={(value) => fill(ask, value)}
            />
          {:else if ask.type === 'drawing' && !now.includes(ask)}
            <p class="fan">{ask.label} <strong>Done.</strong></p>
          {:else if ask.type === 'drawing'}
            <DrawingTools
              {tool}
              byEye={ask.byEye === true}
              ownBase={view.drawing !== null && !view.drawing?.baseRay}
              canUndo={drawings.length > 1}
              onpick={(next) => {
                tool = next
                from = null
                stroke = null
              }}
              onundo={() => (drawings = drawings.slice(0, -1))}
            />
          {:else if ask.type === 'fan'}
            <p class="fan">
              {ask.label}
              <strong>{filled.values[ask.field] ? 'Open.' : 'Still folded.'}</strong>
              {#if complaints[ask.field]}<span role="alert">{complaints[ask.field]}</span>{/if}
            </p>
          {:else}
            <FieldAsk
              {ask}
              value={filled.values[ask.field] ?? ''}
              complaint={complaints[ask.field] ?? ''}
              disabled={!now.includes(ask)}
              onchange={(value) => fill(ask, value)}
            />
          {/if}
        {/each}
        {#if mayExtend}
          <DrawingTools
            {tool}
            forArms
            canUndo={drawings.length > 1}
            onpick={(next) => {
              tool = next
              from = null
            }}
            onundo={() => (drawings = drawings.slice(0, -1))}
          />
        {/if}
        <Button type="submit" disabled={busy}>{last ? 'Hand in' : 'Keep it and go on'}</Button>
      </form>
      {#if inHand && instrument}
        <p class="quiet small">
          {#if isDrawing}
            With keys: Tab to the protractor or the pencil; arrows move, comma and full stop turn, Enter
            draws, Shift for tenths.
          {:else}
            Slide the protractor by its body, turn it by its rim. With keys: arrows slide, comma and full stop
            turn, Shift for tenths.
          {/if}
        </p>
      {/if}
    {/if}
  {/snippet}
</Layout>

<style>
  h1 {
    font-size: 21px;
    line-height: 1.3;
  }
  form {
    display: flex;
    flex-direction: column;
    gap: 18px;
  }
  form :global(.bx--btn) {
    width: 100%;
    max-width: none;
  }
  form :global(.bx--label) {
    font-size: 16px;
    line-height: 1.3;
    color: var(--ink);
  }
  form :global(.bx--text-input) {
    font-size: 18px;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    margin: 0;
  }
  dt,
  dd {
    margin: 0;
    padding: 8px 0;
    border-bottom: 1px solid #d5dbe0;
    font-size: 16px;
    line-height: 1.3;
  }
  dd {
    padding-left: 12px;
    font-weight: 600;
    text-align: right;
  }
  .fan {
    margin: 0;
    font-size: 16px;
    line-height: 1.4;
  }
  .fan span {
    display: block;
    color: var(--marking);
    font-size: 14px;
  }
  .near {
    position: absolute;
    right: 8px;
    bottom: 8px;
    display: flex;
    gap: 4px;
  }
  .near button {
    width: 44px;
    height: 44px;
    border: 1px solid var(--ink-faint);
    background: rgb(255 255 255 / 90%);
    color: var(--ink);
    font-size: 22px;
    cursor: pointer;
  }
  .near button:disabled {
    color: #a3acb8;
  }
  .small {
    margin: 0;
    font-size: 14px;
    line-height: 1.45;
  }
</style>
