<!-- The Bench: a student joins, picks a set, works on it; also where there is no connection for a while. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import languages from 'virtual:said/bench'
  import { api, ask, entered, Problem, session, tell, type Schema } from '../api/client'
  import DemoNote from '../shared/DemoNote.svelte'
  import { facesFor } from '../shared/faces'
  import { choose, chosenBy } from '../said/choices'
  import LanguageMenu from '../said/LanguageMenu.svelte'
  import { sayAs, speak, spokenLanguage, t } from '../said/said.svelte'
  import { Latest } from '../shared/latest'
  import Join from './Join.svelte'
  import { Outbox } from './keeping/outbox.svelte'
  import { shelf, type OpenSet } from './keeping/shelf'
  import { updates } from './offline.svelte'
  import Waiting from './Waiting.svelte'
  import { viewOf } from './seen'
  import SetList from './SetList.svelte'

  type Student = { id: string; name: string; language: string | null }

  /** Whoever is at this device before somebody signs in. */
  const anybody = 'bench'

  let student: Student | null = $state.raw(null)
  /** Whether it is known that nobody is signed in. */
  let nobody = $state(false)
  let sets: Schema['BenchListReply'][] = $state([])
  let open: OpenSet | null = $state.raw(null)
  let outbox = $state<Outbox | null>(null)
  let failure = $state('')

  const latest = new Latest()
  const passing = (error: unknown): boolean => error instanceof Problem && error.passing
  const expired = (error: unknown): boolean => error instanceof Problem && error.status === 401

  /** Runs something that may fail, and shows how it failed. */
  async function guarded(work: () => Promise<void>): Promise<void> {
    failure = ''
    try {
      await work()
    } catch (error) {
      // Whoever has to sign in again is asked to; work goes on.
      if (expired(error) && outbox) outbox.mustSignIn = true
      else failure = tell(error)
    }
  }

  /** The language that was chosen before somebody signed in: it is theirs. */
  let pickedBefore: string | null = null

  /** Each student is spoken to in the language they have chosen here, else in that of their class. */
  async function speakWith(who: Student): Promise<void> {
    if (pickedBefore) choose(who.id, pickedBefore)
    pickedBefore = null
    await speak([chosenBy(who.id), who.language, chosenBy(anybody)], languages)
    choose(anybody, spokenLanguage())
  }

  const speakFromNow = (tag: string): Promise<void> =>
    guarded(async () => {
      if (student) choose(student.id, tag)
      else pickedBefore = tag
      choose(anybody, tag)
      await speak([tag], languages)
      if (student) await (open ? pick(open.set.id) : list())
    })

  const list = (): Promise<void> =>
    guarded(async () => {
      open = null
      sayAs({})
      history.replaceState(null, '', location.pathname)
      if (!student) return
      updates.apply()
      const { id } = student
      try {
        const now = await latest.of(ask(api.GET('/api/v1/bench/assignments')))
        if (!now) return
        sets = now
        await shelf.keepList(id, now).catch(() => undefined)
        // What the class has is there without a connection, too.
        for (const { id: setId } of sets.filter((set) => !set.closed).slice(0, 5)) void fetchAhead(id, setId)
      } catch (error) {
        if (!passing(error) || sets.length === 0) throw error
      }
    })

  async function get(assignmentId: string): Promise<OpenSet> {
    const set = await ask(
      api.GET('/api/v1/bench/assignments/{assignmentId}', { params: { path: { assignmentId } } }),
    )
    return { set, instruments: await facesFor(set.items.map(viewOf)) }
  }

  async function fetchAhead(studentId: string, assignmentId: string): Promise<void> {
    try {
      if (!(await shelf.opened(studentId, assignmentId)))
        await shelf.keepOpened(studentId, await get(assignmentId))
    } catch {
      // Then it is fetched when it is opened.
    }
  }

  const pick = (assignmentId: string): Promise<void> =>
    guarded(async () => {
      const { id } = student!
      let found: OpenSet | null
      try {
        found = await latest.of(get(assignmentId))
        if (found) await shelf.keepOpened(id, found).catch(() => undefined)
      } catch (error) {
        found = passing(error) || expired(error) ? ((await shelf.opened(id, assignmentId)) ?? null) : null
        if (!found) throw error
        if (expired(error) && outbox) outbox.mustSignIn = true
      }
      if (!found) return
      sayAs(found.set.rules)
      open = found
      history.replaceState(null, '', `#${assignmentId}`)
    })

  /** A student sits down: at once with what this device knows, then with what the server says. */
  async function sit(who: Student, known: Schema['BenchListReply'][]): Promise<void> {
    if (outbox && outbox.studentId !== who.id) {
      await outbox.stop()
      outbox = null
      open = null
    }
    await speakWith(who)
    student = who
    nobody = false
    sets = known
    if (outbox) outbox.signedIn()
    else outbox = new Outbox(who.id)
    // Whoever only signs in again goes on where they are.
    if (open) return
    const asked = /^#([0-9a-f-]{36})$/.exec(location.hash)?.[1]
    await (asked ? pick(asked) : list())
  }

  async function come(reply: Schema['SessionReply']): Promise<void> {
    if (!reply.signedIn) return
    const who = { id: reply.id!, name: reply.name ?? '', language: reply.language }
    // Whoever comes straight to a set is known here from now on, too, whether or not the list is ever fetched.
    const before = await shelf.visit().catch(() => undefined)
    const known = before?.studentId === who.id && !before.left ? before.list : []
    await shelf
      .come({ studentId: who.id, name: who.name, language: who.language, list: known })
      .catch(() => undefined)
    await sit(who, known)
  }

  const leave = (): Promise<void> =>
    guarded(async () => {
      // Nothing of this student's may be on its way when the next one signs in.
      latest.forget()
      const { id } = student!
      await outbox?.stop()
      outbox = null
      // Also where the page is closed in the middle of this, the next one who opens it is not this student.
      await shelf.leave(id, false).catch(() => undefined)
      const told = await signOut()
      if (told) await shelf.leave(id, true).catch(() => undefined)
      student = null
      open = null
      nobody = true
      sets = []
      if (!told) failure = t('bench.left')
    })

  /** Ends the session; whether the server could be told. */
  async function signOut(): Promise<boolean> {
    try {
      await session('student')
      entered('student', await ask(api.DELETE('/api/v1/bench/session')))
      return true
    } catch (error) {
      if (!passing(error)) throw error
      return false
    }
  }

  const card = /^#card=([\w-]+)$/.exec(location.hash)?.[1]

  async function begin(): Promise<void> {
    void shelf.purge(new Date()).catch(() => undefined)
    if (card) {
      // A card opens the Bench whoever sat here before, and stands in no history.
      history.replaceState(null, '', location.pathname)
      await session('student')
      await come(
        entered(
          'student',
          await ask(api.POST('/api/v1/bench/session/card', { body: { card, keep: false } })),
        ),
      )
      return
    }
    const before = await shelf.visit().catch(() => undefined)
    if (before?.left) {
      // Whoever left while there was no connection must not be signed in for the next one.
      if (await signOut()) await shelf.leave(before.studentId, true).catch(() => undefined)
      nobody = true
      return
    }
    const asks = session('student')
    if (!before) {
      const now = await asks
      nobody = !now.signedIn
      return come(now)
    }
    // The server may be slow or away; what lies here can be worked on meanwhile.
    const sits = sit(
      { id: before.studentId, name: before.name, language: before.language ?? null },
      before.list,
    )
    try {
      const now = await asks
      if (now.signedIn && now.id !== before.studentId) {
        await sits
        open = null
        return come(now)
      }
      if (!now.signedIn && outbox) outbox.mustSignIn = true
    } catch (error) {
      if (!passing(error)) throw error
    }
    await sits
  }

  onMount(() =>
    guarded(async () => {
      try {
        await begin()
      } catch (error) {
        nobody ||= !student
        throw error
      }
    }),
  )
