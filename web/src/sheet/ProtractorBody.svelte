<!--
  What a protractor looks like: brass edge, clear plastic, graduations, numbers. Drawn once in its own frame; moving it only
  moves the group around it. The scale in use is inked, the others are ghosted.
-->
<script lang="ts">
  import type { Instrument } from '../api/client'
  import { towards } from './geometry'

  interface Props {
    instrument: Instrument
    inked?: string | null
  }
  let { instrument, inked = null }: Props = $props()

  const p = $derived(instrument.protractor)
  const r = $derived(p.edgeRadius)
  const origin = { x: 0, y: 0 }
  const strip = $derived(Math.max(4, r * 0.06))
  const hole = $derived(r * 0.5)
  const body = $derived(
    p.shape === 'halfCircle'
      ? `M${r + 1.2} 0A${r + 1.2} ${r + 1.2} 0 0 1 ${-r - 1.2} 0L${-p.halfLength - 0.2} ${-p.inset}H${p.halfLength + 0.2}Z` +
          `M${-hole} ${strip}A${hole} ${hole} 0 0 0 ${hole} ${strip}Z`
      : `M${r + 1.2} 0A${r + 1.2} ${r + 1.2} 0 0 1 ${-r - 1.2} 0A${r + 1.2} ${r + 1.2} 0 0 1 ${r + 1.2} 0Z`,
  )
  const length = { one: 0.045, five: 0.065, ten: 0.085 }
  const ticks = (rank: keyof typeof length): string =>
    instrument.face.graduations
      .filter((g) => g.rank === rank)
      .map((g) => {
        const outer = towards(origin, g.bearing, r)
        const inner = towards(origin, g.bearing, r * (1 - length[rank]))
        return `M${outer.x} ${outer.y}L${inner.x} ${inner.y}`
      })
      .join('')
  const size = $derived(r * 0.056)
  const state = (scale: number): string =>
    inked === null ? 'plain' : p.scales[scale]?.id === inked ? 'inked' : 'ghosted'
</script>

<path class="plastic" fill-rule="evenodd" d={body} />
<path class="tick" d={ticks('one')} stroke-width={r * 0.0036} />
<path class="tick" d={ticks('five')} stroke-width={r * 0.0048} />
<path class="tick" d={ticks('ten')} stroke-width={r * 0.0062} />
{#each instrument.face.labels as label (`${label.scaleIndex}:${label.number}`)}
  {@const at = towards(origin, label.bearing, p.scales[label.scaleIndex]!.radius)}
  <text
    class={state(label.scaleIndex)}
    transform="translate({at.x} {at.y}) scale(1 -1) rotate({90 - label.bearing})"
    font-size={state(label.scaleIndex) === 'inked' ? size * 1.1 : size}
    text-anchor="middle"
    dominant-baseline="central">{label.number}</text
  >
{/each}
<path class="zero-line" d="M{-r} 0H{r}" />
<circle class="centre" cx="0" cy="0" r="1.9" />
<path class="cross" d="M-1.9 0H1.9M0 -1.9V1.9" />

<style>
  .plastic {
    fill: var(--brass-clear);
    fill-opacity: 0.42;
    stroke: var(--brass);
    stroke-width: 0.5;
  }
  .tick {
    stroke: var(--ink);
    fill: none;
  }
  text {
    font-family: var(--sans);
    fill: var(--ink);
  }
  .inked {
    font-weight: 600;
  }
  .ghosted {
    fill: #79808a;
    opacity: 0.62;
  }
  .zero-line {
    stroke: var(--brass);
    stroke-width: 0.3;
    fill: none;
  }
  .centre {
    fill: var(--paper);
    fill-opacity: 0.7;
    stroke: var(--brass);
    stroke-width: 0.4;
  }
  .cross {
    stroke: var(--brass);
    stroke-width: 0.22;
    fill: none;
  }
</style>
