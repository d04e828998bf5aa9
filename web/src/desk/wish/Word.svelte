<!-- A word of the sentence that can be another one: a list in the middle of the text. -->
<script lang="ts" generics="T extends string">
  interface Props {
    label: string
    choices: [value: T, words: string][]
    value: T
    onpick?: (value: T) => void
  }
  let { label, choices, value = $bindable(), onpick }: Props = $props()
</script>

<select
  aria-label={label}
  {value}
  onchange={(event) => {
    const next = event.currentTarget.value as T
    // What is shown is what is wished: whoever is told may wish otherwise.
    event.currentTarget.value = value
    if (onpick) onpick(next)
    else value = next
  }}
>
  {#each choices as [key, words] (key)}<option value={key}>{words}</option>{/each}
</select>

<style>
  select {
    max-width: 100%;
    min-height: 44px;
    padding: 0 24px 0 2px;
    border: 0;
    border-radius: 0;
    appearance: none;
    background:
      linear-gradient(var(--brass-light), var(--brass-light)) no-repeat 0 calc(100% - 7px) / 100% 2px,
      url("data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' width='12' height='8'%3E%3Cpath d='M1 1l5 5 5-5' fill='none' stroke='%238a5f0e' stroke-width='2'/%3E%3C/svg%3E")
        no-repeat right 5px center;
    color: var(--ink);
    font: inherit;
    font-weight: 600;
    text-overflow: ellipsis;
    field-sizing: content;
    cursor: pointer;
  }
  /* What is too long for one line goes on in the next, as the sentence does. */
  @supports (appearance: base-select) {
    select {
      appearance: base-select;
      display: inline-flex;
      align-items: center;
      text-align: start;
      white-space: normal;
    }
    select::picker-icon {
      display: none;
    }
  }
  option {
    font: 400 var(--type-2) var(--sans);
  }
</style>
