<!-- Making a set by seeing its items; keeping it and giving it to a class. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import NumberInput from 'carbon-components-svelte/src/NumberInput/NumberInput.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { onMount } from 'svelte'
  import { api, ask, tell, type Instrument, type Schema } from '../api/client'
  import GiveForm, { type Giving } from './GiveForm.svelte'
  import ItemCard from './ItemCard.svelte'
  import KindList from './KindList.svelte'
  import SetFiles from './SetFiles.svelte'
  import SetReport from './SetReport.svelte'

  let classes: Schema['ClassReply'][] = $state([])
  let kinds: Schema['KindReply'][] = $state([])
  let instruments: Instrument[] = $state([])
  let mistakes: Schema['MistakeReply'][] = $state([])
  let ready: Schema['ReadySet'][] = $state([])
  let counts: Record<string, number> = $state.raw({ measure: 3, draw: 2 })
  let title = $state('Harbour angles')
  let seed = $state(randomSeed())
  let classId = $state('')
  const wish = $state({
    from: 5,
    to: 175,
    step: 'any' as Schema['MeasureStep'],
    opening: 'both' as Schema['OpeningSide'],
    tilt: 'level' as Schema['Tilt'],
    arms: 'mixed' as Schema['ArmLengths'],
    baseRays: 'given' as Schema['BaseRays'],
    theme: 'harbour' as Schema['Theme'],
    instrument: 'desk-half-circle',
    tolerance: 2,
    order: 'blocks' as Schema['ItemOrder'],
    forms: 1,
    mistakes: [] as string[],
  })
  let made = $state<Schema['GeneratedSet'] | null>(null)
  let failure = $state('')
  let busy = $state(false)

  const specification: Schema['SetSpecification'] = $derived({
    ...wish,
    kinds: kinds.map((k) => ({ kind: k.key, count: Number(counts[k.key] ?? 0) })).filter((k) => k.count > 0),
  })

  /** Mistakes that the chosen kinds can show at all. */
  const possible = $derived(
    mistakes.filter((mistake) => mistake.kinds.some((kind) => Number(counts[kind] ?? 0) > 0)),
  )

  function take(name: string, wanted: Schema['SetSpecification']): void {
    const { kinds: counted, ...rest } = wanted
    counts = Object.fromEntries(counted.map(({ kind, count }) => [kind, count]))
    Object.assign(wish, { ...rest, mistakes: rest.mistakes ?? [], tolerance: wish.tolerance })
    title = name
  }

  // A class's own tolerance, where it has one, is what its sets begin with.
  $effect(() => {
    wish.tolerance = classes.find((c) => c.id === classId)?.rules?.tolerance ?? 2
  })

  function randomSeed(): number {
    return Math.floor(Math.random() * 1_000_000)
  }

  // The items are shown as they would be set, and made anew as soon as a wish changes.
  let asked = 0
  $effect(() => {
    if (specification.kinds.length === 0) return
    const body = { specification: $state.snapshot(specification), seed }
    const number = ++asked
    ask(api.POST('/api/v1/sets/generate', { body })).then(
      (reply) => {
        if (number !== asked) return
        made = reply
        failure = ''
      },
      (error: unknown) => {
        if (number === asked) failure = tell(error)
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
      ;[classes, kinds, instruments] = await Promise.all([
        ask(api.GET('/api/v1/classes')),
        ask(api.GET('/api/v1/exercise-kinds')),
        ask(api.GET('/api/v1/instruments')),
      ])
      ;[mistakes, ready] = await Promise.all([
        ask(api.GET('/api/v1/mistakes')),
        ask(api.GET('/api/v1/sets/ready')),
      ])
      classId = classes[0]?.id ?? ''
    } catch (error) {
      failure = tell(error)
    }
  })
</script>

<div class="desk">
  <form onsubmit={(event) => event.preventDefault()}>
    <h1>A new set</h1>
    <TextInput labelText="Title" bind:value={title} />
    <fieldset>
      <legend>Begin with one that is ready</legend>
      <div class="ready">
        {#each ready as set (set.key)}
          <button type="button" title={set.summary} onclick={() => take(set.title, set.specification)}
            >{set.title}</button
          >
        {/each}
      </div>
    </fieldset>
    <KindList {kinds} bind:counts />
    <div class="pair">
      <NumberInput labelText="From, degrees" min={1} max={359} hideSteppers bind:value={wish.from} />
      <NumberInput labelText="To, degrees" min={1} max={359} hideSteppers bind:value={wish.to} />
    </div>
    <Select labelText="Measures" bind:selected={wish.step}>
      <SelectItem value="any" text="any whole degree (mistakes show best)" />
      <SelectItem value="fives" text="multiples of five" />
      <SelectItem value="tens" text="multiples of ten" />
    </Select>
    <div class="pair">
      <Select labelText="Opening" bind:selected={wish.opening}>
        <SelectItem value="both" text="both sides" />
        <SelectItem value="right" text="right" />
        <SelectItem value="left" text="left" />
      </Select>
      <Select labelText="Lying" bind:selected={wish.tilt}>
        <SelectItem value="level" text="level" />
        <SelectItem value="mixed" text="some tilted" />
        <SelectItem value="tilted" text="tilted" />
      </Select>
    </div>
    <div class="pair">
      <Select labelText="Arms" bind:selected={wish.arms}>
        <SelectItem value="long" text="past the rim" />
        <SelectItem value="mixed" text="some short" />
        <SelectItem value="short" text="too short" />
      </Select>
      <Select labelText="Base ray of drawings" bind:selected={wish.baseRays}>
        <SelectItem value="given" text="Given" />
        <SelectItem value="own" text="Drawn by the student" />
        <SelectItem value="mixed" text="Some given, some not" />
      </Select>
      <Select labelText="Story" bind:selected={wish.theme}>
        <SelectItem value="harbour" text="the harbour" />
        <SelectItem value="plain" text="none" />
      </Select>
    </div>
    <Select labelText="Instrument" bind:selected={wish.instrument}>
      {#each instruments.filter((i) => i.forExercises) as { protractor } (protractor.id)}
        <SelectItem value={protractor.id} text={protractor.name} />
      {/each}
    </Select>
    <div class="pair">
      <Select labelText="Order" bind:selected={wish.order}>
        <SelectItem value="blocks" text="kind by kind" />
        <SelectItem value="mixed" text="mixed" />
        <SelectItem value="rising" text="easy to hard" />
      </Select>
      <NumberInput labelText="Parallel forms" min={1} max={40} bind:value={wish.forms} />
    </div>
    <details>
      <summary
        >{wish.mistakes.length === 0
          ? 'Looks for every mistake it can show'
          : `Looks for ${wish.mistakes.length} mistakes`}</summary
      >
      {#each possible as mistake (mistake.key)}
        <label class="mistake"
          ><input type="checkbox" value={mistake.key} bind:group={wish.mistakes} />{mistake.name}</label
        >
      {/each}
    </details>
    <SetFiles {title} {specification} {classId} onwishes={take} />
    <GiveForm
      {classes}
      items={made?.items ?? []}
      bind:classId
      disabled={busy || !made || !classId || failure !== ''}
      ongive={give}
    />
  </form>
  <section aria-label="Items">
    <div class="top">
      <h2>{made ? `${made.items.length} items` : 'Items'}</h2>
      <span class="quiet">Under each: what mistakes would answer.</span>
      <Button kind="tertiary" size="field" on:click={() => (seed = randomSeed())}>Other numbers</Button>
    </div>
    {#if failure}<p class="failure" role="alert">{failure}</p>{/if}
    {#if made && !failure}<SetReport report={made.report} />{/if}
    {#each made?.items ?? [] as generated, i (i)}
      <ItemCard {generated} number={i + 1} {kinds} {instruments} />
    {/each}
  </section>
</div>

<style>
  .desk {
    display: grid;
    grid-template-columns: 380px minmax(0, 1fr);
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
  fieldset {
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    margin-bottom: 6px;
    font-size: 14px;
    color: var(--ink-soft);
  }
  .ready {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .ready button {
    min-height: 36px;
    padding: 4px 12px;
    border: 1px solid var(--brass);
    background: #fdf8ec;
    font: 400 14px var(--sans);
    color: var(--ink);
    cursor: pointer;
  }
  summary {
    min-height: 32px;
    font-size: 15px;
    cursor: pointer;
  }
  .mistake {
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 36px;
    font-size: 15px;
  }
  .mistake input {
    width: 18px;
    height: 18px;
    accent-color: var(--ink);
  }
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 12px;
  }
  .pair :global(.bx--form-item),
  .pair :global(.bx--number),
  .pair :global(.bx--select-input) {
    min-width: 0;
    width: 100%;
  }
  h1 {
    font-size: 24px;
  }
  h2 {
    font-size: 20px;
  }
  section {
    display: flex;
    flex-direction: column;
    gap: 12px;
  }
  .top {
    display: flex;
    align-items: center;
    gap: 16px;
  }
  .top .quiet {
    flex: 1;
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
</style>
