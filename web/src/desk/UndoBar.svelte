<!-- Tells what was just done and takes it back. -->
<script lang="ts">
  import type { Undoing } from './undoing.svelte'
  import { t } from '../said/said.svelte'

  let { undoing }: { undoing: Undoing } = $props()
</script>

<div aria-live="polite">
  {#each undoing.done as done (done)}
    <p>
      <span>{done.text}</span>
      <button type="button" onclick={() => void undoing.undo(done)}>{t('shared.undo')}</button>
    </p>
  {/each}
</div>
{#if undoing.failure}<p class="failure" role="alert">{undoing.failure}</p>{/if}

<style>
  div {
    position: fixed;
    z-index: 20;
    left: 24px;
    bottom: 16px;
    display: grid;
    gap: 8px;
  }
  p {
    display: flex;
    align-items: center;
    gap: 16px;
    margin: 0;
    padding: 4px 8px 4px 16px;
    background: var(--ink);
    color: #fff;
    box-shadow: 0 4px 14px rgb(15 35 64 / 25%);
  }
  button {
    min-height: 44px;
    padding: 0 16px;
    border: 0;
    background: none;
    color: #fff;
    font: 600 var(--type-2) var(--sans);
    text-decoration: underline;
    cursor: pointer;
  }
  .failure {
    background: #fff;
    color: var(--ink);
    border-left: 4px solid var(--marking);
  }
</style>
