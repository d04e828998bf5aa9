<!-- An item as a sheet of paper with a panel beside it; below it on a narrow screen. -->
<script lang="ts">
  import type { Snippet } from 'svelte'
  import { t } from '../said/said.svelte'

  let { sheet, panel }: { sheet: Snippet; panel: Snippet } = $props()
</script>

<div class="layout">
  <div class="paper">{@render sheet()}</div>
  <section class="panel" aria-label={t('bench.panel')}>{@render panel()}</section>
</div>

<style>
  .layout {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 352px;
    gap: 24px;
    flex: 1;
    min-height: 0;
    padding: 20px 24px;
  }
  .paper {
    position: relative;
    min-height: 0;
    background: var(--paper);
    box-shadow: 0 6px 20px rgb(15 35 64 / 14%);
  }
  .panel {
    display: flex;
    flex-direction: column;
    gap: 18px;
    padding: 24px;
    background: #fff;
    overflow-y: auto;
    /* What is tabbed to does not end under the button that stays at the bottom. */
    scroll-padding-bottom: 90px;
  }
  @media (max-width: 900px) {
    .layout {
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: minmax(280px, 56vh) auto;
      gap: 12px;
      height: auto;
      padding: 12px;
    }
    .panel {
      padding: 16px;
    }
  }
</style>
