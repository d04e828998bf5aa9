<!--
  A straightedge with a millimetre ruler, lying along a line: the line runs a hair beside its edge. In the teacher's hand it is
  slid by its body and turned by its far end, or by keys.
-->
<script lang="ts">
  import type { Placement, Point, Schema } from '../api/client'
  import type { Place } from './aids'
  import { Carrying } from './carrying.svelte'
  import Lettering from './Lettering.svelte'
  import { directionTold, placeTold } from './told'
  import { useSheet } from './Sheet.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    laid: Schema['LaidStraightedge']
    /** Without it the straightedge cannot be moved. */
    onmove?: ((laid: Schema['LaidStraightedge']) => void) | undefined
    ondrop?: (() => void) | undefined
    onremove?: (() => void) | undefined
    /** Whether it is a ruler to measure with: it tells itself so. */
    isRuler?: boolean
    /** Where a key may bring its zero at once. */
    places?: readonly Place[] | undefined
    /** Where a finger holds it, in mm, which hides what lies there; null once it is lifted. */
    onfinger?: ((at: Point | null) => void) | undefined
  }
  let { laid, onmove, ondrop, onremove, isRuler = false, places, onfinger }: Props = $props()

  const before = $derived(laid.inset ?? 12)
  const hair = 0.4
  const height = 17
  /** The far part of the ruler, by which it is turned, in mm. */
  const handle = 30
  const sheet = useSheet()
  /** A finger takes hold of what is broad enough for it, in mm. */
  const grip = $derived(Math.max(height, 44 * sheet.mmPerPixel))
  const length = $derived(laid.length ?? 160)
  const marks = $derived(
    Array.from({ length: Math.floor(length) + 1 }, (_, mm) => {
      const tall = mm % 10 === 0 ? 4 : mm % 5 === 0 ? 3 : 1.8
      return `M${mm} ${-hair}v${-tall}`
    }).join(''),
  )
  const numbers = $derived(Array.from({ length: Math.floor(length / 10) + 1 }, (_, cm) => cm))
  const placement: Placement = $derived({ centre: laid.from, turn: laid.direction, turnedOver: false })
  const hand = new Carrying(sheet, () => ({
    placement,
    onmove: onmove && (({ centre, turn }) => onmove({ ...laid, from: centre, direction: turn })),
    ondrop,
    places,
    onfinger,
  }))
  const label = $derived.by(() => {
    const lies = { at: placeTold(laid.from), turned: directionTold(laid.direction) }
    return isRuler
      ? [t('sheet.ruler.lies', lies), places?.length ? t('sheet.protractor.aids') : '']
          .filter(Boolean)
          .join(' ')
      : t('sheet.straightedge.lies', lies)
  })

  function key(event: KeyboardEvent): void {
    if (onremove && (event.code === 'Delete' || event.code === 'Backspace')) {
      event.preventDefault()
      event.stopPropagation()
      onremove()
    } else if (event.code !== 'KeyV') {
      hand.key(event)
    }
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<g
  class:movable={onmove}
  class:held={hand.held}
  role={onmove ? 'group' : undefined}
  aria-roledescription={onmove ? t(isRuler ? 'sheet.ruler.name' : 'sheet.straightedge.name') : undefined}
  aria-label={onmove ? label : undefined}
  tabindex={onmove ? 0 : undefined}
  data-testid={isRuler ? 'ruler' : 'straightedge'}
  transform="translate({laid.from.x} {laid.from.y}) rotate({laid.direction})"
  onkeydown={key}
  onpointermove={hand.drag}
  onpointerup={hand.up}
  onpointercancel={hand.up}
>
  <rect class="wood" x={-before} y={-height - hair} width={length + 2 * before} {height} rx="0.6" />
  {#if !laid.isPlain}
    <path d={marks} />
    {#each numbers as cm (cm)}
      <Lettering at={{ x: cm * 10, y: -hair - 6.6 }} text={String(cm)} size={3.2} kind="number" />
    {/each}
  {/if}
  {#if onmove}
    <rect
      class="grip body"
      role="presentation"
      x={-before}
      y={-grip - hair}
      width={length + 2 * before - handle}
      height={grip}
      onpointerdown={(e) => hand.down(e, 'body')}
    />
    <rect
      class="grip end"
      role="presentation"
      x={length + before - handle}
      y={-grip - hair}
      width={handle}
      height={grip}
      onpointerdown={(e) => hand.down(e, 'rim')}
    />
  {/if}
</g>

<style>
  g {
    outline: none;
    pointer-events: none;
  }
  .wood {
    fill: var(--brass-clear);
    fill-opacity: 0.55;
    stroke: var(--brass);
    stroke-width: 0.45;
  }
  path {
    stroke: var(--ink);
    stroke-width: 0.18;
    fill: none;
  }
  .grip {
    fill: transparent;
  }
  .movable .grip {
    pointer-events: fill;
    cursor: grab;
  }
  .movable .end {
    cursor: ew-resize;
  }
  .movable .end:hover,
  .movable:focus-visible .end {
    fill: var(--brass-light);
    fill-opacity: 0.3;
  }
  .movable:focus-visible .body {
    stroke: var(--cds-focus);
    stroke-width: 0.8;
  }
  .held .grip {
    cursor: grabbing;
  }
</style>
