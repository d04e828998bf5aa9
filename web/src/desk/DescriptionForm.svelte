<!-- An instrument in numbers: shape, sizes, scales, marks. What is wrong with them stands beside its field. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import type { Instrument, Protractor } from '../api/client'
  import { likeAnother, withScale, withShape } from './describing'
  import { instrumentName } from '../sheet/instrumentName'
  import { degrees, t } from '../said/said.svelte'
  import NumberBox from '../shared/NumberBox.svelte'

  interface Props {
    draft: Protractor
    /** Instruments to begin with. */
    shipped: Instrument[]
    /** What is wrong, by field. */
    errors: Record<string, string>
  }
  let { draft = $bindable(), shipped, errors }: Props = $props()

  /** What can exist is the server's to say: any number that may be meant is sent. */
  const widest = 10_000
  const invalid = (field: string): boolean => field in errors
</script>

<Select
  labelText={t('desk.describe.start-from')}
  selected=""
  on:update={(e) => {
    const like = shipped.find((i) => i.protractor.id === e.detail)
    if (like) draft = likeAnother(like.protractor)
  }}
>
  <SelectItem value="" text={t('desk.describe.choose')} />
  {#each shipped as { protractor } (protractor.id)}
    <SelectItem value={protractor.id} text={instrumentName(protractor)} />
  {/each}
</Select>
<TextInput
  labelText={t('desk.describe.name')}
  maxlength={80}
  invalid={invalid('name')}
  invalidText={errors.name}
  bind:value={draft.name}
/>
<div class="two">
  <Select
    labelText={t('shared.fields.shape')}
    selected={draft.shape}
    on:update={(e) => (draft = withShape(draft, e.detail as Protractor['shape']))}
  >
    <SelectItem value="halfCircle" text={t('desk.describe.half-circle')} />
    <SelectItem value="fullCircle" text={t('desk.describe.full-circle')} />
  </Select>
  <Select
    labelText={t('desk.describe.material')}
    selected={draft.material}
    on:update={(e) => (draft.material = e.detail as Protractor['material'])}
  >
    <SelectItem value="clearPlastic" text={t('desk.describe.made-of', { material: 'clearPlastic' })} />
    <SelectItem value="wood" text={t('desk.describe.made-of', { material: 'wood' })} />
    <SelectItem value="metal" text={t('desk.describe.made-of', { material: 'metal' })} />
    <SelectItem value="paper" text={t('desk.describe.made-of', { material: 'paper' })} />
  </Select>
  <NumberBox
    labelText={t('desk.describe.edge-radius')}
    min={-widest}
    max={widest}
    invalid={invalid('edgeRadius')}
    invalidText={errors.edgeRadius}
    bind:value={draft.edgeRadius}
  />
  <NumberBox
    labelText={t('desk.describe.half-length')}
    min={-widest}
    max={widest}
    invalid={invalid('halfLength')}
    invalidText={errors.halfLength}
    bind:value={draft.halfLength}
  />
  <NumberBox
    labelText={t('desk.describe.inset')}
    min={-widest}
    max={widest}
    invalid={invalid('inset')}
    invalidText={errors.inset}
    bind:value={draft.inset}
  />
  <Select
    labelText={t('shared.fields.smallest-graduation')}
    selected={String(draft.smallestGraduation)}
    on:update={(e) => (draft.smallestGraduation = Number(e.detail))}
  >
    {#each [0.5, 1, 2, 5, 10] as step (step)}<SelectItem value={String(step)} text={degrees(step)} />{/each}
  </Select>
  <Select
    labelText={t('shared.fields.label-every')}
    selected={String(draft.labelEvery)}
    on:update={(e) => (draft.labelEvery = Number(e.detail))}
  >
    {#each [10, 20, 30, 45] as step (step)}<SelectItem value={String(step)} text={degrees(step)} />{/each}
    <SelectItem value="0" text={t('desk.describe.no-numbers')} />
  </Select>
  <Select
    labelText={t('desk.describe.marks')}
    selected={draft.marks}
    on:update={(e) => (draft.marks = e.detail as Protractor['marks'])}
  >
    <SelectItem value="printed" text={t('desk.describe.printed')} />
    <SelectItem value="raised" text={t('desk.describe.raised')} />
  </Select>
</div>
<h2>{t('shared.fields.scales')}</h2>
{#each draft.scales as ring, i (i)}
  <div class="ring">
    <Select
      labelText={t('desk.describe.zero-of', { place: i + 1 })}
      selected={String(ring.zeroAt)}
      on:update={(e) => (draft = withScale(draft, i, { zeroAt: Number(e.detail) }))}
    >
      <SelectItem value="180" text={t('desk.describe.at-left')} />
      <SelectItem value="0" text={t('desk.describe.at-right')} />
    </Select>
    <NumberBox
      labelText={t('desk.describe.radius')}
      value={ring.radius}
      min={-widest}
      max={widest}
      onchange={(radius) => (draft = withScale(draft, i, { radius: radius ?? 0 }))}
    />
    {#if draft.shape === 'fullCircle'}
      <Select
        labelText={t('desk.describe.growth')}
        selected={ring.growth}
        on:update={(e) => (draft = withScale(draft, i, { growth: e.detail as 'clockwise' }))}
      >
        <SelectItem value="anticlockwise" text={t('desk.describe.anticlockwise')} />
        <SelectItem value="clockwise" text={t('desk.describe.clockwise')} />
      </Select>
    {/if}
    <!-- The last one stays: without a scale it is no instrument. -->
    {#if draft.scales.length > 1}
      <button
        type="button"
        onclick={() => (draft = { ...draft, scales: draft.scales.filter((_, at) => at !== i) })}
        >{t('desk.describe.take-out')}</button
      >
    {/if}
  </div>
{/each}
{#if draft.scales.length < 2}
  <Button size="small" kind="tertiary" on:click={() => (draft = withScale(draft, draft.scales.length, {}))}
    >{t('desk.describe.another-scale')}</Button
  >
{/if}
<label class="check"
  ><input type="checkbox" bind:checked={draft.edgeRuler} />{t('desk.describe.edge-ruler')}</label
>
<label class="check"
  ><input
    type="checkbox"
    checked={draft.arm != null}
    onchange={(e) =>
      (draft = {
        ...draft,
        arm: e.currentTarget.checked ? { length: draft.edgeRadius + 15, isRuler: true } : null,
      })}
  />{t('desk.describe.turning-arm')}</label
>

<style>
  .two {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 150px), 1fr));
    gap: 12px;
    align-items: end;
  }
  .ring {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 140px), 1fr));
    gap: 8px;
    align-items: end;
  }
  .ring button {
    min-height: 44px;
    border: 0;
    background: none;
    color: #1d4f91;
    font: 400 var(--type-1) var(--sans);
    text-decoration: underline;
    cursor: pointer;
  }
  .check {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    font-size: var(--type-2);
  }
  .check input {
    width: 20px;
    height: 20px;
    accent-color: var(--ink);
  }
</style>
