<!-- Draw: lay the protractor on the base ray, make a dot, draw the second ray, mark the arc. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { Placement, Point, Schema } from '../../api/client'
  import {
    drawingOf,
    empty,
    rayStart,
    withArc,
    withDot,
    withRay,
    type Drawing,
    type Tool,
  } from '../../sheet/drawing'
  import DrawnFigure from '../../sheet/DrawnFigure.svelte'
  import MarkInk from '../../sheet/MarkInk.svelte'
  import Pencil from '../../sheet/Pencil.svelte'
  import Protractor from '../../sheet/Protractor.svelte'
  import Sheet from '../../sheet/Sheet.svelte'
  import Feedback from '../Feedback.svelte'
  import Layout from '../Layout.svelte'
  import Surface from '../Surface.svelte'
  import { restPlace, sheetWindow } from '../../sheet/window'
  import type { KindProps } from '.'

  let { item, instrument, marked, busy, onhandin, onagain, onnext }: KindProps<Schema['ItemDrawItem']> =
    $props()

  // Each item starts with a fresh component; a marked answer shows what was drawn.
  // svelte-ignore state_referenced_locally
  const before = marked?.response.kind === 'draw' ? marked.response : null
  const drawn: Drawing = before ? drawingOf(before) : empty
  let history: Drawing[] = $state([drawn])
  let placement: Placement = $state(before?.placement ?? restPlace)
  let laid = $state(Boolean(before?.placement))
  let tool: Tool = $state('protractor')
  let from: Point | null = $state(null)
  // svelte-ignore state_referenced_locally
  let pencil: Point = $state(item.baseRay.vertex)

  const drawing = $derived(history.at(-1)!)
  const tools: { key: Tool; label: string; hint: string }[] = [
    { key: 'protractor', label: 'Protractor', hint: 'Slide it by its body, turn it by its rim.' },
    { key: 'dot', label: 'Dot', hint: 'Tap at the rim, at your measure.' },
    { key: 'ray', label: 'Ray', hint: 'The protractor is lifted. Draw from the vertex through your dot.' },
    { key: 'arc', label: 'Arc', hint: 'Tap inside the opening you mean.' },
  ]
  const hint = $derived(tools.find((t) => t.key === tool)!.hint)
  const does = $derived(
    {
      protractor: 'does nothing now',
      dot: 'makes a dot',
      ray: from ? 'ends the ray' : 'begins the ray',
      arc: 'marks the arc',
    }[tool],
  )

  const change = (next: Drawing): void => {
    history = [...history, next]
  }

  function press(at: Point, pointerType: string): void {
    if (tool === 'dot') change(withDot(drawing, at, laid ? placement : null))
    else if (tool === 'arc') change(withArc(drawing, at))
    else if (tool === 'ray') from = rayStart(at, item.baseRay.vertex, pointerType)
    pencil = at
  }

  function release(at: Point): void {
    if (from && Math.hypot(at.x - from.x, at.y - from.y) > 1) change(withRay(drawing, from, at))
    from = null
  }

  function enter(): void {
    if (from) release(pencil)
    else press(pencil, 'keyboard')
  }

  function handIn(): void {
    onhandin({
      kind: 'draw',
      strokes: drawing.strokes.map((points) => ({ points })),
      dots: drawing.dots,
      arc: drawing.arc,
      placement: drawing.placement ?? (laid ? placement : null),
    })
  }
</script>

<Layout>
  {#snippet sheet()}
    <Sheet label="Your sheet" {...sheetWindow}>
      <DrawnFigure {item} {drawing} preview={from ? { from, to: pencil } : null} />
      {#if marked ? laid : tool !== 'ray' && tool !== 'arc'}
        <g opacity={marked ? 0.45 : 1}>
          <Protractor
            {instrument}
            {placement}
            onmove={marked || tool !== 'protractor'
              ? undefined
              : (next) => {
                  placement = next
                  laid = true
                }}
          />
        </g>
      {/if}
      {#if !marked && tool !== 'protractor'}
        <Surface onpress={press} onmove={(at) => (pencil = at)} onrelease={release} />
        <Pencil at={pencil} {does} onmove={(at) => (pencil = at)} onpress={enter} />
      {/if}
      {#if marked?.mark.picture}<MarkInk
          picture={marked.mark.picture}
          halfWidth={sheetWindow.width / 2}
        />{/if}
    </Sheet>
  {/snippet}
  {#snippet panel()}
    <h1>{item.prompt}</h1>
    {#if marked}
      <Feedback {marked} {onagain} {onnext} />
    {:else}
      <div class="tools" role="radiogroup" aria-label="In your hand">
        {#each tools as each (each.key)}
          <button
            type="button"
            role="radio"
            aria-checked={tool === each.key}
            onclick={() => {
              tool = each.key
              from = null
            }}>{each.label}</button
          >
        {/each}
      </div>
      <p class="hint" aria-live="polite">{hint}</p>
      <div class="doing">
        <Button
          kind="tertiary"
          disabled={history.length === 1}
          on:click={() => (history = history.slice(0, -1))}>Undo</Button
        >
        <Button disabled={busy} on:click={handIn}>Hand in</Button>
      </div>
      <p class="quiet small">
        With keys: Tab to the protractor or the pencil; arrows move, comma and full stop turn, Enter draws,
        Shift for tenths.
      </p>
    {/if}
  {/snippet}
</Layout>

<style>
  h1 {
    font-size: 21px;
    line-height: 1.3;
  }
  .tools {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  .tools button {
    min-height: 48px;
    border: 1px solid var(--ink-faint);
    background: #fff;
    font: 400 16px var(--sans);
    color: var(--ink);
    cursor: pointer;
  }
  .tools button[aria-checked='true'] {
    border: 2px solid var(--brass);
    background: #fbf3df;
    font-weight: 600;
  }
  .hint {
    margin: 0;
    min-height: 3em;
    font: 400 17px/1.4 var(--serif);
  }
  .doing {
    display: grid;
    grid-template-columns: 1fr 1.6fr;
    gap: 10px;
  }
  .doing :global(.bx--btn) {
    width: 100%;
    max-width: none;
  }
  .small {
    margin: 0;
    font-size: 14px;
    line-height: 1.45;
  }
</style>
