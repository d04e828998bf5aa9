<!-- Everything the Board can demonstrate: found by a few letters, by its picture, or among those used last; one press each. -->
<script lang="ts">
  import Star from 'carbon-icons-svelte/lib/Star.svelte'
  import StarFilled from 'carbon-icons-svelte/lib/StarFilled.svelte'
  import { onMount } from 'svelte'
  import type { Demonstration, Instrument } from '../api/client'
  import { t } from '../said/said.svelte'
  import { choices } from './choices.svelte'
  import { found } from './finding'
  import Miniature from './Miniature.svelte'

  interface Props {
    demonstrations: Demonstration[]
    instruments: Instrument[]
    shown: string | null
    onpick: (demonstration: Demonstration) => void
  }
  let { demonstrations, instruments, shown, onpick }: Props = $props()

  const order: Demonstration['group'][] = [
    'lesson',
    'words',
    'estimating',
    'measuring',
    'drawing',
    'reflex',
    'wentWrong',
  ]
  let typed = $state('')
  let search: HTMLInputElement | undefined = $state()
  let list: HTMLDivElement | undefined = $state()
  onMount(() => search?.focus())

  const byKey = (keys: readonly string[]): Demonstration[] =>
    keys.flatMap((key) => demonstrations.find((d) => d.key === key) ?? [])
  const hits = $derived(found(demonstrations, typed, ({ group }) => t('board.group', { group })))
  const dear = $derived(byKey(choices.now.favourites))
  const openedLast = byKey(choices.now.recent)
  const groups = $derived(
    order.map((group) => ({ group, entries: demonstrations.filter((d) => d.group === group) })),
  )
  /** Which groups are open: only there are pictures drawn. At first that of what is shown. */
  const isOpen: Partial<Record<Demonstration['group'], boolean>> = $state({})
  // svelte-ignore state_referenced_locally
  const shownIn = demonstrations.find((d) => d.key === shown)?.group
  if (shownIn) isOpen[shownIn] = true

  /** Arrows go from one to the next of what is seen, from the search on. */
  function steer(event: KeyboardEvent): void {
    const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.code]
    const typing = document.activeElement === search
    if (!by || (typing && event.code !== 'ArrowDown')) return
    event.preventDefault()
    event.stopPropagation()
    const stops = [search!, ...list!.querySelectorAll<HTMLElement>('summary, .entry')].filter(
      (stop) => stop.offsetParent !== null,
    )
    const at = stops.indexOf(document.activeElement as HTMLElement)
    stops[Math.min(stops.length - 1, Math.max(0, at + by))]?.focus()
  }

  function pickFirst(event: SubmitEvent): void {
    event.preventDefault()
    if (typed.trim() && hits[0]) onpick(hits[0])
  }
</script>

{#snippet entries(all: Demonstration[])}
  <ul>
    {#each all as one (one.key)}
      {@const isDear = choices.now.favourites.includes(one.key)}
      <li>
        <button
          type="button"
          class="entry"
          aria-current={one.key === shown ? 'true' : undefined}
          title={one.summary.text}
          onclick={() => onpick(one)}
        >
          <span class="picture"><Miniature picture={one.picture} window={one.window} {instruments} /></span>
          <span>{one.title.text}</span>
        </button>
        <button
          type="button"
          class="star"
          aria-pressed={isDear}
          aria-label={t('board.list.favourite', { name: one.title.text })}
          onclick={() => choices.toggleFavourite(one.key)}
          >{#if isDear}<StarFilled size={20} />{:else}<Star size={20} />{/if}</button
        >
      </li>
    {/each}
  </ul>
{/snippet}

<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="list" bind:this={list} onkeydown={steer}>
  <form role="search" onsubmit={pickFirst}>
    <input
      type="search"
      bind:this={search}
      bind:value={typed}
      maxlength="60"
      placeholder={t('board.list.search')}
      aria-label={t('board.list.search')}
    />
  </form>
  {#if typed.trim()}
    <p class="quiet" role="status">{t('board.list.found', { count: hits.length })}</p>
    {@render entries(hits)}
  {:else}
    {#if dear.length > 0}
      <section aria-labelledby="dear">
        <h2 id="dear">{t('board.list.favourites')}</h2>
        {@render entries(dear)}
      </section>
    {/if}
    {#if openedLast.length > 0}
      <section aria-labelledby="last">
        <h2 id="last">{t('board.list.last')}</h2>
        {@render entries(openedLast)}
      </section>
    {/if}
    {#each groups as { group, entries: all } (group)}
      <details bind:open={isOpen[group]}>
        <summary
          ><h2>{t('board.group', { group })}</h2>
          <span class="quiet">{t('units.number', { count: all.length })}</span></summary
        >
        {#if isOpen[group]}{@render entries(all)}{/if}
      </details>
    {/each}
  {/if}
</div>

<style>
  .list {
    width: 52rem;
    max-width: 100%;
    padding: 1rem 1.25rem;
  }
  input {
    width: 100%;
    height: 2.75rem;
    padding: 0 0.75rem;
    border: 1px solid var(--ink-soft);
    background: none;
    color: inherit;
    font: 400 var(--type-3) var(--sans);
  }
  section,
  details {
    margin-top: 0.75rem;
  }
  h2 {
    display: inline;
    font-size: var(--type-3);
  }
  summary {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
    cursor: pointer;
    border-bottom: 1px solid var(--line);
  }
  summary::before {
    content: '▸';
    width: 1rem;
  }
  details[open] > summary::before {
    content: '▾';
  }
  summary .quiet {
    margin-left: auto;
  }
  p {
    margin: 0.75rem 0 0;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(11.5rem, 100%), 1fr));
    gap: 0.5rem;
    list-style: none;
    margin: 0.5rem 0 0;
    padding: 0;
  }
  li {
    position: relative;
    display: flex;
  }
  .entry {
    display: flex;
    flex-direction: column;
    gap: 0.5rem;
    width: 100%;
    padding: 0.5rem 0.5rem 0.5rem;
    border: 2px solid var(--line);
    background: none;
    color: inherit;
    font: 400 var(--type-2)/1.25 var(--sans);
    text-align: left;
    cursor: pointer;
  }
  .picture {
    height: 4.75rem;
  }
  .entry:hover {
    background: var(--hover);
  }
  .entry[aria-current] {
    border-color: var(--brass);
    font-weight: 600;
  }
  .star {
    position: absolute;
    right: 2px;
    top: 2px;
    width: 2.75rem;
    height: 2.75rem;
    padding: 0;
    border: 0;
    background: none;
    color: var(--ink-soft);
    cursor: pointer;
  }
  .star[aria-pressed='true'] {
    color: var(--brass);
  }
</style>
