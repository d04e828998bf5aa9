<!-- What is in the hand while a drawing is made. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { HouseRules } from '../api/client'
  import type { Tool } from '../sheet/drawing'
  import { t } from '../said/said.svelte'

  interface Props {
    tool: Tool
    /** Without the protractor, and so without dots at its rim. */
    byEye?: boolean
    /** Whether the base ray is to be drawn, too. */
    ownBase?: boolean
    /** Whether an angle stands there to be measured: the straightedge only extends its arms. */
    forArms?: boolean
    /** By how many dots the class draws. */
    dots?: HouseRules['dots']
    canUndo: boolean
    onpick: (tool: Tool) => void
    onundo: () => void
  }
  let {
    tool,
    byEye = false,
    ownBase = false,
    forArms = false,
    dots = 'one',
    canUndo,
    onpick,
    onundo,
  }: Props = $props()

  const all: Tool[] = ['protractor', 'dot', 'ray', 'freehand', 'arc']
  const tools = $derived(
    forArms
      ? all.filter((key) => key === 'protractor' || key === 'ray')
      : byEye
        ? all.filter((key) => key !== 'protractor' && key !== 'dot')
        : all,
  )
  const hint = $derived(
    forArms && tool === 'ray'
      ? t('bench.tool.extend')
      : byEye && tool === 'ray'
        ? t('bench.tool.by-eye')
        : ownBase && (tool === 'ray' || tool === 'protractor')
          ? t('bench.tool.own-base', { toolKey: tool })
          : t('bench.tool.hint', { toolKey: tool, dots }),
  )
</script>

<div class="tools" role="radiogroup" aria-label={t('bench.tools')}>
  {#each tools as key (key)}
    <button type="button" role="radio" aria-checked={tool === key} onclick={() => onpick(key)}
      >{t('bench.tool.name', { toolKey: key })}</button
    >
  {/each}
</div>
<p class="hint" aria-live="polite">{hint}</p>
<Button kind="tertiary" disabled={!canUndo} on:click={onundo}>{t('shared.undo')}</Button>

<style>
  .tools {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  .tools button {
    min-height: 48px;
    border: 1px solid var(--ink-faint);
    background: #fff;
    font: 400 16px var(--sans);
    color: var(--ink);
    cursor: pointer;
  }
  .tools button[aria-checked='true'] {
    border: 2px solid var(--brass);
    background: #fbf3df;
    font-weight: 600;
  }
  .hint {
    margin: 0;
    min-height: 3em;
    font: 400 17px/1.4 var(--serif);
  }
</style>
