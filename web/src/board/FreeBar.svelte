<!-- Told while the hand has the sheet: what the tool in it does, what can be done with the instrument, and the way back. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { cautionUnderstood, isCompassCautioned } from '../shared/compassCaution'
  import { leastOpening, mostOpening, openingOf } from '../sheet/compass'
  import { openTo, standCompass } from './compassHand'
  import * as hand from './hand'
  import InlineNumber from '../shared/InlineNumber.svelte'
  import type { Stage } from '../sheet/stage.svelte'
  import type { Tool } from './Tray.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    stage: Stage
    laid: Schema['LaidInstrument'] | undefined
    tool: Tool
  }
  let { stage, laid, tool }: Props = $props()

  const compass = $derived(stage.settled.compass)
  /** Said once a visit, where a compass is first taken. */
  let isCautioned = $state(isCompassCautioned())
  function understood(): void {
    cautionUnderstood()
    isCautioned = true
  }

  /** As it is read: to a tenth of a millimetre. */
  const tenths = (opening: number): number => Math.round(opening * 10) / 10

  function open(opening: number): void {
    if (opening < leastOpening || opening > mostOpening) return
    stage.touch((s) => openTo(s, tenths(opening)), 'compass')
  }

  const turnOver = (which: Schema['LaidInstrument']): void =>
    stage.touch((s) =>
      hand.place(s, which.id, { ...which.placement, turnedOver: !which.placement.turnedOver }),
    )
</script>

<div class="free" role="status">
  <span class="title"
    >{tool === 'hand' ? t('board.free.title') : t('board.free.tool', { toolKey: tool })}</span
  >
  {#if stage.free}
    {#if laid}
      <button type="button" class="as-link" onclick={() => turnOver(laid)}>{t('board.free.turn-over')}</button
      >
      <button type="button" class="as-link" onclick={() => stage.touch((s) => hand.putAway(s, laid.id))}
        >{t('board.free.put-away')}</button
      >
    {/if}
    {#if stage.settled.straightedge}
      <button type="button" class="as-link" onclick={() => stage.touch((s) => hand.layStraightedge(s, null))}
        >{t('board.free.put-straightedge-away')}</button
      >
    {/if}
    {#if compass}
      <!-- What is typed is one step of undo, and what the hand does afterwards another. -->
      <span class="opening" onfocusout={() => stage.letGo()}
        >{t('board.free.opening')}
        <InlineNumber
          label={t('board.free.opening')}
          min={leastOpening}
          max={mostOpening}
          bind:value={() => tenths(openingOf(compass)), open}
        /></span
      >
      <button type="button" class="as-link" onclick={() => stage.touch((s) => standCompass(s, null))}
        >{t('board.free.put-compass-away')}</button
      >
      {#if !isCautioned}
        <span>{t('sheet.compass.caution')}</span>
        <button type="button" class="as-link" onclick={understood}>{t('sheet.compass.understood')}</button>
      {/if}
    {/if}
    <button type="button" class="as-link" onclick={() => stage.rejoin()}>{t('board.free.back')}</button>
  {/if}
</div>

<style>
  .free {
    display: flex;
    flex-wrap: wrap;
    justify-content: center;
    align-items: center;
    gap: 0 0.25rem;
    min-height: 2.25rem;
    padding: 2px 1rem;
    background: var(--panel);
    color: var(--ink);
    border: 1px solid var(--brass);
    font-size: var(--type-2);
  }
  .opening {
    margin-inline: 0.5rem;
  }
  /* At twice the size there is little room: all of it is shown, and the sheet is seen once the caution is read. */
  @media (width < 64rem) {
    .free {
      max-height: 100%;
      overflow-y: auto;
      padding: 2px 0.5rem;
      line-height: 1.2;
    }
    .free:has(.opening) .title {
      display: none;
    }
    .free :global(:is(button, input)) {
      min-height: 1.75rem;
    }
  }
  /* Beside the name of the Board, which a small screen has no room for. */
  @media (width >= 64rem) {
    .free {
      max-width: calc(100% - 3.5rem);
    }
  }
  button {
    font-size: var(--type-2);
  }
</style>
