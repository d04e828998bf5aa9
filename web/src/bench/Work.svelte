<!-- Working through a set, item by item. Answers that the server does not have yet wait; work goes on. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { api, ask, tell, type Instrument, type Schema, type Script } from '../api/client'
  import { Latest } from '../shared/latest'
  import { Drafts } from './keeping/drafts'
  import Better from './Better.svelte'
  import LookBack from './LookBack.svelte'
  import type { Outbox, Sent } from './keeping/outbox.svelte'
  import Practice from './Practice.svelte'
  import Progress from './Progress.svelte'
  import { scriptOf, viewOf } from './seen'
  import Worksheet from './Worksheet.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    set: Schema['BenchReply']
    instruments: Instrument[]
    name: string
    outbox: Outbox
    onleave: () => void
  }
  let { set, instruments, name, outbox, onleave }: Props = $props()

  // svelte-ignore state_referenced_locally
  const items = set.items.map(viewOf)
  let drafts: Drafts | null = $state.raw(null)
  // svelte-ignore state_referenced_locally
  void Drafts.open(outbox.studentId, set.id, set.drafts).then((found) => (drafts = found))
  // svelte-ignore state_referenced_locally
  let answers: Sent[] = $state.raw(set.answers)
  const latest = (index: number): Sent | null => answers.findLast((a) => a.itemIndex === index) ?? null
  const isAnswered = (index: number): boolean => latest(index) !== null || outbox.holds(set.id, index)
  const every = items.map((_, i) => i)
  /** The items that were asked so far, where each student is asked their own; else all of them. */
  // svelte-ignore state_referenced_locally
  let asked: number[] = $state.raw(set.adaptiveLimit ? every.filter(isAnswered) : every)
  /** Whether nothing more is going to be asked. */
  // svelte-ignore state_referenced_locally
  let complete = $state(!set.adaptiveLimit)
  // svelte-ignore state_referenced_locally
  let at = $state(asked.find((i) => !isAnswered(i)) ?? asked[0] ?? 0)
  const place = $derived(Math.max(0, asked.indexOf(at)))
  /** Whether the item is worked on again although it has been answered. */
  let again = $state(false)
  let complaint = $state('')
  /** Where the eye goes when the sheet comes that is on its way: to the mark, or to what is asked. */
  let arrives: 'feedback' | 'prompt' | null = $state(null)
  let script: Script | null = $state.raw(null)
  /** Whether another item like this one is worked at, for practice. */
  let practises = $state(false)
  // svelte-ignore state_referenced_locally
  let reflection = $state.raw(set.reflection)

  const item = $derived(items[at]!)
  const marked = $derived(again ? null : latest(at))
  const waits = $derived(outbox.holds(set.id, at))
  const finished = $derived(complete && asked.every(isAnswered))

  // Also what an earlier visit left arrives in the end.
  $effect(() => {
    outbox.onsent = (assignmentId, sent) => {
      if (assignmentId !== set.id || answers.some((a) => a.id === sent.id)) return
      answers = [...answers, sent]
    }
    return () => (outbox.onsent = () => undefined)
  })

  const errands = new Latest()

  function go(index: number): void {
    at = index
    // What is still to be shown belongs to the item that is left.
    errands.forget()
    again = false
    practises = false
    complaint = ''
    arrives = 'prompt'
  }

  /** Asks what to ask next. Without the server the set goes on in its order. */
  async function more(): Promise<void> {
    const rest = every.filter((i) => !asked.includes(i))
    let chosen: number | null | undefined = rest[0]
    if (asked.length >= (set.adaptiveLimit ?? 0)) chosen = null
    else if (!outbox.unreachable) {
      try {
        const path = { assignmentId: set.id }
        const reply = await errands.of(
          api.GET('/api/v1/bench/assignments/{assignmentId}/next', { params: { path } }),
        )
        // Who has turned back to another item in the meantime stays there.
        if (!reply) return
        if (reply.data) chosen = reply.data.itemIndex
      } catch {
        // The next one in order, then.
      }
    }
    if (chosen === null || chosen === undefined) {
      complete = true
      return
    }
    if (!asked.includes(chosen)) asked = [...asked, chosen]
    go(chosen)
  }
  // svelte-ignore state_referenced_locally
  if (!complete && asked.every(isAnswered)) void more()

  async function next(): Promise<void> {
    const following = asked[place + 1]
    if (following !== undefined) go(following)
    else if (!complete) await more()
    else onleave()
  }

  /** What comes next, as its button says. */
  const nextIs = $derived.by(() => {
    if (place + 1 < asked.length) return t('bench.next-is', { place: place + 2 })
    return complete ? t('bench.back-to-bench') : t('bench.next')
  })

  async function handIn(response: Schema['Response']): Promise<void> {
    const index = at
    complaint = ''
    again = false
    arrives = 'feedback'
    drafts?.handedIn(index)
    await outbox.handIn(set.id, index, response)
  }

  async function show(): Promise<void> {
    try {
      const path = { assignmentId: set.id, index: at }
      const shown = await errands.of(
        ask(api.GET('/api/v1/bench/assignments/{assignmentId}/items/{index}/show', { params: { path } })),
      )
      if (shown) script = scriptOf(shown)
    } catch (error) {
      complaint = tell(error)
    }
  }
