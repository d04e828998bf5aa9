<!-- One of a few things. -->
<script lang="ts">
  import type { Ask } from '../../shared/response'

  interface Props {
    ask: Ask
    value: string
    complaint: string
    disabled?: boolean
    onchange: (value: string) => void
  }
  let { ask, value, complaint, disabled = false, onchange }: Props = $props()

  const options = $derived(ask.options ?? [])
  const long = $derived(options.some((option) => option.text.text.length > 14))
</script>

<fieldset {disabled}>
  <legend>{ask.label.text}</legend>
  <div class="choices" class:long>
    {#each options as option (option.key)}
      <label class:chosen={value === option.key}>
        <input
          type="radio"
          name={ask.field}
          value={option.key}
          checked={value === option.key}
          onchange={() => onchange(option.key)}
        />{option.text.text}
      </label>
    {/each}
  </div>
  {#if complaint}<p class="complaint" role="alert">{complaint}</p>{/if}
</fieldset>

<style>
  fieldset {
    margin: 0;
    padding: 0;
    border: 0;
    min-width: 0;
  }
  legend {
    margin-bottom: 8px;
    font-size: var(--type-2);
  }
  .choices {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 8px;
  }
  .choices.long {
    grid-template-columns: minmax(0, 1fr);
  }
  label {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    padding: 8px 12px;
    border: 1px solid var(--ink-faint);
    font-size: var(--type-2);
    line-height: 1.3;
    cursor: pointer;
  }
  label.chosen {
    border: 2px solid var(--ink);
    padding: 4px 12px;
    font-weight: 600;
  }
  input {
    flex: none;
    accent-color: var(--ink);
    width: 18px;
    height: 18px;
  }
  .complaint {
    margin: 8px 0 0;
    color: var(--marking);
    font-size: var(--type-1);
  }
</style>
