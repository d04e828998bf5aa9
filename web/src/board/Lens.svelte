<!-- A lens that follows the crossing, so that the last row can read single degrees. It shows the scene itself, larger. -->
<script lang="ts">
  import type { Point } from '../api/client'
  import { useSheet } from '../sheet/Sheet.svelte'
  import { lensPlace } from './hand'

  interface Props {
    target: Point
    /** Middle of the instrument, from which the lens stands away. */
    middle: Point
  }
  let { target, middle }: Props = $props()

  const sheet = useSheet()
  const window = $derived(sheet.clear)
  const strength = 3.2
  /** Sizes follow the window: on a large sheet a larger lens. */
  const radius = $derived(Math.min(window.width, window.height * 2) * 0.1)
  const at = $derived(lensPlace(target, middle, radius * 1.9, radius, window))
</script>

<g class="lens" aria-hidden="true" data-testid="lens">
  <path class="thread" d="M{target.x} {target.y}L{at.x} {at.y}" />
  <clipPath id="lens-glass"><circle cx={at.x} cy={at.y} r={radius} /></clipPath>
  <circle class="glass" cx={at.x} cy={at.y} r={radius} />
  <g clip-path="url(#lens-glass)">
    <g transform="translate({at.x} {at.y}) scale({strength}) translate({-target.x} {-target.y})">
      <use href="#scene" />
    </g>
  </g>
  <circle class="frame" cx={at.x} cy={at.y} r={radius} stroke-width={radius * 0.08} />
</g>

<style>
  .lens {
    pointer-events: none;
  }
  .glass {
    fill: var(--paper);
  }
  .frame {
    fill: none;
    stroke: var(--brass);
  }
  .thread {
    stroke: var(--ink-faint);
    stroke-width: 0.3;
    fill: none;
  }
</style>
