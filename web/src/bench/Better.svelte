<!-- What went better than last time: counted from the marks, told to the student alone; nothing where nothing did. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, type Schema } from '../api/client'
  import { t } from '../said/said.svelte'

  let { assignmentId }: { assignmentId: string } = $props()
  let better: Schema['GettingBetter'] | null = $state.raw(null)

  onMount(async () => {
    try {
      const path = { assignmentId }
      better = await ask(api.GET('/api/v1/bench/assignments/{assignmentId}/progress', { params: { path } }))
    } catch {
      // Without a connection there is nothing to compare with.
    }
  })
</script>

{#if better && (better.putRight > 0 || better.steps.length > 0)}
  <section aria-label={t('bench.better.title')}>
    <h2>{t('bench.better.title')}</h2>
    <ul>
      {#each better.steps as step, i (i)}
        <li>
          {t('bench.better.step', {
            name: step.title.text,
            count: step.rightBefore,
            number: step.before,
            answers: step.rightNow,
            wholeSet: step.now,
          })}
        </li>
      {/each}
      {#if better.putRight > 0}<li>{t('bench.better.put-right', { count: better.putRight })}</li>{/if}
    </ul>
  </section>
{/if}

<style>
  section {
    padding: 12px 16px;
    border-left: 4px solid var(--start-arm);
    background: #fff;
  }
  h2 {
    font-size: var(--type-3);
  }
  ul {
    margin: 8px 0 0;
    padding-left: 20px;
    font-size: var(--type-2);
    line-height: 1.45;
  }
</style>
