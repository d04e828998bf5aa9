<!-- Arcs of the compass in one of the inks, each with the prick of its needle. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { arcPath } from './geometry'

  let { arcs }: { arcs: readonly Schema['CompassArc'][] } = $props()
</script>

{#each arcs as arc (arc.id)}
  <path
    class={arc.ink ?? 'pencil'}
    class:blunt={arc.blunt}
    d={arcPath(arc.centre, arc.radius, arc.from, arc.sweep)}
  />
  <circle class="prick" cx={arc.centre.x} cy={arc.centre.y} r="0.45" />
{/each}

<style>
  path {
    fill: none;
    stroke: var(--pencil);
    stroke-width: 0.7;
    stroke-linecap: round;
  }
  .blunt {
    stroke-width: 1.6;
  }
  .marking {
    stroke: var(--marking);
  }
  .prick {
    fill: var(--ink);
  }
</style>
