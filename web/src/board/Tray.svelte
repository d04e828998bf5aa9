<!-- What the teacher reaches for: the list, angle and instruments, the tools of the hand, undo, readings. -->
<script lang="ts" module>
  export type Panel = 'list' | 'angle' | 'instruments' | 'readings' | 'rules' | 'order' | 'view'
  export type Tool = 'hand' | 'ray' | 'dot' | 'arc' | 'label' | 'name' | 'rub'

  const before = ['list', 'angle', 'instruments', 'readings'] as const
  const tools = ['hand', 'ray', 'dot', 'arc', 'label', 'name', 'rub'] as const
  const after = ['rules', 'order', 'view'] as const
  /** How many cells the tray has: panels, tools, undo and redo. */
  export const trayCells = before.length + tools.length + 2 + after.length
</script>

<script lang="ts">
  import DotMark from 'carbon-icons-svelte/lib/DotMark.svelte'
  import Erase from 'carbon-icons-svelte/lib/Erase.svelte'
  import ListBulleted from 'carbon-icons-svelte/lib/ListBulleted.svelte'
  import Playlist from 'carbon-icons-svelte/lib/Playlist.svelte'
  import Redo from 'carbon-icons-svelte/lib/Redo.svelte'
  import RulerAlt from 'carbon-icons-svelte/lib/RulerAlt.svelte'
  import Report from 'carbon-icons-svelte/lib/Report.svelte'
  import Events from 'carbon-icons-svelte/lib/Events.svelte'
  import StringText from 'carbon-icons-svelte/lib/StringText.svelte'
  import Tag from 'carbon-icons-svelte/lib/Tag.svelte'
  import TouchInteraction from 'carbon-icons-svelte/lib/TouchInteraction.svelte'
  import Undo from 'carbon-icons-svelte/lib/Undo.svelte'
  import View from 'carbon-icons-svelte/lib/View.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    panel: Panel | null
    tool: Tool
    /** Cells in a row, and whether words stand under the signs. */
    columns: number
    worded: boolean
    canUndo: boolean
    canRedo: boolean
    onundo: () => void
    onredo: () => void
  }
  let {
    panel = $bindable(),
    tool = $bindable(),
    columns,
    worded,
    canUndo,
    canRedo,
    onundo,
    onredo,
  }: Props = $props()

  const toggle = (which: Panel): void => {
    panel = panel === which ? null : which
  }
  const signs = {
    list: ListBulleted,
    readings: Report,
    rules: Events,
    order: Playlist,
    view: View,
    hand: TouchInteraction,
    ray: RulerAlt,
    dot: DotMark,
    label: Tag,
    name: StringText,
    rub: Erase,
  } as const
</script>

{#snippet sign(key: Panel | Tool)}
  {#if key === 'angle'}
    <svg viewBox="0 0 32 24" width="28" height="21" aria-hidden="true">
      <path d="M3 21H30" stroke="var(--start-arm)" stroke-width="3" fill="none" />
      <path d="M3 21 22 3" stroke="var(--end-arm)" stroke-width="3" stroke-dasharray="7 2" fill="none" />
    </svg>
  {:else if key === 'arc'}
    <svg viewBox="0 0 24 24" width="20" height="20" aria-hidden="true">
      <path d="M2 21H22M2 21 17 4" stroke="currentColor" stroke-width="1.2" fill="none" />
      <path d="M13 21A11 11 0 0 0 9.4 12.7" stroke="currentColor" stroke-width="2.4" fill="none" />
    </svg>
  {:else if key === 'instruments'}
    <svg viewBox="-26 -26 52 32" width="32" height="20" aria-hidden="true">
      <path
        d="M24 0A24 24 0 0 0 -24 0V4H24ZM-11 0A11 11 0 0 1 11 0Z"
        fill="var(--brass-clear)"
        fill-rule="evenodd"
        stroke="var(--brass)"
        stroke-width="2.5"
      />
    </svg>
  {:else}
    {@const Icon = signs[key]}
    <Icon size={20} />
  {/if}
{/snippet}
{#snippet opener(which: Panel)}
  {@const name = t('board.tray.panel', { panel: which })}
  <button
    type="button"
    aria-pressed={panel === which}
    title={worded ? undefined : name}
    onclick={() => toggle(which)}
    >{@render sign(which)}<span class:visually-hidden={!worded}>{name}</span></button
  >
{/snippet}

<nav aria-label={t('board.tray.title')} class:worded style:--columns={columns}>
  {#each before as which (which)}{@render opener(which)}{/each}
  <div role="group" aria-label={t('board.tray.tools')}>
    {#each tools as key (key)}
      {@const name = t('board.tray.tool', { toolKey: key })}
      <button
        type="button"
        aria-pressed={tool === key}
        title={worded ? undefined : name}
        onclick={() => (tool = key)}
        >{@render sign(key)}<span class:visually-hidden={!worded}>{name}</span></button
      >
    {/each}
    <button type="button" title={t('shared.undo')} disabled={!canUndo} onclick={onundo}
      ><Undo size={20} /><span class:visually-hidden={!worded}>{t('shared.undo')}</span></button
    >
    <button type="button" title={t('board.tray.redo')} disabled={!canRedo} onclick={onredo}
      ><Redo size={20} /><span class:visually-hidden={!worded}>{t('board.tray.redo')}</span></button
    >
  </div>
  {#each after as which (which)}{@render opener(which)}{/each}
</nav>

<style>
  nav {
    display: grid;
    grid-template-columns: repeat(var(--columns), 2.75rem);
    padding: 0.25rem;
    background: var(--panel);
    color: var(--ink);
    border: 1px solid var(--ink);
  }
  nav.worded {
    grid-template-columns: repeat(var(--columns), 5rem);
  }
  div {
    display: contents;
  }
  button {
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 1px;
    min-height: 2.75rem;
    padding: 2px 1px;
    border: 2px solid transparent;
    background: none;
    font: 400 var(--type-1)/1.1 var(--sans);
    color: inherit;
    cursor: pointer;
  }
  .worded button {
    min-height: 3.25rem;
  }
  button :global(svg) {
    width: 1.375rem;
    height: 1.25rem;
    flex: none;
  }
  button:hover:not(:disabled) {
    background: var(--hover);
  }
  button:disabled {
    color: var(--ink-faint);
    cursor: default;
  }
  button[aria-pressed='true'] {
    border-color: var(--brass);
    background: var(--chosen);
  }
</style>
