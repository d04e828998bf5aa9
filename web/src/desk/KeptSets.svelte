<!-- The sets that a teacher has made, given or not. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import ThingMenu from './ThingMenu.svelte'
  import type { Undoing } from './undoing.svelte'
  import { dated, t } from '../said/said.svelte'

  interface Props {
    undoing: Undoing
    showsArchive: boolean
    /** What is given may have gone with a set. */
    onchange: () => Promise<void>
  }
  let { undoing, showsArchive, onchange }: Props = $props()
  let sets: Schema['SetReply'][] = $state([])
  let failure = $state('')
  const day = (at: string): string => dated(new Date(at), { day: 'numeric', month: 'short', year: 'numeric' })
  const seen = $derived(sets.filter((set) => showsArchive || !set.archived))

  async function load(): Promise<void> {
    try {
      sets = await ask(api.GET('/api/v1/sets'))
      failure = ''
    } catch (error) {
      failure = tell(error)
    }
  }
  onMount(load)
</script>

<details>
  <summary>{t('desk.kept.title', { count: seen.length })}</summary>
  {#if failure}<p role="alert">{failure}</p>{/if}
  <ul>
    {#each seen as set (set.id)}
      <li>
        <span>{set.title}{set.archived ? ` · ${t('desk.classes.archived')}` : ''}</span>
        <span class="quiet">{t('desk.kept.items', { count: set.items })} · {day(set.createdAt)}</span>
        <ThingMenu
          thing={{ kind: 'set', id: set.id, name: set.title, archived: set.archived ?? false }}
          {undoing}
          onchange={async () => {
            await load()
            await onchange()
          }}
        />
      </li>
    {/each}
  </ul>
</details>

<style>
  details {
    margin-top: 16px;
    padding: 4px 24px;
    background: #fff;
  }
  summary {
    min-height: 44px;
    line-height: 44px;
    cursor: pointer;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: 1fr auto auto;
    align-items: center;
    gap: 16px;
    border-top: 1px solid #dde2e6;
  }
</style>
