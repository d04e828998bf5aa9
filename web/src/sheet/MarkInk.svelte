<!-- What happened, drawn over the student's own sheet in the marking ink. -->
<script lang="ts">
  import type { Picture, Schema } from '../api/client'
  import { directionOf } from './geometry'
  import Lettering from './Lettering.svelte'
  import { lettersIn, letterSize, linesOf, placesOf } from './note'
  import { useSheet } from './Sheet.svelte'
  import Thread from './Thread.svelte'

  interface Props {
    picture: Picture
    /** The part of the sheet that is shown; a note stays within. */
    window: Schema['SheetWindow']
  }
  let { picture, window }: Props = $props()

  const sheet = useSheet()
  /** Never smaller than can be read, in mm. */
  const size = $derived(Math.max(letterSize, 12 * sheet.mmPerPixel))
  const lines = $derived(linesOf(picture.note?.text.text ?? '', Math.min(30, lettersIn(window, size))))
  const places = $derived(placesOf(lines, picture.note?.at ?? { x: 0, y: 0 }, window, size))
</script>

<g class="ink" data-testid="mark-picture">
  {#if picture.thread}
    <Thread thread={picture.thread} marking />
  {/if}
  {#each picture.lines as line, i (i)}
    <line x1={line.from.x} y1={line.from.y} x2={line.to.x} y2={line.to.y} />
    {#if line.arrow}
      <path
        d="M-3 1.5L0 0L-3 -1.5"
        transform="translate({line.to.x} {line.to.y}) rotate({directionOf(line.from, line.to)})"
      />
    {/if}
  {/each}
  {#each picture.rings as ring, i (i)}
    <circle cx={ring.at.x} cy={ring.at.y} r={ring.radius} />
  {/each}
  {#if picture.note}
    {#each lines as text, i (i)}
      <Lettering at={places[i]!} {text} {size} kind="note" />
    {/each}
  {/if}
</g>

<style>
  .ink {
    pointer-events: none;
  }
  line,
  path,
  circle {
    fill: none;
    stroke: var(--marking);
    stroke-width: 0.6;
    stroke-linecap: round;
  }
</style>
