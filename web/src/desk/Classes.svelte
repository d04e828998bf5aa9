<!-- Classes, their codes, their students and PINs. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, tell, type HouseRules, type Instrument, type Schema } from '../api/client'
  import { download } from '../shared/download'
  import { loadInstruments } from '../shared/instruments'
  import { Latest } from '../shared/latest'
  import RulesForm from '../shared/RulesForm.svelte'
  import ClassStudents from './ClassStudents.svelte'
  import ClassTeachers from './ClassTeachers.svelte'
  import NewClass from './NewClass.svelte'
  import ThingMenu from './ThingMenu.svelte'
  import UndoBar from './UndoBar.svelte'
  import { Undoing } from './undoing.svelte'
  import { t } from '../said/said.svelte'
  import Slotted from '../said/Slotted.svelte'

  let classes: Schema['ClassReply'][] = $state([])
  let instruments: Instrument[] = $state.raw([])
  let open = $state<Schema['ClassDetailReply'] | null>(null)
  /** PINs told in this visit: each is shown once and then only kept as a hash. */
  let pins: Record<string, string> = $state({})
  let failure = $state('')
  let rulesOpen = $state(false)
  let showsArchive = $state(false)
  let said = $state('')
  const undoing = new Undoing()
  const rules = $derived(classes.find((c) => c.id === open?.id)?.rules ?? {})
  const seen = $derived(classes.filter((c) => showsArchive || !c.archived || c.id === open?.id))

  async function guarded(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      failure = ''
    } catch (error) {
      failure = tell(error)
    }
  }

  const openRules = (): Promise<void> =>
    guarded(async () => {
      rulesOpen = !rulesOpen
      said = ''
      if (instruments.length === 0) instruments = (await loadInstruments()).all
    })

  const latest = new Latest()

  async function show(classId: string): Promise<void> {
    rulesOpen = false
    said = ''
    await load(classId)
  }

  async function load(classId: string): Promise<void> {
    open =
      (await latest.of(ask(api.GET('/api/v1/classes/{classId}', { params: { path: { classId } } })))) ?? open
  }

  /** Reads all again after a change; the class that was open may be gone. */
  async function reload(): Promise<void> {
    classes = await ask(api.GET('/api/v1/classes'))
    const next = classes.find((c) => c.id === open?.id) ?? classes.find((c) => !c.archived)
    if (next) await load(next.id)
    else open = null
  }

  const showNew = (made: Schema['ClassReply']): Promise<void> =>
    guarded(async () => {
      classes = await ask(api.GET('/api/v1/classes'))
      await show(made.id)
    })

  const exportClass = (): Promise<void> =>
    guarded(async () => {
      const { id, name } = open!
      const file = await ask(
        api.GET('/api/v1/classes/{classId}/export', { params: { path: { classId: id } } }),
      )
      download(`${name}.json`, JSON.stringify(file, null, 2), 'application/json')
    })

  const setRules = (chosen: Partial<HouseRules>): Promise<void> =>
    guarded(async () => {
      const classId = open!.id
      await ask(
        api.PUT('/api/v1/classes/{classId}/rules', {
          params: { path: { classId } },
          body: chosen as HouseRules,
        }),
      )
      classes = await ask(api.GET('/api/v1/classes'))
      rulesOpen = false
      said = t('desk.classes.rules-kept')
    })

  onMount(() =>
    guarded(async () => {
      classes = await ask(api.GET('/api/v1/classes'))
      const first = classes.find((c) => !c.archived) ?? classes[0]
      if (first) await show(first.id)
    }),
  )
</script>

<main>
  <aside>
    <h1>{t('desk.classes.title')}</h1>
    {#each seen as each (each.id)}
      <button
        type="button"
        class="class"
        aria-pressed={open?.id === each.id}
        onclick={() => guarded(() => show(each.id))}
        >{each.name}{#if each.archived}<span class="quiet">
            · {t('desk.classes.archived')}</span
          >{/if}{#if !each.own}<span class="quiet"> · {t('desk.classes.shared')}</span>{/if}</button
      >
    {/each}
    <label class="archive"
      ><input type="checkbox" bind:checked={showsArchive} /> {t('desk.classes.show-archived')}</label
    >
    <div class="new"><NewClass onmade={showNew} /></div>
  </aside>
  {#if open}
    <section aria-label={open.name}>
      <div class="top">
        <h2>{open.name}</h2>
        {#if open.own}
          <ThingMenu
            thing={{ kind: 'class', id: open.id, name: open.name, archived: open.archived }}
            {undoing}
            onchange={reload}
            more={[{ text: t('shared.save-file'), act: () => void exportClass() }]}
          />
        {/if}
      </div>
      {#if open.archived}
        <p>{t('desk.classes.is-archived')}</p>
      {:else}
        <p>
          {#snippet codeSlot()}<strong class="code">{open!.code}</strong>{/snippet}
          <Slotted message="desk.classes.join-with" slots={{ codeSlot }} />
        </p>
      {/if}
      <p>
        <button type="button" class="link" aria-expanded={rulesOpen} onclick={openRules}
          >{t('desk.classes.rules')}</button
        >
        {#if said}<span role="status">{said}</span>{/if}
      </p>
      {#if rulesOpen}
        {#key open.id}
          <div class="rules">
            <RulesForm
              {rules}
              {instruments}
              trust={[]}
              submit={t('desk.classes.keep-rules')}
              onchoose={setRules}
            />
          </div>
        {/key}
      {/if}
      {#key open.id}
        <ClassTeachers group={open} onchange={reload} />
        <ClassStudents group={open} {showsArchive} {undoing} bind:pins onchange={reload} />
      {/key}
    </section>
  {/if}
  {#if failure}<p class="failure" role="alert">{failure}</p>{/if}
</main>
<UndoBar {undoing} />

<style>
  main {
    display: grid;
    grid-template-columns: 280px minmax(0, 1fr);
    gap: 24px;
    max-width: 1080px;
    margin: 0 auto;
    padding: 32px 24px;
    align-items: start;
  }
  h1,
  h2 {
    margin-bottom: 12px;
    font-size: var(--type-5);
  }
  .class {
    display: block;
    width: 100%;
    min-height: 48px;
    margin-bottom: 8px;
    padding: 0 16px;
    border: 0;
    border-left: 4px solid transparent;
    background: #fff;
    text-align: left;
    font: 400 var(--type-2) var(--sans);
    color: var(--ink);
    cursor: pointer;
  }
  .class[aria-pressed='true'] {
    border-color: var(--brass-light);
    font-weight: 600;
  }
  .new {
    margin-top: 20px;
  }
  section {
    padding: 24px;
    background: #fff;
  }
  .top {
    display: flex;
    justify-content: space-between;
    align-items: start;
  }
  .archive {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
  }
  .code {
    font-size: var(--type-4);
    letter-spacing: 0.08em;
  }
  .rules {
    border: 1px solid #dde2e6;
  }
  .link {
    min-height: 44px;
    border: 0;
    background: none;
    font: 400 var(--type-1) var(--sans);
    color: #1d4f91;
    text-decoration: underline;
    cursor: pointer;
  }
  .failure {
    grid-column: 1 / -1;
    margin: 0;
    padding: 12px 16px;
    background: #fff;
    border-left: 4px solid var(--marking);
  }
  @media (max-width: 760px) {
    main {
      grid-template-columns: minmax(0, 1fr);
      padding: 16px 12px;
    }
    section {
      padding: 16px 12px;
    }
  }
</style>
