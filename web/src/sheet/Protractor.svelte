<!-- A protractor that lies on the sheet: slide it by its body, turn it by its rim, or use the keyboard. -->
<script lang="ts">
  import type { Instrument, Placement, Point } from '../api/client'
  import type { Place } from './aids'
  import { Carrying } from './carrying.svelte'
  import { arcPath, transformOf } from './geometry'
  import ProtractorBody from './ProtractorBody.svelte'
  import { useSheet } from './Sheet.svelte'
  import { instrumentName } from './instrumentName'
  import { directionTold, placeTold } from './told'
  import { t } from '../said/said.svelte'

  interface Props {
    instrument: Instrument
    placement: Placement
    /** Index of the scale in use, or null. */
    inked?: number | null
    /** Where its turning arm is set, as a bearing, or null while it rests. */
    armBearing?: number | null
    /** How it lies on its angle, in words. */
    lying?: string
    /** Without it the protractor cannot be moved. */
    onmove?: (placement: Placement) => void
    ondrop?: () => void
    /** Where a key may bring it at once. */
    places?: readonly Place[] | undefined
    /** Where a finger holds it, in mm, which hides what lies there; null once it is lifted. */
    onfinger?: (at: Point | null) => void
  }
  let {
    instrument,
    placement,
    inked = null,
    armBearing = null,
    lying,
    onmove,
    ondrop,
    places,
    onfinger,
  }: Props = $props()

  const sheet = useSheet()
  const hand = new Carrying(sheet, () => ({ placement, onmove, ondrop, places, onfinger }))
  /** Half of what a finger needs to take hold, in mm. */
  const finger = $derived(22 * sheet.mmPerPixel)
  const p = $derived(instrument.protractor)
  const rimFrom = $derived(p.edgeRadius - Math.min(p.edgeRadius * 0.3, Math.max(p.edgeRadius * 0.1, finger)))
  const rimWidth = $derived(p.edgeRadius + Math.max(5, finger) - rimFrom)
  const rim = $derived(
    arcPath({ x: 0, y: 0 }, rimFrom + rimWidth / 2, 0, p.shape === 'halfCircle' ? 180 : 359.9),
  )
  const body = $derived(
    p.shape === 'halfCircle'
      ? `M${rimFrom} 0A${rimFrom} ${rimFrom} 0 0 1 ${-rimFrom} 0V${-p.inset - 3}H${rimFrom}Z`
      : `M${rimFrom} 0A${rimFrom} ${rimFrom} 0 0 1 ${-rimFrom} 0A${rimFrom} ${rimFrom} 0 0 1 ${rimFrom} 0Z`,
  )
  const label = $derived(
    [
      t(onmove ? 'sheet.protractor.lies' : 'sheet.protractor.there', {
        name: instrumentName(p),
        lying:
          lying ??
          t('sheet.protractor.at', {
            at: placeTold(placement.centre),
            turned: directionTold(placement.turn),
          }),
      }),
      onmove && places?.length ? t('sheet.protractor.aids') : '',
    ]
      .filter(Boolean)
      .join(' '),
  )
</script>

<!-- The group is a control of its own kind: it takes arrow keys as a slider does, in two directions and a turn. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<g
  class="protractor"
  class:movable={onmove}
  class:held={hand.held}
  class:sliding={hand.handling.state === 'sliding'}
  role="group"
  aria-roledescription={t('sheet.protractor.name')}
  aria-label={label}
  tabindex={onmove ? 0 : undefined}
  data-testid="protractor"
  transform={transformOf(placement)}
  onkeydown={hand.key}
  onpointermove={hand.drag}
  onpointerup={hand.up}
  onpointercancel={hand.up}
>
  <!-- What it looks like; what it says is told. -->
  <g aria-hidden="true"><ProtractorBody {instrument} {inked} {armBearing} {placement} /></g>
  <path class="grip body" d={body} role="presentation" onpointerdown={(e) => hand.down(e, 'body')} />
  <path
    class="grip rim"
    d={rim}
    stroke-width={rimWidth}
    role="presentation"
    onpointerdown={(e) => hand.down(e, 'rim')}
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
