<!-- Which angle to demonstrate, with which instrument; or one of a kind, given by the Board. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import type { Instrument } from '../api/client'
  import type { Wanted } from '../shared/boardAddress'
  import { instrumentName } from '../sheet/instrumentName'
  import { t } from '../said/said.svelte'
  import NumberBox from '../shared/NumberBox.svelte'

  interface Props {
    wanted: Wanted
    instruments: Instrument[]
    onchoose: (wanted: Wanted) => void
    ongive: (kind: string) => void
    onclose: () => void
  }
  let { wanted, instruments, onchoose, ongive, onclose }: Props = $props()

  // The form starts from what is shown and is its own from then on.
  // svelte-ignore state_referenced_locally
  let draft = $state({ ...wanted })
  let kind = $state('acute')
  const kinds = ['acute', 'right', 'obtuse', 'straight', 'reflex']
  const radius = $derived(
    instruments.find((i) => i.protractor.id === draft.instrument)?.protractor.edgeRadius ?? 75,
  )
  const short = $derived(draft.startLength < radius * 0.85 || draft.endLength < radius * 0.85 ? 'yes' : 'no')

  function choose(event: SubmitEvent): void {
    event.preventDefault()
    // A number that cannot be read says so beside its box.
    if ((event.currentTarget as Element).querySelector('[data-invalid]')) return
    onchoose({
      ...draft,
      measure: Number(draft.measure),
      tilt: Number(draft.tilt),
      placement: null,
      answer: null,
    })
  }

  function setArms(value: string): void {
    draft.startLength = Math.round(radius + 15)
    draft.endLength = value === 'yes' ? Math.round(radius * 0.6) : Math.round(radius + 15)
  }

  function setInstrument(id: string): void {
    const arms = short
    draft.instrument = id
    setArms(arms)
  }
</script>

<form aria-label={t('board.angle.title')} onsubmit={choose}>
  <h2>{t('board.angle.title')}</h2>
  <NumberBox
    id="measure"
    labelText={t('board.angle.measure')}
    min={0}
    max={360}
    step={1}
    bind:value={draft.measure}
    invalidText={t('board.angle.measure-invalid')}
  />
  <div class="two">
    <Select id="opens" labelText={t('board.angle.opens')} bind:selected={draft.opens}>
      <SelectItem value="right" text={t('board.angle.opens-to', { side: 'right' })} />
      <SelectItem value="left" text={t('board.angle.opens-to', { side: 'left' })} />
    </Select>
    <NumberBox
      id="tilt"
      labelText={t('board.angle.tilt')}
      min={-180}
      max={180}
      step={5}
      bind:value={draft.tilt}
      invalidText={t('board.angle.tilt-invalid')}
    />
  </div>
  <Select
    id="instrument"
    labelText={t('shared.fields.instrument')}
    selected={draft.instrument}
    on:update={(e) => setInstrument(String(e.detail))}
  >
    {#each instruments as { protractor } (protractor.id)}
      <SelectItem value={protractor.id} text={instrumentName(protractor)} />
    {/each}
  </Select>
  <div class="two">
    <Select
      id="short"
      labelText={t('board.angle.arms')}
      selected={short}
      on:update={(e) => setArms(String(e.detail))}
    >
      <SelectItem value="yes" text={t('board.angle.arms-short')} />
      <SelectItem value="no" text={t('board.angle.arms-long')} />
    </Select>
    <Select
      id="base"
      labelText={t('board.angle.base')}
      selected={draft.baseGiven ? 'given' : 'drawn'}
      on:update={(e) => (draft.baseGiven = e.detail === 'given')}
    >
      <SelectItem value="given" text={t('board.angle.base-given')} />
      <SelectItem value="drawn" text={t('board.angle.base-drawn')} />
    </Select>
  </div>
  <div class="buttons">
    <Button kind="secondary" on:click={onclose}>{t('shared.cancel')}</Button>
    <Button type="submit">{t('board.angle.show')}</Button>
  </div>
  <div class="give">
    <Select id="give" labelText={t('board.angle.give')} bind:selected={kind}>
      {#each kinds as one (one)}<SelectItem value={one} text={t('board.angle.kind', { kind: one })} />{/each}
    </Select>
    <Button kind="tertiary" size="field" on:click={() => ongive(kind)}>{t('board.angle.give-one')}</Button>
  </div>
</form>

<style>
  form {
    display: flex;
    flex-direction: column;
    gap: 0.75rem;
    width: 21.25rem;
    padding: 1rem 1.25rem;
  }
  h2 {
    font-size: var(--type-4);
  }
  .two,
  .buttons {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
  }
  .buttons {
    gap: 2px;
  }
  .give {
    display: flex;
    align-items: flex-end;
    gap: 0.5rem;
    padding-top: 0.5rem;
    border-top: 1px solid var(--line);
  }
  .give :global(.bx--btn) {
    min-height: 2.5rem;
    padding-right: 1.25rem;
    white-space: nowrap;
  }
</style>
