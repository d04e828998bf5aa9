<!-- The Board's sheet with the hand on it: instruments are carried, a pencil draws, the empty hand carries the paper. -->
<script lang="ts">
  import { SvelteMap } from 'svelte/reactivity'
  import type { Instrument, Point, Schema } from '../api/client'
  import { placesOn, type Place } from '../sheet/aids'
  import { Crossings, drawnIn } from '../sheet/crossings.svelte'
  import { distanceOf } from '../sheet/geometry'
  import Pencil from '../sheet/Pencil.svelte'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import Straightedge from '../sheet/Straightedge.svelte'
  import * as compassHand from './compassHand'
  import * as hand from './hand'
  import Lens from './Lens.svelte'
  import { drawArc, openingAt, type Opening } from './openings'
  import { rubAt } from './rubber'
  import NameForm from './NameForm.svelte'
  import type { Stage } from '../sheet/stage.svelte'
  import type { Tool } from './Tray.svelte'
  import { closeUp, fromMiddle, moved, type View } from '../sheet/view'
  import { t } from '../said/said.svelte'

  interface Props {
    stage: Stage
    instruments: Instrument[]
    label: string
    tool: Tool
    blunt: boolean
    /** Whether the hinge of the compass gives a little each time it is put down. */
    worn: boolean
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
    /** An opening is to be labelled. */
    onlabel: (opening: Opening) => void
  }
  let {
    stage,
    instruments,
    label,
    tool,
    blunt,
    worn,
    lens,
    snap,
    lying,
    laid,
    insets,
    window,
    view = $bindable(),
    ontouch,
    onlabel,
  }: Props = $props()

  let naming: Point | null = $state(null)
  /** A line in the making, and the straightedge that the pencil runs along, where one lies there. */
  let ruling: { from: Point; to: Point; edge: Schema['LaidStraightedge'] | null } | null = $state.raw(null)
  /** An arc of the compass in the making. */
  let sweep: Point[] | null = $state.raw(null)
  /** The pencil of those who work with keys. */
  let pencil: Point = $state.raw({ x: 0, y: 0 })
  /** Fingers, or the pointer, on the bare paper, in pixels. */
  const onPaper = new SvelteMap<number, Point>()
  const scene = $derived(stage.scene)
  const rimOf = (id: string | undefined): number =>
    instruments.find((i) => i.protractor.id === id)?.protractor.edgeRadius ?? 75
  const lensAt = $derived(
    !lens ? null : stage.free ? hand.lookAt(scene, laid, rimOf(laid?.instrumentId)) : scene.lens,
  )
  const places = $derived(placesOn(stage.settled))
  const crossings = new Crossings()
  /** Where something begins, ends, crosses or was dotted: points for a needle and a pencil. */
  const points: Place[] = $derived([
    ...places,
    ...stage.settled.dots.map(({ at }) => ({ at, arms: [] })),
    ...crossings.places,
  ])
  /** A line begins at a vertex when it is begun near one, also where the last millimetre is not helped. */
  const vertices: Place[] = $derived(
    stage.settled.figures.map(({ angle }) => ({ at: angle.vertex, arms: [] })),
  )
  /** Where the last millimetre is helped. */
  const helps = $derived(snap ? points : [])
  const figures = $derived(stage.settled.figures)
  const lines = $derived(stage.settled.lines)
  const compassArcs = $derived(stage.settled.compassArcs)
  const constructs = $derived(stage.settled.compass !== null || (tool !== 'hand' && compassArcs.length > 0))
  $effect(() => {
    if (!constructs) {
      crossings.forget()
      return
    }
    const drawn = drawnIn({ figures, lines, compassArcs })
    // An arm that is being dragged crosses elsewhere at every move.
    const later = setTimeout(() => void crossings.follow(drawn), 150)
    return () => clearTimeout(later)
  })
  const centreOf = (): Point =>
    laid?.placement.centre ?? stage.settled.figures[0]?.angle.vertex ?? { x: 0, y: 0 }

  function sweepTo(points: Point[], isDone: boolean): void {
    sweep = isDone ? null : points
    if (isDone) stage.touch((s) => compassHand.drawCompassArc(s, points, blunt))
  }

  function putDown(): void {
    const slip = worn ? compassHand.wornSlip() : 0
    stage.touch((s) => compassHand.putDownCompass(s, helps, slip), 'compass')
    stage.letGo()
  }

  function opened(): void {
    stage.touch((s) => compassHand.openCompass(s, helps), 'compass')
    stage.letGo()
  }

  function drop(id?: string): void {
    if (snap) {
      if (id === undefined) stage.touch(hand.snapStraightedge, 'straightedge')
      else stage.touch((s) => hand.snap(s, id), `place:${id}`)
    }
    stage.letGo()
  }

  /* The pencil: makes dots, writes, or draws a line, along the straightedge where it is held to its edge. */
  function begin(at: Point): void {
    const held = hand
      .edgesOf(stage.settled, instruments)
      .map((edge) => ({ edge, at: hand.onEdge(edge, at) }))
      .find((one) => one.at)
    ruling = held
      ? { from: held.at!, to: held.at!, edge: held.edge }
      : { from: hand.helpedTo(snap ? points : vertices, at), to: at, edge: null }
  }

  function draw(at: Point): void {
    if (ruling) ruling = { ...ruling, to: ruling.edge ? hand.onEdge(ruling.edge, at, Infinity)! : at }
  }

  function end(): void {
    if (ruling) {
      const { from, edge } = ruling
      const to = edge ? ruling.to : hand.helpedTo(helps, ruling.to)
      if (distanceOf(from, to) > 2) stage.touch((s) => hand.drawLine(s, from, to, blunt))
    }
    ruling = null
  }

  function press(at: Point): void {
    if (tool === 'dot') stage.touch((s) => hand.makeDot(s, at, blunt))
    else if (tool === 'name') naming = at
    else if (tool === 'arc') stage.touch((s) => drawArc(s, at))
    else if (tool === 'rub') stage.touch((s) => rubAt(s, at), 'rub')
    else if (tool === 'label') {
      const opening = openingAt(stage.settled, at)
      if (opening) onlabel(opening)
    } else if (ruling) end()
    else begin(at)
  }

  $effect(() => {
    if (tool !== 'ray') ruling = null
  })

  /* The paper itself: a tool draws on it, the empty hand carries it, two fingers carry it and bring it nearer. */
  function down(event: PointerEvent, at: Point): void {
    if (event.button !== 0) return
    onPaper.set(event.pointerId, { x: event.clientX, y: event.clientY })
    if (onPaper.size > 1) {
      ruling = null
      return
    }
    if (tool !== 'hand') press(at)
    if (tool === 'hand' || tool === 'ray' || tool === 'rub')
      (event.currentTarget as Element).setPointerCapture(event.pointerId)
  }

  function drag(event: PointerEvent, at: Point, mmPerPixel: number): void {
    const before = onPaper.get(event.pointerId)
    if (!before) return
    const now = { x: event.clientX, y: event.clientY }
    onPaper.set(event.pointerId, now)
    const other = [...onPaper].find(([id]) => id !== event.pointerId)?.[1]
    if (ruling) {
      draw(at)
    } else if (tool === 'rub') {
      stage.touch((s) => rubAt(s, at), 'rub')
    } else if (tool === 'hand' || other) {
      const share = other ? 0.5 : 1
      const [right, fall] = [now.x - before.x, now.y - before.y]
      view = moved(view, right * mmPerPixel * share, fall * mmPerPixel * share)
      if (other) {
        const apart = distanceOf(other, now) / Math.max(1, distanceOf(other, before))
        view = closeUp(view, apart, fromMiddle(window, at))
      }
    }
  }

  function up(event: PointerEvent): void {
    onPaper.delete(event.pointerId)
    if (tool === 'rub') stage.letGo()
    end()
  }

  const does = $derived(
    tool === 'ray'
      ? ruling
        ? t('sheet.pencil.end-line')
        : t('sheet.pencil.begin-line')
      : tool === 'dot'
        ? t('sheet.pencil.dot')
        : t('board.free.enter', { toolKey: tool }),
  )
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
    onpaperwheel={(factor, at) => (view = closeUp(view, factor, fromMiddle(window, at)))}
  >
    <g id="scene">
      <SheetScene
        {scene}
        {instruments}
        beat={stage.at}
        {lying}
        {places}
        {points}
        onplace={(id, placement) => {
          ontouch(id)
          stage.touch((s) => hand.place(s, id, placement), `place:${id}`)
        }}
        ondrop={drop}
        onstraightedge={(edge) => stage.touch((s) => hand.layStraightedge(s, edge), 'straightedge')}
        oncompass={(pose) => stage.touch((s) => compassHand.standCompass(s, pose), 'compass')}
        oncarried={putDown}
        onopened={opened}
        onsweep={sweepTo}
        onarm={(id, which, to) => stage.touch((s) => hand.dragArm(s, id, which, to), `arm:${id}:${which}`)}
        onthing={(id, by) => stage.touch((s) => hand.moveThing(s, id, by), `thing:${id}`)}
        onremove={(id) => stage.touch((s) => hand.rubOut(s, id))}
      />
      {#if sweep}<polyline class="ruling" points={sweep.map((p) => `${p.x},${p.y}`).join(' ')} />{/if}
      {#if ruling}
        {#if !ruling.edge}<Straightedge laid={hand.ruled(ruling.from, ruling.to)} />{/if}
        <line class="ruling" x1={ruling.from.x} y1={ruling.from.y} x2={ruling.to.x} y2={ruling.to.y} />
      {/if}
    </g>
    {#if tool !== 'hand'}
      <Pencil
        at={pencil}
        {does}
        onmove={(at) => {
          pencil = at
          draw(at)
        }}
        onpress={() => press(pencil)}
        places={points}
      />
    {/if}
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
    fill: none;
    stroke: var(--pencil);
    stroke-width: 0.75;
    stroke-linecap: round;
  }
</style>
