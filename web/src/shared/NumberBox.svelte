<!-- A number as people write it: with a comma or a point, a degree sign does no harm. Up and down change it by a step. -->
<script lang="ts">
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { untrack } from 'svelte'
  import { numberOf, written } from './numbers'

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
    onchange,
  }: Props = $props()

  let text = $state(untrack(() => written(value)))
  const number = $derived(numberOf(text))
  const fits = $derived(text.trim() === '' ? allowEmpty : number >= min && number <= max)

  // What the page sets stands there; what is being written stays as it is written.
  $effect(() => {
    const from = value
    untrack(() => {
      if (from !== (text.trim() === '' ? null : number) && !Number.isNaN(from ?? 0)) text = written(from)
    })
  })

  function write(next: string): void {
    text = next
    if (!fits) return
    value = next.trim() === '' ? null : number
    onchange?.(value)
  }

  function key(event: KeyboardEvent): void {
    const by = { ArrowUp: step, ArrowDown: -step }[event.code]
    if (by === undefined || Number.isNaN(number)) return
    event.preventDefault()
    write(written(Math.min(max, Math.max(min, Math.round((number + by) * 1000) / 1000))))
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
  value={text}
  on:input={(event) => write(String(event.detail ?? ''))}
  on:keydown={key}
  invalid={invalid || !fits}
  {invalidText}
/>
