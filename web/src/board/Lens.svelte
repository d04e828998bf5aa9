<!-- A lens that follows the crossing, so that the last row can read single degrees. -->
<script lang="ts">
  import type { Instrument, Point, Scene } from '../api/client'
  import AngleFigure from '../sheet/AngleFigure.svelte'
  import ProtractorBody from '../sheet/ProtractorBody.svelte'
  import ThreadView from '../sheet/Thread.svelte'
  import { lensPlace, transformOf } from '../sheet/geometry'
  import Glass from '../sheet/Glass.svelte'
  import { useSheet } from '../sheet/Sheet.svelte'

  interface Props {
    scene: Scene
    instruments: Instrument[]
    target: Point
    /** Middle of the instrument, from which the lens stands away. */
    middle: Point
  }
  let { scene, instruments, target, middle }: Props = $props()

  const sheet = useSheet()
  const window = $derived(sheet.clear)
  /** Sizes follow the window: on a large sheet a larger lens. */
  const radius = $derived(Math.min(window.width, window.height * 2) * 0.1)
  const at = $derived(lensPlace(target, middle, radius * 1.9, radius, window))
</script>

<g class="lens" aria-hidden="true" data-testid="lens">
  <path class="thread" d="M{target.x} {target.y}L{at.x} {at.y}" />
  <Glass {at} {target} {radius}>
    {#each scene.figures as figure (figure.id)}
      <AngleFigure
        angle={figure.angle}
        names={null}
        mark="none"
        hasEnd={figure.hasEnd}
        hasArms={figure.hasArms}
        startExtendedTo={figure.startExtendedTo}
        endExtendedTo={figure.endExtendedTo}
      />
    {/each}
    {#each scene.instruments as laid (laid.id)}
      {@const instrument = instruments.find((i) => i.protractor.id === laid.instrumentId)}
      {#if instrument}
        <g transform={transformOf(laid.placement)}>
          <ProtractorBody
            {instrument}
            inked={laid.inkedScale ?? null}
            armBearing={laid.armBearing ?? null}
            placement={laid.placement}
          />
        </g>
      {/if}
    {/each}
    {#each scene.threads as thread (thread.id)}
      <ThreadView thread={thread.count} marking={thread.wrong} />
    {/each}
  </Glass>
</g>

<style>
  .lens {
    pointer-events: none;
  }
  .thread {
    stroke: var(--ink-faint);
    stroke-width: 0.3;
    fill: none;
  }
</style>
