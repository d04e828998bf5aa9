<!-- A number of the sentence. -->
<script lang="ts">
  interface Props {
    label: string
    min: number
    max: number
    step?: number
    value: number
  }
  let { label, min, max, step = 1, value = $bindable() }: Props = $props()
</script>

<input
  type="number"
  aria-label={label}
  {min}
  {max}
  {step}
  bind:value={
    () => value,
    (next: number | null) => {
      // An empty field is a number that is still being written.
      if (next !== null && next !== undefined) value = next
    }
  }
/>

<style>
  input {
    width: 2.2em;
    min-height: 44px;
    padding: 0;
    border: 0;
    appearance: textfield;
    background: linear-gradient(var(--brass-light), var(--brass-light)) no-repeat 0 calc(100% - 7px) / 100%
      2px;
    color: var(--ink);
    font: inherit;
    font-weight: 600;
    text-align: center;
  }
  input::-webkit-inner-spin-button {
    appearance: none;
  }
  input:invalid {
    color: var(--marking);
    text-decoration: underline wavy;
  }
</style>
