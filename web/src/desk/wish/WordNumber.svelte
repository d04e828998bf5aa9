<!-- A number of the sentence. -->
<script lang="ts">
  import { untrack } from 'svelte'
  import { numberOf, written } from '../../shared/numbers'

  interface Props {
    label: string
    min: number
    max: number
    step?: number
    value: number
  }
  let { label, min, max, step = 1, value = $bindable() }: Props = $props()

  let text = $state(untrack(() => written(value)))
  const fits = $derived(numberOf(text) >= min && numberOf(text) <= max)
  // What the page sets stands there; what is being written stays as it is written.
  $effect(() => {
    const from = value
    untrack(() => {
      if (from !== numberOf(text)) text = written(from)
    })
  })

  function write(next: string): void {
    text = next
    // What a number cannot be is told for the whole sentence; what is no number yet is still being written.
    if (!Number.isNaN(numberOf(next))) value = numberOf(next)
  }

  function key(event: KeyboardEvent): void {
    const by = { ArrowUp: step, ArrowDown: -step }[event.code]
    if (by === undefined || !fits) return
    event.preventDefault()
    write(written(Math.min(max, Math.max(min, Math.round((value + by) * 1000) / 1000))))
  }
</script>

<input
  inputmode="decimal"
  autocomplete="off"
  aria-label={label}
  aria-invalid={!fits}
  value={text}
  oninput={(event) => write(event.currentTarget.value)}
  onkeydown={key}
/>

<style>
  input {
    width: 2.2em;
    min-height: 44px;
    padding: 0;
    border: 0;
    background: linear-gradient(var(--brass-light), var(--brass-light)) no-repeat 0 calc(100% - 7px) / 100%
      2px;
    color: var(--ink);
    font: inherit;
    font-weight: 600;
    text-align: center;
  }
  input[aria-invalid='true'] {
    color: var(--marking);
    text-decoration: underline wavy;
  }
</style>
