<!-- Everything the Board can demonstrate, one press each. -->
<script lang="ts">
  import type { Demonstration } from '../api/client'
  import { t } from '../said/said.svelte'

  interface Props {
    demonstrations: Demonstration[]
    shown: string | null
    onpick: (demonstration: Demonstration) => void
  }
  let { demonstrations, shown, onpick }: Props = $props()

  const order: Demonstration['group'][] = [
    'words',
    'estimating',
    'measuring',
    'drawing',
    'reflex',
    'wentWrong',
  ]
  const groups = $derived(
    order.map((group) => ({
      group,
      heading: t('board.group', { group }),
      entries: demonstrations.filter((d) => d.group === group),
    })),
  )
</script>

<div class="list">
  {#each groups as { group, heading, entries } (group)}
    <section aria-labelledby="group-{group}">
      <h2 id="group-{group}">{heading}</h2>
      <ul>
        {#each entries as entry (entry.key)}
          <li>
            <button
              type="button"
              aria-current={entry.key === shown ? 'true' : undefined}
              title={entry.summary.text}
              onclick={() => onpick(entry)}>{entry.title.text}</button
            >
          </li>
        {/each}
      </ul>
    </section>
  {/each}
</div>

<style>
  .list {
    columns: 3 13.75rem;
    column-gap: 1.375rem;
    width: 52.5rem;
    max-width: calc(100vw - 15.625rem);
    padding: 1rem 1.25rem;
  }
  section {
    margin-bottom: 0.625rem;
  }
  li {
    break-inside: avoid-column;
  }
  h2 {
    break-after: avoid-column;
    font-size: 1.0625rem;
    margin-bottom: 2px;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  button {
    width: 100%;
    min-height: 2.25rem;
    padding: 0.25rem 0.5rem;
    border: 0;
    border-left: 3px solid transparent;
    background: none;
    color: inherit;
    font: 400 0.9375rem/1.25 var(--sans);
    text-align: left;
    cursor: pointer;
  }
  button:hover {
    background: #eef1f3;
  }
  button[aria-current] {
    border-left-color: var(--brass);
    background: #fbf3df;
    font-weight: 600;
  }
</style>
