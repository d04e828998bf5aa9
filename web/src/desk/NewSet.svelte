<!-- Making a set by seeing its items; keeping it and giving it to a class. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { onMount, untrack } from 'svelte'
  import { api, ask, tell, type Instrument, type Schema } from '../api/client'
  import { ownInstruments } from '../shared/instruments'
  import { Latest } from '../shared/latest'
  import GiveForm, { type Giving } from './GiveForm.svelte'
  import ItemCard from './ItemCard.svelte'
  import SetFiles from './SetFiles.svelte'
  import SetReport from './SetReport.svelte'
  import Sentence from './wish/Sentence.svelte'
  import Word from './wish/Word.svelte'
  import { specificationOf, usualWish, wishOf, type Specification, type Wish } from './wish/wishes'
  import { t } from '../said/said.svelte'
  import Slotted from '../said/Slotted.svelte'

  let classes: Schema['ClassReply'][] = $state([])
  let kinds: Schema['KindReply'][] = $state([])
  let shipped: Instrument[] = $state.raw([])
  /** The class's own instruments, and those that wishes from a file brought along. */
  let own: Instrument[] = $state.raw([])
  let mistakes: Schema['MistakeReply'][] = $state([])
  let ready: Schema['ReadySet'][] = $state([])
  let counts: Record<string, number> = $state.raw({ measure: 3, draw: 2 })
  let title = $state(t('desk.new.usual-name'))
  let seed = $state(randomSeed())
  let classId = $state('')
  let wish: Wish = $state({ ...usualWish })
  let made = $state<Schema['GeneratedSet'] | null>(null)
  let failure = $state('')
  let busy = $state(false)
  let loaded = $state(false)

  const instruments = $derived([...shipped, ...own])
  const specification: Specification = $derived(
    specificationOf(
      $state.snapshot(wish) as Wish,
      counts,
      kinds.map((kind) => kind.key),
      own,
    ),
  )

  /** A tolerance that is not given stays as it is. */
  async function take(name: string, wanted: Specification, tolerance = wish.tolerance): Promise<void> {
    const unknown = (wanted.ownInstruments ?? []).filter((p) => !own.some((i) => i.protractor.id === p.id))
    try {
      const brought = await Promise.all(
        unknown.map((instrument) => ask(api.POST('/api/v1/instruments/described', { body: { instrument } }))),
      )
      own = [...own, ...brought]
    } catch (error) {
      failure = tell(error)
      return
    }
    counts = Object.fromEntries(wanted.kinds.map(({ kind, count }) => [kind, count]))
    wish = { ...wishOf(wanted), tolerance }
    title = name
  }

  // A class's own tolerance, where it has one, is what its sets begin with.
  const usualTolerance = $derived(classes.find((c) => c.id === classId)?.rules?.tolerance ?? 2)
  $effect(() => {
    const tolerance = usualTolerance
    // Wishes that come with one of their own keep it until another class is chosen.
    untrack(() => (wish.tolerance = tolerance))
  })

  function randomSeed(): number {
    return Math.floor(Math.random() * 1_000_000)
  }

  // The items are shown as they would be set, and made anew as soon as a wish changes.
  const latest = new Latest()
  $effect(() => {
    if (specification.kinds.length === 0) return
    const body = { specification, seed }
    latest.of(ask(api.POST('/api/v1/sets/generate', { body }))).then(
      (reply) => {
        if (!reply) return
        made = reply
        failure = ''
      },
      (error: unknown) => {
        failure = tell(error)
      },
    )
  })

  async function give(giving: Giving): Promise<void> {
    busy = true
    try {
      const set = await ask(api.POST('/api/v1/sets', { body: { title, specification, seed } }))
      const given = await ask(api.POST('/api/v1/assignments', { body: { setId: set.id, ...giving } }))
      location.hash = `#/results/${given.id}`
    } catch (error) {
      failure = tell(error)
    } finally {
      busy = false
    }
  }

  onMount(async () => {
    try {
      ;[classes, kinds, shipped, own] = await Promise.all([
        ask(api.GET('/api/v1/classes')),
        ask(api.GET('/api/v1/exercise-kinds')),
        ask(api.GET('/api/v1/instruments')),
        ownInstruments(),
      ])
      ;[mistakes, ready] = await Promise.all([
        ask(api.GET('/api/v1/mistakes')),
        ask(api.GET('/api/v1/sets/ready')),
      ])
      classId = classes[0]?.id ?? ''
      loaded = true
    } catch (error) {
      failure = tell(error)
    }
  })
</script>

<main class="desk">
  <form onsubmit={(event) => event.preventDefault()}>
    <h1>{t('desk.new.title')}</h1>
    <TextInput labelText={t('shared.fields.title')} bind:value={title} />
    <p class="begin">
      {#snippet setSlot()}
        <Word
          label={t('desk.new.ready')}
          value=""
          choices={[
            ['', t('desk.new.one-ready')],
            ...ready.map(({ key, title }): [string, string] => [key, title.text]),
          ]}
          onpick={(key) => {
            const set = ready.find((each) => each.key === key)
            if (set) void take(set.title.text, set.specification)
          }}
        />
      {/snippet}
      <Slotted message="desk.new.begin" slots={{ setSlot }} />
    </p>
    <Sentence bind:wish bind:counts {kinds} {instruments} {mistakes} />
    {#if loaded}
      <SetFiles
        {title}
        {specification}
        {classId}
        onwishes={(name, wanted) => take(name, wanted, wishOf(wanted).tolerance)}
      />
    {/if}
    <GiveForm
      {classes}
      items={made?.items ?? []}
      bind:classId
      {busy}
      made={made !== null && failure === ''}
      onclass={(added) => (classes = [...classes, added])}
      ongive={give}
    />
  </form>
  <section aria-label={t('desk.new.items')}>
    <div class="top">
      <h2>{made ? t('desk.kept.items', { count: made.items.length }) : t('desk.new.items')}</h2>
      <span class="quiet">{t('desk.new.under-each')}</span>
      <Button kind="tertiary" size="field" on:click={() => (seed = randomSeed())}
        >{t('desk.new.other-numbers')}</Button
      >
    </div>
    {#if failure}<p class="failure" role="alert">{failure}</p>{/if}
    {#if made && !failure}<SetReport report={made.report} isAimed={wish.mistakes.length > 0} />{/if}
    {#each made?.items ?? [] as generated, i (i)}
      <ItemCard {generated} number={i + 1} {kinds} {instruments} />
    {/each}
  </section>
</main>

<style>
  .desk {
    display: grid;
    grid-template-columns: minmax(380px, 5fr) minmax(0, 7fr);
    gap: 24px;
    padding: 24px;
    align-items: start;
  }
  form {
    display: flex;
    flex-direction: column;
    gap: 16px;
    padding: 24px;
    background: #fff;
  }
  form :global(.bx--btn) {
    width: 100%;
    max-width: none;
  }
  .begin {
    margin: 0;
    font: 400 var(--type-3)/44px var(--serif);
  }
  h1 {
    font-size: var(--type-5);
  }
  h2 {
    font-size: var(--type-4);
  }
  section {
    display: flex;
    flex-direction: column;
    gap: 12px;
  }
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 16px;
  }
  .top .quiet {
    flex: 1 1 160px;
  }
  .failure {
    margin: 0;
    padding: 12px 16px;
    background: #fff;
    border-left: 4px solid var(--marking);
  }
  @media (max-width: 900px) {
    .desk {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media (max-width: 500px) {
    .desk {
      padding: 12px;
    }
    form {
      padding: 16px 12px;
    }
  }
</style>
