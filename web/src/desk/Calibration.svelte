<!-- True size on this screen: hold a card or a ruler to it and make the bar just as long. -->
<script lang="ts">
  import { calibrate, range, standards } from './trueSize'
  import { t } from '../said/said.svelte'
  import Slotted from '../said/Slotted.svelte'

  let { scale = $bindable() }: { scale: number } = $props()
  let chosen: (typeof standards)[number]['key'] = $state('card')
  const standard = $derived(standards.find((s) => s.key === chosen)!)
</script>

<details>
  <summary>{t('desk.calibration.title')}</summary>
  <p>
    {#snippet whatSlot()}
      <select aria-label={t('desk.calibration.what')} bind:value={chosen}>
        {#each standards as one (one.key)}<option value={one.key}>{t(one.label)}</option>{/each}
      </select>
    {/snippet}
    <Slotted message="desk.calibration.hold" slots={{ whatSlot }} />
  </p>
  <!-- As long as it really is, whatever the window: what does not fit is scrolled to. -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div class="room" role="region" tabindex="0" aria-label={t('desk.calibration.bar')}>
    <div class="bar" class:card={chosen === 'card'} style:width="{standard.millimetres * scale}px"></div>
  </div>
  <input
    type="range"
    aria-label={t('desk.calibration.length')}
    min={range.least}
    max={range.most / 2}
    step="0.01"
    bind:value={scale}
    onchange={() => calibrate(scale)}
  />
</details>

<style>
  details {
    padding: 8px 16px;
    background: #fff;
  }
  summary {
    min-height: 32px;
    cursor: pointer;
  }
  .room {
    overflow-x: auto;
  }
  .bar {
    box-sizing: border-box;
    height: 18px;
    background: var(--brass-light);
    border-inline: 2px solid var(--ink);
  }
  .card {
    height: 60px;
    border-radius: 8px;
  }
  input {
    width: 100%;
    min-height: 44px;
  }
  select {
    max-width: 100%;
    min-height: 44px;
    font: inherit;
  }
</style>
