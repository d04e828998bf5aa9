<!-- How a set is given: to whom, how many tries, to everybody alike or to each their own, and what each step counts. -->
<script lang="ts" module>
  import type { Schema } from '../api/client'
  export type Giving = Omit<Schema['NewAssignment'], 'setId'>
</script>

<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import { t } from '../said/said.svelte'
  import NewClass from './NewClass.svelte'
  import NumberBox from '../shared/NumberBox.svelte'

  interface Props {
    classes: Schema['ClassReply'][]
    items: Schema['GeneratedItem'][]
    classId: string
    busy: boolean
    /** Whether the wishes have made a set that can be given. */
    made: boolean
    onclass: (made: Schema['ClassReply']) => void
    ongive: (giving: Giving) => void
  }
  let { classes, items, classId = $bindable(), busy, made, onclass, ongive }: Props = $props()

  let tries = $state('3')
  let asked = $state('all')
  let limit: number | null = $state(6)
  let limitFits = $state(true)
  let weights: Record<string, number | null> = $state({})
  let weightFits: Record<string, boolean> = $state({})

  /** The steps of these items, each once. */
  const steps = $derived([...new Map(items.flatMap((i) => i.key).map((k) => [k.step, k.title.text]))])
  const most = $derived(Math.max(1, items.length))
  const valid = $derived((asked === 'all' || limitFits) && steps.every(([step]) => weightFits[step] ?? true))
  let adds = $state(false)
  /** Why it cannot be given as it is; empty when it can. */
  const obstacle = $derived.by(() => {
    if (!classId) return t('desk.give.no-class')
    if (!made) return t('desk.give.no-items')
    return valid ? '' : t('desk.give.no-number')
  })

  function give(): void {
    const set = Object.entries(weights).filter((w): w is [string, number] => w[1] !== null)
    ongive({
      classId,
      tries: Number(tries),
      adaptiveLimit: asked === 'all' ? null : limit,
      weights: set.length > 0 ? Object.fromEntries(set) : null,
    })
  }
</script>

<Select labelText={t('desk.give.for')} bind:selected={classId}>
  {#each classes as each (each.id)}<SelectItem value={each.id} text={each.name} />{/each}
</Select>
{#if adds || classes.length === 0}
  <NewClass
    onmade={(made) => {
      onclass(made)
      classId = made.id
      adds = false
    }}
  />
{:else}
  <button type="button" class="link" onclick={() => (adds = true)}>{t('desk.give.other-class')}</button>
{/if}
<Select labelText={t('desk.give.tries')} bind:selected={tries}>
  {#each ['1', '2', '3', '5'] as n (n)}<SelectItem value={n} text={n} />{/each}
</Select>
<Select
  labelText={t('desk.give.asked')}
  bind:selected={asked}
  on:change={() => (limit = Math.min(limit ?? most, most))}
>
  <SelectItem value="all" text={t('desk.give.asked-all')} />
  <SelectItem value="own" text={t('desk.give.asked-own')} />
</Select>
{#if asked === 'own'}
  <NumberBox
    labelText={t('shared.fields.adaptive-limit')}
    helperText={t('desk.give.limit-hint')}
    min={1}
    max={most}
    bind:value={limit}
    bind:fits={limitFits}
    invalidText={t('desk.give.limit-invalid', { most })}
  />
{/if}
<details>
  <summary>{t('desk.give.weights')}</summary>
  <p class="quiet">{t('desk.give.weights-hint')}</p>
  <div>
    {#each steps as [step, title] (step)}
      <NumberBox
        labelText={title}
        size="sm"
        min={0}
        max={10}
        step={0.5}
        allowEmpty
        value={weights[step] ?? null}
        bind:fits={() => weightFits[step] ?? true, (fits) => (weightFits[step] = fits)}
        onchange={(weight) => (weights[step] = weight)}
      />
    {/each}
  </div>
</details>
<div>
  <Button disabled={busy || obstacle !== ''} aria-describedby="give-obstacle" on:click={give}
    >{t('desk.give.hand-out')}</Button
  >
  <p class="obstacle" id="give-obstacle">{obstacle}</p>
</div>

<style>
  details div {
    display: flex;
    flex-direction: column;
    gap: 16px;
  }
  summary {
    min-height: 32px;
    cursor: pointer;
  }
  p {
    margin: 4px 0 8px;
    font-size: var(--type-1);
  }
  .obstacle {
    font-size: var(--type-2);
  }
  .link {
    align-self: start;
    min-height: 44px;
    padding: 0;
    border: 0;
    background: none;
    font: 400 var(--type-1) var(--sans);
    color: #1d4f91;
    text-decoration: underline;
    cursor: pointer;
  }
</style>
