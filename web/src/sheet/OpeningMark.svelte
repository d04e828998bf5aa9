<!-- What stands in an opening: an arc, an arc with an arrow for a turn or with a stroke where it is equal to others, or the box of a right angle. -->
<script lang="ts">
  import type { Point, Schema } from '../api/client'
  import { arcPath, towards } from './geometry'

  interface Props {
    vertex: Point
    /** Direction of the arm it begins at, and how far it goes, anticlockwise positive; in degrees. */
    start: number
    sweep: number
    mark: Schema['OpeningMark'] | undefined
  }
  let { vertex, start, sweep, mark }: Props = $props()

  const radius = 13
  const box = 8
  const end = $derived(start + sweep)
  const boxPath = $derived.by(() => {
    const a = towards(vertex, start, box)
    const b = towards(a, end, box)
    const c = towards(vertex, end, box)
    return `M${a.x} ${a.y}L${b.x} ${b.y}L${c.x} ${c.y}`
  })
</script>

{#if mark === 'box'}
  <path d={boxPath} />
{:else if mark !== 'none'}
  <path d={arcPath(vertex, radius, start, sweep)} />
{/if}
{#if mark === 'equalArc'}
  {@const middle = start + sweep / 2}
  {@const [inner, outer] = [towards(vertex, middle, radius - 2), towards(vertex, middle, radius + 2)]}
  <path d="M{inner.x} {inner.y}L{outer.x} {outer.y}" />
{/if}
{#if mark === 'turn' && Math.abs(sweep) > 8}
  {@const tip = towards(vertex, end, radius)}
  <path
    d="M-2.8 1.7L0 0L-2.8 -1.7"
    transform="translate({tip.x} {tip.y}) rotate({end + Math.sign(sweep) * 84})"
  />
{/if}

<style>
  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 0.55;
  }
</style>
