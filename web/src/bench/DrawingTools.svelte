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
    /** What undo would take back, by the tool that made it. */
    undoes: Tool | null
    onpick: (tool: Tool) => void
    onundo: () => void
  }
  let {
    tool,
    byEye = false,
    ownBase = false,
    forArms = false,
    dots = 'one',
    undoes,
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
  let group: HTMLElement | undefined = $state()

  /** As in every group of which one is chosen: arrows go to the next, and choose it. */
  function steer(event: KeyboardEvent, i: number): void {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.code]
    if (!by) return
    event.preventDefault()
    const next = (i + by + tools.length) % tools.length
    onpick(tools[next]!)
    ;(group?.children[next] as HTMLElement).focus()
  }

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

<div class="tools" role="radiogroup" aria-label={t('bench.tools')} bind:this={group}>
  {#each tools as key, i (key)}
    <button
      type="button"
      role="radio"
      aria-checked={tool === key}
      tabindex={tool === key ? 0 : -1}
      onclick={() => onpick(key)}
      onkeydown={(event) => steer(event, i)}>{t('bench.tool.name', { toolKey: key })}</button
    >
  {/each}
</div>
<p class="hint" aria-live="polite">{hint}</p>
<Button kind="tertiary" disabled={!undoes} on:click={onundo}
  >{undoes ? t('bench.undo', { toolKey: undoes }) : t('shared.undo')}</Button
>

<style>
  .tools {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(max(88px, 30%), 1fr));
    gap: 8px;
  }
  .tools button {
    min-height: 44px;
    padding: 0 4px;
    border: 1px solid var(--ink-faint);
    background: #fff;
    font: 400 var(--type-2) var(--sans);
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
    min-height: 4.2em;
    font: 400 clamp(var(--type-2), 1.3vw, var(--type-3))/1.4 var(--serif);
  }
</style>
