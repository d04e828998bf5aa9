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
    max-height: 35rem;
    margin-left: -0.25rem;
    padding-left: 0.25rem;
    overflow-y: auto;
    scrollbar-width: none;
  }
  li {
    position: relative;
    flex: 1;
    flex-basis: 2.75rem;
    min-height: 2.75rem;
    max-height: 4.125rem;
  }
  li:not(:last-child)::before {
    content: '';
    position: absolute;
    left: 0.8125rem;
    top: 1.375rem;
    bottom: -1.375rem;
    width: 2px;
    background: var(--ink);
    opacity: 0.35;
  }
  button {
    position: relative;
    display: flex;
    align-items: center;
    gap: 0.75rem;
    min-height: 2.75rem;
    padding: 0 0.5rem 0 0;
    text-align: left;
    border: 0;
    background: none;
    font: 400 var(--type-2) var(--sans);
    color: var(--ink-soft);
    cursor: pointer;
  }
  .bead {
    width: 1rem;
    height: 1rem;
    margin: 0 0.5rem;
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
    width: 1.75rem;
    height: 1.75rem;
    margin: 0;
    background: var(--brass-light);
  }
  .now button {
    color: var(--ink);
    font-weight: 600;
  }
</style>
