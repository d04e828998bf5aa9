<!-- Text on the sheet, upright or turned, at a point in mm. -->
<script lang="ts">
  import type { Point } from '../api/client'

  interface Props {
    at: Point
    text: string
    /** Height of the letters in mm. */
    size: number
    turn?: number
    kind?: 'name' | 'number' | 'note'
  }
  let { at, text, size, turn = 0, kind = 'name' }: Props = $props()
</script>

<text
  class={kind}
  transform="translate({at.x} {at.y}) scale(1 -1) rotate({-turn})"
  font-size={size}
  text-anchor="middle"
  dominant-baseline="central">{text}</text
>

<style>
  text {
    fill: var(--ink);
    pointer-events: none;
  }
  .name {
    font-family: var(--serif);
    font-style: italic;
  }
  .number {
    font-family: var(--sans);
    font-weight: 600;
  }
  .note {
    font-family: var(--serif);
    font-style: italic;
    fill: var(--marking);
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 1.2px;
  }
</style>
