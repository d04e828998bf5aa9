<!-- Who answered what, and the likely causes: a wall chart of students against items, and groups to teach again. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { onMount } from 'svelte'
  import { api, ask, Problem, tell, type Schema } from '../api/client'
  import { keepHere, readKept } from '../shared/kept'
  import { Latest } from '../shared/latest'
  import AnswerFiles from './AnswerFiles.svelte'
  import StudentSheets from './StudentSheets.svelte'
  import { teachAgain } from './teach'
  import { t } from '../said/said.svelte'

  interface Props {
    id: string
    /** Whose sheets lie open beside the wall chart; nobody's where it is empty. */
    studentId: string
  }
  let { id, studentId }: Props = $props()
  let results = $state<Schema['ResultsReply'] | null>(null)
  let failure = $state('')
  const sharesKey = 'jaunty-results-shares'
  /** Whether each student's share of the full credit is wanted in the chart. */
  let shares = $state(readKept(sharesKey) === true)
  $effect(() => keepHere(sharesKey, shares))
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
  const groups = $derived(results?.groups.filter((group) => group.students.length > 1) ?? [])
  const single = $derived(results?.groups.filter((group) => group.students.length === 1) ?? [])
  const opened = $derived(results?.students.find((s) => s.studentId === studentId))
  const causeOf = (student: Schema['StudentResult']): string =>
    results?.groups.find(
      (group) => group.cause === student.progress.likelyCause && group.students.includes(student.givenName),
    )?.name.text ?? ''
  const verdictOf = (item: Schema['ItemResult']): string =>
    t('desk.results.verdict', { verdict: item.verdict ?? 'none' })
  const cell = (item: Schema['ItemResult']): string =>
    item.causeName
      ? t('desk.results.cell', { sentence: verdictOf(item), name: item.causeName.text })
      : verdictOf(item)
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
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div class="scroll" tabindex="0" role="region" aria-label={t('desk.results.answers')}>
        <table>
          <thead>
            <tr>
              <th scope="col"><span class="visually-hidden">{t('desk.results.student')}</span></th>
              {#each results.items as item, i (i)}
                <th scope="col" title={item.view.prompt.text}>{i + 1}</th>
              {/each}
              {#if shares}<th scope="col">{t('desk.results.share')}</th>{/if}
              <th scope="col" class="cause">{t('desk.results.likely-cause')}</th>
            </tr>
          </thead>
          <tbody>
            {#each results.students as student (student.studentId)}
              <tr class:opened={student === opened}>
                <th scope="row">
                  <a
                    href="#/results/{id}/{student.studentId}"
                    aria-current={student === opened ? 'true' : undefined}>{student.givenName}</a
                  >
                </th>
                {#each student.items as item, i (i)}
                  <td title={cell(item)}>
                    <span class="mark {item.verdict ?? 'none'}" aria-hidden="true"></span>
                    <span class="visually-hidden">{cell(item)}</span>
                  </td>
                {/each}
                {#if shares}
                  <td class="share"
                    >{student.credit === null || student.credit === undefined
                      ? ''
                      : t('desk.results.percent', { share: student.credit })}</td
                  >
                {/if}
                <td class="cause">{causeOf(student)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      <p class="legend quiet">
        {#each ['accepted', 'near', 'notYet', 'none'] as verdict (verdict)}
          <span class="mark {verdict}"></span> {t('desk.results.verdict', { verdict })}
        {/each}
      </p>
      <label class="shares"><input type="checkbox" bind:checked={shares} />{t('desk.results.shares')}</label>
      <AnswerFiles {id} setId={results.setId} title={results.title} />
    </section>
    {#if opened}
      {#key opened.studentId}
        <StudentSheets assignmentId={id} student={opened} back="#/results/{id}" />
      {/key}
    {:else}
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
              {counts.begun === 0 ? t('desk.results.nobody') : t('desk.results.no-mistake')}
            </p>
          </article>
        {/if}
      </section>
    {/if}
  </main>
{/if}

{#snippet toTeach(group: Schema['CauseGroup'])}
  <h2>{t('desk.results.group', { count: group.students.length, name: group.name.text })}</h2>
  <p class="quiet">{group.students.join(', ')}</p>
  {#if group.example}
    {#if group.example.answered !== null && group.example.answered !== undefined}
      <p>
        {t('desk.results.example', { first: group.example.asked, second: group.example.answered })}
      </p>
    {/if}
    <a href={teachAgain(group.example, results!.rules, `results/${id}`)}>{t('desk.results.teach')}</a>
  {/if}
{/snippet}

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
  /* Names and numbers stay where they are while the rest goes by. */
  .scroll {
    /* What is hidden in it is cut off with it. */
    position: relative;
    max-height: max(320px, calc(100dvh - 300px));
    overflow: auto;
  }
  table {
    width: 100%;
    border-collapse: separate;
    border-spacing: 0;
    font-size: var(--type-2);
  }
  th {
    padding: 0 2px;
    font-weight: 400;
    text-align: center;
    background: var(--paper);
  }
  thead th {
    position: sticky;
    top: 0;
    z-index: 1;
    height: 32px;
  }
  th[scope='row'],
  thead th:first-child {
    position: sticky;
    left: 0;
    padding-right: 12px;
    text-align: right;
  }
  thead th:first-child {
    z-index: 2;
  }
  th a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
  th a[aria-current] {
    font-weight: 600;
    color: var(--ink);
  }
  td {
    padding: 1px 4px;
    text-align: center;
  }
  .opened td,
  .opened th {
    background: #fbf3df;
  }
  .share {
    padding: 0 8px;
    font-variant-numeric: tabular-nums;
  }
  .cause {
    padding-left: 12px;
    text-align: left;
    font-size: var(--type-1);
    color: var(--ink-soft);
  }
  .mark {
    display: inline-block;
    width: 30px;
    height: 18px;
    border: 1px solid var(--ink);
    vertical-align: middle;
  }
  .accepted {
    background: var(--ink);
  }
  .near {
    background: linear-gradient(90deg, var(--ink) 60%, var(--paper) 60%);
  }
  .notYet {
    background: linear-gradient(90deg, #c8881b 22%, transparent 22%) var(--paper);
    position: relative;
  }
  .notYet::after {
    content: '×';
    position: absolute;
    right: 6px;
    top: -4px;
    font: 600 var(--type-3)/24px var(--sans);
  }
  .none {
    border-style: dashed;
    border-color: #8a94a3;
  }
  .legend {
    display: flex;
    align-items: center;
    gap: 8px;
    margin-top: 12px;
  }
  .legend .mark:not(:first-child) {
    margin-left: 16px;
  }
  .shares {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    font-size: var(--type-2);
  }
  .shares input {
    width: 20px;
    height: 20px;
    accent-color: var(--ink);
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
  .beside {
    grid-template-columns: minmax(0, 1fr) minmax(420px, 46vw);
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
    .legend {
      flex-wrap: wrap;
    }
  }
</style>
