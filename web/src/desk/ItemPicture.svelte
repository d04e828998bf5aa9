<!-- An item in small, as the student will see it, without the instrument. -->
<script lang="ts">
  import type { Item } from '../api/client'
  import AngleFigure from '../sheet/AngleFigure.svelte'
  import { empty } from '../sheet/drawing'
  import DrawnFigure from '../sheet/DrawnFigure.svelte'

  let { item }: { item: Item } = $props()
</script>

<svg viewBox="-105 -76 210 152" aria-hidden="true">
  <g transform="scale(1 -1)">
    {#if item.kind === 'measure'}
      <AngleFigure angle={item.angle} names={item.names} />
    {:else}
      <DrawnFigure {item} drawing={empty} />
    {/if}
  </g>
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    background: var(--paper);
    border: 1px solid #e1ded2;
  }
  /* In small, lines and letters must be bolder to be seen. */
  svg :global(.arm) {
    stroke-width: 2;
  }
  svg :global(text) {
    font-size: 13px;
  }
</style>
