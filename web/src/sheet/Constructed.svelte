<!-- What was drawn with compass and straightedge. -->
<script lang="ts">
  import type { Point } from '../api/client'
  import type { Drawing } from './drawing'
  import { directionOf } from './geometry'

  interface Props {
    drawing: Drawing
    /** The arc that is being drawn. */
    sweep?: readonly Point[] | null
    /** The line that is being drawn. */
    preview?: { from: Point; to: Point } | null
  }
  let { drawing, sweep = null, preview = null }: Props = $props()

  const pathOf = (points: readonly Point[]): string => points.map((p) => `${p.x},${p.y}`).join(' ')
</script>

{#each drawing.sweeps ?? [] as { points, needle }, i (i)}
  <polyline points={pathOf(points)} />
  <circle class="prick" cx={needle.x} cy={needle.y} r="0.35" />
{/each}
{#if sweep}<polyline points={pathOf(sweep)} />{/if}
{#each drawing.strokes as points, i (i)}
  <polyline points={pathOf(points)} />
{/each}
{#if preview}
  <g transform="translate({preview.from.x} {preview.from.y}) rotate({directionOf(preview.from, preview.to)})">
    <rect class="straightedge" x="-14" y="-17" width="170" height="16.600" />
  </g>
  <line x1={preview.from.x} y1={preview.from.y} x2={preview.to.x} y2={preview.to.y} />
{/if}

<style>
  polyline,
  line {
    fill: none;
    stroke: var(--pencil);
    stroke-width: 0.6;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .prick {
    fill: var(--ink);
  }
  .straightedge {
    fill: #e9cf95;
    fill-opacity: 0.55;
    stroke: var(--brass);
    stroke-width: 0.4;
    pointer-events: none;
  }
</style>
