<!-- How the Board is seen, and what can be taken away from it. -->
<script lang="ts" module>
  export interface Options {
    dark: boolean
    projecting: boolean
    blank: boolean
    pointer: boolean
    snap: boolean
    lens: boolean
  }
</script>

<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    options: Options
    onproject: () => void
    onwhole: () => void
    onsvg: () => void
    onpng: () => void
    onhandout: () => void
  }
  let { options = $bindable(), onproject, onwhole, onsvg, onpng, onhandout }: Props = $props()

  const switches = [
    ['lens', 'board.view.lens', 'L'],
    ['snap', 'board.view.snap', ''],
    ['pointer', 'board.view.pointer', 'P'],
    ['dark', 'board.view.dark', ''],
  ] as const
</script>

<div class="menu">
  <h2>{t('board.view.title')}</h2>
  {#each switches as [key, label, shortcut] (key)}
    <label
      ><input type="checkbox" bind:checked={options[key]} />{t(label)}{#if shortcut}<kbd>{shortcut}</kbd
        >{/if}</label
    >
  {/each}
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
    width: 330px;
    padding: 20px;
    display: flex;
    flex-direction: column;
    gap: 8px;
  }
  .menu :global(.bx--btn) {
    width: 100%;
    max-width: none;
    min-height: 44px;
  }
  h2 {
    font-size: 20px;
  }
  label {
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 44px;
    font-size: 16px;
    cursor: pointer;
  }
  input {
    width: 20px;
    height: 20px;
    accent-color: #0f2340;
  }
  kbd {
    margin-left: auto;
    padding: 1px 8px;
    border: 1px solid var(--ink-faint);
    font: 400 14px var(--sans);
  }
  p {
    margin: 0;
    line-height: 1.4;
  }
</style>
