<!-- Tools of which one is in the hand: as in every group of which one is chosen, arrows go to the next, and choose it. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
  import type { Tool } from '../sheet/drawing'

  interface Props {
    tools: readonly Tool[]
    tool: Tool
    onpick: (tool: Tool) => void
  }
  let { tools, tool, onpick }: Props = $props()
  let group: HTMLElement | undefined = $state()

  function steer(event: KeyboardEvent, i: number): void {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.code]
    if (!by) return
    event.preventDefault()
    const next = (i + by + tools.length) % tools.length
    onpick(tools[next]!)
    ;(group?.children[next] as HTMLElement).focus()
  }
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

<style>
  .tools {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(max(104px, 30%), 1fr));
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
</style>
