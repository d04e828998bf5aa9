<!-- Another item like one of the set, for practice: as many as are wanted, marked at once and kept nowhere. -->
<script lang="ts">
  import { api, ask, tell, type HouseRules, type Instrument, type Schema } from '../api/client'
  import { Latest } from '../shared/latest'
  import type { Sent } from './keeping/outbox.svelte'
  import { viewOf, type SeenView } from './seen'
  import Worksheet from './Worksheet.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    assignmentId: string
    /** Place of the item in its set, from 0. */
    index: number
    /** Its number as the student sees it. */
    place: number
    /** The try it follows: what went wrong there would show again. */
    after: number
    instruments: Instrument[]
    rules: HouseRules
    onback: () => void
  }
  let { assignmentId, index, place, after, instruments, rules, onback }: Props = $props()

  let number = $state(1)
  let view: SeenView | null = $state.raw(null)
  let marked: Sent | null = $state.raw(null)
  let complaint = $state('')
  const latest = new Latest()
  const path = $derived({ assignmentId, index, number })
  const query = $derived({ after })

  $effect(() => {
    const asked = ask(
      api.GET('/api/v1/bench/assignments/{assignmentId}/items/{index}/twins/{number}', {
        params: { path, query },
      }),
    )
    latest.of(asked).then(
      (reply) => {
        if (!reply) return
        view = viewOf(reply)
        marked = null
        complaint = ''
      },
      (error: unknown) => (complaint = tell(error)),
    )
  })

  async function mark(response: Schema['Response']): Promise<void> {
    try {
      const mark = await latest.of(
        ask(
          api.POST('/api/v1/bench/assignments/{assignmentId}/items/{index}/twins/{number}', {
            params: { path, query },
            body: { response },
          }),
        ),
      )
      if (mark) marked = { id: '', itemIndex: index, try: 1, triesLeft: 1, response, mark }
    } catch (error) {
      complaint = tell(error)
    }
  }
</script>

<p class="practice">
  {t('bench.practice.title', { place })}
  <button type="button" class="as-link" onclick={onback}>{t('bench.practice.back')}</button>
</p>
{#if complaint}<p class="practice" role="alert">{complaint}</p>{/if}
{#if view}
  {#key `${number} ${marked ? 'marked' : 'new'}`}
    <Worksheet
      {view}
      {instruments}
      {rules}
      {marked}
      busy={false}
      onhandin={mark}
      onagain={() => (marked = null)}
      onnext={onback}
      nextIs={t('bench.practice.back')}
      ontwin={() => (number += 1)}
    />
  {/key}
{/if}

<style>
  .practice {
    margin: 0;
    padding: 8px 24px 0;
    font-size: var(--type-2);
  }
</style>
