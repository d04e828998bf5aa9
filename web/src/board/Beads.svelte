<!-- The steps as beads on a line. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
  interface Props {
    labels: string[]
    at: number
    onpick: (step: number) => void
  }
  let { labels, at, onpick }: Props = $props()

  let list: HTMLOListElement | undefined = $state()
  // A long demonstration has more steps than fit: the present one is kept in sight.
  $effect(() => {
    list?.children[at]?.scrollIntoView({ block: 'nearest' })
  })
</script>

<ol aria-label={t('board.steps')} bind:this={list}>
  {#each labels as label, i (i)}
    <li class:done={i < at} class:now={i === at}>
      <button type="button" aria-current={i === at ? 'step' : undefined} onclick={() => onpick(i)}>
        <span class="bead"></span>{label}
      </button>
    </li>
  {/each}
</ol>

<style>
  ol {
    list-style: none;
    margin: 0;
    padding: 0;
    display: flex;
    flex-direction: column;
    flex: 1;
    min-height: 0;
    max-height: 560px;
    margin-left: -4px;
    padding-left: 4px;
    overflow-y: auto;
    scrollbar-width: none;
  }
  li {
    position: relative;
    flex: 1;
    flex-basis: 44px;
    min-height: 38px;
    max-height: 66px;
  }
  li:not(:last-child)::before {
    content: '';
    position: absolute;
    left: 13px;
    top: 22px;
    bottom: -22px;
    width: 2px;
    background: var(--ink);
    opacity: 0.35;
  }
  button {
    position: relative;
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 38px;
    padding: 0 10px 0 0;
    text-align: left;
    border: 0;
    background: none;
    font: 400 16px var(--sans);
    color: var(--ink-soft);
    cursor: pointer;
  }
  .bead {
    width: 16px;
    height: 16px;
    margin: 0 6px;
    border: 2px solid var(--ink);
    border-radius: 50%;
    background: var(--paper);
  }
  .done .bead {
    background: var(--ink);
  }
  .done button {
    color: var(--ink);
  }
  .now .bead {
    width: 28px;
    height: 28px;
    margin: 0;
    background: var(--brass-light);
  }
  .now button {
    color: var(--ink);
    font-weight: 600;
  }
</style>
