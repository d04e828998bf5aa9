<!-- The wall chart: students against questions, with the cause that is most likely for each. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { t } from '../said/said.svelte'
  import { keepHere, readKept } from '../shared/kept'

  interface Props {
    /** The set that was given. */
    id: string
    results: Schema['ResultsReply']
    /** Whose sheets lie open beside the chart. */
    opened: Schema['StudentResult'] | undefined
  }
  let { id, results, opened }: Props = $props()

  const sharesKey = 'jaunty-results-shares'
  /** Whether each student's share of the full credit is wanted in the chart. */
  let shares = $state(readKept(sharesKey) === true)
  $effect(() => keepHere(sharesKey, shares))

  const causeOf = (student: Schema['StudentResult']): string =>
    results.groups.find(
      (group) => group.cause === student.progress.likelyCause && group.students.includes(student.givenName),
    )?.name.text ?? ''
  const verdictOf = (item: Schema['ItemResult']): string =>
    t('desk.results.verdict', { verdict: item.verdict ?? 'none' })
  const cell = (item: Schema['ItemResult']): string =>
    item.causeName
      ? t('desk.results.cell', { sentence: verdictOf(item), name: item.causeName.text })
      : verdictOf(item)
</script>

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

<style>
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
  @media (max-width: 1000px) {
    .legend {
      flex-wrap: wrap;
    }
  }
</style>