</script>

<svelte:head><title>{t('bench.page')}</title></svelte:head>
<div class="bench" class:works={open !== null}>
  <DemoNote />
  {#if failure}<p class="failure" role="alert">{failure}</p>{/if}
  {#if outbox}
    <Waiting
      {outbox}
      name={student?.name ?? ''}
      onjoin={(reply) => guarded(() => come(reply))}
      onleave={leave}
    />
  {/if}
  {#if open && student && outbox}
    <!-- Comes with the first set: who only signs in need not wait for it. -->
    {#await import('./Work.svelte') then { default: Work }}
      {#key `${open.set.id} ${spokenLanguage()}`}
        <Work set={open.set} instruments={open.instruments} name={student.name} {outbox} onleave={list} />
      {/key}
    {/await}
  {:else}
    <header>
      <a href="/">{t('shared.product')}</a><span class="room">{t('bench.title')}</span>
      {#if student}
        <span>{student.name}</span>
      {/if}
      <LanguageMenu onpick={speakFromNow} />
      {#if student}
        <button type="button" onclick={leave}>{t('bench.leave')}</button>
      {/if}
    </header>
    {#if student}
      <SetList {sets} onopen={pick} />
    {:else if nobody}
      <Join onjoin={(reply) => guarded(() => come(reply))} />
    {/if}
  {/if}
</div>

<style>
  .bench {
    display: flex;
    flex-direction: column;
  }
  /* Sheet and questions share what the notes above them leave. */
  .works {
    height: 100dvh;
  }
  /* On a small screen the sheet needs the room of a note that was read where one signs in. */
  @media (max-width: 640px), (max-height: 640px) {
    .works :global(.demo) {
      display: none;
    }
  }
  header {
    display: flex;
    align-items: center;
    gap: 16px;
    min-height: 56px;
    padding: 0 24px;
    background: var(--ink);
    color: #fff;
  }
  a {
    font: 600 var(--type-4) var(--serif);
    color: #fff;
    text-decoration: none;
  }
  .room {
    flex: 1;
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
</style>
