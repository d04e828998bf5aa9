<!-- True size on this screen: hold a card or a ruler to it and make the bar just as long. -->
<script lang="ts">
  import { calibrate, range, standards } from './trueSize'

  let { scale = $bindable() }: { scale: number } = $props()
  let chosen: (typeof standards)[number]['key'] = $state('card')
  const standard = $derived(standards.find((s) => s.key === chosen)!)
</script>

<details>
  <summary>Make it true to size on this screen</summary>
  <p>
    Hold
    <select aria-label="What you hold to the screen" bind:value={chosen}>
      {#each standards as one (one.key)}<option value={one.key}>{one.label}</option>{/each}
    </select>
    to the screen and move the slider until the bar is exactly as long.
  </p>
  <div class="bar" class:card={chosen === 'card'} style:width="{standard.millimetres * scale}px"></div>
  <input
    type="range"
    aria-label="Length of the bar"
    min={range.least}
    max={range.most / 2}
    step="0.01"
    bind:value={scale}
    onchange={() => calibrate(scale)}
  />
</details>

<style>
  details {
    padding: 10px 14px;
    background: #fff;
  }
  summary {
    min-height: 32px;
    cursor: pointer;
  }
  .bar {
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
    min-height: 36px;
    font: inherit;
  }
</style>
