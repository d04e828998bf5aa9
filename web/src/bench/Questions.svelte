<!-- What an item asks, one field after the other, with the tools that it takes, and the button to hand it in. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { HouseRules } from '../api/client'
  import ChoiceAsk from './asks/ChoiceAsk.svelte'
  import AlgebraAsk from './asks/AlgebraAsk.svelte'
  import FieldAsk from './asks/FieldAsk.svelte'
  import ConstructionTools from './ConstructionTools.svelte'
  import DrawingTools from './DrawingTools.svelte'
  import { openedBy, openingOf } from '../sheet/compass'
  import { isAlgebra, isDrawn, isNumber, type ItemView, type Response } from '../shared/response'
  import type { SheetWork } from './sheetWork.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    view: ItemView
    work: SheetWork
    busy: boolean
    /** Whether arms may be drawn on with the straightedge. */
    mayExtend: boolean
    /** By how many dots the class draws. */
    dots: HouseRules['dots']
    onhandin: (response: Response) => void
  }
  let { view, work, busy, mayExtend, dots, onhandin }: Props = $props()

  // The numbers of a figure's many corners stand two by two, so that nobody scrolls for the button.
  const many = $derived(work.asked.filter(isNumber).length > 3)

  function submit(event: SubmitEvent): void {
    event.preventDefault()
    const response = work.submit()
    if (response) onhandin(response)
  }
</script>

<form onsubmit={submit} novalidate class:pairs={many}>
  {#each work.asked as ask (ask.field)}
    {#if ask.type === 'choice'}
      <ChoiceAsk
        {ask}
        value={work.filled.values[ask.field] ?? ''}
        complaint={work.complaints[ask.field] ?? ''}
        disabled={!work.now.includes(ask)}
        onchange={(value) => work.fill(ask, value)}
      />
    {:else if isDrawn(ask) && !work.now.includes(ask)}
      <p class="fan">{ask.label.text} <strong>{t('bench.drawing.done')}</strong></p>
    {:else if ask.type === 'construction'}
      <ConstructionTools
        tool={work.tool}
        opening={openingOf(work.compass)}
        undoes={work.undoes}
        onpick={(next) => work.pick(next)}
        onopen={(opening) => (work.compass = openedBy(work.compass, opening))}
        onundo={() => work.undo()}
      />
    {:else if ask.type === 'drawing'}
      <DrawingTools
        tool={work.tool}
        byEye={ask.byEye === true}
        {dots}
        ownBase={view.drawing !== null && !view.drawing?.baseRay}
        undoes={work.undoes}
        onpick={(next) => work.pick(next)}
        onundo={() => work.undo()}
      />
    {:else if ask.type === 'fan'}
      <p class="fan">
        {ask.label.text}
        <strong>{work.filled.values[ask.field] ? t('bench.fan.open') : t('bench.fan.folded')}</strong>
        {#if work.complaints[ask.field]}<span role="alert">{work.complaints[ask.field]}</span>{/if}
      </p>
    {:else}
      {@const Field = isAlgebra(ask) ? AlgebraAsk : FieldAsk}
      <div class:half={isNumber(ask)}>
        <Field
          {ask}
          value={work.filled.values[ask.field] ?? ''}
          complaint={work.complaints[ask.field] ?? ''}
          disabled={!work.now.includes(ask)}
          onchange={(value) => work.fill(ask, value)}
        />
      </div>
    {/if}
  {/each}
  {#if mayExtend}
    <DrawingTools
      tool={work.tool}
      forArms
      undoes={work.undoes}
      onpick={(next) => work.pick(next)}
      onundo={() => work.undo()}
    />
  {/if}
  <Button type="submit" disabled={busy}>{work.isLast ? t('bench.hand-in') : t('bench.save-and-next')}</Button>
</form>

<style>
  form {
    display: flex;
    flex-direction: column;
    gap: clamp(8px, 1.4vw, 16px);
  }
  .pairs {
    display: grid;
    grid-template-columns: 1fr 1fr;
    column-gap: 24px;
  }
  .pairs > :global(:not(.half)) {
    grid-column: 1 / -1;
  }
  form :global(.bx--btn) {
    width: 100%;
    max-width: none;
  }
  /* Always in sight, however many questions there are. */
  form :global(.bx--btn[type='submit']) {
    position: sticky;
    bottom: -12px;
  }
  /* With the focus the button has a shadow of its own. */
  form :global(.bx--btn[type='submit']:not(:focus)) {
    box-shadow: 0 0 0 12px #fff;
  }
  form :global(.bx--label) {
    font-size: var(--type-2);
    line-height: 1.3;
    color: var(--ink);
  }
  form :global(.bx--text-input) {
    font-size: var(--type-3);
  }
  .fan {
    margin: 0;
    font-size: var(--type-2);
    line-height: 1.4;
  }
  .fan span {
    display: block;
    color: var(--marking);
    font-size: var(--type-1);
  }
</style>
