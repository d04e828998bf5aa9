<!-- The counting thread: along a scale from its zero, a bead for every ten, then five, then ones. -->
<script lang="ts">
  import type { Thread } from '../api/client'
  import { arcPath } from './geometry'

  interface Props {
    thread: Thread
    /** A count in the marking ink is dotted: it is the one that went wrong. */
    marking?: boolean
  }
  let { thread, marking = false }: Props = $props()

  const radius = { ten: 1.5, five: 1.1, one: 0.55 }
  const seconds = $derived(Math.min(2.4, 0.4 + thread.stops.length * 0.12))
  const delay = (i: number): string => `${((i + 0.5) / thread.stops.length) * seconds}s`
</script>

<g class="thread" class:marking>
  <path
    d={arcPath(thread.centre, thread.radius, thread.from, thread.sweep)}
    pathLength="1"
    style:animation-duration="{seconds}s"
  />
  {#each thread.stops as stop, i (stop.reading)}
    <circle cx={stop.at.x} cy={stop.at.y} r={radius[stop.rank]} style:animation-delay={delay(i)} />
  {/each}
</g>

<style>
  .thread {
    pointer-events: none;
  }
  path {
    fill: none;
    stroke: var(--marking);
    stroke-width: 0.7;
    stroke-dasharray: 1;
    animation: run 1s ease-out backwards;
  }
  circle {
    fill: #fff;
    stroke: var(--marking);
    stroke-width: 0.6;
    animation: appear 0.15s backwards;
  }
  .marking path {
    stroke-dasharray: 0.012 0.014;
    animation: none;
  }
  .marking circle {
    animation: none;
  }
  @keyframes run {
    from {
      stroke-dasharray: 0 1;
    }
    to {
      stroke-dasharray: 1 0;
    }
  }
  @keyframes appear {
    from {
      opacity: 0;
    }
  }
  @media (prefers-reduced-motion: reduce) {
    path,
    circle {
      animation: none;
    }
  }
</style>
