<!-- What a set can tell of the mistakes it is aimed at, and what it cannot, with the reason. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { listed, t } from '../said/said.svelte'

  interface Props {
    report: Schema['SetReport']
    /** Whether it was wished for certain mistakes; what cannot be told of those is said openly. */
    isAimed: boolean
  }
  let { report, isAimed }: Props = $props()

  const counted = (shown: Schema['SetReport']['shown']): string =>
    listed(shown.map((each) => t('desk.report.times', { name: each.name.text, count: each.items })))
</script>

<div class="report">
  {#if report.shown.length + report.seen.length > 0}
    <details>
      <summary>{t('desk.report.tells', { count: report.shown.length + report.seen.length })}</summary>
      {#if report.shown.length > 0}<p>{t('desk.report.shows', { items: counted(report.shown) })}</p>{/if}
      {#if report.seen.length > 0}<p>{t('desk.report.seen', { items: counted(report.seen) })}</p>{/if}
    </details>
  {:else}
    <p>{t('desk.report.shows-none')}</p>
  {/if}
  {#each report.otherInstruments as { text }, i (i)}<p>{text}</p>{/each}
  {#if report.cannot.length > 0}
    <details open={isAimed}>
      <summary>{t('desk.report.cannot', { count: report.cannot.length })}</summary>
      <ul>
        {#each report.cannot as each, i (i)}<li>{each.why.text}</li>{/each}
      </ul>
    </details>
  {/if}
</div>

<style>
  .report {
    padding: 4px 16px;
    background: #fff;
    border-left: 4px solid var(--brass-light);
    font-size: var(--type-2);
    line-height: 1.45;
  }
  p {
    margin: 0 0 8px;
  }
  summary {
    min-height: 44px;
    line-height: 44px;
    cursor: pointer;
  }
  ul {
    margin: 0 0 8px;
    padding-left: 20px;
  }
</style>
