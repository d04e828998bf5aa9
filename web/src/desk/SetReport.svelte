<!-- What a set can tell of the mistakes it is aimed at, and what it cannot, with the reason. -->
<script lang="ts">
  import type { Schema } from '../api/client'

  let { report }: { report: Schema['SetReport'] } = $props()
</script>

<div class="report">
  <p>
    {#if report.shown.length > 0}
      <strong>Shows:</strong>
      {report.shown.map((each) => `${each.name.text} (${each.items}×)`).join(', ')}.
    {:else}
      These items show none of the mistakes of the catalogue by their answer alone.
    {/if}
  </p>
  {#if report.seen.length > 0}
    <p>
      <strong>Seen on the sheet:</strong>
      {report.seen.map((each) => `${each.name.text} (${each.items}×)`).join(', ')}.
    </p>
  {/if}
  {#each report.otherInstruments as { text }, i (i)}<p>{text}</p>{/each}
  {#if report.cannot.length > 0}
    <details>
      <summary>What this set cannot tell ({report.cannot.length})</summary>
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
