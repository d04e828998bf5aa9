<!--
  What lies round the sheet: the steps at one edge, the tray at the other, notes between them. They give way to the sheet: the tray
  takes as many columns as the height asks for, and the steps fold into one button where there is little room.
-->
<script lang="ts" module>
  /** Pixels at each side of the stage that the sheet keeps clear of. */
  export interface Insets {
    left: number
    right: number
    top: number
    bottom: number
  }
</script>

<script lang="ts">
  import type { Snippet } from 'svelte'
  import { t } from '../said/said.svelte'
  import Beads from './Beads.svelte'

  interface Props {
    /** The steps by name; none before a demonstration is there. */
    steps: string[]
    at: number
    onpick: (step: number) => void
    /** Whether only steps and caption are wanted beside the sheet. */
    bare: boolean
    leftHanded: boolean
    /** What the sheet keeps clear of, in pixels. */
    insets: Insets
    /** What is shown, told by name; out of sight where there is little room. */
    heading: Snippet<[seen: boolean]>
    notes: Snippet
    /** The tray, with as many cells in a row as fit, and with or without words under them. */
    tray: Snippet<[columns: number, worded: boolean]>
    cells: number
  }
  let {
    steps,
    at,
    onpick,
    bare,
    leftHanded,
    insets = $bindable(),
    heading,
    notes,
    tray,
    cells,
  }: Props = $props()

  let frame = $state({ width: 1280, height: 600 })
  let stepsSize = $state({ width: 0, height: 0 })
  let trayWidth = $state(0)
  let unfolded = $state(false)

  const rem = $derived(frame.width ? parseFloat(getComputedStyle(document.documentElement).fontSize) : 16)
  const inRem = $derived({ width: frame.width / rem, height: frame.height / rem })
  /** Where there is little room, the steps are one button. */
  const folded = $derived(inRem.width < 58 || inRem.height < 22)

  /** Heights of a cell with words under its sign and without, and of what is not cells, in rem. */
  const [worded, plain, rest] = [3.25, 2.75, 1.5]
  const columnsOf = (cell: number): number =>
    Math.ceil(cells / Math.max(1, Math.floor((inRem.height - rest) / cell)))
  const hasWords = $derived(columnsOf(worded) <= 2 && inRem.width >= 44)
  const columns = $derived(columnsOf(hasWords ? worded : plain))

  $effect(() => {
    const gap = rem
    const steps = folded ? gap / 2 : stepsSize.width + gap
    const tools = bare ? gap : trayWidth + gap
    insets = {
      left: leftHanded ? tools : steps,
      right: leftHanded ? steps : tools,
      top: folded ? stepsSize.height + gap / 2 : gap * 1.5,
      bottom: gap * 0.75,
    }
  })
</script>

<svelte:window onkeydown={(event) => event.code === 'Escape' && (unfolded = false)} />
<div
  class="frame"
  class:left-handed={leftHanded}
  class:folded
  bind:clientWidth={frame.width}
  bind:clientHeight={frame.height}
>
  <header bind:offsetWidth={stepsSize.width} bind:offsetHeight={stepsSize.height}>
    {@render heading(!folded)}
    {#if steps.length > 0}
      {#if folded}
        <button type="button" class="fold" aria-expanded={unfolded} onclick={() => (unfolded = !unfolded)}
          >{t('board.step-of', { place: at + 1, wholeSet: steps.length, name: steps[at]! })}</button
        >
      {:else}
        <Beads labels={steps} {at} {onpick} />
      {/if}
    {/if}
  </header>
  <div class="notes">{@render notes()}</div>
  {#if !bare}
    <div class="tray" bind:offsetWidth={trayWidth}>{@render tray(columns, hasWords)}</div>
  {/if}
  {#if folded && unfolded}
    <div class="unfolded">
      <Beads
        labels={steps}
        {at}
        onpick={(step) => {
          unfolded = false
          onpick(step)
        }}
      />
    </div>
  {/if}
</div>

<style>
  .frame {
    position: absolute;
    inset: 0;
    display: grid;
    grid-template: 'steps notes tray' minmax(0, 1fr) / auto minmax(0, 1fr) auto;
    pointer-events: none;
  }
  .left-handed {
    grid-template: 'tray notes steps' minmax(0, 1fr) / auto minmax(0, 1fr) auto;
  }
  .frame > * > :global(*) {
    pointer-events: auto;
  }
  header {
    grid-area: steps;
    display: flex;
    flex-direction: column;
    align-items: flex-start;
    width: 11.5rem;
    padding: 1.25rem 0 0.5rem 1.5rem;
  }
  .left-handed header {
    padding: 1.25rem 1.5rem 0.5rem 0;
  }
  .folded header {
    width: auto;
    align-self: start;
    padding: 0.5rem;
  }
  .notes {
    grid-area: notes;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: space-between;
    gap: 0.5rem;
    padding: 0.5rem;
    min-width: 0;
  }
  .tray {
    grid-area: tray;
    align-self: start;
    max-height: 100%;
    padding: 0.5rem;
    overflow: auto;
    scrollbar-width: none;
  }
  .fold {
    min-height: 2.75rem;
    max-width: 14rem;
    padding: 0 0.75rem;
    border: 1px solid var(--ink);
    background: var(--panel);
    color: var(--ink);
    font: 600 var(--type-2) var(--sans);
    text-align: left;
    cursor: pointer;
  }
  .unfolded {
    position: absolute;
    z-index: 2;
    left: 0.375rem;
    top: 3.5rem;
    bottom: 0.375rem;
    display: flex;
    flex-direction: column;
    padding: 0.5rem 0.75rem;
    overflow: auto;
    background: var(--paper);
    border: 1px solid var(--ink);
  }
  .left-handed .unfolded {
    left: auto;
    right: 0.375rem;
  }
</style>
