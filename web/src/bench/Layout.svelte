<!-- An item as a sheet of paper with a panel beside it; below it on a narrow screen. Both are always in sight, and the panel scrolls within itself. -->
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
    grid-template: minmax(0, 1fr) / minmax(0, 1fr) clamp(240px, 31vw, 352px);
    gap: clamp(8px, 1.8vw, 24px);
    flex: 1;
    min-height: 0;
    padding: clamp(8px, 1.8vw, 24px);
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
    gap: clamp(8px, 1.4vw, 16px);
    padding: clamp(12px, 1.8vw, 24px);
    background: #fff;
    overflow-y: auto;
    /* What is tabbed to does not end under the button that stays at the bottom. */
    scroll-padding-bottom: 90px;
  }
  @media (max-width: 900px) and (orientation: portrait) {
    .layout {
      grid-template: minmax(0, 44fr) minmax(0, 56fr) / minmax(0, 1fr);
    }
  }
</style>
