<!-- The Bench: a student joins, picks a set, works on it. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, entered, session, tell, type Schema } from '../api/client'
  import { Latest } from '../shared/latest'
  import Join from './Join.svelte'
  import { Outbox } from './outbox.svelte'
  import SetList from './SetList.svelte'
  import Work from './Work.svelte'

  let who = $state<Schema['SessionReply'] | null>(null)
  let sets: Schema['BenchListReply'][] = $state([])
  let open = $state<Schema['BenchReply'] | null>(null)
  let outbox = $state<Outbox | null>(null)
  let failure = $state('')

  /** Runs something that may fail, and shows how it failed. */
  async function guarded(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      failure = ''
    } catch (error) {
      failure = tell(error)
    }
  }

  const latest = new Latest()

  const list = (): Promise<void> =>
    guarded(async () => {
      open = null
      history.replaceState(null, '', location.pathname)
      sets = (await latest.of(ask(api.GET('/api/v1/bench/assignments')))) ?? sets
    })

  const pick = (assignmentId: string): Promise<void> =>
    guarded(async () => {
      const found = await latest.of(
        ask(api.GET('/api/v1/bench/assignments/{assignmentId}', { params: { path: { assignmentId } } })),
      )
      if (!found) return
      open = found
      history.replaceState(null, '', `#${assignmentId}`)
    })

  async function come(session: Schema['SessionReply']): Promise<void> {
    who = session
    if (!session.signedIn) return
    outbox = new Outbox(session.name ?? '')
    void outbox.flush()
    const asked = location.hash.slice(1)
    await (asked ? pick(asked) : list())
  }

  const leave = (): Promise<void> =>
    guarded(async () => {
      who = entered('student', await ask(api.DELETE('/api/v1/bench/session')))
    })

  onMount(() => guarded(async () => come(await session('student'))))
</script>

{#if failure}<p class="failure" role="alert">{failure}</p>{/if}
{#if open && who && outbox}
  {#key open.id}
    <Work set={open} name={who.name ?? ''} {outbox} onleave={list} />
  {/key}
{:else}
  <header>
    <a href="/">Jaunty Compass</a><span class="room">Bench</span>
    {#if who?.signedIn}
      <span>{who.name}</span>
      <button type="button" onclick={leave}>Leave</button>
    {/if}
  </header>
  {#if who?.signedIn}
    <SetList {sets} onopen={pick} />
  {:else if who}
    <Join onjoin={come} />
  {/if}
{/if}

<style>
  header {
    display: flex;
    align-items: center;
    gap: 18px;
    min-height: 56px;
    padding: 0 24px;
    background: var(--ink);
    color: #fff;
  }
  a {
    font: 600 20px var(--serif);
    color: #fff;
    text-decoration: none;
  }
  .room {
    flex: 1;
  }
  button {
    min-height: 44px;
    padding: 0 14px;
    border: 1px solid #7a8aa3;
    background: none;
    color: #fff;
    font: 400 15px var(--sans);
    cursor: pointer;
  }
  .failure {
    margin: 0;
    padding: 12px 24px;
    background: #fff;
    border-left: 4px solid var(--marking);
  }
</style>
