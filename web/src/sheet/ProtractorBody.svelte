<!--
  What a protractor looks like: brass edge, clear plastic, graduations, numbers. Drawn once in its own frame; moving it only
  moves the group around it. The scale in use is inked, the others are ghosted.
-->
<script lang="ts">
  import type { Instrument, Placement } from '../api/client'
  import { towards } from './geometry'

  interface Props {
    instrument: Instrument
    /** Index of the scale in use, or null: all alike. */
    inked?: number | null
    /** Where its turning arm is set, as a bearing; null while it rests along the zero line. */
    armBearing?: number | null
    /** How it lies, so that its shadow falls the same way however it is turned; without it, as it is drawn. */
    placement?: Pick<Placement, 'turn' | 'turnedOver'>
  }
  let { instrument, inked = null, armBearing = null, placement }: Props = $props()

  const id = $props.id()
  const p = $derived(instrument.protractor)
  const r = $derived(p.edgeRadius)
  const origin = { x: 0, y: 0 }
  const strip = $derived(Math.max(4, r * 0.06))
  /** Paper and raised marks have no cut-out. */
  const hole = $derived(p.material === 'paper' ? 0 : r * 0.5)
  const body = $derived(
    p.shape === 'halfCircle'
      ? `M${r + 1.2} 0A${r + 1.2} ${r + 1.2} 0 0 1 ${-r - 1.2} 0L${-p.halfLength - 0.2} ${-p.inset}H${p.halfLength + 0.2}Z` +
          (hole ? `M${-hole} ${strip}A${hole} ${hole} 0 0 0 ${hole} ${strip}Z` : '')
      : `M${r + 1.2} 0A${r + 1.2} ${r + 1.2} 0 0 1 ${-r - 1.2} 0A${r + 1.2} ${r + 1.2} 0 0 1 ${r + 1.2} 0Z`,
  )
  /** As thick as a sheet of plastic, in mm: the light comes from above, at the left. */
  const shadow = $derived.by(() => {
    const { turn = 0, turnedOver = false } = placement ?? {}
    const fall = towards(origin, -52 - turn, 0.9)
    return `translate(${turnedOver ? -fall.x : fall.x} ${fall.y})`
  })
  /** The bevel: a line of light just inside the edge. */
  const bevel = $derived(
    p.shape === 'halfCircle'
      ? `M${r + 0.55} 0A${r + 0.55} ${r + 0.55} 0 0 1 ${-r - 0.55} 0L${-p.halfLength + 0.45} ${-p.inset + 0.65}H${p.halfLength - 0.45}Z`
      : `M${r + 0.55} 0A${r + 0.55} ${r + 0.55} 0 0 1 ${-r - 0.55} 0A${r + 0.55} ${r + 0.55} 0 0 1 ${r + 0.55} 0Z`,
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
  const size = $derived(r * 0.051)
  const state = (scale: number): string => (inked === null ? 'plain' : scale === inked ? 'inked' : 'ghosted')
  const ruler = $derived(
    p.edgeRuler
      ? Array.from({ length: Math.floor(p.halfLength) * 2 + 1 }, (_, i) => {
          const mm = i - Math.floor(p.halfLength)
          return `M${mm} ${-p.inset}v${mm % 10 === 0 ? 3.4 : mm % 5 === 0 ? 2.4 : 1.5}`
        }).join('')
      : '',
  )
  const raised = $derived(
    p.marks === 'raised'
      ? instrument.face.graduations.map((g) => ({
          at: towards(origin, g.bearing, r * (g.rank === 'ten' ? 0.93 : 0.96)),
          radius: g.rank === 'ten' ? 1.3 : 0.8,
        }))
      : [],
  )
</script>

<!-- Seen beside the plastic only: under it the paper stays as light as it is. -->
<clipPath {id}><path clip-rule="evenodd" d="{body}M{-2 * r} {-2 * r}H{2 * r}V{2 * r}H{-2 * r}Z" /></clipPath>
<g clip-path="url(#{id})"><path class="shadow" fill-rule="evenodd" d={body} transform={shadow} /></g>
<path class="body {p.material ?? 'clearPlastic'}" fill-rule="evenodd" d={body} />
{#if p.marks !== 'creased'}<path class="bevel" d={bevel} />{/if}
{#if p.marks === 'creased'}
  <path
    class="crease"
    d={instrument.face.graduations
      .map((g) => towards(origin, g.bearing, r))
      .map((at) => `M0 0L${at.x} ${at.y}`)
      .join('')}
  />
{:else if p.marks === 'raised'}
  {#each raised as mark, i (i)}
    <circle class="bump" cx={mark.at.x} cy={mark.at.y} r={mark.radius} />
  {/each}
{:else}
  <path class="tick" d={ticks('one')} stroke-width={r * 0.0036} />
  <path class="tick" d={ticks('five')} stroke-width={r * 0.0048} />
  <path class="tick" d={ticks('ten')} stroke-width={r * 0.0062} />
{/if}
{#if ruler}<path class="tick" d={ruler} stroke-width="0.2" />{/if}
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
{#if p.arm}
  <g class="arm" transform="rotate({armBearing ?? 0})">
    <path d="M0 -4.5H{p.arm.length}V0H4A4 4 0 1 1 0 -4.5Z" />
  </g>
{/if}
<circle class="centre" cx="0" cy="0" r="1.9" />
<path class="cross" d="M-1.9 0H1.9M0 -1.9V1.9" />

<style>
  .shadow {
    fill: #1b1408;
    fill-opacity: 0.16;
  }
  .bevel {
    fill: none;
    stroke: var(--bevel);
    stroke-width: 0.4;
  }
  .body {
    fill: var(--brass-clear);
    fill-opacity: 0.42;
    stroke: var(--brass);
    stroke-width: 0.5;
  }
  .body.wood {
    fill: #d9a865;
    fill-opacity: 0.5;
    stroke-width: 1.2;
  }
  .body.metal {
    fill: #b9c2ca;
    fill-opacity: 0.55;
  }
  .body.paper {
    fill: #fff;
    fill-opacity: 0.8;
    stroke: var(--ink-faint);
  }
  .crease {
    fill: none;
    stroke: var(--ink-soft);
    stroke-width: 0.4;
    stroke-dasharray: 2.4 1.2;
  }
  .bump {
    fill: var(--brass-light);
    stroke: var(--brass);
    stroke-width: 0.35;
  }
  .arm path {
    fill: var(--brass-clear);
    fill-opacity: 0.75;
    stroke: var(--brass);
    stroke-width: 0.5;
  }
  .tick {
    stroke: var(--ink);
    fill: none;
  }
  text {
    font-family: var(--sans);
    /* Of the same shape at every size: a number must not move on its ring when the sheet comes nearer. */
    text-rendering: geometricPrecision;
    fill: var(--ink);
  }
  .inked {
    font-weight: 600;
  }
  .ghosted {
    fill: var(--ghost);
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
