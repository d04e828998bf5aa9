<!-- What is set to the student's class. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { sounds } from './sounds.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    sets: Schema['BenchListReply'][]
    onopen: (id: string) => void
  }
  let { sets, onopen }: Props = $props()
</script>

<main>
  <h1>{t('bench.sets.title')}</h1>
  {#each sets as set (set.id)}
    <button type="button" onclick={() => onopen(set.id)}>
      <span class="title">{set.title}</span>
      <span class="quiet">
        {t('bench.sets.answered', { count: set.answered, wholeSet: set.items })}{set.closed
          ? ` · ${t('bench.sets.closed')}`
          : ''}
      </span>
      <span class="beads" aria-hidden="true">
        {#each { length: set.items } as _, i (i)}<i class:full={i < set.answered}></i>{/each}
      </span>
    </button>
  {:else}
    <p>{t('bench.sets.none')}</p>
  {/each}
  <label class="sounds"><input type="checkbox" bind:checked={sounds.on} /> {t('bench.sounds')}</label>
</main>

<style>
  main {
    max-width: 640px;
    margin: 0 auto;
    padding: 40px 24px;
  }
  .sounds {
    display: inline-flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    font-size: var(--type-2);
  }
  .sounds input {
    width: 20px;
    height: 20px;
    accent-color: var(--ink);
  }
  h1 {
    margin-bottom: 20px;
    font-size: var(--type-6);
  }
  button {
    display: grid;
    gap: 8px;
    width: 100%;
    margin-bottom: 16px;
    padding: 20px 24px;
    border: 0;
    border-left: 4px solid var(--brass-light);
    background: #fff;
    text-align: left;
    font: 400 var(--type-2) var(--sans);
    color: var(--ink);
    cursor: pointer;
  }
  button:hover {
    background: #fbf8ef;
  }
  .title {
    font: 600 var(--type-4) var(--serif);
  }
  .beads {
    display: flex;
    gap: 4px;
  }
  i {
    width: 14px;
    height: 14px;
    border: 2px solid var(--ink);
    border-radius: 50%;
  }
  i.full {
    background: var(--ink);
  }
</style>
