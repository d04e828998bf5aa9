<!-- What was drawn or constructed, mostly on a base ray. -->
<script lang="ts">
  import type { Point, Schema } from '../api/client'
  import { arcPath, directionOf, signOf, towards } from './geometry'
  import { armsOf, type Drawing } from './drawing'
  import Lettering from './Lettering.svelte'
  import Ray from './Ray.svelte'

  interface Props {
    /** What it began with; null where that stands on the sheet already. */
    task: Schema['DrawingTask'] | null | undefined
    drawing: Drawing
    /** The ray that is being drawn. */
    preview?: { from: Point; to: Point } | null
    /** The stroke that is being drawn without the straightedge. */
    stroke?: Point[] | null
    /** The arc of the compass that is being drawn. */
    sweep?: readonly Point[] | null
  }
  let { task, drawing, preview = null, stroke = null, sweep = null }: Props = $props()

  const arcRadius = 14
  const base = $derived(task?.baseRay)
  const sign = $derived(task ? signOf(task.opening) : 1)
  /** The arc runs from ray to ray through where it was put. */
  const arc = $derived.by(() => {
    const arms = task && armsOf(task, drawing)
    if (!drawing.arc || !arms) return null
    const turnOf = (direction: number): number => (direction - arms.start + 720) % 360
    const end = turnOf(arms.end)
    const inside = turnOf(directionOf(arms.vertex, drawing.arc)) <= end
    return arcPath(arms.vertex, arcRadius, arms.start, inside ? end : end - 360)
  })
  const pathOf = (points: readonly Point[]): string => points.map((p) => `${p.x},${p.y}`).join(' ')
</script>

{#if task && base}
  {@const hint = { at: towards(base.vertex, base.direction + sign * 14, base.length + 5), sweep: sign * 11 }}
  <Ray from={base.vertex} direction={base.direction} length={base.length} which="start" />
  <circle class="vertex" cx={base.vertex.x} cy={base.vertex.y} r="0.9" />
  <Lettering at={towards(base.vertex, base.direction - sign * 90, 7)} text={task.names.vertex} size={6.5} />
  <Lettering at={towards(base.vertex, base.direction, base.length + 5)} text={task.names.start} size={6.5} />
  <g class="hint" aria-hidden="true">
    <path d={arcPath(base.vertex, base.length + 5, base.direction + sign * 3, hint.sweep)} />
    <path
      d="M-2.6 1.3L0 0L-2.6 -1.3"
      transform="translate({hint.at.x} {hint.at.y}) rotate({base.direction + sign * 104})"
    />
  </g>
{/if}
{#each drawing.sweeps as { points, needle }, i (i)}
  <polyline class="pencil" points={pathOf(points)} />
  <circle class="prick" cx={needle.x} cy={needle.y} r="0.35" />
{/each}
{#if sweep}<polyline class="pencil" points={pathOf(sweep)} />{/if}
{#each drawing.strokes as points, i (i)}
  <polyline class="pencil" points={pathOf(points)} />
{/each}
{#if stroke}<polyline class="pencil" points={pathOf(stroke)} />{/if}
{#each drawing.dots as dot, i (i)}
  <circle class="dot" cx={dot.x} cy={dot.y} r="0.85" />
{/each}
{#if arc !== null}
  <path class="pencil" d={arc} />
{:else if drawing.arc}
  <circle class="dot" cx={drawing.arc.x} cy={drawing.arc.y} r="0.4" />
{/if}
{#if preview}
  <g transform="translate({preview.from.x} {preview.from.y}) rotate({directionOf(preview.from, preview.to)})">
    <rect class="straightedge" x="-14" y="-17" width="170" height="16.600" />
  </g>
  <line class="pencil" x1={preview.from.x} y1={preview.from.y} x2={preview.to.x} y2={preview.to.y} />
{/if}

<style>
  .vertex {
    fill: var(--ink);
  }
  .hint path {
    fill: none;
    stroke: var(--ink-soft);
    stroke-width: 0.6;
    stroke-linecap: round;
  }
  .pencil {
    fill: none;
    stroke: #333b48;
    stroke-width: 0.65;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .prick {
    fill: var(--ink);
  }
  .dot {
    fill: #333b48;
  }
  .straightedge {
    fill: #e9cf95;
    fill-opacity: 0.55;
    stroke: var(--brass);
    stroke-width: 0.4;
    pointer-events: none;
  }
</style>
