<!-- An item in small, as the student will see it, without the instrument in hand: as near as what stands on the sheet allows. -->
<script lang="ts">
  import type { Instrument, Schema } from '../api/client'
  import { empty } from '../sheet/drawing'
  import DrawnFigure from '../sheet/DrawnFigure.svelte'
  import { sceneOf } from '../sheet/scene'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import { closeTo } from './pictureWindow'

  let { view, instruments }: { view: Schema['ItemView']; instruments: Instrument[] } = $props()

  /** Letters are as high as one of so many parts of the picture is wide, however near it comes: they must be read. */
  const lettersAcross = 16
  let content: SVGGElement | undefined = $state()
  let window = $derived(view.window)
  $effect(() => {
    // What stands on the sheet is measured as it is drawn, letters too.
    const box = content && view ? content.getBBox() : null
    if (box && box.width > 0) window = closeTo(box, view.window)
  })
</script>

<div class="picture" style:--letter="{window.width / lettersAcross}px" aria-hidden="true" inert>
  <Sheet label="" {...window}>
    <g bind:this={content}>
      <SheetScene scene={sceneOf(view.sheet)} {instruments} />
      {#if view.drawing}<DrawnFigure task={view.drawing} drawing={empty} />{/if}
    </g>
  </Sheet>
</div>

<style>
  .picture {
    aspect-ratio: 220 / 160;
    background: var(--paper);
    border: 1px solid #e1ded2;
  }
  /* In small, lines must be bolder to be seen. */
  .picture :global(.arm) {
    stroke-width: 1.5;
  }
  .picture :global(text.name) {
    font-size: var(--letter);
  }
</style>
