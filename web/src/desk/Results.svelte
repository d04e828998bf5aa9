<!-- Who answered what, and the likely causes: a wall chart of students against items, and groups to teach again. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { onMount } from 'svelte'
  import { api, ask, Problem, tell, type Schema } from '../api/client'
  import { Latest } from '../shared/latest'
  import AnswerChart from './AnswerChart.svelte'
  import AnswerFiles from './AnswerFiles.svelte'
  import CauseGroups from './CauseGroups.svelte'
  import StudentSheets from './StudentSheets.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    id: string
    /** Whose sheets lie open beside the wall chart; nobody's where it is empty. */
    studentId: string
  }
  let { id, studentId }: Props = $props()
  let results = $state<Schema['ResultsReply'] | null>(null)
  let failure = $state('')
  const secondsBetweenLooks = 5

  const latest = new Latest()

  async function look(): Promise<void> {
    try {
      const path = { assignmentId: id }
      const found = await latest.of(
        ask(api.GET('/api/v1/assignments/{assignmentId}/results', { params: { path } })),
      )
      if (!found) return
      results = found
      failure = ''
    } catch (error) {
      // What is shown stays while the server is away for a moment.
      if (!(error instanceof Problem && error.passing && results)) failure = tell(error)
    }
  }

  async function close(): Promise<void> {
    try {
      await ask(
        api.PATCH('/api/v1/assignments/{assignmentId}', {
          params: { path: { assignmentId: id } },
          body: { closed: true },
        }),
      )
      await look()
    } catch (error) {
      failure = tell(error)
    }
  }

  onMount(() => {
    void look()
    const timer = setInterval(() => {
      if (document.visibilityState === 'visible') void look()
    }, secondsBetweenLooks * 1000)
    return () => clearInterval(timer)
  })

  const asked = $derived(results?.adaptiveLimit ?? results?.items.length ?? 0)
  /** How many have done all, some and none of it. */
  const counts = $derived({
    finished: results?.students.filter((s) => s.progress.answered >= asked).length ?? 0,
    begun: results?.students.filter((s) => s.progress.answered > 0).length ?? 0,
    all: results?.students.length ?? 0,
  })
  const opened = $derived(results?.students.find((s) => s.studentId === studentId))
</script>

{#if failure}<p class="failure" role="alert">{failure}</p>{/if}
{#if results}
  <main class:beside={opened}>
    <section class="chart">
      <div class="top">
        <div>
          <h1>{results.title}</h1>
          <p class="quiet">
            {[
              results.className,
              t('desk.results.finished', { count: counts.finished }),
              t('desk.results.at-work', { count: counts.begun - counts.finished }),
              t('desk.results.not-begun', { count: counts.all - counts.begun }),
              results.closedAt && t('desk.given.closed'),
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
        </div>
        {#if !results.closedAt}<Button kind="ghost" size="field" on:click={close}
            >{t('desk.results.close')}</Button
          >{/if}
      </div>
      <AnswerChart {id} {results} {opened} />
      <AnswerFiles {id} setId={results.setId} title={results.title} />
    </section>
    {#if opened}
      {#key opened.studentId}
        <StudentSheets assignmentId={id} student={opened} back="#/results/{id}" />
      {/key}
    {:else}
      <CauseGroups {id} {results} />
    {/if}
  </main>
{/if}

<style>
  main {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 400px;
    gap: 24px;
    padding: 24px;
    align-items: start;
  }
  .chart {
    padding: 20px 24px;
    background: var(--paper);
  }
  .top {
    display: flex;
    justify-content: space-between;
    align-items: start;
    margin-bottom: 8px;
  }
  h1 {
    font-size: var(--type-5);
  }
  p {
    margin: 2px 0;
    font-size: var(--type-2);
  }
  .beside {
    grid-template-columns: minmax(0, 1fr) minmax(420px, 46vw);
  }
  .failure {
    margin: 24px;
    padding: 12px 16px;
    background: #fff;
    border-left: 4px solid var(--marking);
  }
  @media (max-width: 1000px) {
    main,
    .beside {
      grid-template-columns: minmax(0, 1fr);
      padding: 12px;
    }
    .chart {
      padding: 12px;
    }
  }
</style>
