<!-- Working through a set, item by item. -->
<script lang="ts">
  import { api, ask, tell, type Instrument, type Schema } from '../api/client'
  import type { Outbox, Sent } from './outbox.svelte'
  import Progress from './Progress.svelte'
  import Worksheet from './Worksheet.svelte'

  interface Props {
    set: Schema['BenchReply']
    name: string
    outbox: Outbox
    onleave: () => void
  }
  let { set, name, outbox, onleave }: Props = $props()

  // svelte-ignore state_referenced_locally
  let answers: Sent[] = $state(set.answers)
  const latest = (index: number): Sent | null => answers.findLast((a) => a.itemIndex === index) ?? null
  const firstOpen = (): number =>
    Math.max(
      0,
      set.items.findIndex((_, i) => latest(i) === null),
    )
  let at = $state(firstOpen())
  /** Whether the item is worked on again although it has been answered. */
  let again = $state(false)
  let busy = $state(false)
  let complaint = $state('')

  const item = $derived(set.items[at]!)
  const marked = $derived(again ? null : latest(at))
  let instruments: Instrument[] = $state.raw([])

  $effect(() => {
    ask(api.GET('/api/v1/instruments')).then(
      (all) => (instruments = all),
      (error: unknown) => (complaint = tell(error)),
    )
  })

  function go(index: number): void {
    at = index
    again = false
    complaint = ''
  }

  async function handIn(response: Schema['Response']): Promise<void> {
    busy = true
    complaint = ''
    try {
      answers = [...answers, await outbox.handIn(set.id, at, response)]
      again = false
    } catch (error) {
      complaint = tell(error)
    } finally {
      busy = false
    }
  }
</script>

<div class="work">
  <header>
    <button type="button" class="room" onclick={onleave}>Bench</button>
    <span class="title">{set.title}</span>
    <Progress verdicts={set.items.map((_, i) => latest(i)?.mark.verdict ?? null)} {at} onpick={go} />
    <span class="name">{name}</span>
  </header>
  {#if outbox.waiting}
    <p class="waiting" role="status">
      The server cannot be reached. Your answer is kept here and goes off by itself.
    </p>
  {/if}
  {#if complaint}<p class="waiting" role="alert">{complaint}</p>{/if}
  <main>
    {#if instruments.length > 0}
      {#key `${at} ${marked?.id ?? (again ? 'again' : 'new')}`}
        <Worksheet
          view={item}
          {instruments}
          {marked}
          {busy}
          onhandin={handIn}
          onagain={() => (again = true)}
          onnext={at + 1 < set.items.length ? () => go(at + 1) : onleave}
        />
      {/key}
    {/if}
  </main>
</div>

<style>
  .work {
    display: flex;
    flex-direction: column;
    height: 100dvh;
  }
  header {
    display: flex;
    align-items: center;
    gap: 18px;
    min-height: 56px;
    padding: 6px 24px;
    background: var(--ink);
    color: #fff;
  }
  .room {
    padding: 8px 0;
    border: 0;
    background: none;
    font: 600 20px var(--serif);
    color: #fff;
    cursor: pointer;
  }
  .title {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .waiting {
    margin: 0;
    padding: 10px 24px;
    background: #fbf3df;
    border-bottom: 2px solid var(--brass-light);
  }
  main {
    flex: 1;
    min-height: 0;
  }
  @media (max-width: 900px) {
    .work {
      height: auto;
    }
    header {
      flex-wrap: wrap;
      padding: 6px 12px;
    }
    .title {
      display: none;
    }
  }
</style>
