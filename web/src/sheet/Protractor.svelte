<!-- A protractor that lies on the sheet: slide it by its body, turn it by its rim, or use the keyboard. -->
<script lang="ts">
  import type { Instrument, Placement } from '../api/client'
  import { arcPath, spoken } from './geometry'
  import { grab, idle, move, nudge, type Handling } from './handling'
  import ProtractorBody from './ProtractorBody.svelte'
  import { useSheet } from './Sheet.svelte'

  interface Props {
    instrument: Instrument
    placement: Placement
    inked?: string | null
    /** Without it the protractor cannot be moved. */
    onmove?: (placement: Placement) => void
    ondrop?: () => void
  }
  let { instrument, placement, inked = null, onmove, ondrop }: Props = $props()

  const sheet = useSheet()
  let handling: Handling = $state(idle)
  const p = $derived(instrument.protractor)
  const rimFrom = $derived(p.edgeRadius * 0.9)
  const rimWidth = $derived(p.edgeRadius + 5 - rimFrom)
  const rim = $derived(
    arcPath({ x: 0, y: 0 }, rimFrom + rimWidth / 2, 0, p.shape === 'halfCircle' ? 180 : 359.9),
  )
  const body = $derived(
    p.shape === 'halfCircle'
      ? `M${rimFrom} 0A${rimFrom} ${rimFrom} 0 0 1 ${-rimFrom} 0V${-p.inset - 3}H${rimFrom}Z`
      : `M${rimFrom} 0A${rimFrom} ${rimFrom} 0 0 1 ${-rimFrom} 0A${rimFrom} ${rimFrom} 0 0 1 ${rimFrom} 0Z`,
  )
  const turn = $derived(((placement.turn % 360) + 360) % 360)
  const label = $derived(
    `${p.name}: centre mark ${spoken(placement.centre.x)} mm right and ${spoken(placement.centre.y)} mm up, ` +
      `turned ${spoken(turn)} degrees. Arrows slide, comma and full stop turn, Shift for tenths.`,
  )

  function down(event: PointerEvent, by: 'body' | 'rim'): void {
    if (!onmove || event.button !== 0) return
    event.stopPropagation()
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    handling = grab(placement, sheet.toSheet(event), by)
  }

  function drag(event: PointerEvent): void {
    if (handling.state !== 'idle') onmove?.(move(handling, placement, sheet.toSheet(event)))
  }

  function up(): void {
    if (handling.state === 'idle') return
    handling = idle
    ondrop?.()
  }

  function key(event: KeyboardEvent): void {
    const nudged = onmove ? nudge(placement, event) : null
    if (!nudged) return
    event.preventDefault()
    event.stopPropagation()
    onmove?.(nudged)
    ondrop?.()
  }
</script>

<!-- The group is a control of its own kind: it takes arrow keys as a slider does, in two directions and a turn. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<g
  class="protractor"
  class:movable={onmove}
  class:held={handling.state !== 'idle'}
  class:sliding={handling.state === 'sliding'}
  role="group"
  aria-roledescription="protractor"
  aria-label={label}
  tabindex={onmove ? 0 : undefined}
  data-testid="protractor"
  transform="translate({placement.centre.x} {placement.centre
    .y}) rotate({placement.turn}){placement.turnedOver ? ' scale(-1 1)' : ''}"
  onkeydown={key}
  onpointermove={drag}
  onpointerup={up}
  onpointercancel={up}
>
  <ProtractorBody {instrument} {inked} />
  <path class="grip body" d={body} role="presentation" onpointerdown={(e) => down(e, 'body')} />
  <path
    class="grip rim"
    d={rim}
    stroke-width={rimWidth}
    role="presentation"
    onpointerdown={(e) => down(e, 'rim')}
  />
</g>

<style>
  .protractor {
    outline: none;
  }
  .grip {
    fill: none;
    stroke: none;
    pointer-events: none;
  }
  .movable .body {
    pointer-events: fill;
    cursor: grab;
  }
  .movable .rim {
    pointer-events: stroke;
    cursor: ew-resize;
    stroke: transparent;
  }
  .movable .rim:hover,
  .protractor:focus-visible .rim {
    stroke: var(--brass-light);
    stroke-opacity: 0.3;
  }
  .protractor:focus-visible .body {
    stroke: var(--cds-focus);
    stroke-width: 0.8;
  }
  /* Sliding moves a layer of its own without drawing it anew; turned or at rest it is drawn sharp. */
  .sliding {
    will-change: transform;
  }
  .movable.held .rim {
    stroke: transparent;
  }
  .held .grip {
    cursor: grabbing;
  }
</style>
