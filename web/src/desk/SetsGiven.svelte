<!-- What has been set, and how far it has come. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import KeptSets from './KeptSets.svelte'
  import ThingMenu from './ThingMenu.svelte'
  import UndoBar from './UndoBar.svelte'
  import { Undoing } from './undoing.svelte'
  import { dated, t } from '../said/said.svelte'

  let assignments = $state<Schema['AssignmentReply'][] | null>(null)
  let failure = $state('')
  let showsArchive = $state(false)
  const undoing = new Undoing()
  const day = (at: string): string =>
    dated(new Date(at), { weekday: 'short', day: 'numeric', month: 'short' })
  const seen = $derived((assignments ?? []).filter((a) => showsArchive || !a.archived))

  async function load(): Promise<void> {
    try {
      assignments = await ask(api.GET('/api/v1/assignments'))
      failure = ''
    } catch (error) {
      failure = tell(error)
    }
  }

  async function setClosed(given: Schema['AssignmentReply'], closed: boolean): Promise<void> {
    const change = (to: boolean): Promise<unknown> =>
      ask(
        api.PATCH('/api/v1/assignments/{assignmentId}', {
          params: { path: { assignmentId: given.id } },
          body: { closed: to },
        }),
      )
    try {
      await change(closed)
      await load()
      undoing.add(
        t(closed ? 'desk.given.is-closed' : 'desk.given.is-open', { name: given.title }),
        async () => {
          await change(!closed)
          await load()
        },
      )
    } catch (error) {
      failure = tell(error)
    }
  }

  onMount(load)
</script>

<main>
  <div class="top">
    <h1>{t('desk.given.title')}</h1>
    <a class="new" href="#/new">{t('desk.given.new')}</a>
  </div>
  {#if failure}<p role="alert">{failure}</p>{/if}
  {#each seen as given (given.id)}
    <div class="row">
      <a class="given" href="#/results/{given.id}">
        <span class="title">{given.title}</span>
        <span class="quiet">{given.className}</span>
        <span class="quiet">
          {[
            day(given.setAt),
            t('desk.given.tries', { count: given.tries }),
            given.closedAt && t('desk.given.closed'),
            given.archived && t('desk.classes.archived'),
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
        <span class="count"
          >{t('desk.given.started', { count: given.handedIn, wholeSet: given.students })}</span
        >
        <span class="bar" aria-hidden="true">
          <i style:width="{given.students ? (100 * given.handedIn) / given.students : 0}%"></i>
        </span>
      </a>
      <ThingMenu
        thing={{ kind: 'assignment', id: given.id, name: given.title, archived: given.archived }}
        {undoing}
        onchange={load}
        more={[
          {
            text: given.closedAt ? t('desk.given.open') : t('desk.given.close'),
            act: () => void setClosed(given, !given.closedAt),
          },
        ]}
      />
    </div>
  {:else}
    {#if assignments}<p>{t('desk.given.none')}</p>{/if}
  {/each}
  <label class="archive"
    ><input type="checkbox" bind:checked={showsArchive} /> {t('desk.classes.show-archived')}</label
  >
  <KeptSets {undoing} {showsArchive} onchange={load} />
</main>
<UndoBar {undoing} />

<style>
  main {
    max-width: 860px;
    margin: 0 auto;
    padding: 36px 24px;
  }
  .top {
    display: flex;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 20px;
  }
  h1 {
    font-size: var(--type-6);
  }
  .new {
    min-height: 44px;
    padding: 16px 20px;
    background: var(--ink);
    color: #fff;
    font-weight: 600;
    text-decoration: none;
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    margin-bottom: 12px;
    background: #fff;
  }
  .archive {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
  }
  .given {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 20px;
    padding: 20px 24px;
    color: var(--ink);
    text-decoration: none;
  }
  .given:hover {
    background: #fbf8ef;
  }
  .title {
    grid-column: 1;
    font: 600 var(--type-4) var(--serif);
  }
  .quiet {
    grid-column: 1;
    font-size: var(--type-2);
  }
  .count {
    grid-area: 1 / 2;
    align-self: center;
  }
  .bar {
    grid-area: 2 / 2;
    align-self: center;
    width: 160px;
    height: 12px;
    border: 1px solid var(--ink);
  }
  /* Where there is no room beside the name, how many have begun stands below it. */
  @media (max-width: 600px) {
    .given {
      grid-template-columns: minmax(0, 1fr);
    }
    .count,
    .bar {
      grid-area: auto;
      grid-column: 1;
      justify-self: start;
    }
  }
  i {
    display: block;
    height: 100%;
    background: var(--ink);
  }
</style>
