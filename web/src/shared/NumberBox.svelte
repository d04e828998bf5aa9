<!-- A number as people write it: with a comma or a point, a degree sign does no harm. Up and down change it by a step. -->
<script lang="ts">
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { NumberText } from './numberText.svelte'

  interface Props {
    labelText: string
    value: number | null
    min: number
    max: number
    step?: number
    /** Whether it may be left empty. */
    allowEmpty?: boolean
    id?: string
    size?: 'sm' | 'xl' | undefined
    helperText?: string
    /** What is wrong with it, where the page knows more than its range. */
    invalid?: boolean
    invalidText?: string | undefined
    /** Whether what stands there is a number that was asked for; else the value stays as it was. */
    fits?: boolean
    onchange?: (value: number | null) => void
  }
  let {
    labelText,
    value = $bindable(),
    min,
    max,
    step = 1,
    allowEmpty = false,
    id,
    size,
    helperText = '',
    invalid = false,
    invalidText = '',
    fits = $bindable(true),
    onchange,
  }: Props = $props()

  const number = new NumberText(() => ({ value, min, max, step, allowEmpty }))
  $effect(() => {
    fits = number.fits
  })

  function write(text: string): void {
    number.text = text
    if (!number.fits) return
    value = number.value
    onchange?.(value)
  }

  function key(event: KeyboardEvent): void {
    const text = number.stepped(event)
    if (text !== null) write(text)
  }
</script>

<TextInput
  {id}
  {labelText}
  {size}
  {helperText}
  inputmode="decimal"
  autocomplete="off"
  maxlength={12}
  value={number.text}
  on:input={(event) => write(String(event.detail ?? ''))}
  on:keydown={key}
  invalid={invalid || !number.fits}
  {invalidText}
/>
