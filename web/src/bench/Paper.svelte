<!-- The sheet of an item, with what stands on it, what is drawn on it, and the tool that is in the hand. -->
<script lang="ts">
  import type { Instrument, Point } from '../api/client'
  import Compass from '../sheet/Compass.svelte'
  import DrawnFigure from '../sheet/DrawnFigure.svelte'
  import Fan from '../sheet/Fan.svelte'
  import MarkInk from '../sheet/MarkInk.svelte'
  import Pencil from '../sheet/Pencil.svelte'
  import PencilLine from '../sheet/PencilLine.svelte'
  import Protractor from '../sheet/Protractor.svelte'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import Straightedge from '../sheet/Straightedge.svelte'
  import { t } from '../said/said.svelte'
  import type { AtHand } from './atHand.svelte'
  import type { Sent } from './keeping/outbox.svelte'
  import Loupe from './Loupe.svelte'
  import NearButtons from './NearButtons.svelte'
  import { Nearness } from './nearness.svelte'
  import type { SeenView } from './seen'
  import type { SheetWork } from './sheetWork.svelte'
  import Surface from './Surface.svelte'

  interface Props {
    view: SeenView
    instruments: Instrument[]
    work: SheetWork
    hand: AtHand
    /** The marked answer that is looked at, or null while the item is worked on. */
    marked: Sent | null
  }
  let { view, instruments, work, hand, marked }: Props = $props()

  // Each item starts with a fresh component.
  // svelte-ignore state_referenced_locally
  const paper = new Nearness(view.window)

  const { instrument } = $derived(hand)
  const fan = $derived(view.asks.find((ask) => ask.type === 'fan'))
  const fanAt = $derived({ x: view.window.left + 24, y: view.window.bottom + 22 })
  const making = $derived(work.from ? { from: work.from, to: work.pencil } : null)
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

  /** Where a finger hides the paper. */
  let finger: Point | null = $state.raw(null)

  function pressKey(): void {
    if (work.from || work.stroke) work.lift(work.pencil)
    else work.press(work.pencil, 'keyboard', hand.ends)
  }
</script>

{#snippet drawing()}
  {#if hand.isDrawing}
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
  {#if hand.ruler}
    <Straightedge
      isRuler
      laid={{
        from: work.ruler.centre,
        direction: work.ruler.turn,
        length: hand.ruler.length,
        inset: hand.ruler.inset,
      }}
      onmove={onfinger && (({ from, direction }) => (work.ruler = { centre: from, turn: direction }))}
      {onfinger}
      places={hand.rulerPlaces}
    />
  {/if}
{/snippet}
<Sheet
  label={t('bench.sheet.label')}
  {...paper.window}
  onpaperdown={(event) => paper.hold(event)}
  onpapermove={(...move) => paper.carry(...move)}
  onpaperup={(event) => paper.letGo(event)}
  onpaperwheel={(factor, at) => paper.bring(factor, at)}
>
  <!-- Told in words, in the panel. -->
  <g aria-hidden="true"><SheetScene scene={hand.scene} {instruments} /></g>
  {@render drawing()}
  {#if hand.mayExtend}
    {#each work.drawing.strokes as [a, b], i (i)}
      <PencilLine line={{ id: `extended-${i}`, from: a!, to: b!, ink: 'extension' }} />
    {/each}
    {#if making}<PencilLine line={{ id: 'extending', ...making, ink: 'extension' }} />{/if}
  {/if}
  {#if fan}
    <Fan
      at={fanAt}
      open={work.filled.values[fan.field] ? Number(work.filled.values[fan.field]) : null}
      onopen={marked || !work.now.includes(fan) ? undefined : (degrees) => work.fill(fan, String(degrees))}
    />
  {/if}
  {#if instrument && hand.isOut}
    <g opacity={marked && hand.isDrawing ? 0.45 : 1}>
      <Protractor
        {instrument}
        placement={work.placement}
        onmove={marked || work.tool !== 'protractor' ? undefined : (next) => work.layOn(next)}
        onfinger={(at) => (finger = at)}
        places={hand.places}
      />
    </g>
  {/if}
  {@render ruled((at) => (finger = at))}
  {#if hand.isConstructing && work.tool === 'compass'}
    <Compass
      pose={work.compass}
      places={hand.allPlaces}
      onmove={(next) => (work.compass = next)}
      onsweep={(points, isDone) => work.sweepTo(points, isDone)}
      onfinger={(at) => (finger = at)}
    />
  {/if}
  {#if !marked && work.tool !== 'protractor' && work.tool !== 'compass'}
    <Surface
      onpress={(at, pointerType) => work.press(at, pointerType, hand.ends)}
      onmove={(at) => work.move(at)}
      onrelease={(at) => work.lift(at)}
      onfinger={(at) => (finger = at)}
    />
    <Pencil
      at={work.pencil}
      {does}
      onmove={(at) => work.move(at)}
      onpress={pressKey}
      places={hand.pencilPlaces}
    />
  {/if}
  {#if finger}
    <Loupe target={finger}>
      <SheetScene scene={hand.scene} {instruments} />
      {@render drawing()}
      {#if instrument && hand.isOut}
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

<style>
  .here {
    fill: none;
    stroke: var(--marking);
    stroke-width: 0.3;
  }
</style>
