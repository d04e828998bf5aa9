<!-- An item in small, as the student will see it, without the instrument in hand. -->
<script lang="ts">
  import type { Instrument, Schema } from '../api/client'
  import { empty } from '../sheet/drawing'
  import DrawnFigure from '../sheet/DrawnFigure.svelte'
  import { sceneOf } from '../sheet/scene'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'

  let { view, instruments }: { view: Schema['ItemView']; instruments: Instrument[] } = $props()
</script>

<div class="picture" aria-hidden="true" inert>
  <Sheet label="" {...view.window}>
    <SheetScene scene={sceneOf(view.sheet)} {instruments} />
    {#if view.drawing}<DrawnFigure task={view.drawing} drawing={empty} />{/if}
  </Sheet>
</div>

<style>
  .picture {
    aspect-ratio: 220 / 160;
    background: var(--paper);
    border: 1px solid #e1ded2;
  }
  /* In small, lines and letters must be bolder to be seen. */
  .picture :global(.arm) {
    stroke-width: 2;
  }
  .picture :global(text.name) {
    font-size: var(--type-1);
  }
</style>
