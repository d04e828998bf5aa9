<!-- The Desk: sets, classes, results. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import languages from 'virtual:said/desk'
  import { api, ask, entered, session, tell, type Schema } from '../api/client'
  import { choose, chosenBy } from '../said/choices'
  import LanguageMenu from '../said/LanguageMenu.svelte'
  import { speak, spokenLanguage, t } from '../said/said.svelte'
  import DemoNote from '../shared/DemoNote.svelte'
  import { Route } from './route.svelte'
  import SignIn from './SignIn.svelte'

  let who = $state<Schema['SessionReply'] | null>(null)
  let failure = $state('')
  const anybody = 'desk'
  const route = new Route()
  const views = $derived(['', 'new', 'classes', 'cabinet', ...(who?.head ? ['school'] : [])])

  async function speakFromNow(tag: string): Promise<void> {
    choose(anybody, tag)
    await speak([tag], languages)
    if (!who?.signedIn) return
    try {
      const displayName = who.name ?? ''
      await ask(api.PUT('/api/v1/account', { body: { displayName, language: tag } }))
      who = { ...who, language: tag }
    } catch (error) {
      failure = tell(error)
    }
  }

  /** The Desk speaks as the teacher has chosen, else as was chosen at this device, else as the browser does. */
  async function enter(entry: Schema['SessionReply']): Promise<void> {
    await speak([entry.language, chosenBy(anybody), ...navigator.languages], languages)
    who = entry
  }

  async function leave(): Promise<void> {
    try {
      who = entered('teacher', await ask(api.DELETE('/api/v1/session')))
    } catch (error) {
      failure = tell(error)
    }
  }

  onMount(async () => {
    try {
      await enter(await session('teacher'))
    } catch (error) {
      failure = tell(error)
    }
  })

  /** Past the menu, to what the page is about. */
  function skip(): void {
    const main = document.querySelector('main')
    main?.setAttribute('tabindex', '-1')
    main?.focus()
  }
</script>

<svelte:head><title>{t('desk.page')}</title></svelte:head>
<button type="button" class="skip" onclick={skip}>{t('desk.skip')}</button>
<DemoNote />
<header>
  <a class="home" href="/">{t('shared.product')}</a><span class="room">{t('desk.title')}</span>
  {#if who?.signedIn}
    <nav aria-label={t('desk.title')}>
      {#each views as view (view)}
        <a href="#/{view}" aria-current={route.view === view ? 'page' : undefined}
          >{t('desk.view', { panel: view })}</a
        >
      {/each}
    </nav>
    <a class="name" href="#/account" aria-current={route.view === 'account' ? 'page' : undefined}
      >{who.name}</a
    >
    <button type="button" onclick={leave}>{t('desk.sign-out')}</button>
  {:else}
    <span class="language"><LanguageMenu onpick={speakFromNow} /></span>
  {/if}
</header>
{#if failure}<p class="failure" role="alert">{failure}</p>{/if}
{#key spokenLanguage()}
  {#if who?.signedIn || (who && route.view === 'welcome')}
    <!-- Who only signs in need not wait for the views. -->
    {#await import('./views') then { Account, Cabinet, Classes, NewSet, Results, School, SetsGiven, Welcome }}
      {#if route.view === 'welcome'}
        <Welcome key={route.id} onenter={enter} />
      {:else if route.view === 'new'}
        <NewSet />
      {:else if route.view === 'classes'}
        <Classes />
      {:else if route.view === 'cabinet'}
        <Cabinet />
      {:else if route.view === 'account'}
        <Account onrename={(name) => (who = { ...who!, name })} onlanguage={speakFromNow} />
      {:else if route.view === 'school' && who?.head}
        <School ownId={who.id ?? ''} />
      {:else if route.view === 'results'}
        {#key route.id}<Results id={route.id} studentId={route.part} />{/key}
      {:else}
        <SetsGiven />
      {/if}
    {/await}
  {:else if who}
    <SignIn onenter={enter} />
  {/if}
{/key}

<style>
  /* Fields and buttons of every view are high enough for a finger. */
  :global(main .bx--text-input) {
    height: 44px;
  }
  :global(main .bx--btn--field),
  :global(main .bx--btn--sm) {
    min-height: 44px;
  }
  :global(main summary) {
    min-height: 44px;
    line-height: 44px;
  }
  /* Seen by who comes by Tab. */
  .skip {
    position: absolute;
    z-index: 5;
    left: 8px;
    top: -60px;
    min-height: 44px;
    padding: 0 16px;
    border: 2px solid var(--brass-light);
    background: #fff;
    color: var(--ink);
    font: 600 var(--type-2) var(--sans);
  }
  .skip:focus {
    top: 4px;
  }
  header {
    display: flex;
    align-items: center;
    gap: 24px;
    min-height: 56px;
    padding: 0 24px;
    background: var(--ink);
    color: #fff;
  }
  .home {
    font: 600 var(--type-4) var(--serif);
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
    padding: 4px 12px 0;
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
    padding: 0 16px;
    border: 1px solid #7a8aa3;
    background: none;
    color: #fff;
    font: 400 var(--type-2) var(--sans);
    cursor: pointer;
  }
  .failure {
    margin: 0;
    padding: 12px 24px;
    background: #fff;
    border-left: 4px solid var(--marking);
  }
  @media (max-width: 900px) {
    header {
      flex-wrap: wrap;
      gap: 0 16px;
      padding: 4px 12px;
    }
    .room {
      margin-right: auto;
    }
    nav {
      flex: 1 1 100%;
      order: 1;
      flex-wrap: wrap;
      align-self: auto;
    }
    nav a {
      min-height: 44px;
    }
  }
</style>
