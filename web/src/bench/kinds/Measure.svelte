<!-- Measure: lay the protractor on, say the kind, write the reading. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import type { Placement, Schema } from '../../api/client'
  import AngleFigure from '../../sheet/AngleFigure.svelte'
  import MarkInk from '../../sheet/MarkInk.svelte'
  import Protractor from '../../sheet/Protractor.svelte'
  import Sheet from '../../sheet/Sheet.svelte'
  import Feedback from '../Feedback.svelte'
  import KindChoice from '../KindChoice.svelte'
  import Layout from '../Layout.svelte'
  import { restPlace, sheetWindow } from '../../sheet/window'
  import type { KindProps } from '.'

  let { item, instrument, marked, busy, onhandin, onagain, onnext }: KindProps<Schema['ItemMeasureItem']> =
    $props()

  // Each item starts with a fresh component; a marked answer shows how it was laid.
  // svelte-ignore state_referenced_locally
  const before = marked?.response.kind === 'measure' ? marked.response : null
  let placement: Placement = $state(before?.placement ?? restPlace)
  let laid = $state(Boolean(before?.placement))
  let kindSaid: Schema['AngleKind'] | null = $state(before?.kindSaid ?? null)
  let text = $state(before ? String(before.reading) : '')
  let complaint = $state('')

  const reading = $derived(Number(text.replace(',', '.').replace('°', '').trim()))

  function handIn(event: SubmitEvent): void {
    event.preventDefault()
    if (text.trim() === '' || !Number.isFinite(reading) || reading < 0 || reading > 360) {
      complaint = 'Write a number from 0 to 360, like 64.'
      return
    }
    complaint = ''
    onhandin({ kind: 'measure', reading, kindSaid, placement: laid ? placement : null })
  }
</script>

<Layout>
  {#snippet sheet()}
    <Sheet label="Your sheet" {...sheetWindow}>
      <AngleFigure angle={item.angle} names={item.names} />
      <Protractor
        {instrument}
        {placement}
        onmove={marked
          ? undefined
          : (next) => {
              placement = next
              laid = true
            }}
      />
      {#if marked?.mark.picture}<MarkInk
          picture={marked.mark.picture}
          halfWidth={sheetWindow.width / 2}
        />{/if}
    </Sheet>
  {/snippet}
  {#snippet panel()}
    <h1>{item.prompt}</h1>
    {#if marked}
      <dl>
        {#if kindSaid}
          <dt>Kind you said</dt>
          <dd>{kindSaid}</dd>
        {/if}
        <dt>You read</dt>
        <dd class:wrong={marked.mark.verdict === 'notYet'}>{reading}°</dd>
      </dl>
      <Feedback {marked} {onagain} {onnext} />
    {:else}
      <form onsubmit={handIn} novalidate>
        <KindChoice bind:chosen={kindSaid} />
        <TextInput
          labelText="Your reading in degrees"
          inputmode="decimal"
          autocomplete="off"
          placeholder="°"
          size="xl"
          bind:value={text}
          invalid={complaint !== ''}
          invalidText={complaint}
        />
        <Button type="submit" disabled={busy}>Hand in</Button>
      </form>
      <p class="quiet small">
        Slide the protractor by its body, turn it by its rim. With keys: arrows slide, comma and full stop
        turn, Shift for tenths.
      </p>
    {/if}
  {/snippet}
</Layout>

<style>
  h1 {
    font-size: 21px;
    line-height: 1.3;
  }
  form {
    display: flex;
    flex-direction: column;
    gap: 20px;
  }
  form :global(.bx--btn) {
    width: 100%;
    max-width: none;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    margin: 0;
  }
  dt,
  dd {
    margin: 0;
    padding: 8px 0;
    border-bottom: 1px solid #d5dbe0;
    font-size: 16px;
  }
  dd {
    font-weight: 600;
    text-align: right;
  }
  .wrong {
    color: var(--marking);
  }
  .small {
    margin: 0;
    font-size: 14px;
    line-height: 1.45;
  }
</style>
