<!-- What a set can tell of the mistakes it is aimed at, and what it cannot, with the reason. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { listed, t } from '../said/said.svelte'

  let { report }: { report: Schema['SetReport'] } = $props()

  const counted = (shown: Schema['SetReport']['shown']): string =>
    listed(shown.map((each) => t('desk.report.times', { name: each.name.text, count: each.items })))
</script>

<div class="report">
  <p>
    {report.shown.length > 0
      ? t('desk.report.shows', { items: counted(report.shown) })
      : t('desk.report.shows-none')}
  </p>
  {#if report.seen.length > 0}<p>{t('desk.report.seen', { items: counted(report.seen) })}</p>{/if}
  {#each report.otherInstruments as { text }, i (i)}<p>{text}</p>{/each}
  {#if report.cannot.length > 0}
    <details>
      <summary>{t('desk.report.cannot', { count: report.cannot.length })}</summary>
      <ul>
        {#each report.cannot as each, i (i)}<li>{each.why.text}</li>{/each}
      </ul>
    </details>
  {/if}
</div>

<style>
  .report {
    padding: 14px 16px;
    background: #fff;
    border-left: 4px solid var(--brass-light);
    font-size: 15px;
    line-height: 1.45;
  }
  p {
    margin: 0 0 6px;
  }
  summary {
    margin-top: 8px;
    min-height: 32px;
    cursor: pointer;
  }
  ul {
    margin: 4px 0 0;
    padding-left: 20px;
  }
</style>
