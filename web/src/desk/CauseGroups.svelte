<!-- Who did the same, and how to teach it again; what only one student did is folded away. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { t } from '../said/said.svelte'
  import { teachAgain } from './teach'

  interface Props {
    /** The set that was given. */
    id: string
    results: Schema['ResultsReply']
  }
  let { id, results }: Props = $props()

  const groups = $derived(results.groups.filter((group) => group.students.length > 1))
  const single = $derived(results.groups.filter((group) => group.students.length === 1))
  const nobody = $derived(results.students.every((student) => student.progress.answered === 0))
</script>

<section class="groups" aria-label={t('desk.results.likely-causes')}>
  {#each groups as group (group.cause)}
    <article>{@render toTeach(group)}</article>
  {/each}
  {#if single.length > 0}
    <details open={groups.length === 0}>
      <summary>{t('desk.results.single', { count: single.length })}</summary>
      {#each single as group (group.cause)}
        <article>{@render toTeach(group)}</article>
      {/each}
    </details>
  {/if}
  {#if results.groups.length === 0}
    <article>
      <h2>{t('desk.results.nothing')}</h2>
      <p class="quiet">
        {nobody ? t('desk.results.nobody') : t('desk.results.no-mistake')}
      </p>
    </article>
  {/if}
</section>

{#snippet toTeach(group: Schema['CauseGroup'])}
  <h2>{t('desk.results.group', { count: group.students.length, name: group.name.text })}</h2>
  <p class="quiet">{group.students.join(', ')}</p>
  {#if group.example}
    {#if group.example.answered !== null && group.example.answered !== undefined}
      <p>
        {t('desk.results.example', { first: group.example.asked, second: group.example.answered })}
      </p>
    {/if}
    <a href={teachAgain(group.example, results.rules, `results/${id}`)}>{t('desk.results.teach')}</a>
  {/if}
{/snippet}

<style>
  p {
    margin: 2px 0;
    font-size: var(--type-2);
  }
  summary {
    display: flex;
    align-items: center;
    min-height: 44px;
    padding: 0 20px;
    background: #fff;
    font: 600 var(--type-2) var(--serif);
    cursor: pointer;
  }
  summary::before {
    content: '▸';
    width: 20px;
  }
  details[open] > summary::before {
    content: '▾';
  }
  .groups {
    display: flex;
    flex-direction: column;
    gap: 16px;
  }
  article {
    padding: 16px 20px;
    background: #fff;
  }
  h2 {
    font-size: var(--type-4);
    line-height: 1.3;
  }
  article a {
    display: inline-block;
    margin-top: 8px;
    padding: 12px 16px;
    background: var(--ink);
    color: #fff;
    font-weight: 600;
    text-decoration: none;
  }
</style>
