<!-- Who answered what, and the likely causes: a wall chart of students against items, and groups to teach again. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { onMount } from 'svelte'
  import { api, ask, Problem, tell, type Schema } from '../api/client'
  import { Latest } from '../shared/latest'
  import AnswerFiles from './AnswerFiles.svelte'
  import StudentSheets from './StudentSheets.svelte'
  import { teachAgain } from './teach'
  import { t } from '../said/said.svelte'

  let { id }: { id: string } = $props()
  let results = $state<Schema['ResultsReply'] | null>(null)
  let failure = $state('')
  /** Whose sheets lie open. */
  let opened = $state('')
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

  const handedIn = $derived(results?.students.filter((s) => s.progress.answered > 0).length ?? 0)
  const verdictOf = (item: Schema['ItemResult']): string =>
    t('desk.results.verdict', { verdict: item.verdict ?? 'none' })
  const cell = (item: Schema['ItemResult']): string =>
    item.causeName
      ? t('desk.results.cell', { sentence: verdictOf(item), name: item.causeName.text })
      : verdictOf(item)
</script>

{#if failure}<p class="failure" role="alert">{failure}</p>{/if}
{#if results}
  <main>
    <section class="chart" aria-label={t('desk.results.answers')}>
      <div class="top">
        <div>
          <h1>{results.title}</h1>
          <p class="quiet">
            {[
              results.className,
              t('desk.given.started', { count: handedIn, wholeSet: results.students.length }),
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
      <table>
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">{t('desk.results.student')}</span></th>
            {#each results.items as item, i (i)}
              <th scope="col" title={item.view.prompt.text}>{i + 1}</th>
            {/each}
            <th scope="col" class="cause">{t('desk.results.likely-cause')}</th>
          </tr>
        </thead>
        <tbody>
          {#each results.students as student (student.studentId)}
            <tr>
              <th scope="row">
                <button
                  type="button"
                  aria-expanded={opened === student.studentId}
                  onclick={() => (opened = opened === student.studentId ? '' : student.studentId)}
                  >{student.givenName}</button
                >
              </th>
              {#each student.items as item, i (i)}
                <td title={cell(item)}>
                  <span class="mark {item.verdict ?? 'none'}" aria-hidden="true"></span>
                  <span class="visually-hidden">{cell(item)}</span>
                </td>
              {/each}
              <td class="cause">
                {#if student.progress.likelyCause}
                  {results.groups
                    .find((g) => g.cause === student.progress.likelyCause)
                    ?.students.includes(student.givenName)
                    ? results.groups.find((g) => g.cause === student.progress.likelyCause)!.name.text
                    : ''}
                {/if}
              </td>
            </tr>
          {/each}
        </tbody>
      </table>
      <p class="legend quiet">
        {#each ['accepted', 'near', 'notYet', 'none'] as verdict (verdict)}
          <span class="mark {verdict}"></span> {t('desk.results.verdict', { verdict })}
        {/each}
      </p>
      <AnswerFiles {id} setId={results.setId} title={results.title} />
    </section>
    <section class="groups" aria-label={t('desk.results.likely-causes')}>
      {#each results.groups as group (group.cause)}
        <article>
          <h2>{t('desk.results.group', { count: group.students.length, name: group.name.text })}</h2>
          <p class="quiet">{group.students.join(', ')}</p>
          {#if group.example}
            <p>
              {t('desk.results.example', {
                first: group.example.asked,
                second: group.example.answered,
              })}
            </p>
            <a href={teachAgain(group.example, results.rules, `results/${id}`)}>{t('desk.results.teach')}</a>
          {/if}
        </article>
      {:else}
        <article>
          <h2>{t('desk.results.nothing')}</h2>
          <p class="quiet">{handedIn === 0 ? t('desk.results.nobody') : t('desk.results.no-mistake')}</p>
        </article>
      {/each}
    </section>
    {#each results.students.filter((s) => s.studentId === opened) as student (student.studentId)}
      <StudentSheets assignmentId={id} {student} />
    {/each}
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
    font-size: 23px;
  }
  p {
    margin: 2px 0;
    font-size: 15px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 15px;
  }
  th {
    font-weight: 400;
    text-align: center;
    padding: 0 2px;
  }
  th[scope='row'] {
    text-align: right;
    padding-right: 12px;
  }
  th button {
    min-height: 24px;
    padding: 0;
    border: 0;
    background: none;
    font: inherit;
    color: #1d4f91;
    text-decoration: underline;
    cursor: pointer;
  }
  td {
    height: 24px;
    padding: 1px 3px;
    text-align: center;
  }
  .cause {
    padding-left: 12px;
    text-align: left;
    font-size: 14px;
    color: var(--ink-soft);
  }
  .mark {
    display: inline-block;
    width: 36px;
    height: 17px;
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
    font: 600 18px/24px var(--sans);
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
    margin-left: 14px;
  }
  .groups {
    display: flex;
    flex-direction: column;
    gap: 14px;
  }
  article {
    padding: 18px 20px;
    background: #fff;
  }
  h2 {
    font-size: 19px;
    line-height: 1.3;
  }
  article a {
    display: inline-block;
    margin-top: 10px;
    padding: 11px 16px;
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
    main {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
