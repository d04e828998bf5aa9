<!-- How the Board is seen, and what can be taken away from it. -->
<script lang="ts" module>
  /** How the Board is seen just now; what outlives the lesson is among the choices of this device. */
  export interface Options {
    projecting: boolean
    blank: boolean
    pointer: boolean
  }
</script>

<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { choices } from './choices.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    onproject: () => void
    onwhole: () => void
    onpointer: () => void
    onsvg: () => void
    onpng: () => void
    onhandout: () => void
  }
  let { onproject, onwhole, onpointer, onsvg, onpng, onhandout }: Props = $props()

  const switches = [
    ['lens', 'board.view.lens', 'L'],
    ['snap', 'board.view.snap', ''],
    ['dark', 'board.view.dark', ''],
    ['leftHanded', 'board.view.left-handed', ''],
  ] as const
</script>

<div class="menu">
  <h2>{t('board.view.title')}</h2>
  {#each switches as [key, label, shortcut] (key)}
    <label
      ><input
        type="checkbox"
        checked={choices.now[key]}
        onchange={(event) => choices.set({ [key]: event.currentTarget.checked })}
      />{t(label)}{#if shortcut}<kbd>{shortcut}</kbd>{/if}</label
    >
  {/each}
  <Button size="small" kind="tertiary" on:click={onpointer}>{t('board.view.pointer')}</Button>
  <Button size="small" kind="tertiary" on:click={onwhole}>{t('board.view.whole')}</Button>
  <Button size="small" on:click={onproject}>{t('board.view.project')}</Button>
  <p class="quiet">{t('board.view.keys')}</p>
  <h2>{t('board.view.take-away')}</h2>
  <Button size="small" kind="tertiary" on:click={onsvg}>{t('board.view.svg')}</Button>
  <Button size="small" kind="tertiary" on:click={onpng}>{t('board.view.png')}</Button>
  <Button size="small" kind="tertiary" on:click={onhandout}>{t('board.view.handout')}</Button>
</div>

<style>
  .menu {
    width: 20.625rem;
    padding: 1.25rem;
    display: flex;
    flex-direction: column;
    gap: 0.5rem;
  }
  .menu :global(.bx--btn) {
    width: 100%;
    max-width: none;
    min-height: 2.75rem;
  }
  h2 {
    font-size: var(--type-4);
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
    font-size: var(--type-2);
    cursor: pointer;
  }
  input {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--ink);
  }
  kbd {
    margin-left: auto;
    padding: 1px 0.5rem;
    border: 1px solid var(--ink-faint);
    font: 400 var(--type-1) var(--sans);
  }
  p {
    margin: 0;
    line-height: 1.4;
  }
</style>