</script>

<div class="work">
  <header>
    <button type="button" class="room" onclick={onleave}>{t('bench.title')}</button>
    <span class="title">{set.title}</span>
    <Progress
      verdicts={asked.map((i) => latest(i)?.mark.verdict ?? null)}
      waiting={asked.map((i) => outbox.holds(set.id, i))}
      at={place}
      onpick={(i) => go(asked[i]!)}
    />
    <span class="name">{name}</span>
  </header>
  {#if complaint}<p class="waiting" role="alert">{complaint}</p>{/if}
  <main>
    {#if asked.length > 0 && drafts}
      {#if practises}
        <Practice
          assignmentId={set.id}
          index={at}
          place={place + 1}
          after={marked?.try ?? 0}
          {instruments}
          rules={set.rules}
          onback={() => (practises = false)}
        />
      {:else if waits}
        <div class="kept">
          <h1>{t('bench.handed-in.title')}</h1>
          <p>{t('bench.handed-in.waits', { place: place + 1 })}</p>
          <Button on:click={next}>{nextIs}</Button>
        </div>
      {:else}
        {#snippet after()}
          {#if finished}
            <Better assignmentId={set.id} />
            <LookBack
              assignmentId={set.id}
              before={reflection ?? null}
              onkept={(kept) => (reflection = kept)}
            />
          {/if}
        {/snippet}
        {#key `${at} ${marked?.id ?? (again ? 'again' : 'new')}`}
          <Worksheet
            view={item}
            {instruments}
            rules={set.rules}
            {marked}
            busy={false}
            draft={drafts.of(at)}
            ondraft={(draft) => drafts?.keep(at, draft)}
            onhandin={handIn}
            onagain={() => {
              again = true
              arrives = 'prompt'
            }}
            onnext={next}
            {nextIs}
            onshow={show}
            ontwin={() => (practises = true)}
            {arrives}
            {after}
          />
        {/key}
      {/if}
    {/if}
  </main>
</div>
{#if script}
  {#await import('./ShowMe.svelte') then { default: ShowMe }}
    <ShowMe {script} {instruments} onclose={() => (script = null)} />
  {/await}
{/if}

<style>
  .work {
    display: flex;
    flex-direction: column;
    flex: 1;
    min-height: 0;
  }
  header {
    display: flex;
    align-items: center;
    gap: 16px;
    min-height: 56px;
    padding: 8px 24px;
    background: var(--ink);
    color: #fff;
  }
  .room {
    padding: 8px 0;
    border: 0;
    background: none;
    font: 600 var(--type-4) var(--serif);
    color: #fff;
    cursor: pointer;
  }
  .title {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    /* What is cut off at the right is not to be cut off below. */
    line-height: 1.4;
  }
  .waiting {
    margin: 0;
    padding: 8px 24px;
    background: #fbf3df;
    border-bottom: 2px solid var(--brass-light);
  }
  main {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
  }
  .kept {
    max-width: 520px;
    margin: 40px auto;
    padding: 28px;
    background: #fff;
    box-shadow: 0 6px 20px rgb(15 35 64 / 14%);
  }
  .kept h1 {
    font-size: var(--type-5);
  }
  @media (max-width: 900px) {
    header {
      gap: 8px;
      min-height: 48px;
      padding: 0 12px;
    }
    .title {
      display: none;
    }
    .room {
      margin-right: auto;
    }
  }
  @media (max-width: 600px) {
    .name {
      display: none;
    }
  }
</style>
