<!-- A number, or a few letters, in a box. -->
<script lang="ts">
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import type { Ask } from '../../shared/response'

  interface Props {
    ask: Ask
    value: string
    complaint: string
    disabled?: boolean
    onchange: (value: string) => void
  }
  let { ask, value, complaint, disabled = false, onchange }: Props = $props()

  const letters = $derived(ask.type === 'text')
</script>

<TextInput
  labelText={ask.label.text}
  inputmode={letters ? 'text' : 'decimal'}
  autocomplete="off"
  placeholder={letters ? '∠' : ask.type === 'count' ? '' : '°'}
  size="xl"
  maxlength={letters ? 40 : 12}
  {disabled}
  {value}
  on:input={(event) => onchange(String(event.detail ?? ''))}
  invalid={complaint !== ''}
  invalidText={complaint}
/>
