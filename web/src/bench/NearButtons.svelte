<!-- Brings the paper nearer, and away again. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
  import type { Nearness } from './nearness.svelte'

  let { paper }: { paper: Nearness } = $props()
</script>

<div>
  <button type="button" aria-label={t('bench.zoom-in')} onclick={() => paper.bring(1.4)}>+</button>
  <button
    type="button"
    aria-label={t('bench.zoom-out')}
    disabled={paper.isWhole}
    onclick={() => paper.bring(1 / 1.4)}>−</button
  >
</div>

<style>
  div {
    position: absolute;
    right: 8px;
    bottom: 8px;
    display: flex;
    gap: 4px;
  }
  button {
    width: 44px;
    height: 44px;
    border: 1px solid var(--ink-faint);
    background: rgb(255 255 255 / 90%);
    color: var(--ink);
    font-size: var(--type-5);
    cursor: pointer;
  }
  button:disabled {
    color: #a3acb8;
  }
</style>
