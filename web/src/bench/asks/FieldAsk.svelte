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

  /** What is typed into each type of box: the keys a tablet offers, what stands there before, how much fits. */
  const boxes = {
    text: { keys: 'text', before: '∠', most: 40 },
    count: { keys: 'decimal', before: '', most: 12 },
    length: { keys: 'decimal', before: 'mm', most: 12 },
  } as const
  const box = $derived(boxes[ask.type as keyof typeof boxes] ?? { keys: 'decimal', before: '°', most: 12 })
</script>

<TextInput
  labelText={ask.label.text}
  inputmode={box.keys}
  autocomplete="off"
  placeholder={box.before}
  size="xl"
  maxlength={box.most}
  {disabled}
  {value}
  on:input={(event) => onchange(String(event.detail ?? ''))}
  invalid={complaint !== ''}
  invalidText={complaint}
/>
