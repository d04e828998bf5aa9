<!-- What has been set, and how far it has come. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, tell, type Schema } from '../api/client'

  let assignments = $state<Schema['AssignmentReply'][] | null>(null)
  let failure = $state('')
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })

  onMount(async () => {
    try {
      assignments = await ask(api.GET('/api/v1/assignments'))
    } catch (error) {
      failure = tell(error)
    }
  })
</script>

<main>
  <div class="top">
    <h1>Sets given</h1>
    <a class="new" href="#/new">Make a new set</a>
  </div>
  {#if failure}<p role="alert">{failure}</p>{/if}
  {#each assignments ?? [] as given (given.id)}
    <a class="given" href="#/results/{given.id}">
      <span class="title">{given.title}</span>
      <span class="quiet">{given.className}</span>
      <span class="quiet">
        {day.format(new Date(given.setAt))} · {given.tries === 1 ? 'one try' : `${given.tries} tries`} an item{given.closedAt
          ? ' · closed'
          : ''}
      </span>
      <span class="count"><strong>{given.handedIn}</strong> of {given.students} at work</span>
      <span class="bar" aria-hidden="true">
        <i style:width="{given.students ? (100 * given.handedIn) / given.students : 0}%"></i>
      </span>
    </a>
  {:else}
    {#if assignments}<p>Nothing is set yet. Make a set, look at its items, and give it to a class.</p>{/if}
  {/each}
</main>

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
    font-size: 28px;
  }
  .new {
    padding: 14px 20px;
    background: var(--ink);
    color: #fff;
    font-weight: 600;
    text-decoration: none;
  }
  .given {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 20px;
    margin-bottom: 12px;
    padding: 20px 24px;
    background: #fff;
    color: var(--ink);
    text-decoration: none;
  }
  .given:hover {
    background: #fbf8ef;
  }
  .title {
    grid-column: 1;
    font: 600 20px var(--serif);
  }
  .quiet {
    grid-column: 1;
    font-size: 15px;
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
  i {
    display: block;
    height: 100%;
    background: var(--ink);
  }
</style>
