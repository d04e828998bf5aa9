<!-- A small thing on the sheet that can be reached, moved and removed, by pointer and by keyboard. -->
<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { Point } from '../api/client'
  import { arrowOf } from './handling'
  import { placeTold } from './told'
  import { useSheet } from './Sheet.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    id: string
    name: string
    at: Point
    onmove?: (id: string, by: Point) => void
    onremove?: (id: string) => void
    children: Snippet
  }
  let { id, name, at, onmove, onremove, children }: Props = $props()

  const sheet = useSheet()
  let from: Point | null = null

  function down(event: PointerEvent): void {
    if (!onmove || event.button !== 0) return
    event.stopPropagation()
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    from = sheet.toSheet(event)
  }

  function drag(event: PointerEvent): void {
    if (!from) return
    const to = sheet.toSheet(event)
    onmove?.(id, { x: to.x - from.x, y: to.y - from.y })
    from = to
  }

  function key(event: KeyboardEvent): void {
    const by = arrowOf(event)
    if (by) {
      onmove?.(id, by)
    } else if (event.code === 'Delete' || event.code === 'Backspace') {
      onremove?.(id)
    } else {
      return
    }
    event.preventDefault()
    event.stopPropagation()
  }
</script>

{#if onmove}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
  <g
    role="group"
    aria-roledescription={t('sheet.thing.name')}
    aria-label={t('sheet.thing.lies', { name, at: placeTold(at) })}
    tabindex="0"
    data-thing={id}
    onpointerdown={down}
    onpointermove={drag}
    onpointerup={() => (from = null)}
    onpointercancel={() => (from = null)}
    onkeydown={key}
  >
    {@render children()}
    <circle class="grip" cx={at.x} cy={at.y} r="4" />
  </g>
{:else}
  <g>{@render children()}</g>
{/if}

<style>
  g[tabindex] {
    cursor: grab;
    outline: none;
  }
  .grip {
    fill: transparent;
  }
  g[tabindex]:focus-visible .grip,
  g[tabindex]:hover .grip {
    stroke: var(--cds-focus);
    stroke-width: 0.6;
  }
</style>
