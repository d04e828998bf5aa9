<!-- What the protractor shows just now, in numbers; hidden until the teacher wants it. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { spoken } from '../sheet/geometry'

  let { reply }: { reply: Schema['ReadingsReply'] | null } = $props()

  /** The numbers are the answer: they stay covered until the teacher uncovers them. */
  let shown = $state(false)

  const reading = (value: number | null | undefined): string =>
    value === null || value === undefined ? 'off the scale' : `${spoken(value)}°`
</script>

<section aria-label="Readings" data-testid="readings">
  {#if reply}
    <dl>
      {#each reply.scales as scale (scale.scale)}
        <dt class:used={scale.scale === reply.advice.scale}>{scale.scale}</dt>
        <dd class:used={scale.scale === reply.advice.scale}>
          {#if shown}{reading(scale.start)} … {reading(scale.end)}{:else}covered{/if}
        </dd>
      {/each}
      <dt>centre mark</dt>
      <dd>{spoken(reply.alignment.centreOffset)} mm off</dd>
      <dt>zero line</dt>
      <dd>{spoken(Math.abs(reply.alignment.zeroLineOff))}° off</dd>
    </dl>
    <p>{reply.advice.why.text}</p>
    <button type="button" aria-pressed={shown} onclick={() => (shown = !shown)}>
      {shown ? 'Cover the numbers' : 'Show the numbers'}
    </button>
  {:else}
    <p>Lay the protractor on to see what it shows.</p>
  {/if}
</section>

<style>
  section {
    width: 300px;
    padding: 14px 18px;
    background: rgb(255 255 255 / 92%);
    border: 1px solid var(--ink);
    font-size: 16px;
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 4px 14px;
    margin: 0 0 10px;
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
    min-height: 44px;
    margin-top: 10px;
    border: 1px solid var(--ink);
    background: none;
    color: inherit;
    font: 600 15px var(--sans);
    cursor: pointer;
  }
  p {
    margin: 0;
    line-height: 1.4;
  }
</style>
