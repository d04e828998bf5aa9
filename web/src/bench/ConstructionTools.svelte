<!-- What is in the hand while something is constructed: the compass or the straightedge, and how wide the compass is open. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { cautionUnderstood, isCompassCautioned } from '../shared/compassCaution'
  import NumberBox from '../shared/NumberBox.svelte'
  import { leastOpening, mostOpening } from '../sheet/compass'
  import type { Tool } from '../sheet/drawing'
  import { t } from '../said/said.svelte'
  import Choices from './Choices.svelte'

  interface Props {
    tool: Tool
    opening: number
    /** What undo would take back, by the tool that made it. */
    undoes: Tool | null
    onpick: (tool: Tool) => void
    onopen: (opening: number) => void
    onundo: () => void
  }
  let { tool, opening, undoes, onpick, onopen, onundo }: Props = $props()

  /** Said once a visit, where a compass is first taken. */
  let isCautioned = $state(isCompassCautioned())
  function understood(): void {
    cautionUnderstood()
    isCautioned = true
  }
  const rounded = $derived(Math.round(opening * 10) / 10)
</script>

{#if !isCautioned}
  <div class="caution" role="note">
    <p>{t('sheet.compass.caution')}</p>
    <button type="button" onclick={understood}>{t('sheet.compass.understood')}</button>
  </div>
{/if}
<Choices tools={['compass', 'ray']} {tool} {onpick} />
<p class="hint" aria-live="polite">
  {tool === 'ray' ? t('bench.compass.line') : t('bench.tool.hint', { toolKey: tool, dots: 'one' })}
</p>
{#if tool === 'compass'}
  <NumberBox
    labelText={t('bench.compass.opening')}
    min={leastOpening}
    max={mostOpening}
    value={rounded}
    onchange={(value) => value !== null && onopen(value)}
  />
{/if}
<Button kind="tertiary" disabled={!undoes} on:click={onundo}
  >{undoes ? t('bench.undo', { toolKey: undoes }) : t('shared.undo')}</Button
>

<style>
  .caution {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 8px 12px;
    border-left: 4px solid var(--brass-light);
    background: #fbf3df;
    font-size: var(--type-2);
    line-height: 1.4;
  }
  .caution p {
    flex: 1;
    margin: 0;
  }
  .caution button {
    min-height: 44px;
    padding: 0 12px;
    border: 1px solid var(--ink);
    background: #fff;
    font: 600 var(--type-2) var(--sans);
    color: var(--ink);
    cursor: pointer;
  }
  .hint {
    margin: 0;
    font: 400 clamp(var(--type-2), 1.3vw, var(--type-3))/1.4 var(--serif);
  }
</style>
