<!-- One arm of an angle. Start and end arm differ in colour and in stroke; an extension is dotted. -->
<script lang="ts">
  import type { Point } from '../api/client'
  import { towards } from './geometry'

  interface Props {
    from: Point
    direction: number
    length: number
    which: 'start' | 'end'
    extendedTo?: number | null
    spotlight?: boolean
  }
  let { from, direction, length, which, extendedTo = null, spotlight = false }: Props = $props()

  const tip = $derived(towards(from, direction, length))
  const far = $derived(extendedTo ? towards(from, direction, extendedTo) : null)
</script>

{#if spotlight}
  <line class="spotlight" x1={from.x} y1={from.y} x2={(far ?? tip).x} y2={(far ?? tip).y} />
{/if}
{#if far}
  <line class="extension {which}" x1={tip.x} y1={tip.y} x2={far.x} y2={far.y} />
{/if}
<line class="arm {which}" x1={from.x} y1={from.y} x2={tip.x} y2={tip.y} />
<path
  class="head {which}"
  d={which === 'start' ? 'M0 0L-4.4 1.7V-1.7Z' : 'M-3.8 1.9L0 0L-3.8 -1.9'}
  transform="translate({tip.x} {tip.y}) rotate({direction})"
/>

<style>
  .arm {
    stroke-width: 0.9;
    stroke-linecap: round;
  }
  .start {
    stroke: var(--start-arm);
  }
  .end {
    stroke: var(--end-arm);
    stroke-dasharray: 7 1.4;
  }
  .extension {
    stroke-width: 0.55;
    stroke-dasharray: 1.2 1.4;
  }
  .head.start {
    fill: var(--start-arm);
    stroke: none;
  }
  .head.end {
    fill: none;
    stroke-width: 0.9;
    stroke-dasharray: none;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .spotlight {
    stroke: var(--brass-light);
    stroke-width: 4;
    opacity: 0.35;
    stroke-linecap: round;
  }
</style>
