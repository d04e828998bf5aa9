<!-- An instrument in numbers: shape, sizes, scales, marks. What is wrong with them stands beside its field. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import NumberInput from 'carbon-components-svelte/src/NumberInput/NumberInput.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import type { Instrument, Protractor } from '../api/client'
  import { likeAnother, withScale, withShape } from './describing'
  import { instrumentName } from '../sheet/instrumentName'

  interface Props {
    draft: Protractor
    /** Instruments to begin with. */
    shipped: Instrument[]
    /** What is wrong, by field. */
    errors: Record<string, string>
  }
  let { draft = $bindable(), shipped, errors }: Props = $props()

  const invalid = (field: string): boolean => field in errors
</script>

<Select
  labelText="Start from one like it"
  selected=""
  on:update={(e) => {
    const like = shipped.find((i) => i.protractor.id === e.detail)
    if (like) draft = likeAnother(like.protractor)
  }}
>
  <SelectItem value="" text="choose …" />
  {#each shipped as { protractor } (protractor.id)}
    <SelectItem value={protractor.id} text={instrumentName(protractor)} />
  {/each}
</Select>
<TextInput
  labelText="What the class calls it"
  maxlength={80}
  invalid={invalid('name')}
  invalidText={errors.name}
  bind:value={draft.name}
/>
<div class="two">
  <Select
    labelText="Shape"
    selected={draft.shape}
    on:update={(e) => (draft = withShape(draft, e.detail as Protractor['shape']))}
  >
    <SelectItem value="halfCircle" text="half circle" />
    <SelectItem value="fullCircle" text="full circle" />
  </Select>
  <Select
    labelText="Made of"
    selected={draft.material}
    on:update={(e) => (draft.material = e.detail as Protractor['material'])}
  >
    <SelectItem value="clearPlastic" text="clear plastic" />
    <SelectItem value="wood" text="wood" />
    <SelectItem value="metal" text="metal" />
    <SelectItem value="paper" text="paper" />
  </Select>
  <NumberInput
    labelText="Radius of the rim, mm"
    hideSteppers
    allowDecimal
    invalid={invalid('edgeRadius')}
    invalidText={errors.edgeRadius}
    bind:value={draft.edgeRadius}
  />
  <NumberInput
    labelText="Half the straight edge, mm"
    hideSteppers
    allowDecimal
    invalid={invalid('halfLength')}
    invalidText={errors.halfLength}
    bind:value={draft.halfLength}
  />
  <NumberInput
    labelText="Zero line above the edge, mm"
    hideSteppers
    allowDecimal
    invalid={invalid('inset')}
    invalidText={errors.inset}
    bind:value={draft.inset}
  />
  <Select
    labelText="Smallest graduation"
    selected={String(draft.smallestGraduation)}
    on:update={(e) => (draft.smallestGraduation = Number(e.detail))}
  >
    {#each [0.5, 1, 2, 5, 10] as step (step)}<SelectItem value={String(step)} text="{step}°" />{/each}
  </Select>
  <Select
    labelText="A number at every"
    selected={String(draft.labelEvery)}
    on:update={(e) => (draft.labelEvery = Number(e.detail))}
  >
    {#each [10, 20, 30, 45] as step (step)}<SelectItem value={String(step)} text="{step}°" />{/each}
    <SelectItem value="0" text="no numbers" />
  </Select>
  <Select
    labelText="Graduations are"
    selected={draft.marks}
    on:update={(e) => (draft.marks = e.detail as Protractor['marks'])}
  >
    <SelectItem value="printed" text="printed" />
    <SelectItem value="raised" text="raised, to count by touch" />
  </Select>
</div>
<h2>Scales</h2>
{#each draft.scales as ring, i (i)}
  <div class="ring">
    <Select
      labelText="Zero of scale {i + 1}"
      selected={String(ring.zeroAt)}
      on:update={(e) => (draft = withScale(draft, i, { zeroAt: Number(e.detail) }))}
    >
      <SelectItem value="180" text="at the left" />
      <SelectItem value="0" text="at the right" />
    </Select>
    <NumberInput
      labelText="Numbers stand at, mm"
      hideSteppers
      allowDecimal
      value={ring.radius}
      on:change={(e) => (draft = withScale(draft, i, { radius: Number(e.detail) }))}
    />
    {#if draft.shape === 'fullCircle'}
      <Select
        labelText="Numbers grow"
        selected={ring.growth}
        on:update={(e) => (draft = withScale(draft, i, { growth: e.detail as 'clockwise' }))}
      >
        <SelectItem value="anticlockwise" text="anticlockwise" />
        <SelectItem value="clockwise" text="clockwise" />
      </Select>
    {/if}
    <button
      type="button"
      disabled={draft.scales.length === 1}
      onclick={() => (draft = { ...draft, scales: draft.scales.filter((_, at) => at !== i) })}
      >Take out</button
    >
  </div>
{/each}
{#if draft.scales.length < 2}
  <Button size="small" kind="tertiary" on:click={() => (draft = withScale(draft, draft.scales.length, {}))}
    >Another scale</Button
  >
{/if}
<label class="check"
  ><input type="checkbox" bind:checked={draft.edgeRuler} />A ruler runs along the straight edge</label
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
  />It has an arm that turns and locks</label
>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 12px;
    align-items: end;
  }
  .ring {
    display: grid;
    grid-template-columns: 1fr 1fr auto;
    gap: 10px;
    align-items: end;
  }
  .ring button {
    min-height: 44px;
    border: 0;
    background: none;
    color: #1d4f91;
    font: 400 14px var(--sans);
    text-decoration: underline;
    cursor: pointer;
  }
  .ring button:disabled {
    color: #a3acb8;
  }
  .check {
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 44px;
    font-size: 15px;
  }
  .check input {
    width: 20px;
    height: 20px;
    accent-color: var(--ink);
  }
</style>
