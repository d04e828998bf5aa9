<!-- Told while the hand has the sheet: what can be done with the instrument in it, and the way back. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import * as hand from './hand'
  import type { Stage } from './stage.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    stage: Stage
    laid: Schema['LaidInstrument'] | undefined
  }
  let { stage, laid }: Props = $props()

  const turnOver = (which: Schema['LaidInstrument']): void =>
    stage.touch((s) =>
      hand.place(s, which.id, { ...which.placement, turnedOver: !which.placement.turnedOver }),
    )
</script>

<div class="free" role="status">
  <span>{t('board.free.title')}</span>
  {#if laid}
    <button type="button" class="as-link" onclick={() => turnOver(laid)}>{t('board.free.turn-over')}</button>
    <button type="button" class="as-link" onclick={() => stage.touch((s) => hand.putAway(s, laid.id))}
      >{t('board.free.put-away')}</button
    >
  {/if}
  {#if stage.settled.straightedge}
    <button type="button" class="as-link" onclick={() => stage.touch((s) => hand.layStraightedge(s, null))}
      >{t('board.free.put-straightedge-away')}</button
    >
  {/if}
  <button type="button" class="as-link" onclick={() => stage.rejoin()}>{t('board.free.back')}</button>
</div>

<style>
  .free {
    position: absolute;
    left: 50%;
    top: 14px;
    transform: translateX(-50%);
    display: flex;
    align-items: center;
    gap: 4px;
    padding: 2px 4px 2px 14px;
    background: #fff;
    color: #0f2340;
    border: 1px solid var(--brass);
    font-size: 15px;
  }
</style>
