<!-- A glass above the finger, which hides the very graduation that it goes to. -->
<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { Point } from '../api/client'
  import { lensPlace } from '../sheet/geometry'
  import Glass from '../sheet/Glass.svelte'
  import { useSheet } from '../sheet/Sheet.svelte'

  let { target, children }: { target: Point; children: Snippet } = $props()

  const sheet = useSheet()
  /** In pixels: how large it is, and how far its middle stands from the finger's. */
  const radius = $derived(52 * sheet.mmPerPixel)
  const apart = $derived(112 * sheet.mmPerPixel)
  const at = $derived(lensPlace(target, { x: target.x, y: target.y - 10 }, apart, radius, sheet.clear))
</script>

<g class="loupe" aria-hidden="true" data-testid="loupe">
  <Glass {at} {target} {radius} strength={2.6} {children} />
</g>

<style>
  .loupe {
    pointer-events: none;
  }
</style>
