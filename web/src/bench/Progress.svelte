<!-- Where one is in the set: answered, near, to look at again, open. Told apart by shape as well as colour. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { t } from '../said/said.svelte'

  interface Props {
    verdicts: (Schema['Verdict'] | null)[]
    /** Which answers the server does not have yet. */
    waiting: boolean[]
    at: number
    onpick: (index: number) => void
  }
  let { verdicts, waiting, at, onpick }: Props = $props()
  let nav: HTMLElement | undefined = $state()
  // A long set has more questions than fit: the present one is kept in sight.
  $effect(() => {
    nav?.children[at]?.scrollIntoView({ block: 'nearest', inline: 'center' })
  })
  const label = (place: number, verdict: Schema['Verdict'] | null): string =>
    waiting[place - 1]
      ? t('bench.progress.waiting', { place })
      : verdict
        ? t('bench.progress.marked', { place, verdict })
        : t('bench.progress.item', { place })
</script>

<nav aria-label={t('bench.progress.title')} bind:this={nav}>
  {#each verdicts as verdict, i (i)}
    <button
      type="button"
      class={verdict ?? 'open'}
      class:waits={waiting[i]}
      class:now={i === at}
      aria-current={i === at ? 'step' : undefined}
      aria-label={label(i + 1, verdict)}
      onclick={() => onpick(i)}><span>{i + 1}</span></button
    >
  {/each}
</nav>

<style>
  nav {
    display: flex;
    min-width: 0;
    overflow-x: auto;
    scrollbar-width: none;
  }
  button {
    display: grid;
    place-items: center;
    flex: none;
    width: 44px;
    height: 44px;
    padding: 0;
    border: 0;
    background: none;
    font: 600 var(--type-1) var(--sans);
    cursor: pointer;
  }
  span {
    display: grid;
    place-items: center;
    width: 32px;
    height: 32px;
    border: 2px solid #fff;
    border-radius: 50%;
    color: #fff;
  }
  .accepted span {
    background: #fff;
    color: var(--ink);
  }
  .near span {
    background: linear-gradient(90deg, #fff 50%, #b9c4d3 50%);
    color: var(--ink);
  }
  .notYet span {
    border-style: dashed;
  }
  .waits span {
    border-style: dotted;
    border-width: 3px;
  }
  .now span {
    width: 38px;
    height: 38px;
    background: var(--brass-light);
    border-color: var(--brass-light);
    color: var(--ink);
  }
</style>
