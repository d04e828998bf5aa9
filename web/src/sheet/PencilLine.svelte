<!-- A straight line in one of the inks. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { directionOf } from './geometry'

  let { line }: { line: Schema['DrawnLine'] } = $props()
</script>

<line
  class={line.ink ?? 'pencil'}
  class:blunt={line.blunt}
  x1={line.from.x}
  y1={line.from.y}
  x2={line.to.x}
  y2={line.to.y}
/>
{#if line.arrow}
  <path
    class={line.ink ?? 'pencil'}
    d="M-3.6 1.7L0 0L-3.6 -1.7"
    transform="translate({line.to.x} {line.to.y}) rotate({directionOf(line.from, line.to)})"
  />
{/if}

<style>
  line,
  path {
    fill: none;
    stroke: var(--pencil);
    stroke-width: 0.75;
    stroke-linecap: round;
  }
  .blunt {
    stroke-width: 2;
  }
  .extension {
    stroke: var(--ink-soft);
    stroke-width: 0.5;
    stroke-dasharray: 1.4 1.6;
  }
  .marking {
    stroke: var(--marking);
  }
</style>
