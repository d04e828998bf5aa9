<!-- Which kinds of exercise a set holds, and how many of each. -->
<script lang="ts">
  import NumberInput from 'carbon-components-svelte/src/NumberInput/NumberInput.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import type { Schema } from '../api/client'

  interface Props {
    kinds: Schema['KindReply'][]
    counts: Record<string, number>
  }
  let { kinds, counts = $bindable() }: Props = $props()

  const taken = $derived(kinds.filter((kind) => kind.key in counts))
  const others = $derived(kinds.filter((kind) => !(kind.key in counts)))
  let picked = $state('')

  $effect(() => {
    if (!picked) return
    counts = { ...counts, [picked]: 2 }
    picked = ''
  })
</script>

<div class="kinds">
  {#each taken as kind (kind.key)}
    <NumberInput
      labelText="{kind.title}: items"
      title={kind.summary}
      min={0}
      max={30}
      bind:value={
        () => counts[kind.key] ?? 0, (count) => (counts = { ...counts, [kind.key]: Number(count ?? 0) })
      }
    />
  {/each}
</div>
{#if others.length > 0}
  <Select labelText="And some of another kind" bind:selected={picked}>
    <SelectItem value="" text="choose …" />
    {#each others as kind (kind.key)}<SelectItem value={kind.key} text={kind.title} />{/each}
  </Select>
{/if}

<style>
  .kinds {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 12px;
  }
  .kinds :global(.bx--form-item),
  .kinds :global(.bx--number) {
    min-width: 0;
    width: 100%;
  }
</style>
