<!-- A base ray and what was drawn on it. -->
<script lang="ts">
  import type { Point, Schema } from '../api/client'
  import { arcPath, directionOf, distanceOf, signOf, towards } from './geometry'
  import type { Drawing } from './drawing'
  import Lettering from './Lettering.svelte'
  import Ray from './Ray.svelte'

  interface Props {
    task: Schema['DrawingTask']
    drawing: Drawing
    /** The ray that is being drawn. */
    preview?: { from: Point; to: Point } | null
  }
  let { task, drawing, preview = null }: Props = $props()

  const arcRadius = 14
  const base = $derived(task.baseRay)
  const sign = $derived(signOf(task.opening))
  const longest = $derived(
    drawing.strokes.toSorted((a, b) => distanceOf(b[0]!, b.at(-1)!) - distanceOf(a[0]!, a.at(-1)!))[0] ??
      null,
  )
  /** The arc runs from ray to ray through where it was put. */
  const arc = $derived.by(() => {
    if (!drawing.arc || !longest) return null
    const [a, b] = [longest[0]!, longest.at(-1)!]
    const far = distanceOf(base.vertex, a) > distanceOf(base.vertex, b) ? a : b
    const turnOf = (to: Point): number => (directionOf(base.vertex, to) - base.direction + 720) % 360
    const end = turnOf(far)
    return turnOf(drawing.arc) <= end ? end : end - 360
  })
  const letterSide = $derived(base.direction - sign * 90)
  const hint = $derived({
    from: towards(base.vertex, base.direction + sign * 7, base.length + 5),
    sweep: sign * 11,
  })
</script>

<Ray from={base.vertex} direction={base.direction} length={base.length} which="start" />
<circle class="vertex" cx={base.vertex.x} cy={base.vertex.y} r="0.9" />
<Lettering at={towards(base.vertex, letterSide, 7)} text={task.names.vertex} size={6.5} />
<Lettering at={towards(base.vertex, base.direction, base.length + 5)} text={task.names.start} size={6.5} />
<g class="hint" aria-hidden="true">
  <path d={arcPath(base.vertex, base.length + 5, base.direction + sign * 3, hint.sweep)} />
  <path
    d="M-2.6 1.3L0 0L-2.6 -1.3"
    transform="translate({towards(base.vertex, base.direction + sign * 14, base.length + 5).x} {towards(
      base.vertex,
      base.direction + sign * 14,
      base.length + 5,
    ).y}) rotate({base.direction + sign * 104})"
  />
</g>
{#each drawing.strokes as stroke, i (i)}
  <polyline class="pencil" points={stroke.map((p) => `${p.x},${p.y}`).join(' ')} />
{/each}
{#each drawing.dots as dot, i (i)}
  <circle class="dot" cx={dot.x} cy={dot.y} r="0.85" />
{/each}
{#if arc !== null}
  <path class="pencil" d={arcPath(base.vertex, arcRadius, base.direction, arc)} />
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
