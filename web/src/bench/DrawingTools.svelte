<!-- What is in the hand while a drawing is made. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { HouseRules } from '../api/client'
  import type { Tool } from '../sheet/drawing'
  import { t } from '../said/said.svelte'
  import Choices from './Choices.svelte'

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

<Choices {tools} {tool} {onpick} />
<p class="hint" aria-live="polite">{hint}</p>
<Button kind="tertiary" disabled={!undoes} on:click={onundo}
  >{undoes ? t('bench.undo', { toolKey: undoes }) : t('shared.undo')}</Button
>

<style>
  .hint {
    margin: 0;
    min-height: 4.2em;
    font: 400 clamp(var(--type-2), 1.3vw, var(--type-3))/1.4 var(--serif);
  }
</style>
