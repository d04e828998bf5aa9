<!-- The Board's sheet with the hand on it: instruments are carried, a pencil draws, the empty hand carries the paper. -->
<script lang="ts">
  import type { Instrument, Point, Schema } from '../api/client'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import Straightedge from '../sheet/Straightedge.svelte'
  import * as hand from './hand'
  import Lens from './Lens.svelte'
  import NameForm from './NameForm.svelte'
  import type { Stage } from './stage.svelte'
  import type { Tool } from './Tray.svelte'
  import { closeUp, moved, type View } from './view'

  interface Props {
    stage: Stage
    instruments: Instrument[]
    label: string
    tool: Tool
    blunt: boolean
    /** Whether the lens is open, and whether the last millimetre is helped. */
    lens: boolean
    snap: boolean
    lying: Record<string, string>
    /** The instrument in hand. */
    laid: Schema['LaidInstrument'] | undefined
    insets: { left: number; right: number; top: number; bottom: number }
    window: Schema['SheetWindow']
    view: View
    ontouch: (id: string) => void
  }
  let {
    stage,
    instruments,
    label,
    tool,
    blunt,
    lens,
    snap,
    lying,
    laid,
    insets,
    window,
    view = $bindable(),
    ontouch,
  }: Props = $props()

  let naming: Point | null = $state(null)
  let ruling: { from: Point; to: Point } | null = $state.raw(null)
  let panning: { x: number; y: number } | null = null
  const scene = $derived(stage.scene)
  const rimOf = (id: string | undefined): number =>
    instruments.find((i) => i.protractor.id === id)?.protractor.edgeRadius ?? 75
  const lensAt = $derived(
    !lens ? null : stage.free ? hand.lookAt(scene, laid, rimOf(laid?.instrumentId)) : scene.lens,
  )
  const centreOf = (): Point =>
    laid?.placement.centre ?? stage.settled.figures[0]?.angle.vertex ?? { x: 0, y: 0 }

  function drop(id: string): void {
    if (snap) stage.touch((s) => hand.snap(s, id), `place:${id}`)
    stage.letGo()
  }

  /* The paper itself: a tool draws on it, the empty hand carries it. */
  function down(event: PointerEvent, at: Point): void {
    if (event.button !== 0) return
    if (tool === 'dot') {
      stage.touch((s) => hand.makeDot(s, at, blunt))
    } else if (tool === 'name') {
      naming = at
    } else if (tool === 'ray') {
      ruling = { from: hand.rayFrom(stage.settled, at), to: at }
      ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    } else {
      panning = { x: event.clientX, y: event.clientY }
      ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    }
  }

  function drag(event: PointerEvent, at: Point, mmPerPixel: number): void {
    if (ruling) {
      ruling = { ...ruling, to: at }
    } else if (panning) {
      view = moved(view, (event.clientX - panning.x) * mmPerPixel, (event.clientY - panning.y) * mmPerPixel)
      panning = { x: event.clientX, y: event.clientY }
    }
  }

  function up(): void {
    if (ruling) {
      const { from, to } = ruling
      if (Math.hypot(to.x - from.x, to.y - from.y) > 2) stage.touch((s) => hand.drawLine(s, from, to, blunt))
    }
    ruling = null
    panning = null
  }
</script>

<div class="sheet" class:drawing={tool !== 'hand'}>
  <Sheet
    {label}
    {...window}
    {insets}
    rules
    onpaperdown={down}
    onpapermove={drag}
    onpaperup={up}
    onpaperwheel={(factor) => (view = closeUp(view, factor))}
  >
    <g id="scene">
      <SheetScene
        {scene}
        {instruments}
        beat={stage.at}
        {lying}
        onplace={(id, placement) => {
          ontouch(id)
          stage.touch((s) => hand.place(s, id, placement), `place:${id}`)
        }}
        ondrop={drop}
        onarm={(id, which, to) => stage.touch((s) => hand.dragArm(s, id, which, to), `arm:${id}:${which}`)}
        onthing={(id, by) => stage.touch((s) => hand.moveThing(s, id, by), `thing:${id}`)}
        onremove={(id) => stage.touch((s) => hand.rubOut(s, id))}
      />
      {#if ruling}
        <Straightedge laid={hand.ruled(ruling.from, ruling.to)} />
        <line class="ruling" x1={ruling.from.x} y1={ruling.from.y} x2={ruling.to.x} y2={ruling.to.y} />
      {/if}
    </g>
    {#if lensAt}<Lens {scene} {instruments} target={lensAt} middle={centreOf()} />{/if}
  </Sheet>
</div>
{#if naming}
  <NameForm
    onwrite={(text) => {
      const at = naming!
      naming = null
      if (text) stage.touch((s) => hand.writeName(s, at, text))
    }}
  />
{/if}

<style>
  .sheet {
    height: 100%;
  }
  .drawing {
    cursor: crosshair;
  }
  /* A pencil in the hand draws on whatever lies there; it carries nothing. */
  .drawing :global(#scene *) {
    pointer-events: none;
  }
  .ruling {
    stroke: var(--pencil);
    stroke-width: 0.75;
    stroke-linecap: round;
  }
</style>
