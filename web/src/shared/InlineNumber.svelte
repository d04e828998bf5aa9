<!-- A number within a line of text. -->
<script lang="ts">
  import { NumberText } from './numberText.svelte'

  interface Props {
    label: string
    min: number
    max: number
    step?: number
    value: number
  }
  let { label, min, max, step = 1, value = $bindable() }: Props = $props()

  const number = new NumberText(() => ({ value, min, max, step, allowEmpty: false }))

  function write(text: string): void {
    number.text = text
    // What it cannot be is told by the page; what is no number yet is still being written.
    if (number.value !== null && !Number.isNaN(number.value)) value = number.value
  }

  function key(event: KeyboardEvent): void {
    const text = number.stepped(event)
    if (text !== null) write(text)
  }
</script>

<input
  inputmode="decimal"
  autocomplete="off"
  aria-label={label}
  aria-invalid={!number.fits}
  value={number.text}
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
