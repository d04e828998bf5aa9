<!-- What somebody is told who works with keys and may not see the sheet: what stands on it, and what comes of each move. -->
<script lang="ts">
  import { isDrawn } from '../shared/response'
  import type { AtHand } from './atHand.svelte'
  import { Hearing, namedPoints, nearest, toPencil, withLines } from './hearing.svelte'
  import type { SeenView } from './seen'
  import type { SheetWork } from './sheetWork.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    view: SeenView
    work: SheetWork
    hand: AtHand
  }
  let { view, work, hand }: Props = $props()

  const { instrument, crossings, ruler, isConstructing, isDrawing, isAside } = $derived(hand)
  // An instrument that lies there already is told of while it is there.
  const told = $derived(
    [...view.told.sentences, ...(isAside ? [] : view.told.laid)].map(({ text }) => text).join(' '),
  )
  const drawn = $derived(
    t('bench.heard.drawn', {
      count: work.drawing.strokes.length,
      number: work.drawing.dots.length,
      least: work.drawing.sweeps.length + (work.drawing.arc ? 1 : 0),
    }),
  )

  const hearing = new Hearing()
  const withKeys = (): boolean => document.activeElement?.matches('.sheet :focus-visible') === true
  $effect(() => {
    const { placement, pencil, tool } = work
    if (!instrument || !work.laid || !withKeys()) return
    const draws = work.asked.some(isDrawn) && tool !== 'protractor'
    const place = nearest(view, placement)
    const lines = isDrawing && place ? withLines(place, work.drawing.strokes) : place
    hearing.follow(draws ? toPencil(place, pencil) : lines, placement, instrument)
  })
  $effect(() => {
    const placement = work.ruler
    if (ruler && withKeys())
      hearing.followRuler(ruler, placement, [...namedPoints(view), ...crossings.points])
  })
  // What was drawn may be measured from where its lines cross.
  $effect(() => {
    if (ruler && isDrawing) void crossings.follow(work.drawing, false)
  })
  // svelte-ignore state_referenced_locally
  let sweeps = work.drawing.sweeps.length
  $effect(() => {
    if (!isConstructing) return
    const now = work.drawing.sweeps.length
    void crossings.follow(work.drawing, now > sweeps && withKeys())
    sweeps = now
  })
</script>

<p class="visually-hidden">{t('bench.sheet.described', { sentence: told })}</p>
<p class="visually-hidden" role="status" data-testid="heard">
  {isConstructing ? crossings.said : hearing.said}
</p>
{#if isDrawing}<p class="visually-hidden" role="status">{drawn}</p>{/if}
