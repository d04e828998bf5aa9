<!-- The Desk: sets, classes, results. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, entered, session, tell, type Schema } from '../api/client'
  import DemoNote from '../shared/DemoNote.svelte'
  import Account from './Account.svelte'
  import Cabinet from './Cabinet.svelte'
  import Classes from './Classes.svelte'
  import NewSet from './NewSet.svelte'
  import Results from './Results.svelte'
  import { Route } from './route.svelte'
  import School from './School.svelte'
  import SetsGiven from './SetsGiven.svelte'
  import SignIn from './SignIn.svelte'
  import Welcome from './Welcome.svelte'

  let who = $state<Schema['SessionReply'] | null>(null)
  let failure = $state('')
  const route = new Route()
  const views = $derived([
    { view: '', label: 'Sets' },
    { view: 'new', label: 'New set' },
    { view: 'classes', label: 'Classes' },
    { view: 'cabinet', label: 'Cabinet' },
    ...(who?.head ? [{ view: 'school', label: 'School' }] : []),
  ])

  async function leave(): Promise<void> {
    try {
      who = entered('teacher', await ask(api.DELETE('/api/v1/session')))
    } catch (error) {
      failure = tell(error)
    }
  }

  onMount(async () => {
    try {
      who = await session('teacher')
    } catch (error) {
      failure = tell(error)
    }
  })
</script>

<DemoNote />
<header>
  <a class="home" href="/">Jaunty Compass</a><span class="room">Desk</span>
  {#if who?.signedIn}
    <nav aria-label="Desk">
      {#each views as { view, label } (view)}
        <a href="#/{view}" aria-current={route.view === view ? 'page' : undefined}>{label}</a>
      {/each}
    </nav>
    <a class="name" href="#/account" aria-current={route.view === 'account' ? 'page' : undefined}
      >{who.name}</a
    >
    <button type="button" onclick={leave}>Sign out</button>
  {/if}
</header>
{#if failure}<p class="failure" role="alert">{failure}</p>{/if}
{#if who && route.view === 'welcome'}
  <Welcome key={route.id} onenter={(entry) => (who = entry)} />
{:else if who?.signedIn}
  {#if route.view === 'new'}
    <NewSet />
  {:else if route.view === 'classes'}
    <Classes />
  {:else if route.view === 'cabinet'}
    <Cabinet />
  {:else if route.view === 'account'}
    <Account onrename={(name) => (who = { ...who!, name })} />
  {:else if route.view === 'school' && who.head}
    <School ownId={who.id ?? ''} />
  {:else if route.view === 'results'}
    {#key route.id}<Results id={route.id} />{/key}
  {:else}
    <SetsGiven />
  {/if}
{:else if who}
  <SignIn onenter={(entry) => (who = entry)} />
{/if}

<style>
  header {
    display: flex;
    align-items: center;
    gap: 22px;
    min-height: 56px;
    padding: 0 24px;
    background: var(--ink);
    color: #fff;
  }
  .home {
    font: 600 20px var(--serif);
    color: #fff;
    text-decoration: none;
  }
  nav {
    display: flex;
    flex: 1;
    gap: 8px;
    align-self: stretch;
  }
  nav a {
    display: flex;
    align-items: center;
    padding: 3px 12px 0;
    border-bottom: 3px solid transparent;
    color: #fff;
    text-decoration: none;
  }
  .name {
    color: #fff;
  }
  nav a[aria-current] {
    border-color: var(--brass-light);
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
