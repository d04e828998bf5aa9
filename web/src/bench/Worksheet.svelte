<!--
  An item as a sheet of paper, whatever its kind: what stands on it, the instrument in hand, what is asked, and the mark. What is
  to be filled in, and in which order, is told by the item itself.
-->
<script lang="ts">
  import { onDestroy, onMount, type Snippet } from 'svelte'
  import type { HouseRules, Instrument } from '../api/client'
  import type { Response } from '../shared/response'
  import { t } from '../said/said.svelte'
  import Answered from './Answered.svelte'
  import { AtHand } from './atHand.svelte'
  import Feedback from './Feedback.svelte'
  import Heard from './Heard.svelte'
  import type { Draft } from './keeping/drafts'
  import type { Sent } from './keeping/outbox.svelte'
  import Layout from './Layout.svelte'
  import Paper from './Paper.svelte'
  import Questions from './Questions.svelte'
  import type { SeenView } from './seen'
  import { SheetWork } from './sheetWork.svelte'
  import { sounds } from './sounds.svelte'

  interface Props {
    view: SeenView
    instruments: Instrument[]
    /** How the class does things. */
    rules: HouseRules
    /** The marked answer that is looked at, or null while the item is worked on. */
    marked: Sent | null
    busy: boolean
    onhandin: (response: Response) => void
    onagain: () => void
    onnext: (() => void) | null
    /** What comes next, as its button says. */
    nextIs: string
    onshow?: (() => void) | undefined
    ontwin?: (() => void) | undefined
    /** What was filled in before a reload, and whom to tell of what is filled in now. */
    draft?: Draft | null
    ondraft?: ((draft: Draft) => void) | undefined
    /** Where the eye goes when it comes. */
    arrives?: 'feedback' | 'prompt' | null
    /** What stands at the end of the panel. */
    after?: Snippet | undefined
  }
  let {
    view,
    instruments,
    rules,
    marked,
    busy,
    onhandin,
    onagain,
    onnext,
    nextIs,
    onshow,
    ontwin,
    draft = null,
    ondraft,
    arrives = null,
    after,
  }: Props = $props()

  // Each item starts with a fresh component.
  // svelte-ignore state_referenced_locally
  const work = new SheetWork(view, marked?.response ?? null, draft)

  // Kept a little after the hand has come to rest, and at once when the page goes.
  let later: ReturnType<typeof setTimeout> | undefined
  let unkept: Draft | null = null
  /** A sheet that was only looked at is no draft: it must not stand in for one that was worked on at another device. */
  let untouched = true
  $effect(() => {
    const now = work.asDraft
    clearTimeout(later)
    if (untouched) {
      untouched = false
      return
    }
    if (marked || !ondraft) return
    unkept = now
    later = setTimeout(keep, 150)
    return () => clearTimeout(later)
  })
  function keep(): void {
    if (unkept) ondraft?.(unkept)
    unkept = null
  }
  // Going on to another item right after a change must not lose it; what is handed in is no draft any more.
  onDestroy(keep)
  function handIn(response: Response): void {
    clearTimeout(later)
    unkept = null
    onhandin(response)
  }

  // svelte-ignore state_referenced_locally
  const hand = new AtHand(view, work, instruments, rules, () => marked !== null)

  /** How many things are drawn. */
  function madeOf({ drawing }: SheetWork): number {
    return drawing.strokes.length + drawing.dots.length + drawing.sweeps.length + (drawing.arc ? 1 : 0)
  }
  let made = madeOf(work)
  $effect(() => {
    const now = madeOf(work)
    if (now > made) sounds.play('pencil')
    made = now
  })

  let heading: HTMLElement | undefined = $state()
  onMount(() => {
    if (arrives === 'prompt') heading?.focus({ preventScroll: true })
  })
</script>

<svelte:window onpagehide={keep} />
<Layout>
  {#snippet sheet()}
    <Paper {view} {instruments} {work} {hand} {marked} />
  {/snippet}
  {#snippet panel()}
    <h1 tabindex="-1" bind:this={heading}>{view.prompt.text}</h1>
    {#if marked}
      <Feedback {marked} {onagain} {onnext} {nextIs} {onshow} {ontwin} arrives={arrives === 'feedback'} />
      <Answered asks={view.asks} filled={work.filled} />
      {@render after?.()}
    {:else}
      <Heard {view} {work} {hand} />
      <Questions {view} {work} {busy} mayExtend={hand.mayExtend} dots={rules.dots} onhandin={handIn} />
      {#if hand.isConstructing}<p class="quiet small">{t('bench.keys.constructing')}</p>{/if}
      {#if hand.inHand}
        <p class="quiet small">
          {#if view.kind === 'reflex'}{t('bench.reflex', { reflexWay: rules.reflex ?? 'handier' })}<br />{/if}
          {hand.isDrawing ? t('bench.keys.drawing') : t('bench.keys.measuring')}
          {#if hand.places.length > 0}{t('bench.keys.placing')}{/if}
        </p>
      {/if}
    {/if}
  {/snippet}
</Layout>

<style>
  h1 {
    outline: none;
    font-size: clamp(var(--type-3), 1.65vw, var(--type-4));
    line-height: 1.3;
  }
  .small {
    margin: 0;
    font-size: var(--type-1);
    line-height: 1.45;
  }
</style>
