<!-- What the teacher reaches for: the list, angle and instruments, the tools of the hand, undo, readings. -->
<script lang="ts" module>
  export type Panel = 'list' | 'angle' | 'instruments' | 'readings' | 'rules' | 'order' | 'view'
  export type Tool = 'hand' | 'ray' | 'dot' | 'name'
</script>

<script lang="ts">
  import DotMark from 'carbon-icons-svelte/lib/DotMark.svelte'
  import ListBulleted from 'carbon-icons-svelte/lib/ListBulleted.svelte'
  import Playlist from 'carbon-icons-svelte/lib/Playlist.svelte'
  import Redo from 'carbon-icons-svelte/lib/Redo.svelte'
  import RulerAlt from 'carbon-icons-svelte/lib/RulerAlt.svelte'
  import Report from 'carbon-icons-svelte/lib/Report.svelte'
  import SettingsAdjust from 'carbon-icons-svelte/lib/SettingsAdjust.svelte'
  import StringText from 'carbon-icons-svelte/lib/StringText.svelte'
  import TouchInteraction from 'carbon-icons-svelte/lib/TouchInteraction.svelte'
  import Undo from 'carbon-icons-svelte/lib/Undo.svelte'
  import View from 'carbon-icons-svelte/lib/View.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    panel: Panel | null
    tool: Tool
    canUndo: boolean
    canRedo: boolean
    onundo: () => void
    onredo: () => void
  }
  let { panel = $bindable(), tool = $bindable(), canUndo, canRedo, onundo, onredo }: Props = $props()

  const toggle = (which: Panel): void => {
    panel = panel === which ? null : which
  }
  const tools = [
    { key: 'hand', Icon: TouchInteraction },
    { key: 'ray', Icon: RulerAlt },
    { key: 'dot', Icon: DotMark },
    { key: 'name', Icon: StringText },
  ] as const
</script>

<nav aria-label={t('board.tray.title')}>
  <button type="button" aria-pressed={panel === 'list'} onclick={() => toggle('list')}
    ><ListBulleted size={20} /><span>{t('board.tray.panel', { panel: 'list' })}</span></button
  >
  <button type="button" aria-pressed={panel === 'angle'} onclick={() => toggle('angle')}>
    <svg viewBox="0 0 32 24" width="28" height="21" aria-hidden="true">
      <path d="M3 21H30" stroke="var(--start-arm)" stroke-width="3" fill="none" />
      <path d="M3 21 22 3" stroke="var(--end-arm)" stroke-width="3" stroke-dasharray="7 2" fill="none" />
    </svg>
    <span>{t('board.tray.panel', { panel: 'angle' })}</span>
  </button>
  <button type="button" aria-pressed={panel === 'instruments'} onclick={() => toggle('instruments')}>
    <svg viewBox="-26 -26 52 32" width="32" height="20" aria-hidden="true">
      <path
        d="M24 0A24 24 0 0 0 -24 0V4H24ZM-11 0A11 11 0 0 1 11 0Z"
        fill="var(--brass-clear)"
        fill-rule="evenodd"
        stroke="var(--brass)"
        stroke-width="2.5"
      />
    </svg>
    <span>{t('board.tray.panel', { panel: 'instruments' })}</span>
  </button>
  <hr />
  <div role="group" aria-label={t('board.tray.tools')}>
    {#each tools as { key, Icon } (key)}
      <button type="button" aria-pressed={tool === key} onclick={() => (tool = key)}
        ><Icon size={20} /><span>{t('board.tray.tool', { toolKey: key })}</span></button
      >
    {/each}
  </div>
  <div class="pair">
    <button type="button" aria-label={t('shared.undo')} disabled={!canUndo} onclick={onundo}
      ><Undo size={20} /></button
    >
    <button type="button" aria-label={t('board.tray.redo')} disabled={!canRedo} onclick={onredo}
      ><Redo size={20} /></button
    >
  </div>
  <hr />
  <button type="button" aria-pressed={panel === 'readings'} onclick={() => toggle('readings')}
    ><Report size={20} /><span>{t('board.tray.panel', { panel: 'readings' })}</span></button
  >
  <button type="button" aria-pressed={panel === 'rules'} onclick={() => toggle('rules')}
    ><SettingsAdjust size={20} /><span>{t('board.tray.panel', { panel: 'rules' })}</span></button
  >
  <button type="button" aria-pressed={panel === 'order'} onclick={() => toggle('order')}
    ><Playlist size={20} /><span>{t('board.tray.panel', { panel: 'order' })}</span></button
  >
  <button type="button" aria-pressed={panel === 'view'} onclick={() => toggle('view')}
    ><View size={20} /><span>{t('board.tray.panel', { panel: 'view' })}</span></button
  >
</nav>

<style>
  nav {
    display: flex;
    flex-direction: column;
    width: 86px;
    padding: 4px;
    background: rgb(255 255 255 / 92%);
    color: #0f2340;
    border: 1px solid #0f2340;
    --brass: #8a5f0e;
    --start-arm: #0b6e54;
    --end-arm: #7a2d6b;
    --brass-clear: #f3dfb0;
  }
  button {
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 1px;
    width: 76px;
    min-height: 48px;
    padding: 3px 1px;
    border: 2px solid transparent;
    background: none;
    font: 400 13px var(--sans);
    color: inherit;
    cursor: pointer;
  }
  button:hover:not(:disabled) {
    background: #eef1f3;
  }
  button:disabled {
    color: #a3acb8;
    cursor: default;
  }
  button[aria-pressed='true'] {
    border-color: var(--brass);
    background: #fbf3df;
  }
  .pair {
    display: flex;
  }
  .pair button {
    width: 38px;
    min-height: 44px;
  }
  hr {
    width: 100%;
    margin: 2px 0;
    border: 0;
    border-top: 1px solid #cfd5da;
  }
</style>
