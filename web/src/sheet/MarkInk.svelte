<!-- What happened, drawn over the student's own sheet in the marking ink. -->
<script lang="ts">
  import type { Picture } from '../api/client'
  import { directionOf } from './geometry'
  import Lettering from './Lettering.svelte'
  import Thread from './Thread.svelte'

  interface Props {
    picture: Picture
    /** How far to the right and left of the middle a note may reach, in mm. */
    halfWidth: number
  }
  let { picture, halfWidth }: Props = $props()

  const widest = 30
  /** A note in lines of a few words, so that it stays on the sheet. */
  const lines = $derived.by(() => {
    const wrapped: string[] = []
    for (const word of (picture.note?.text ?? '').split(' ')) {
      const last = wrapped.at(-1)
      if (last !== undefined && last.length + word.length < widest)
        wrapped[wrapped.length - 1] = `${last} ${word}`
      else wrapped.push(word)
    }
    return wrapped
  })
  const letterWidth = 2.5
  const noteX = $derived.by(() => {
    const room = halfWidth - (Math.max(0, ...lines.map((line) => line.length)) * letterWidth) / 2
    return Math.min(Math.max(picture.note?.at.x ?? 0, -room), room)
  })
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
    {@const at = picture.note.at}
    {#each lines as text, i (i)}
      <Lettering at={{ x: noteX, y: at.y + ((lines.length - 1) / 2 - i) * 6 }} {text} size={5} kind="note" />
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
