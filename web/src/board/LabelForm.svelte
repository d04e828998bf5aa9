<!-- How an angle is to be labelled: the letters at its points, and what is written there. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import type { Schema } from '../api/client'
  import { t } from '../said/said.svelte'

  interface Props {
    names: Schema['AngleNames']
    onlabel: (labels: Schema['AngleLabel'][], names: Schema['AngleNames']) => void
    onclose: () => void
  }
  let { names, onlabel, onclose }: Props = $props()

  const all: Schema['AngleLabel'][] = ['name', 'kind', 'measure', 'vertex', 'arms']
  let wanted: Schema['AngleLabel'][] = $state(['name', 'measure'])
  // svelte-ignore state_referenced_locally
  let letters = $state(`${names.start}${names.vertex}${names.end}`)
  let first: HTMLInputElement | undefined = $state()
  onMount(() => first?.focus())

  const asNames = $derived.by(() => {
    const [start, vertex, end] = [...letters.trim().toUpperCase()]
    const three = start && vertex && end && new Set([start, vertex, end]).size === 3
    return three && [...letters.trim()].length === 3 ? { start, vertex, end } : null
  })

  function submit(event: SubmitEvent): void {
    event.preventDefault()
    if (asNames && wanted.length > 0) onlabel([...wanted], asNames)
  }
</script>

<svelte:window onkeydown={(event) => event.code === 'Escape' && onclose()} />
<form class="on-sheet" onsubmit={submit} aria-label={t('board.label.title')}>
  <label class="letters"
    >{t('board.label.letters')}
    <input
      bind:this={first}
      bind:value={letters}
      maxlength="6"
      aria-invalid={!asNames}
      aria-describedby="letters-help"
    /></label
  >
  <p id="letters-help" class:fault={!asNames}>{t('board.label.letters-help')}</p>
  {#each all as label (label)}
    <label
      ><input type="checkbox" bind:group={wanted} value={label} />{t('board.label.part', { label })}</label
    >
  {/each}
  {#if wanted.length === 0}<p class="fault">{t('board.label.choose')}</p>{/if}
  <div>
    <button type="submit">{t('board.label.write')}</button>
    <button type="button" class="as-link" onclick={onclose}>{t('shared.cancel')}</button>
  </div>
</form>

<style>
  form {
    display: grid;
    min-width: 17rem;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
    font-size: var(--type-2);
  }
  .letters input {
    width: 6rem;
    text-transform: uppercase;
  }
  p {
    margin: 0;
    font-size: var(--type-1);
    color: var(--ink-soft);
  }
  .fault {
    color: var(--marking);
  }
  div {
    display: flex;
    gap: 0.5rem;
  }
  [type='checkbox'] {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--ink);
  }
</style>
