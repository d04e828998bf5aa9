<!-- A paper fan: opened by hand to show an estimate. Its pleats are all alike, so nothing can be counted off on it. -->
<script lang="ts">
  import type { Point } from '../api/client'
  import { arcPath, directionOf, towards } from './geometry'
  import { useSheet } from './Sheet.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    /** Where its pin is, in mm. */
    at: Point
    /** How far it is open, in degrees; null: folded, not yet touched. */
    open: number | null
    /** Without it the fan cannot be opened. */
    onopen?: ((degrees: number) => void) | undefined
  }
  let { at, open, onopen }: Props = $props()

  const sheet = useSheet()
  const radius = 38
  const shown = $derived(open ?? 4)
  const pleats = $derived(Math.max(2, Math.round(shown / 9)))
  const tip = $derived(towards(at, shown, radius))
  let held = $state(false)

  /** Pulled by its edge: on past the straight line it opens on, and does not spring shut. */
  function pull(event: PointerEvent): void {
    if (!held) return
    const to = (directionOf(at, sheet.toSheet(event)) + 360) % 360
    const next = Math.abs(to - shown) > 180 ? (shown > 180 ? 359 : 1) : to
    onopen?.(Math.round(next))
  }

  function key(event: KeyboardEvent): void {
    const step = event.shiftKey ? 1 : 5
    const change = { ArrowUp: step, ArrowRight: step, ArrowDown: -step, ArrowLeft: -step }[event.code]
    if (change === undefined || !onopen) return
    event.preventDefault()
    event.stopPropagation()
    onopen(Math.min(359, Math.max(1, Math.round(shown) + change)))
  }
</script>

<g class="fan" data-testid="fan">
  <path
    class="paper"
    d="M{at.x} {at.y}L{at.x + radius} {at.y}{arcPath(at, radius, 0, shown).replace(/^M[^A]*/, '')}Z"
  />
  {#each Array.from({ length: pleats - 1 }, (_, i) => (shown * (i + 1)) / pleats) as pleat (pleat)}
    {@const end = towards(at, pleat, radius)}
    <path class="pleat" d="M{at.x} {at.y}L{end.x} {end.y}" />
  {/each}
  <path class="stick" d="M{at.x} {at.y}L{at.x + radius} {at.y}" />
  <path class="stick" d="M{at.x} {at.y}L{tip.x} {tip.y}" />
  <circle class="pin" cx={at.x} cy={at.y} r="1.4" />
  {#if onopen}
    <circle
      class="handle"
      class:held
      role="slider"
      tabindex="0"
      aria-label={t('sheet.fan.name')}
      aria-valuemin="1"
      aria-valuemax="359"
      aria-valuenow={Math.round(shown)}
      aria-valuetext={open === null
        ? t('sheet.fan.folded')
        : t('sheet.fan.open', { reading: Math.round(shown / 5) * 5 })}
      cx={tip.x}
      cy={tip.y}
      r="5"
      onpointerdown={(event) => {
        if (event.button !== 0) return
        held = true
        ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
      }}
      onpointermove={pull}
      onpointerup={() => (held = false)}
      onpointercancel={() => (held = false)}
      onkeydown={key}
    />
  {/if}
</g>

<style>
  .paper {
    fill: #e8eef2;
    stroke: var(--ink-soft);
    stroke-width: 0.4;
  }
  .pleat {
    stroke: #b9c6d0;
    stroke-width: 0.35;
    fill: none;
  }
  .stick {
    stroke: var(--brass);
    stroke-width: 1.3;
    stroke-linecap: round;
    fill: none;
  }
  .pin {
    fill: var(--brass);
  }
  .handle {
    fill: var(--brass-light);
    fill-opacity: 0.35;
    stroke: var(--brass);
    stroke-width: 0.5;
    cursor: grab;
    outline: none;
  }
  .handle:focus-visible {
    stroke: var(--cds-focus);
    stroke-width: 1.2;
  }
  .held {
    cursor: grabbing;
  }
</style>
