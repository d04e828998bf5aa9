<!-- What the protractor shows just now, in numbers; hidden until the teacher wants it. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { degrees, t } from '../said/said.svelte'

  let { reply }: { reply: Schema['ReadingsReply'] | null } = $props()

  /** The numbers are the answer: they stay covered until the teacher uncovers them. */
  let shown = $state(false)

  const reading = (value: number | null | undefined): string =>
    value === null || value === undefined ? t('board.readings.off') : degrees(value)
</script>

<section aria-label={t('board.readings.title')} data-testid="readings">
  {#if reply}
    <dl>
      {#each reply.scales as scale (scale.scale)}
        <dt class:used={scale.scale === reply.advice.scale}>{scale.scale}</dt>
        <dd class:used={scale.scale === reply.advice.scale}>
          {shown
            ? t('board.readings.from-to', { one: reading(scale.start), two: reading(scale.end) })
            : t('board.readings.covered')}
        </dd>
      {/each}
      <dt>{t('board.readings.lies')}</dt>
      <dd>{reply.lying.text}</dd>
    </dl>
    <p>{reply.advice.why.text}</p>
    <button type="button" aria-pressed={shown} onclick={() => (shown = !shown)}>
      {shown ? t('board.readings.cover') : t('board.readings.show')}
    </button>
  {:else}
    <p>{t('board.readings.none')}</p>
  {/if}
</section>

<style>
  section {
    width: 18.75rem;
    padding: 1rem 1rem;
    background: rgb(255 255 255 / 92%);
    border: 1px solid var(--ink);
    font-size: var(--type-2);
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.25rem 1rem;
    margin: 0 0 0.5rem;
  }
  dt {
    color: var(--ink-soft);
  }
  dd {
    margin: 0;
    font-variant-numeric: tabular-nums;
  }
  .used {
    font-weight: 600;
    color: var(--ink);
  }
  button {
    width: 100%;
    min-height: 2.75rem;
    margin-top: 0.5rem;
    border: 1px solid var(--ink);
    background: none;
    color: inherit;
    font: 600 var(--type-2) var(--sans);
    cursor: pointer;
  }
  p {
    margin: 0;
    line-height: 1.4;
  }
</style>
