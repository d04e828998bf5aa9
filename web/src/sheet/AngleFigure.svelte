<!-- An angle with its letters, its arc (a box for a right angle) and what is written beside it. -->
<script lang="ts">
  import type { Angle, Schema } from '../api/client'
  import { arcPath, endDirection, signOf, towards } from './geometry'
  import Lettering from './Lettering.svelte'
  import Ray from './Ray.svelte'

  interface Props {
    angle: Angle
    names: Schema['AngleNames']
    written?: string | null
    startExtendedTo?: number | null
    endExtendedTo?: number | null
    spotlight?: 'start' | 'end' | null
  }
  let {
    angle,
    names,
    written = null,
    startExtendedTo = null,
    endExtendedTo = null,
    spotlight = null,
  }: Props = $props()

  const arcRadius = 13
  const box = 8
  const end = $derived(endDirection(angle))
  const sweep = $derived(signOf(angle.opening) * angle.measure)
  const middle = $derived(angle.start + sweep / 2)
  const beyondTip = 5
  const boxPath = $derived.by(() => {
    const a = towards(angle.vertex, angle.start, box)
    const b = towards(a, end, box)
    const c = towards(angle.vertex, end, box)
    return `M${a.x} ${a.y}L${b.x} ${b.y}L${c.x} ${c.y}`
  })
</script>

<path class="arc" d={angle.measure === 90 ? boxPath : arcPath(angle.vertex, arcRadius, angle.start, sweep)} />
<Ray
  from={angle.vertex}
  direction={angle.start}
  length={angle.startLength}
  which="start"
  extendedTo={startExtendedTo}
  spotlight={spotlight === 'start'}
/>
<Ray
  from={angle.vertex}
  direction={end}
  length={angle.endLength}
  which="end"
  extendedTo={endExtendedTo}
  spotlight={spotlight === 'end'}
/>
<circle class="vertex" cx={angle.vertex.x} cy={angle.vertex.y} r="0.9" />
<Lettering at={towards(angle.vertex, middle + 180, 7)} text={names.vertex} size={6.5} />
<Lettering
  at={towards(angle.vertex, angle.start, angle.startLength + beyondTip)}
  text={names.start}
  size={6.5}
/>
<Lettering at={towards(angle.vertex, end, angle.endLength + beyondTip)} text={names.end} size={6.5} />
{#if written}
  <Lettering at={towards(angle.vertex, middle, arcRadius + 11)} text={written} size={5.6} kind="number" />
{/if}

<style>
  .arc {
    fill: none;
    stroke: var(--ink);
    stroke-width: 0.55;
  }
  .vertex {
    fill: var(--ink);
  }
</style>
