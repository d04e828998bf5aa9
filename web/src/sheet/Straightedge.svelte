<!-- A straightedge with a millimetre ruler, lying along a line: the line runs a hair beside its edge. -->
<script lang="ts">
  import type { Schema } from '../api/client'

  let { laid }: { laid: Schema['LaidStraightedge'] } = $props()

  const before = 12
  const hair = 0.4
  const height = 17
  const length = $derived(laid.length ?? 160)
  const marks = $derived(
    Array.from({ length: Math.floor(length) + 1 }, (_, mm) => {
      const tall = mm % 10 === 0 ? 4 : mm % 5 === 0 ? 3 : 1.8
      return `M${mm} ${-hair}v${-tall}`
    }).join(''),
  )
</script>

<g transform="translate({laid.from.x} {laid.from.y}) rotate({laid.direction})">
  <rect x={-before} y={-height - hair} width={length + 2 * before} {height} rx="0.6" />
  <path d={marks} />
</g>

<style>
  g {
    pointer-events: none;
  }
  rect {
    fill: var(--brass-clear);
    fill-opacity: 0.55;
    stroke: var(--brass);
    stroke-width: 0.45;
  }
  path {
    stroke: var(--ink);
    stroke-width: 0.18;
    fill: none;
  }
</style>
