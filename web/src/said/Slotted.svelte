<!-- A sentence with controls in it: where each stands is the language's affair. -->
<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { Messages } from './messages.generated'
  import { slotted } from './said.svelte'

  interface Props {
    message: keyof Messages
    /** What stands in the sentence, by the name of its argument. */
    slots: Record<string, Snippet>
    /** Other arguments. */
    values?: Record<string, string | number>
  }
  let { message, slots, values = {} }: Props = $props()
</script>

{#each slotted(message, Object.keys(slots), values) as part, i (i)}{#if part.slot}{@render slots[
      part.slot
    ]!()}{:else}{part.text}{/if}{/each}
