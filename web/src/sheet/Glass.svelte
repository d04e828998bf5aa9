<!-- A round glass on the sheet that shows a place larger. What is seen through it is drawn a second time: a reference would be built anew at every move. -->
<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { Point } from '../api/client'

  interface Props {
    /** Where the glass lies, and what it shows, in mm. */
    at: Point
    target: Point
    radius: number
    strength?: number
    children: Snippet
  }
  let { at, target, radius, strength = 3.2, children }: Props = $props()

  const id = $props.id()
</script>

<clipPath id="glass-{id}"><circle cx={at.x} cy={at.y} r={radius} /></clipPath>
<circle class="glass" cx={at.x} cy={at.y} r={radius} />
<g clip-path="url(#glass-{id})">
  <g transform="translate({at.x} {at.y}) scale({strength}) translate({-target.x} {-target.y})">
    {@render children()}
  </g>
</g>
<circle class="frame" cx={at.x} cy={at.y} r={radius} stroke-width={radius * 0.08} />

<style>
  .glass {
    fill: var(--paper);
  }
  .frame {
    fill: none;
    stroke: var(--brass);
  }
</style>
